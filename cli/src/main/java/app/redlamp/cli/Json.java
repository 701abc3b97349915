package app.redlamp.cli;

import app.redlamp.core.delivery.DeliveryProblem;
import app.redlamp.core.delivery.spec.Check;
import app.redlamp.core.delivery.spec.Judgement;
import app.redlamp.core.delivery.spec.SetJudge;
import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.loudness.Clipping;
import app.redlamp.core.measure.loudness.Levels;
import app.redlamp.core.measure.noise.Hum;
import app.redlamp.core.measure.noise.NoiseProfile;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.measure.room.Reverberation;
import app.redlamp.core.measure.voice.Echo;
import app.redlamp.core.measure.voice.Event;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.words.Wording;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** What the commands print with {@code --json} (docs/formats.md). Undefined values are null. */
final class Json {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private Json() {}

    static String text(Object value) {
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(value);
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The entry of one file: its report, or its error. */
    static Map<String, Object> entry(Measured measured, Wording wording) {
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("file", measured.name());
        entry.put("ok", measured.report().isPresent());
        if (measured.report().isPresent()) {
            addReport(entry, measured.report().get(), wording);
        } else {
            entry.put("error", measured.error());
        }
        return entry;
    }

    static List<Map<String, Object>> checks(Judgement judgement, Wording wording) {
        List<Map<String, Object>> checks = new ArrayList<>();
        for (Check check : judgement.checks()) {
            Map<String, Object> entry = new LinkedHashMap<>();
            entry.put("id", check.id().id());
            entry.put("measured", check.text().isPresent() ? check.text().get() : number(check.measured()));
            entry.put("low", number(check.limits().low()));
            entry.put("high", number(check.limits().high()));
            entry.put("unit", check.unit());
            entry.put("verdict", check.verdict().id());
            entry.put("margin", number(check.margin()));
            entry.put("message", wording.check(check, judgement.specification()));
            checks.add(entry);
        }
        return checks;
    }

    /** What a command on the files of a delivery prints: each file, how they match each other, the verdict. */
    static String files(
            List<Map<String, Object>> entries,
            List<Map<String, Object>> between,
            Verdict<DeliveryProblem> verdict,
            Wording wording) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("files", entries);
        json.put("between", between);
        json.put("verdict", VerdictJson.of(verdict, wording::problem));
        return text(json);
    }

    /** How the files of a delivery match each other. */
    static List<Map<String, Object>> comparisons(
            List<SetJudge.Comparison> comparisons, List<String> names, Wording wording) {
        List<Map<String, Object>> entries = new ArrayList<>();
        for (SetJudge.Comparison comparison : comparisons) {
            Map<String, Object> entry = new LinkedHashMap<>();
            entry.put("kind", comparison.kind().id());
            entry.put("value", rounded(comparison.value(), 1e-3));
            entry.put("low", number(comparison.limits().low()));
            entry.put("high", number(comparison.limits().high()));
            entry.put("verdict", comparison.verdict().id());
            entry.put(
                    "oddOneOut",
                    comparison.oddOneOut().isPresent()
                            ? names.get(comparison.oddOneOut().getAsInt())
                            : null);
            entry.put("missing", comparison.missing());
            entry.put("message", wording.comparison(comparison, names));
            entries.add(entry);
        }
        return entries;
    }

