package app.redlamp.media.script;

import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Progress;
import app.redlamp.media.fault.Faults;
import java.io.BufferedInputStream;
import java.io.DataInputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;

/** Has a document read by a process of its own, with as much memory as a book takes, and stops it when it makes no headway. */
final class ReadElsewhere {
    /** A book of 9,999 pages takes less. */
    private static final String MEMORY = "-Xmx640m";

    private static final long LOOK_MS = 50;
    /** For the process to begin, on a machine that is busy. */
    private static final Duration STARTING = Duration.ofSeconds(60);

    private final Path file;
    private final Duration patience;
    private final Duration whole;

    /** Something that the process said; a text, a fault or neither. */
    private record Said(double share, ScriptText text, String fault, boolean ended) {
        static Said progress(double share) {
            return new Said(share, null, null, false);
        }
    }

    /**
     * @param patience how long the reader may make no headway
     * @param whole how long it may take in all
     */
    ReadElsewhere(Path file, Duration patience, Duration whole) {
        this.file = file;
        this.patience = patience;
        this.whole = whole;
    }

    ScriptText read(Progress progress) throws IOException {
        Process process;
        try {
            process = start();
        } catch (IOException e) {
            // Where no process can be started it is read here.
            return DocumentReaders.read(file, progress);
        }
        try {
            return listen(process, progress);
        } finally {
            process.destroyForcibly();
        }
    }

    private Process start() throws IOException {
        String java = ProcessHandle.current()
                .info()
                .command()
                .filter(c -> c.endsWith("java") || c.endsWith("java.exe"))
                .orElse(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        ProcessBuilder builder = new ProcessBuilder(List.of(
                java,
                MEMORY,
                "-XX:+UseSerialGC",
                "-XX:-UsePerfData",
                "-XX:TieredStopAtLevel=1",
                "-Xshare:auto",
                "-Djava.awt.headless=true",
                "-Djava.io.tmpdir=" + System.getProperty("java.io.tmpdir"),
                "-cp",
                System.getProperty("java.class.path"),
                ReadingProcess.class.getName(),
                file.toAbsolutePath().toString()));
        builder.redirectError(ProcessBuilder.Redirect.DISCARD);
        return builder.start();
    }

    private ScriptText listen(Process process, Progress progress) throws IOException {
        BlockingQueue<Said> said = new LinkedBlockingQueue<>();
        Thread ear = new Thread(() -> hear(process, said), "reading");
        ear.setDaemon(true);
        ear.start();
        boolean begun = false;
        long started = System.nanoTime();
        long heard = started;
        while (true) {
            progress.check();
            Said next = next(said);
            long now = System.nanoTime();
            Duration allowed = begun ? patience : STARTING;
            boolean silent = next == null && now - heard > allowed.toNanos();
            if (silent || (begun && now - started > whole.toNanos())) {
                throw new DocumentFault(Faults.say("read-elsewhere.makes-its-reader"));
            }
            if (next == null) {
                continue;
            }
            started = begun ? started : now;
            begun = true;
            heard = now;
            if (next.text() != null) {
                return next.text();
            }
            if (next.fault() != null) {
                throw new DocumentFault(next.fault());
            }
            if (next.ended()) {
                throw new DocumentFault(Faults.say("document-readers.takes-more-memory"));
            }
            progress.at(next.share());
        }
    }

    private static Said next(BlockingQueue<Said> said) {
        try {
            return said.poll(LOOK_MS, TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new java.util.concurrent.CancellationException();
        }
    }

    private static void hear(Process process, BlockingQueue<Said> said) {
        try (DataInputStream in = new DataInputStream(new BufferedInputStream(process.getInputStream()))) {
            while (true) {
                int what = in.readByte();
                switch (what) {
                    case TextWire.BEGUN -> said.add(Said.progress(0));
                    case TextWire.PROGRESS -> said.add(Said.progress(in.readDouble()));
                    case TextWire.FAULT -> said.add(new Said(0, null, TextWire.fault(in), false));
                    case TextWire.TEXT -> said.add(new Said(1, TextWire.text(in), null, false));
                    default -> throw new IOException(Faults.say("read-elsewhere.says", what));
                }
            }
        } catch (IOException | IllegalArgumentException e) {
            // It ended, or said what nobody says: after a text or a fault nobody listens any more.
            said.add(new Said(0, null, null, true));
        }
    }
}
