package app.redlamp.core.planning.take;

import app.redlamp.core.fault.Faults;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * One recording of a chapter or cue.
 *
 * @param file its place in the production's folder, such as {@code raw/01 Rain.wav}; tells it from the others
 * @param piece title of the chapter or cue; empty where that is not known
 * @param recorded when it began; absent where nobody knows
 * @param lengthS its length in seconds, 0 or more
 * @param sha256 of the file in hexadecimal; absent until it has been counted
 * @param card id of the gain card that it was recorded with; absent for none
 * @param marks places in it
 * @param state what became of it
 */
public record Take(
        String file,
        String piece,
        Optional<LocalDateTime> recorded,
        double lengthS,
        Optional<String> sha256,
        Optional<String> card,
        List<Mark> marks,
        State state) {
    /** Letters of a way in a folder (ours). */
    private static final int LONGEST_FILE = 500;

    /** Hexadecimal digits of 256 bits (by definition). */
    private static final int SHA_256_DIGITS = 64;

    /** More marks in a take nobody sets (ours). */
    public static final int MOST_MARKS = 10_000;

    /** What became of it. */
    public enum State {
        /** Recorded, and nobody has decided. */
        RAW,
        /** The one that counts for its chapter. */
        CHOSEN,
        /** Kept, and not used. */
        REJECTED;

        /** Name in files, such as {@code raw}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** @throws IllegalArgumentException for a file that does not lie in the folder, or figures out of range */
    public Take {
        marks = List.copyOf(marks);
        checkInside(file);
        if (!(lengthS >= 0 && Double.isFinite(lengthS)) || marks.size() > MOST_MARKS) {
            throw new IllegalArgumentException(
                    Faults.say("take.take-with-marks", file, lengthS, marks.size(), MOST_MARKS));
        }
        if (sha256.filter(h -> h.length() != SHA_256_DIGITS).isPresent()) {
            throw new IllegalArgumentException(Faults.say("take.take-sha-has", file));
        }
    }

    /** @throws IllegalArgumentException for a name that leads out of the production's folder */
    static void checkInside(String file) {
        boolean out = file.isBlank()
                || file.length() > LONGEST_FILE
                || file.startsWith("/")
                || file.contains("\\")
                || file.contains(":")
                || List.of(file.split("/", -1)).stream().anyMatch(p -> p.isEmpty() || p.equals(".") || p.equals(".."));
        if (out) {
            throw new IllegalArgumentException(Faults.say("take.does-not-lie", file));
        }
    }

    /** One that was found, of which nothing else is known. */
    public static Take found(String file, String piece, double lengthS) {
        return new Take(
                file, piece, Optional.empty(), lengthS, Optional.empty(), Optional.empty(), List.of(), State.RAW);
    }

    /** Its name without its folders. */
    public String name() {
        return file.substring(file.lastIndexOf('/') + 1);
    }

    /** The same for another piece; empty for none. */
    public Take of(String otherPiece) {
        return new Take(file, otherPiece, recorded, lengthS, sha256, card, marks, state);
    }

    /** The same in another state. */
    public Take as(State other) {
        return new Take(file, piece, recorded, lengthS, sha256, card, marks, other);
    }

    /** The same with the SHA-256 of its file, in hexadecimal digits. */
    public Take counted(String hash) {
        return new Take(file, piece, recorded, lengthS, Optional.of(hash), card, marks, state);
    }
}