    private static void addReport(Map<String, Object> entry, Report report, Wording wording) {
        entry.put("format", format(report.info()));
        entry.put("integratedLufs", number(report.integratedLufs()));
        entry.put("loudnessRangeLu", number(report.loudness().rangeLu()));
        entry.put("maxMomentaryLufs", number(report.loudness().maxMomentaryLufs()));
        entry.put("maxShortTermLufs", number(report.loudness().maxShortTermLufs()));
        entry.put("truePeakDbtp", number(report.truePeakDbtp()));
        entry.put("samplePeakDbfs", number(report.samplePeakDbfs()));
        entry.put("rmsDbfs", number(report.rmsDbfs()));
        entry.put("activeSpeechLevelDbov", number(report.activeSpeech().levelDbov()));
        entry.put("activityPercent", rounded(100 * report.activeSpeech().activity(), 1e-2));
        entry.put("noiseFloorDbfs", number(report.noiseFloorDbfs()));
        entry.put(
                "noiseFloorDbA",
                report.noise().map(n -> rounded(n.floorDbA(), 1e-3)).orElse(null));
        entry.put(
                "loudestPauseDbfs",
                report.pauses().loudest().map(p -> rounded(p.levelDbfs(), 1e-3)).orElse(null));
        entry.put(
                "quietestPauseDbfs",
                report.pauses()
                        .quietest()
                        .map(p -> rounded(p.levelDbfs(), 1e-3))
                        .orElse(null));
        entry.put(
                "noisiestStretch", report.pauses().noisiest().map(Json::stretch).orElse(null));
        entry.put("gated", report.pauses().gated());
        entry.put(
                "longestPauseS",
                report.pauses().longest().map(p -> rounded(p.lengthS(), 1e-3)).orElse(null));
        entry.put("noiseThrobS", number(report.pauses().throbS()));
        entry.put("noiseKind", report.noise().map(n -> n.kind().id()).orElse(null));
        entry.put("noiseOctavesDbfs", report.noise().map(Json::octaves).orElse(null));
        entry.put(
                "hum", report.noise().flatMap(NoiseProfile::hum).map(Json::hum).orElse(null));
        entry.put("tones", report.noise().map(Json::tones).orElse(List.of()));
        entry.put("syllablesPerSecond", number(report.voice().syllablesPerSecond()));
        entry.put("room", report.voice().reverberation().kind().id());
        entry.put("clarityDb", number(report.voice().reverberation().clarityDb()));
        entry.put("clarityWithinDb", within(report.voice().reverberation().clarity()));
        entry.put("decayS", number(report.voice().reverberation().decayS()));
        entry.put("decayWithinS", within(report.voice().reverberation().decay()));
        entry.put("crestDb", number(report.crestDb()));
        entry.put("atCeilingPercent", rounded(100 * report.levels().limitedShare(), 1e-2));
        entry.put("echo", report.voice().echo().map(Json::echo).orElse(null));
        entry.put("bandwidthHz", rounded(report.bandwidthHz(), 1));
        entry.put(
                "noiseUnevenness",
                number(report.noise().map(NoiseProfile::unevenness).orElse(OptionalDouble.empty())));
        entry.put(
                "turnedDownDb",
                number(report.voice().turnedDown().stream()
                        .mapToDouble(Event::amount)
                        .findFirst()));
        entry.put("codedBlockSamples", number(report.origin().blockSamples()));
        entry.put("bitsUsed", number(report.origin().bits()));
        entry.put("channelRelation", report.relation().kind().id());
        entry.put(
                "channels",
                report.levels().channels().stream().map(Json::channel).toList());
        entry.put("signalToNoiseDb", number(report.snrDb()));
        entry.put("headS", number(report.pauses().headS()));
        entry.put("tailS", number(report.pauses().tailS()));
        entry.put("head", report.pauses().head().id());
        entry.put("tail", report.pauses().tail().id());
        entry.put("clippedRuns", report.clippedRuns());
        entry.put("clippedPlaces", runs(report.clipping().places()));
        entry.put("flatTopDbfs", number(report.clipping().flatTopDbfs()));
        entry.put("flatTopPlaces", runs(report.clipping().flatTops()));
        entry.put("dcOffset", rounded(report.levels().dcOffset(), 1e-7));
        entry.put(
                "findings",
                report.findings().stream().map(f -> finding(f, wording)).toList());
    }

    private static Map<String, Object> format(AudioInfo info) {
        Map<String, Object> format = new LinkedHashMap<>();
        format.put("container", info.container());
        format.put("codec", info.codec());
        format.put("sampleRateHz", info.sampleRateHz());
        format.put("bitDepth", number(info.bitDepth()));
        format.put("channels", info.channels());
        format.put("durationS", rounded(info.durationS(), 1e-6));
        return format;
    }

