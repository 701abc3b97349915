package app.redlamp.core.port;

import app.redlamp.core.log.History;
import app.redlamp.core.log.LogEntry;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.ProductionPlan;
import app.redlamp.core.planning.plan.TakeFinder;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Productions on disk, each a folder. Messages of faults are one line that says what to do. */
public interface Productions {

    /**
     * Makes a new folder for a production below another, and opens it.
     *
     * @throws IOException where there is one of that name, or it cannot be written
     */
    Held create(Path parent, Production production) throws IOException;

    /**
     * Makes a production of a folder, and opens it.
     *
     * @param folder is made where it is missing; nothing may lie in it
     * @throws IOException where something lies in it, or it cannot be written
     */
    Held begin(Path folder, Production production) throws IOException;

    /**
     * Opens a production.
     *
     * @param folder its folder, or the {@code production.json} in it
     * @throws IOException where it is none, cannot be read, or is open elsewhere
     */
    Held open(Path folder) throws IOException;

    /**
     * Reads a production without holding it: to look and not to change.
     *
     * @throws IOException where it is none or cannot be read
     */
    Seen look(Path folder) throws IOException;

    /**
     * Writes the calendar of a plan: iCalendar or CSV by the ending of the name. A file of that name is replaced, whole or
     * not at all.
     *
     * @throws IOException where the ending is another or the file cannot be written
     */
    void writeCalendar(ProductionPlan plan, Path file) throws IOException;

    /**
     * A production as it is on disk.
     *
     * @param found recordings in {@code raw/} and {@code ready/}
     * @param usedBytes what lies in its folder
     * @param freeBytes what can still be written on its disk
     * @param notice what the user should know about how it was read, one line; empty for nothing
     */
    record Seen(
            Production production,
            List<TakeFinder.Found> found,
            long usedBytes,
            long freeBytes,
            Optional<String> notice) {
        public Seen {
            found = List.copyOf(found);
        }

        /** Read as it should be. */
        public Seen(Production production, List<TakeFinder.Found> found, long usedBytes, long freeBytes) {
            this(production, found, usedBytes, freeBytes, Optional.empty());
        }

        /** The same with a line to be shown. */
        public Seen noticing(String line) {
            return new Seen(production, found, usedBytes, freeBytes, Optional.of(line));
        }
    }

    /** A production that is open: nobody else can change it until it is closed. May be used from any thread. */
    interface Held extends AutoCloseable {

        /** Where it is now; follows a folder that was renamed. */
        Path folder();

        /** The production as it was opened. */
        Production production();

        /** Why it cannot be changed, one line; empty where it can. */
        Optional<String> readOnly();

        /** What the user should know about how it was opened, one line; empty for nothing. */
        Optional<String> notice();

        /**
         * Saves the production: whole or not at all, with the one before as a backup.
         *
         * @return what the user should know about it, one line; empty for nothing
         * @throws IOException where it cannot be written; what was saved before is left as it was
         */
        Optional<String> save(Production production) throws IOException;

        /**
         * Goes on in another folder, where this one was moved.
         *
         * @throws IOException where another production lies there
         */
        void follow(Path folder) throws IOException;

        /**
         * Adds a line to the log.
         *
         * @throws IOException where it cannot be written
         */
        void log(LogEntry entry) throws IOException;

        /**
         * All that happened; lines that this version does not know are passed over.
         *
         * @throws IOException where the log is there and cannot be read
         */
        History history() throws IOException;

        /**
         * Keeps a copy of a file in {@code script/}, under a name that is free.
         *
         * @throws IOException where it cannot be copied
         */
        void keepScript(Path file) throws IOException;

        /**
         * Keeps a copy of a picture, PNG or JPEG of 30 MB at most, in {@code pictures/}, under a name that is free.
         *
         * @return its name in the production's folder
         * @throws IOException where it is none, or cannot be copied; one line
         */
        String keepPicture(Path file) throws IOException;

        /**
         * Recordings and room, as they are now.
         *
         * @throws IOException where the folder cannot be read
         */
        Seen look(Progress progress) throws IOException;

        /** Lets others open it. */
        @Override
        void close();
    }
}
