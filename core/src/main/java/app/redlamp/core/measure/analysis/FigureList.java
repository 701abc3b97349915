package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.loudness.Levels;
import app.redlamp.core.measure.noise.Hum;
import app.redlamp.core.measure.noise.NoiseProfile;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.signal.OctaveBands;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/**
 * All figures of a report by their field name, in one order for tables and printed reports. The names are those of the
 * JSON output, which nests some of them. What is undefined is absent.
 */
public final class FigureList {
    private FigureList() {}

    /** Name to number; names end in their unit. */
    public static Map<String, OptionalDouble> of(Report report) {
        Map<String, OptionalDouble> all = new LinkedHashMap<>();
        all.put("durationS", OptionalDouble.of(report.info().durationS()));
        all.put("sampleRateHz", OptionalDouble.of(report.info().sampleRateHz()));
        all.put("channels", OptionalDouble.of(report.info().channels()));
        all.put("integratedLufs", report.integratedLufs());
        all.put("loudnessRangeLu", report.loudness().rangeLu());
        all.put("maxMomentaryLufs", report.loudness().maxMomentaryLufs());
        all.put("maxShortTermLufs", report.loudness().maxShortTermLufs());
        all.put("truePeakDbtp", report.truePeakDbtp());
        all.put("samplePeakDbfs", report.samplePeakDbfs());
        all.put("rmsDbfs", report.rmsDbfs());
        all.put("activeSpeechLevelDbov", report.activeSpeech().levelDbov());
        all.put("activityPercent", OptionalDouble.of(100 * report.activeSpeech().activity()));
        all.put("noiseFloorDbfs", report.noiseFloorDbfs());
        all.put("noiseFloorDbA", first(report, NoiseProfile::floorDbA));
        all.put("signalToNoiseDb", report.snrDb());
        all.put(
                "loudestPauseDbfs",
                report.pauses().loudest().stream()
                        .mapToDouble(Pauses.Stretch::levelDbfs)
                        .findFirst());
        all.put(
                "quietestPauseDbfs",
                report.pauses().quietest().stream()
                        .mapToDouble(Pauses.Stretch::levelDbfs)
                        .findFirst());
        all.put("noisiestStretchDbfs", report.noisiestDbfs());
        all.put(
                "longestPauseS",
                report.pauses().longest().stream()
                        .mapToDouble(Pauses.Stretch::lengthS)
                        .findFirst());
        all.put("headS", report.pauses().headS());
        all.put("tailS", report.pauses().tailS());
        all.put("digitalSilenceS", OptionalDouble.of(report.pauses().digitalSilenceS()));
        all.put("clippedRuns", OptionalDouble.of(report.clippedRuns()));
        all.put("dcOffset", OptionalDouble.of(report.levels().dcOffset()));
        all.put(
                "humDbfs",
                report.noise().flatMap(NoiseProfile::hum).stream()
                        .mapToDouble(Hum::levelDbfs)
                        .findFirst());
        all.put("rumbleDbfs", first(report, NoiseProfile::rumbleDbfs));
        all.put("hissDbfs", first(report, NoiseProfile::hissDbfs));
        all.put("noiseChangeDb", first(report, NoiseProfile::changeDb));
        for (int band = 0; band < OctaveBands.OCTAVES.count(); band++) {
            int index = band;
            all.put(
                    "noise" + OctaveBands.OCTAVES.name(band) + "HzDbfs",
                    first(report, n -> n.octavesDbfs().get(index)));
        }
        all.put("plosives", OptionalDouble.of(report.voice().plosives().count()));
        all.put("sibilants", OptionalDouble.of(report.voice().sibilants().count()));
        all.put(
                "harshSibilants",
                OptionalDouble.of(report.voice().harshSibilants().count()));
        all.put("mouthClicks", OptionalDouble.of(report.voice().mouthClicks().count()));
        all.put(
                "electricalClicks",
                OptionalDouble.of(report.voice().electricalClicks().count()));
        all.put("dropouts", OptionalDouble.of(report.voice().dropouts().count()));
        all.put("jumps", OptionalDouble.of(report.voice().jumps().count()));
        all.put("clarityDb", report.voice().reverberation().clarityDb());
        all.put("decayS", report.voice().reverberation().decayS());
        all.put("crestDb", report.crestDb());
        all.put("atCeilingPercent", OptionalDouble.of(100 * report.levels().limitedShare()));
        all.put(
                "echoMs",
                report.voice().echo().stream()
                        .mapToDouble(e -> 1000 * e.delayS())
                        .findFirst());
        all.put("bandwidthHz", OptionalDouble.of(report.bandwidthHz()));
        all.put("bitsUsed", report.origin().bits().stream().asDoubleStream().findFirst());
        all.put("syllablesPerSecond", report.voice().syllablesPerSecond());
        for (int c = 0; c < report.levels().channels().size(); c++) {
            Levels.Channel channel = report.levels().channels().get(c);
            all.put("channel" + (c + 1) + "TruePeakDbtp", channel.truePeakDbtp());
            all.put("channel" + (c + 1) + "RmsDbfs", channel.rmsDbfs());
        }
        return all;
    }

    private static OptionalDouble first(Report report, ToDoubleFunction<NoiseProfile> figure) {
        return report.noise().stream().mapToDouble(figure).findFirst();
    }
}
