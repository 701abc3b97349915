package app.redlamp.core.measure.room;

import java.util.OptionalDouble;

/**
 * What is heard of the room in a recording of speech.
 *
 * @param kind whether it is heard at all
 * @param clarityDb clarity of the voice at 500 Hz to 2 kHz as {@link Clarity} has it; where the room is not heard, at least this
 * @param decayS how long the room rings, to −60 dB; absent where that cannot be told
 * @param falls ends of words that were looked at
 */
public record Reverberation(Kind kind, OptionalDouble clarityDb, OptionalDouble decayS, int falls) {
    /** By so much what is read from a voice may be wrong: nine of ten are within it (ours, measured). */
    private static final double ERROR_DB = 4;

    /** Less is no difference between two recordings of one voice (ours). */
    private static final double SAME_DB = 2;

    /** Nothing can be said. */
    public static final Reverberation UNKNOWN =
            new Reverberation(Kind.UNKNOWN, OptionalDouble.empty(), OptionalDouble.empty(), 0);

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
        OptionalDouble clarity = clarityAgainst(wantedDb);
        if (clarity.isEmpty()) {
            return Standing.UNKNOWN;
        }
        double over = clarity.getAsDouble() - wantedDb;
        return over >= 0 ? Standing.CLEAR : over >= -ERROR_DB ? Standing.NEAR : Standing.UNCLEAR;
    }

    /**
     * By how much the voice is clearer here than there, in dB, at least that where the room is heard in one of them only; 0 where
     * it is as good as the same, absent where one of them does not tell.
     */
    public OptionalDouble clearerThan(Reverberation there) {
        if (kind == Kind.UNKNOWN || there.kind == Kind.UNKNOWN) {
            return OptionalDouble.empty();
        }
        double clearer = clarityDb.getAsDouble() - there.clarityDb.getAsDouble();
        boolean open = (kind == Kind.NOT_HEARD && clearer < 0) || (there.kind == Kind.NOT_HEARD && clearer > 0);
        return OptionalDouble.of(open || Math.abs(clearer) < SAME_DB ? 0 : clearer);
    }

    /** Clarity that can be held against a wish; absent where a voice does not tell whether it is met. */
    public OptionalDouble clarityAgainst(double wantedDb) {
        boolean open = kind == Kind.NOT_HEARD && clarityDb.getAsDouble() < wantedDb;
        return open ? OptionalDouble.empty() : clarityDb;
    }
}
