package app.redlamp.media;

import app.redlamp.media.finish.FinishFaultsTest;
import app.redlamp.media.production.SaveKillsTest;
import app.redlamp.media.record.TakeKillsTest;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.stream.Stream;

/** Kills five hundred processes while they save, fifty while they finish and fifty while they record, and says after how many everything was whole. */
public final class KillBench {
    private static final int SAVING = 500;
    private static final int FINISHING = 50;
    private static final int RECORDING = 50;
    private static final long SEED = 26;

    private KillBench() {}

    public static void main(String[] arguments) throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("redlamp-kills-");
        try {
            int saved = SaveKillsTest.kills(SaveKillsTest.made(folder), SAVING, SEED);
            System.out.printf("killed while saving: %d times; whole, with all that was said to be saved: %d%n", SAVING, saved);
            Path ready = Files.createDirectory(folder.resolve("ready"));
            int finished = FinishFaultsTest.kills(FinishFaultsTest.speech(folder), ready, FINISHING, SEED);
            System.out.printf("killed while finishing: %d times; nothing but whole files with names: %d%n", FINISHING, finished);
            int recorded = TakeKillsTest.kills(Files.createDirectory(folder.resolve("Book")), RECORDING, SEED);
            System.out.printf("killed while recording: %d times; all there up to the last second: %d%n", RECORDING, recorded);
            if (saved < SAVING || finished < FINISHING || recorded < RECORDING) {
                throw new IllegalStateException("something was lost");
            }
        } finally {
            try (Stream<Path> tree = Files.walk(folder)) {
                for (Path path : tree.sorted(Comparator.reverseOrder()).toList()) {
                    Files.delete(path);
                }
            }
        }
    }
}
