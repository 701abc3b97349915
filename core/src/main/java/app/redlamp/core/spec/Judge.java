package app.redlamp.core.spec;

import app.redlamp.core.analysis.Report;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.units.Limits;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/**
 * Holds reports against a specification.
 *
 * <ul>
 *   <li>loudness or peak undefined (silence): outside
 *   <li>floor, head or tail undefined (no pause, nobody speaks): advice
 *   <li>a lossless recording where the client takes a lossy file: advice, because the lossy file is made from it at the
 *       very end; a lossy file of another coding: outside
 * </ul>
 */
public final class Judge {
    private Judge() {}

    /** Judges one recording by itself. */
    public static Judgement judge(Specification specification, Report report) {
        return judge(specification, report, report.info().channels());
    }

    /** The number of channels that most recordings have, the smaller where two are as common; 1 for none. */
    public static int commonChannels(List<Report> reports) {
        Map<Integer, Long> votes =
                reports.stream().collect(Collectors.groupingBy(r -> r.info().channels(), Collectors.counting()));
        return votes.entrySet().stream()
                .sorted(Map.Entry.<Integer, Long>comparingByValue()
                        .reversed()
                        .thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(1);
    }

    /** Judges one recording of a delivery whose files should have {@code commonChannels} channels. */
    public static Judgement judge(Specification specification, Report report, int commonChannels) {
        List<Check> checks = new ArrayList<>();
        LoudnessTarget loudness = specification.loudness();
        PeakLimit peak = specification.peak();
        checks.add(Check.of(
                CheckId.LOUDNESS,
                loudness.of(report),
                loudness.limits(),
                loudness.measure().unit(),
                Verdict.OUTSIDE));
        checks.add(Check.of(
                CheckId.PEAK,
                peak.of(report),
                Limits.atMost(peak.highest()),
                peak.measure().unit(),
                Verdict.OUTSIDE));
        specification
                .noiseFloorDbfs()
                .ifPresent(highest -> checks.add(Check.of(
                        CheckId.NOISE_FLOOR, report.noiseFloorDbfs(), Limits.atMost(highest), "dBFS", Verdict.ADVICE)));
        checks.add(
                Check.of(CheckId.CLIPPING, report.clippedRuns(), Limits.between(0, specification.clippedRuns()), ""));
        specification
                .headS()
                .ifPresent(
                        limits -> checks.add(edge(CheckId.HEAD, report.pauses().headS(), limits)));
        specification
                .tailS()
                .ifPresent(
                        limits -> checks.add(edge(CheckId.TAIL, report.pauses().tailS(), limits)));
        specification
                .longestS()
                .ifPresent(longest ->
                        checks.add(Check.of(CheckId.LENGTH, report.info().durationS(), Limits.atMost(longest), "s")));
        addFormat(checks, specification.format(), report.info(), commonChannels);
        return new Judgement(specification, checks);
    }

    private static Check edge(CheckId id, OptionalDouble seconds, Limits limits) {
        return Check.of(id, seconds, limits, "s", Verdict.ADVICE);
    }

    private static void addFormat(List<Check> checks, DeliveryFormat format, AudioInfo info, int commonChannels) {
        int wanted = format.channelsFor(commonChannels);
        Limits channels = format.sameChannels()
                ? Limits.between(wanted, wanted)
                : Limits.between(format.fewestChannels(), format.mostChannels());
        checks.add(Check.of(CheckId.CHANNELS, info.channels(), channels, ""));
        checks.add(Check.of(
                CheckId.SAMPLE_RATE,
                info.sampleRateHz(),
                Limits.between(format.sampleRateHz(), format.sampleRateHz()),
                "Hz"));
        if (format.bitDepth().isPresent()) {
            int bits = format.bitDepth().getAsInt();
            OptionalDouble depth = info.bitDepth().isPresent()
                    ? OptionalDouble.of(info.bitDepth().getAsInt())
                    : OptionalDouble.empty();
            checks.add(Check.of(CheckId.BIT_DEPTH, depth, Limits.between(bits, bits), "bit", Verdict.OUTSIDE));
        }
        boolean sameCoding = info.container().equals(format.coding().extension());
        if (sameCoding && format.bitRateKbps().isPresent()) {
            OptionalDouble rate = info.bitRateKbps().isPresent()
                    ? OptionalDouble.of(info.bitRateKbps().getAsInt())
                    : OptionalDouble.empty();
            checks.add(Check.of(
                    CheckId.BIT_RATE, rate, Limits.atLeast(format.bitRateKbps().getAsInt()), "kbit/s", Verdict.ADVICE));
        }
        Verdict coding = sameCoding
                ? Verdict.INSIDE
                : info.lossless() && format.coding() == DeliveryFormat.Coding.MP3 ? Verdict.ADVICE : Verdict.OUTSIDE;
        checks.add(Check.ofWord(CheckId.CODING, info.container(), coding));
    }
}
