package app.redlamp.core.delivery.spec;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.measure.room.Reverberation;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.units.Limits;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;

/**
 * Holds reports against a specification.
 *
 * <ul>
 *   <li>loudness or peak undefined (silence): outside
 *   <li>a limit on the noise floor holds for the noisiest half second of the pauses: a client looks for the worst place
 *   <li>floor, head or tail undefined (no pause, nobody speaks): advice
 *   <li>bits that a file has and that are never used do not count
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
        return judge(specification, report, commonChannels, Optional.empty());
    }

    /**
     * Judges one recording, its name included.
     *
     * @param fileName name with ending; absent where it has none yet
     */
    public static Judgement judge(
            Specification specification, Report report, int commonChannels, Optional<String> fileName) {
        List<Check> checks = new ArrayList<>();
        specification
                .loudness()
                .ifPresent(loudness -> checks.add(Check.of(
                        CheckId.LOUDNESS,
                        loudness.of(report),
                        loudness.limits(),
                        loudness.measure().unit(),
                        CheckResult.OUTSIDE)));
        PeakLimit peak = specification.peak();
        checks.add(Check.of(
                CheckId.PEAK, peak.of(report), peak.limits(), peak.measure().unit(), CheckResult.OUTSIDE));
        specification
                .noiseFloorDbfs()
                .ifPresent(highest -> checks.add(Check.of(
                        CheckId.NOISE_FLOOR,
                        report.noisiestDbfs(),
                        Limits.atMost(highest),
                        "dBFS",
                        CheckResult.ADVICE)));
        addSound(checks, specification.sound(), report);
        if (specification.wantsWhole()) {
            checks.add(Check.of(
                    CheckId.BANDWIDTH,
                    report.bandwidthHz() / 1000,
                    Limits.atLeast(specification.bandwidthHz() / 1000),
                    "kHz"));
            report.origin()
                    .blockSamples()
                    .ifPresent(samples ->
                            checks.add(Check.of(CheckId.BLOCKS, (double) samples, Limits.between(0, 0), "")));
        }
        addTime(checks, specification, report, fileName);
        addFormat(checks, specification.format(), report, commonChannels);
        addNaming(checks, specification.naming(), report.info(), fileName);
        return new Judgement(specification, checks);
    }

    private static void addSound(List<Check> checks, SoundLimits sound, Report report) {
        checks.add(Check.of(CheckId.CLIPPING, report.clippedRuns(), Limits.between(0, sound.clippedRuns()), ""));
        sound.shortTermLufs()
                .ifPresent(highest -> checks.add(Check.of(
                        CheckId.SHORT_TERM,
                        report.loudness().maxShortTermLufs(),
                        Limits.atMost(highest),
                        "LUFS",
                        CheckResult.ADVICE)));
        sound.rangeLu()
                .ifPresent(widest -> checks.add(Check.of(
                                CheckId.RANGE,
                                report.loudness().rangeLu(),
                                Limits.atMost(widest),
                                "LU",
                                CheckResult.ADVICE)
                        .asAdvice()));
        sound.clarityDb().ifPresent(least -> checks.add(dryness(report.voice().reverberation(), least)));
        sound.bandHz()
                .ifPresent(band -> checks.add(Check.of(
                        CheckId.BAND,
                        VoiceBand.outsideDb(report, band),
                        Limits.atMost(VoiceBand.MOST_OUTSIDE_DB),
                        "dB",
                        CheckResult.ADVICE)));
    }

    /** Too little clarity is a ground for rejection where it is certain, and worth knowing where it is not. */
    private static Check dryness(Reverberation room, double least) {
        boolean unheard = room.kind() == Reverberation.Kind.NOT_HEARD;
        if (unheard && room.against(least) == Reverberation.Standing.CLEAR) {
            return Check.ofWord(CheckId.DRYNESS, room.kind().id(), CheckResult.INSIDE);
        }
        Check check =
                Check.of(CheckId.DRYNESS, room.clarityAgainst(least), Limits.atLeast(least), "dB", CheckResult.ADVICE);
        return room.against(least) == Reverberation.Standing.UNCLEAR ? check : check.asAdvice();
    }

    private static void addTime(
            List<Check> checks, Specification specification, Report report, Optional<String> fileName) {
        TimeLimits time = specification.time();
        time.headS()
                .ifPresent(
                        limits -> checks.add(edge(CheckId.HEAD, report.pauses().headS(), limits)));
        time.tailS()
                .ifPresent(
                        limits -> checks.add(edge(CheckId.TAIL, report.pauses().tailS(), limits)));
        boolean silentEnd = report.pauses().head() == Pauses.Edge.DIGITAL_SILENCE
                || report.pauses().tail() == Pauses.Edge.DIGITAL_SILENCE;
        if ((time.headS().isPresent() || time.tailS().isPresent()) && silentEnd) {
            checks.add(Check.ofWord(CheckId.ROOM_TONE, Pauses.Edge.DIGITAL_SILENCE.id(), CheckResult.ADVICE));
        }
        specification
                .longestS(fileName)
                .ifPresent(longest ->
                        checks.add(Check.of(CheckId.LENGTH, report.info().durationS(), Limits.atMost(longest), "s")));
    }

    private static void addNaming(List<Check> checks, Naming naming, AudioInfo info, Optional<String> fileName) {
        if (naming.pattern().isPresent() && fileName.isPresent()) {
            String name = fileName.get();
            checks.add(
                    Check.ofWord(CheckId.NAME, name, naming.allows(name) ? CheckResult.INSIDE : CheckResult.OUTSIDE));
        }
        if (!naming.tags().isEmpty()) {
            List<String> missing = naming.tags().stream()
                    .filter(t -> info.labels().tag(t).isEmpty())
                    .toList();
            checks.add(Check.ofWord(
                    CheckId.TAGS,
                    String.join(", ", missing.isEmpty() ? naming.tags() : missing),
                    missing.isEmpty() ? CheckResult.INSIDE : CheckResult.OUTSIDE));
        }
    }

    private static Check edge(CheckId id, OptionalDouble seconds, Limits limits) {
        return Check.of(id, seconds, limits, "s", CheckResult.ADVICE);
    }

    private static void addFormat(List<Check> checks, DeliveryFormat format, Report report, int commonChannels) {
        AudioInfo info = report.info();
        boolean sameCoding = format.accepts(info);
        boolean lossy = !info.lossless();
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
        if (format.bitDepth().isPresent() && !(sameCoding && lossy)) {
            int bits = format.bitDepth().getAsInt();
            OptionalDouble depth = report.bitDepth().stream().asDoubleStream().findFirst();
            checks.add(Check.of(CheckId.BIT_DEPTH, depth, Limits.between(bits, bits), "bit", CheckResult.OUTSIDE));
        }
        if (sameCoding
                && lossy
                && format.constantBitRate()
                && info.constantBitRate().isPresent()) {
            boolean constant = info.constantBitRate().get();
            checks.add(Check.ofWord(
                    CheckId.CONSTANT_RATE,
                    constant ? "constant" : "variable",
                    constant ? CheckResult.INSIDE : CheckResult.OUTSIDE));
        }
        if (sameCoding && lossy && format.bitRateKbps().isPresent()) {
            OptionalDouble rate = info.bitRateKbps().isPresent()
                    ? OptionalDouble.of(info.bitRateKbps().getAsInt())
                    : OptionalDouble.empty();
            checks.add(Check.of(
                    CheckId.BIT_RATE,
                    rate,
                    Limits.atLeast(format.bitRateKbps().getAsInt()),
                    "kbit/s",
                    CheckResult.ADVICE));
        }
        CheckResult coding = sameCoding
                ? CheckResult.INSIDE
                : info.lossless() && !format.coding().lossless() ? CheckResult.ADVICE : CheckResult.OUTSIDE;
        checks.add(Check.ofWord(CheckId.CODING, info.codingName(), coding));
    }
}
