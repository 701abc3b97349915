package app.redlamp.core.log;

import java.time.LocalDateTime;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Something that happened. Names of files have no folders; levels are in dBFS and lengths in seconds unless the name says
 * otherwise.
 */
public sealed interface LogEntry {

    /** A production was begun. */
    record Created(String title) implements LogEntry {}

    /**
     * Something was decided.
     *
     * @param parts what of the production changed, such as {@code brief} or {@code kits}
     */
    record Change(List<String> parts) implements LogEntry {
        public Change {
            parts = List.copyOf(parts);
        }
    }

    /** A script was brought. */
    record Script(String file) implements LogEntry {}

    /** A clap was measured. */
    record Clap(String file, double decayS) implements LogEntry {}

    /**
     * A recording of the room at rest was read.
     *
     * @param disturbed share of it that was disturbed, 0 to 1
     */
    record Diary(String file, double disturbed) implements LogEntry {}

    /** Two recordings of a room were compared: by how much the noise is less in the second. */
    record Compare(String file, double lessNoiseDb) implements LogEntry {}

    /**
     * A step of the guided setting was taken.
     *
     * @param step such as {@code loudest}
     * @param simulated whether the booth was
     */
    record Level(
            String step,
            String voice,
            String input,
            boolean simulated,
            OptionalDouble peakDbfs,
            OptionalDouble floorDbfs)
            implements LogEntry {}

    /**
     * A take was recorded, or what was left of one was got back.
     *
     * @param piece title of the chapter or cue; empty for not known
     * @param simulated whether the booth was
     * @param lostFrames what was lost of it
     * @param cutOff whether something else than its reader ended it
     */
    record Recorded(
            String file,
            String piece,
            String input,
            boolean simulated,
            double lengthS,
            double lostFrames,
            boolean cutOff,
            String sha256)
            implements LogEntry {}

    /** A gain card was kept. */
    record GainCard(String voice, String id) implements LogEntry {}

    /**
     * A verdict was overruled by somebody who knows better.
     *
     * @param problems what the verdict named, such as {@code room.decay}
     */
    record Overruled(String station, String reason, List<String> problems) implements LogEntry {
        public Overruled {
            problems = List.copyOf(problems);
        }
    }

    /** A verdict counts again. */
    record Trusted(String station) implements LogEntry {}

    /**
     * A noise rose out of the quiet while the room was watched.
     *
     * @param noise what it was, such as {@code thump}
     * @param from when it began
     */
    record Heard(String noise, LocalDateTime from, double lengthS, double riseDb) implements LogEntry {}

    /** Two microphones were compared by their takes. */
    record Microphones(String first, String second, double lessNoiseDb) implements LogEntry {}

    /**
     * A recording was measured and held against a specification.
     *
     * @param pass whether it lies inside as it is
     */
    record Measured(
            String file,
            String specification,
            boolean pass,
            double lengthS,
            OptionalDouble integratedLufs,
            OptionalDouble rmsDbfs,
            OptionalDouble peakDbfs,
            OptionalDouble floorDbfs,
            OptionalDouble signalToNoiseDb)
            implements LogEntry {}

    /** A recording was finished. */
    record Finished(String file, String specification, List<String> written, double gainDb, double reductionDb)
            implements LogEntry {
        public Finished {
            written = List.copyOf(written);
        }
    }

    /** A recording could not be finished. */
    record Refused(String file, String specification, List<String> obstacles) implements LogEntry {
        public Refused {
            obstacles = List.copyOf(obstacles);
        }
    }

    /** Files that were given out of the house. */
    record Delivered(String specification, List<String> files) implements LogEntry {
        public Delivered {
            files = List.copyOf(files);
        }
    }
}