    private static Object within(Optional<Reverberation.Told> figure) {
        return number(figure.stream().mapToDouble(Reverberation.Told::within).findFirst());
    }

    private static Map<String, Object> echo(Echo echo) {
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("delayMs", rounded(1000 * echo.delayS(), 1e-2));
        entry.put("levelDb", rounded(echo.levelDb(), 1e-2));
        return entry;
    }

    private static Map<String, Object> stretch(Pauses.Stretch stretch) {
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("startS", rounded(stretch.startS(), 1e-2));
        entry.put("endS", rounded(stretch.endS(), 1e-2));
        entry.put("levelDbfs", rounded(stretch.levelDbfs(), 1e-3));
        return entry;
    }

    private static Map<String, Object> octaves(NoiseProfile noise) {
        Map<String, Object> levels = new LinkedHashMap<>();
        for (int band = 0; band < OctaveBands.OCTAVES.count(); band++) {
            levels.put(
                    OctaveBands.OCTAVES.name(band), rounded(noise.octavesDbfs().get(band), 1e-3));
        }
        return levels;
    }

    private static Map<String, Object> hum(Hum hum) {
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("baseHz", rounded(hum.baseHz(), 1e-2));
        entry.put("levelDbfs", rounded(hum.levelDbfs(), 1e-3));
        entry.put(
                "harmonicsDbfs",
                hum.harmonicsDbfs().stream().map(h -> rounded(h, 1e-3)).toList());
        return entry;
    }

    private static List<Object> tones(NoiseProfile noise) {
        List<Object> tones = new ArrayList<>();
        for (NoiseProfile.Tone tone : noise.tones()) {
            Map<String, Object> entry = new LinkedHashMap<>();
            entry.put("frequencyHz", rounded(tone.frequencyHz(), 0.1));
            entry.put("levelDbfs", rounded(tone.levelDbfs(), 1e-3));
            entry.put("audibilityDb", rounded(tone.audibilityDb(), 0.1));
            tones.add(entry);
        }
        return tones;
    }

    private static Map<String, Object> channel(Levels.Channel channel) {
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("truePeakDbtp", number(channel.truePeakDbtp()));
        entry.put("samplePeakDbfs", number(channel.samplePeakDbfs()));
        entry.put("rmsDbfs", number(channel.rmsDbfs()));
        entry.put("dcOffset", rounded(channel.dcOffset(), 1e-7));
        return entry;
    }

    private static List<Map<String, Object>> runs(List<Clipping.Run> runs) {
        List<Map<String, Object>> entries = new ArrayList<>();
        for (Clipping.Run run : runs) {
            Map<String, Object> entry = new LinkedHashMap<>();
            entry.put("startS", rounded(run.startS(), 1e-6));
            entry.put("samples", run.samples());
            entry.put("channel", run.channel());
            entries.add(entry);
        }
        return entries;
    }

    private static Map<String, Object> place(Event place) {
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("startS", rounded(place.startS(), 1e-3));
        entry.put("endS", rounded(place.endS(), 1e-3));
        return entry;
    }

    private static Map<String, Object> finding(Finding finding, Wording wording) {
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("kind", finding.kind().id());
        entry.put("severity", finding.severity().id());
        entry.put("startS", rounded(finding.startS(), 1e-3));
        entry.put("endS", rounded(finding.endS(), 1e-3));
        entry.put("places", finding.places().stream().map(Json::place).toList());
        entry.put("amount", rounded(finding.amount(), 1e-3));
        entry.put("message", wording.finding(finding));
        return entry;
    }

    /** To a thousandth, which is finer than any meter here is exact; null where undefined or boundless. */
    static Object number(OptionalDouble value) {
        return value.isPresent() && Double.isFinite(value.getAsDouble()) ? rounded(value.getAsDouble(), 1e-3) : null;
    }

    private static Object number(OptionalInt value) {
        return value.isPresent() ? value.getAsInt() : null;
    }

    static double rounded(double value, double step) {
        double scale = Math.rint(1 / step);
        return Math.rint(value * scale) / scale + 0.0;
    }
}
