package app.redlamp.core.port;

import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.core.taking.raw.RawTake;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/**
 * Records takes into the folder of a production that is open, so that nothing which was heard is lost. Messages of faults are one
 * line that says what to do.
 */
public interface TakeRecording {

    /**
     * What is to be recorded.
     *
     * @param production its folder; takes go to {@code raw/}
     * @param backup a second place, with a folder for each production; absent for none
     * @param stem where the names of its files begin, as {@code TakeNames} gives it
     * @param piece title of the chapter or cue
     * @param format how it is written
     * @param card id of the gain card; absent for none
     * @param input what it is recorded from
     * @param simulated whether that is the simulated booth
     */
    record Order(
            Path production,
            Optional<Path> backup,
            String stem,
            String piece,
            RecordingFormat format,
            Optional<String> card,
            String input,
            boolean simulated) {}

    /** What can happen to a recording. */
    enum Trouble {
        /** Less than half an hour fits on the disk; the figure is the minutes. */
        DISK_LOW,
        /** Nothing more fits: the take is ended with all that is there. */
        DISK_FULL,
        /** The place does not take what is written; it is held for a while and tried again. */
        STORE_FAULT,
        /** The place takes it again. */
        STORE_BACK,
        /** It goes on in the second place. */
        MOVED,
        /** The place is slow; the figure is the seconds that are held. */
        BEHIND,
        /** Frames were lost; the figure is how many. */
        LOST,
        /** A new part of the take was begun; the detail is its name. */
        PART
    }

    /**
     * Something that happened.
     *
     * @param detail a name or a reason; empty for none
     * @param figure as {@link Trouble} says; 0 for none
     */
    record News(Trouble what, String detail, double figure) {}

    /** Is told what happens, on the thread that writes. */
    interface Watcher {
        void told(News news);
    }

    /**
     * A part of a take that is on the disk for good.
     *
     * @param take what is known of it
     * @param file where it lies
     * @param home whether that is the production's folder
     * @param fault what the user should know, one line; empty for nothing
     */
    record Kept(RawTake take, Path file, boolean home, Optional<String> fault) {}

    /**
     * A take that has ended.
     *
     * @param parts one, or more where it was broken
     * @param unwritten frames that were heard and that no place took
     */
    record Ended(List<Kept> parts, long unwritten) {
        public Ended {
            parts = List.copyOf(parts);
        }
    }

    /**
     * What was got back.
     *
     * @param takes those that were not settled
     * @param faults what could not be got back and stays as it is, one line each
     */
    record Recovered(List<Kept> takes, List<String> faults) {
        public Recovered {
            takes = List.copyOf(takes);
            faults = List.copyOf(faults);
        }
    }

    /** A take that is being recorded. May be used from any thread. */
    interface Running {

        /**
         * Takes what is heard. That it has ended means that the device is gone: what was heard is kept, and what comes later is a
         * new part.
         */
        Capture.Taker taker();

        /** Frames that were heard so far, with what was lost. */
        long frames();

        /** Seconds that are heard and not on the disk yet: one or two, and more where the disk is slow. */
        double behindS();

        /** Frames that were lost so far. */
        long lostFrames();

        /**
         * Marks what is heard now.
         *
         * @param kind what is there
         * @param note in the user's own words; empty for none
         */
        void mark(String kind, String note);

        /** Whether it has ended by itself, because nothing more fits on the disk. */
        boolean over();

        /**
         * Ends it: writes what is held, counts the SHA-256 of each part, closes it to changes and copies it to the second place. Takes as
         * long as that does.
         */
        Ended stop();
    }

    /**
     * Begins a take.
     *
     * @throws IOException where nothing can be written there
     */
    Running begin(Order order, Watcher watcher) throws IOException;

    /** The production knows these takes now, and is saved: nobody need get them back any more. */
    void settled(Path production, List<Kept> takes);

    /**
     * Gets back what a kill or a power cut has left of takes, each up to its last sample on the disk.
     *
     * @param backup the second place; absent for none
     * @throws IOException where the folder cannot be read
     * @throws java.util.concurrent.CancellationException if cancelled; what is not got back then is so the next time
     */
    Recovered recover(Path production, Optional<Path> backup, Progress progress) throws IOException;
}
