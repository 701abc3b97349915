package app.redlamp.media.production;

import app.redlamp.core.log.History;
import app.redlamp.core.log.LogEntry;
import app.redlamp.core.log.Logged;
import app.redlamp.media.disk.GuardedFolder;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What happened, a JSON object a line; lines are only added, whole or not at all. */
final class ProductionLog {
    static final String NAME = "log.jsonl";

    /** Longer lines are not of this log. */
    private static final int LONGEST_LINE = 1 << 20;

    private final LogCodec codec = new LogCodec();
    private final Clock clock;

    ProductionLog(Clock clock) {
        this.clock = clock;
    }

    /** @throws IOException where it cannot be written; the log is then as it was */
    synchronized void append(Path folder, LogEntry entry) throws IOException {
        String text = codec.line(Instant.now(clock).truncatedTo(ChronoUnit.SECONDS), entry) + "\n";
        try (FileChannel log = FileChannel.open(
                new GuardedFolder(folder).place(NAME),
                StandardOpenOption.CREATE,
                StandardOpenOption.READ,
                StandardOpenOption.WRITE,
                LinkOption.NOFOLLOW_LINKS)) {
            append(log, text);
        }
    }

    /**
     * All that happened; lines that are not known or were cut off are counted and passed over.
     *
     * @throws IOException where the log is there and cannot be read
     */
    History history(Path folder) throws IOException {
        Path log = new GuardedFolder(folder).place(NAME);
        if (!Files.exists(log, LinkOption.NOFOLLOW_LINKS)) {
            return History.NONE;
        }
        List<Logged> all = new ArrayList<>();
        int notKnown = 0;
        // What is no text in UTF-8 spoils its own line and no other.
        CharsetDecoder decoder = StandardCharsets.UTF_8
                .newDecoder()
                .onMalformedInput(CodingErrorAction.REPLACE)
                .onUnmappableCharacter(CodingErrorAction.REPLACE);
        try (Lines lines = new Lines(new InputStreamReader(Files.newInputStream(log), decoder))) {
            for (String line = lines.next(); line != null; line = lines.next()) {
                if (!line.isBlank()) {
                    Optional<Logged> entry = codec.entry(line);
                    entry.ifPresent(all::add);
                    notKnown += entry.isPresent() ? 0 : 1;
                }
            }
        }
        return new History(all, notKnown);
    }

    /** Lines one after the other, each cut where it is longer than any line of a log. */
    private static final class Lines implements Closeable {
        private final Reader text;
        private final char[] buffer = new char[1 << 14];
        private int at;
        private int count;

        Lines(Reader text) {
            this.text = text;
        }

        /** The next one; null at the end. */
        String next() throws IOException {
            StringBuilder line = new StringBuilder();
            boolean any = false;
            while (filled()) {
                any = true;
                int from = at;
                while (at < count && buffer[at] != '\n') {
                    at++;
                }
                line.append(buffer, from, Math.min(at - from, LONGEST_LINE - line.length()));
                if (at < count) {
                    at++;
                    return line.toString();
                }
            }
            return any ? line.toString() : null;
        }

        private boolean filled() throws IOException {
            if (at == count) {
                at = 0;
                count = Math.max(0, text.read(buffer));
            }
            return count > 0;
        }

        @Override
        public void close() throws IOException {
            text.close();
        }
    }

    private static void append(FileChannel log, String text) throws IOException {
        long end = log.size();
        byte[] bytes = ((endsLine(log, end) ? "" : "\n") + text).getBytes(StandardCharsets.UTF_8);
        try {
            log.position(end);
            ByteBuffer buffer = ByteBuffer.wrap(bytes);
            while (buffer.hasRemaining()) {
                log.write(buffer);
            }
            log.force(true);
        } catch (IOException e) {
            // Half a line would make one line with the next.
            log.truncate(end);
            throw e;
        }
    }

    /** A line that a kill cut off is ended before the next one begins. */
    private static boolean endsLine(FileChannel log, long end) throws IOException {
        ByteBuffer last = ByteBuffer.allocate(1);
        return end == 0 || log.read(last, end - 1) < 1 || last.get(0) == '\n';
    }
}
