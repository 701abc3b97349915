package app.redlamp.media;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/** A longer run of the fuzzer over the readers; prints each damage that was read badly, and how many were tried. */
public final class LongFuzz {
    private static final int ROUNDS = 5000;

    private LongFuzz() {}

    public static void main(String[] arguments) throws IOException {
        Path folder = Files.createTempDirectory("redlamp-fuzz-");
        ReaderFuzz fuzz = new ReaderFuzz(folder);
        int bad = 0;
        for (int kind = 0; kind < fuzz.kinds(); kind++) {
            for (long seed = 0; seed < ROUNDS; seed++) {
                Optional<String> wrong = fuzz.round(kind, 1_000_000L + seed);
                if (wrong.isPresent()) {
                    bad++;
                    System.out.println("kind " + kind + ", seed " + seed + ": " + wrong.get());
                }
            }
        }
        Files.delete(folder);
        System.out.println(fuzz.kinds() * ROUNDS + " damaged files read, " + bad + " badly");
    }
}
