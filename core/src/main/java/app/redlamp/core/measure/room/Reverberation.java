package app.redlamp.core.measure.room;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is heard of the room in a recording of speech.
 *
 * @param kind whether it is heard at all
 * @param clarity of the voice at 500 Hz to 2 kHz in dB, as {@link Clarity} has it; where the room is not heard, at least this
 * @param decay how long the room rings, in seconds to −60 dB; absent where that cannot be told
 */
public record Reverberation(Kind kind, Optional<Told> clarity, Optional<Told> decay) {
    /** A voice is refused for no less than this: what is read from voices that fade by themselves may be wrong by it (ours, measured). */
    private static final double REFUSED_DB = 4;

    /** Less is no difference between two recordings of one voice (ours). */
    private static final double SAME_DB = 2;

    /** Nothing can be said. */
    public static final Reverberation UNKNOWN = new Reverberation(Kind.UNKNOWN, Optional.empty(), Optional.empty());

    /** Whether the room is heard. */
    public enum Kind {
        /** Words end in it. */
        HEARD("heard"),
        /** Words end faster than any room that could be heard. */
        NOT_HEARD("not-heard"),
        /** Too few words end in quiet, or they contradict each other. */
        UNKNOWN("unknown");

        private final String id;

        Kind(String id) {
            this.id = id;
        }

        /** Identifier that documents and sentences go by. */
        public String id() {
            return id;
        }
    }

    /**
     * A figure and its trust.
     *
     * @param within nine of ten lie so near to it (ours, measured); in its own unit
     */
    public record Told(double value, double within) {}

    /** A room that is heard. */
    public static Reverberation heard(Told clarity, Optional<Told> decay) {
        return new Reverberation(Kind.HEARD, Optional.of(clarity), decay);
    }

    /** No room is heard, so that the clarity is so many dB at least. */
    public static Reverberation notHeard(double leastDb) {
        return new Reverberation(Kind.NOT_HEARD, Optional.of(new Told(leastDb, 0)), Optional.empty());
    }

    /** The clarity alone, in dB. */
    public OptionalDouble clarityDb() {
        return clarity.stream().mapToDouble(Told::value).findFirst();
    }

    /** The decay alone, in seconds. */
    public OptionalDouble decayS() {
        return decay.stream().mapToDouble(Told::value).findFirst();
    }

    /** How a voice stands in its room against a wish. */
    public enum Standing {
        CLEAR,
        /** Below it, but by no more than the error of what is read from a voice. */
        NEAR,
        UNCLEAR,
        UNKNOWN
    }

    /** How clear the voice is against what is wanted. */
    public Standing against(double wantedDb) {
        OptionalDouble against = clarityAgainst(wantedDb);
        if (against.isEmpty()) {
            return Standing.UNKNOWN;
        }
        double over = against.getAsDouble() - wantedDb;
        double error = Math.max(REFUSED_DB, clarity.get().within());
        return over >= 0 ? Standing.CLEAR : over >= -error ? Standing.NEAR : Standing.UNCLEAR;
    }

    /**
     * By how much the voice is clearer here than there, in dB, at least that where the room is heard in one of them only; 0 where
     * it is as good as the same, absent where one of them does not tell.
     */
    public OptionalDouble clearerThan(Reverberation there) {
        if (kind == Kind.UNKNOWN || there.kind == Kind.UNKNOWN) {
            return OptionalDouble.empty();
        }
        double clearer = clarity.get().value() - there.clarity.get().value();
        boolean open = (kind == Kind.NOT_HEARD && clearer < 0) || (there.kind == Kind.NOT_HEARD && clearer > 0);
        return OptionalDouble.of(open || Math.abs(clearer) < SAME_DB ? 0 : clearer);
    }

    /** Clarity that can be held against a wish; absent where a voice does not tell whether it is met. */
    public OptionalDouble clarityAgainst(double wantedDb) {
        OptionalDouble told = clarityDb();
        return kind == Kind.NOT_HEARD && told.getAsDouble() < wantedDb ? OptionalDouble.empty() : told;
    }
}
