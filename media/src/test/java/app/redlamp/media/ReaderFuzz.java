package app.redlamp.media;

import app.redlamp.core.measure.analysis.FigureList;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Progress;
import app.redlamp.core.signal.Labels;
import app.redlamp.core.signal.Signals;
import app.redlamp.media.ffmpeg.CodedWriter;
import app.redlamp.media.ffmpeg.Encoding;
import app.redlamp.media.wav.BroadcastExtension;
import app.redlamp.media.wav.WavWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;

/** Damages good files at random and reads them: each must give finite figures or one line of refusal. Seeded. */
public final class ReaderFuzz {
    private static final int RATE = 44_100;
    private static final int HEADER = 200;

    private final Path folder;
    private final List<byte[]> good = new ArrayList<>();

    public ReaderFuzz(Path folder) throws IOException {
        this.folder = folder;
        float[] sound = Signals.join(Signals.noise(-20, 0.4, RATE, 1), Signals.noise(-60, 0.4, RATE, 2));
        Labels labels = new Labels(Map.of("title", "x"), List.of(new Labels.Cue(0.1, "here")));
        Path wav = folder.resolve("good.wav");
        try (WavWriter writer =
                new WavWriter(wav, RATE, 1, 24, labels, Optional.of(BroadcastExtension.of("a take", "Red Lamp")))) {
            writer.accept(new float[][] {sound}, sound.length);
        }
        good.add(take(wav));
        for (Encoding encoding : List.of(
                Encoding.flac(16),
                Encoding.aiff(24),
                Encoding.mp3(128),
                Encoding.muLaw(),
                new Encoding("pcm_s16le", "w64", OptionalInt.of(16), OptionalInt.empty()),
                new Encoding("pcm_s16be", "caf", OptionalInt.of(16), OptionalInt.empty()),
                new Encoding("aac", "ipod", OptionalInt.empty(), OptionalInt.of(96)))) {
            Path file = folder.resolve("good." + encoding.muxer());
            try (CodedWriter writer = new CodedWriter(file, encoding, RATE, 1, labels)) {
                writer.accept(new float[][] {sound}, sound.length);
                writer.finish();
            }
            good.add(take(file));
        }
    }

    /** Kinds of files that are damaged. */
    public int kinds() {
        return good.size();
    }

    /**
     * Damages a file of a kind and reads it.
     *
     * @return what is wrong with how it was read; empty where all is well
     */
    public Optional<String> round(int kind, long seed) throws IOException {
        Random random = new Random(seed);
        Path file = folder.resolve("damaged.bin");
        Files.write(file, damaged(good.get(kind), random));
        try {
            Report report = new FileRecordings().measure(file, Progress.NONE);
            return FigureList.of(report).entrySet().stream()
                    .filter(f -> f.getValue().isPresent()
                            && !Double.isFinite(f.getValue().getAsDouble()))
                    .map(f -> f.getKey() + " is " + f.getValue().getAsDouble())
                    .findFirst();
        } catch (IOException e) {
            String message = String.valueOf(e.getMessage());
            return message.contains("\n") || message.isBlank() ? Optional.of("message: " + message) : Optional.empty();
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
            return Optional.of(e.toString());
        } finally {
            Files.deleteIfExists(file);
        }
    }

    private static byte[] damaged(byte[] whole, Random random) {
        byte[] bytes = whole.clone();
        int changes = 1 + random.nextInt(8);
        for (int i = 0; i < changes; i++) {
            int within = random.nextInt(3) > 0 ? Math.min(HEADER, bytes.length) : bytes.length;
            int at = random.nextInt(within);
            switch (random.nextInt(4)) {
                case 0 -> bytes[at] ^= (byte) (1 << random.nextInt(8));
                case 1 -> bytes[at] = (byte) random.nextInt(256);
                case 2 -> {
                    for (int k = at; k < Math.min(bytes.length, at + 4); k++) {
                        bytes[k] = (byte) (random.nextBoolean() ? 0xFF : 0);
                    }
                }
                default -> {
                    int length = Math.min(random.nextInt(16), bytes.length - at);
                    System.arraycopy(bytes, random.nextInt(bytes.length - length + 1), bytes, at, length);
                }
            }
        }
        return random.nextInt(4) == 0 ? Arrays.copyOf(bytes, random.nextInt(bytes.length) + 1) : bytes;
    }

    private static byte[] take(Path file) throws IOException {
        byte[] bytes = Files.readAllBytes(file);
        Files.delete(file);
        return bytes;
    }
}
