package app.redlamp.media.wav;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How samples are laid down of which nothing is known. Sound goes on from one sample to the next; read in a wrong way it jumps about as
 * noise does. The roughness of a reading is Σ(x[n] − x[n−1])² / 2Σx²: 1 for white noise, far less for speech.
 *
 * @param channels 1 or 2
 * @param start first whole frame in the file
 */
record SampleGuess(SampleFormat samples, int channels, long start) {
    /** Rougher than this nothing is believed (ours). */
    private static final double ROUGHEST = 0.2;

    /** Readings as smooth as this, in times the smoothest, are equal: then the simplest counts (ours). */
    private static final double AS_SMOOTH = 1.2;

    /** Channels that are so much nearer to each other than to what follows are two (ours). */
    private static final double BESIDE = 0.1;

    /** Bytes that are looked at. */
    private static final int LOOK_BYTES = 1 << 20;

    /** Floats above are none of sound. */
    private static final float LOUDEST = 64;

    /** A header in front is no longer than this. */
    private static final int BEFORE = 512;

    /** The header of most recorders: which of two channels comes first is known from nothing else. */
    private static final int USUAL_HEADER = 44;

    private record Reading(SampleGuess guess, double roughness) {}

    /** Absent where no reading is smooth. */
    static Optional<SampleGuess> of(FileChannel file) throws IOException {
        long from = loudest(file);
        ByteBuffer bytes = ChunkCursor.read(file, from, LOOK_BYTES);
        List<Reading> readings = new ArrayList<>();
        for (SampleFormat format : new SampleFormat[] {
            SampleFormat.SIGNED_16, SampleFormat.SIGNED_24, SampleFormat.SIGNED_32, SampleFormat.FLOAT_32
        }) {
            for (int channels = 1; channels <= 2; channels++) {
                int frame = channels * format.bytes();
                for (int phase = 0; phase < frame; phase++) {
                    SampleGuess guess = new SampleGuess(format, channels, (from + phase) % frame);
                    readings.add(new Reading(guess, roughness(bytes, format, channels, phase)));
                }
            }
        }
        double best = readings.stream().mapToDouble(Reading::roughness).min().orElseThrow();
        return readings.stream()
                .filter(r -> r.roughness() < ROUGHEST && r.roughness() <= AS_SMOOTH * best)
                .map(Reading::guess)
                .min(Comparator.comparingInt((SampleGuess g) -> g.samples.bytes())
                        .thenComparingInt(SampleGuess::channels)
                        .thenComparing(g -> (USUAL_HEADER - g.start) % g.frameBytes() != 0))
                .map(g -> g.after(BEFORE));
    }

    private long frameBytes() {
        return (long) channels * samples.bytes();
    }

    /** Without what may have been a header, which would be a crack. */
    private SampleGuess after(int bytes) {
        int frame = channels * samples.bytes();
        return new SampleGuess(samples, channels, start + (long) (bytes / frame) * frame);
    }

    /** Where to look: where most changes. */
    private static long loudest(FileChannel file) throws IOException {
        long size = file.size();
        long best = 0;
        double most = -1;
        for (int n = 0; n < 16; n++) {
            long at = Math.max(0, size - LOOK_BYTES) * n / 15;
            ByteBuffer bytes = ChunkCursor.read(file, at, 1 << 14);
            double sum = 0;
            for (int i = 1; i < bytes.remaining(); i++) {
                sum += Math.abs(bytes.get(i) - bytes.get(i - 1));
            }
            if (sum > most) {
                most = sum;
                best = at;
            }
        }
        return best;
    }

    private static double roughness(ByteBuffer bytes, SampleFormat format, int channels, int phase) {
        int frame = channels * format.bytes();
        int frames = (bytes.remaining() - phase) / frame;
        if (frames < 1000) {
            return Double.MAX_VALUE;
        }
        ByteBuffer cut = ByteBuffer.allocate(frames * frame).order(ByteOrder.LITTLE_ENDIAN);
        cut.put(bytes.duplicate().position(phase).limit(phase + frames * frame)).flip();
        float[][] block = new float[channels][frames];
        format.decode(cut, block, frames);
        double jumps = 0;
        double power = 0;
        double across = 0;
        for (int c = 0; c < channels; c++) {
            float[] x = block[c];
            double mean = 0;
            for (float v : x) {
                if (!(Math.abs(v) <= LOUDEST)) {
                    return Double.MAX_VALUE;
                }
                mean += v / x.length;
            }
            for (int n = 1; n < frames; n++) {
                jumps += (x[n] - x[n - 1]) * (double) (x[n] - x[n - 1]);
                power += (x[n] - mean) * (x[n] - mean);
            }
        }
        if (channels == 2) {
            for (int n = 1; n < frames; n++) {
                across += 2 * (block[0][n] - block[1][n]) * (double) (block[0][n] - block[1][n]);
            }
        }
        if (!(power > 0)) {
            return Double.MAX_VALUE;
        }
        double rough = jumps / (2 * power);
        // One voice on both sides: read as one channel every other step is none.
        boolean twins = channels == 2 && across < BESIDE * jumps;
        return twins ? rough / 4 : rough;
    }
}
