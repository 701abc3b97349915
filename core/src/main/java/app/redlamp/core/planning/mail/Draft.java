package app.redlamp.core.planning.mail;

import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.delivery.spec.DeliveryFormat;
import app.redlamp.core.delivery.spec.DeliveryFormat.Coding;
import app.redlamp.core.delivery.spec.LoudnessTarget;
import app.redlamp.core.delivery.spec.PeakLimit;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.delivery.spec.TimeLimits;
import app.redlamp.core.units.Limits;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

/** What was read from a mail so far: each value with its words; a second value that differs is a contradiction. */
final class Draft {
    /** Where the client says nothing (common practice, no source). */
    private static final int USUAL_KBPS = 192;

    /** Where the client says nothing (common practice, no source). */
    private static final int USUAL_BITS = 24;

    /** From −12 to −6 dBFS; common practice, no source. */
    private static final double PEAK_WINDOW_DB = 6;

    private static final String CLIENT = "-client";

    private final Map<Asked, Object> values = new EnumMap<>(Asked.class);
    private final Map<Asked, String> quotes = new EnumMap<>(Asked.class);
    private final List<Question> questions = new ArrayList<>();

    /** Channels that are taken. */
    record Channels(int fewest, int most) {}

    void say(Asked asked, Object value, String words) {
        Object before = values.get(asked);
        if (before == null) {
            values.put(asked, value);
            quotes.put(asked, words);
        } else if (!before.equals(value)) {
            ask(Question.Kind.CONTRADICTION, asked, quotes.get(asked) + " … " + words);
        }
    }

    void ask(Question.Kind kind, Asked asked, String words) {
        if (questions.stream().noneMatch(q -> q.kind() == kind && q.asked() == asked)) {
            questions.add(new Question(kind, asked, words));
        }
    }

    boolean says(Asked asked) {
        return values.containsKey(asked);
    }

    boolean isAbout(Asked asked) {
        return questions.stream().anyMatch(q -> q.asked() == asked);
    }

    Map<Asked, String> quotes() {
        return quotes;
    }

    List<Question> questions() {
        return questions;
    }

    /** How many of its figures a specification would have to give up for this mail. */
    long against(Specification base) {
        Specification changed = on(base);
        return values.keySet().stream().filter(a -> a.differs(base, changed)).count();
    }

    /** A specification with what the mail says put in. */
    Specification on(Specification base) {
        Optional<LoudnessTarget> loudness =
                value(Asked.LOUDNESS, LoudnessTarget.class).or(base::loudness);
        PeakLimit said = value(Asked.PEAK, PeakLimit.class).orElse(base.peak());
        PeakLimit peak = loudness.isEmpty() && said.lowest().isEmpty() ? withLowest(said, base.peak()) : said;
        OptionalDouble floor =
                value(Asked.NOISE_FLOOR, Double.class).map(OptionalDouble::of).orElse(base.noiseFloorDbfs());
        TimeLimits time = new TimeLimits(
                value(Asked.HEAD, Limits.class).or(base::headS),
                value(Asked.TAIL, Limits.class).or(base::tailS),
                value(Asked.LONGEST, Double.class).map(OptionalDouble::of).orElse(base.longestS()),
                base.time().totalS());
        return new Specification(
                base.id() + CLIENT,
                base.name(),
                base.source(),
                loudness,
                peak,
                floor,
                time,
                base.sound(),
                base.set(),
                base.naming(),
                format(base.format()));
    }

    /** Where no loudness is asked for, the peak says how loud it has to be and needs a lowest too. */
    private static PeakLimit withLowest(PeakLimit said, PeakLimit usual) {
        double lowest = Math.min(usual.lowest().orElse(0), said.highest() - PEAK_WINDOW_DB);
        return new PeakLimit(said.measure(), OptionalDouble.of(lowest), said.highest());
    }

    private DeliveryFormat format(DeliveryFormat base) {
        Coding coding = value(Asked.CODING, Coding.class).orElse(base.coding());
        int rate = value(Asked.SAMPLE_RATE, Integer.class).orElse(base.sampleRateHz());
        OptionalInt bits = coding.lossless()
                ? OptionalInt.of(value(Asked.BIT_DEPTH, Integer.class)
                        .orElse(base.bitDepth().orElse(USUAL_BITS)))
                : OptionalInt.empty();
        OptionalInt kbps = coding.hasBitRate()
                ? OptionalInt.of(value(Asked.BIT_RATE, Integer.class)
                        .orElse(base.bitRateKbps().orElse(USUAL_KBPS)))
                : OptionalInt.empty();
        Channels channels =
                value(Asked.CHANNELS, Channels.class).orElse(new Channels(base.fewestChannels(), base.mostChannels()));
        Set<Coding> accepted = coding == base.coding() ? base.accepted() : Set.of();
        return new DeliveryFormat(
                coding,
                accepted,
                rate,
                bits,
                kbps,
                coding.hasBitRate() && base.constantBitRate(),
                coding == Coding.WAV && base.broadcast(),
                channels.fewest(),
                channels.most(),
                base.sameChannels());
    }

    private <T> Optional<T> value(Asked asked, Class<T> kind) {
        return Optional.ofNullable(values.get(asked)).map(kind::cast);
    }
}
