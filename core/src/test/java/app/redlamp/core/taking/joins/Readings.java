package app.redlamp.core.taking.joins;

import app.redlamp.core.measure.analysis.Speaker;
import app.redlamp.core.signal.AudioSource;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.SplittableRandom;

/** Takes that were made up of sentences and pauses over a noise, kept in memory. */
final class Readings implements RawSounds {
    static final int RATE = 44_100;

    private final Map<String, float[]> takes = new HashMap<>();
    private int opened;

    /** A take that grows sentence by sentence. */
    static final class Take {
        private float[] sound = new float[0];
        private final double pitchHz;

        Take(double pitchHz) {
            this.pitchHz = pitchHz;
        }

        /** Silence. */
        Take pause(double seconds) {
            sound = Arrays.copyOf(sound, sound.length + (int) Math.round(seconds * RATE));
            return this;
        }

        /** A sentence: one number is always the same words; a part of it where the reader stops. */
        Take says(int sentence, double share) {
            float[] words = Speaker.reads(RATE, 4.2, pitchHz, 100L + sentence);
            int from = 0;
            while (words[from] == 0) {
                from++;
            }
            int to = words.length;
            while (words[to - 1] == 0) {
                to--;
            }
            to = from + (int) ((to - from) * share);
            int at = sound.length;
            sound = Arrays.copyOf(sound, at + to - from);
            System.arraycopy(words, from, sound, at, to - from);
            return this;
        }

        /** Where it is now, in seconds. */
        double nowS() {
            return (double) sound.length / RATE;
        }

        /** Over noise of a level. */
        float[] over(double noiseRms, long seed) {
            SplittableRandom random = new SplittableRandom(seed);
            float[] noisy = sound.clone();
            double before = 0;
            for (int i = 0; i < noisy.length; i++) {
                // Three evenly spread numbers are nearly normal; a little low-pass is more like a room.
                double white = random.nextDouble(-1, 1) + random.nextDouble(-1, 1) + random.nextDouble(-1, 1);
                before = 0.6 * before + 0.8 * white;
                noisy[i] += (float) (noiseRms * before);
            }
            return noisy;
        }
    }

    Readings with(String file, float[] sound) {
        takes.put(file, sound);
        return this;
    }

    float[] sound(String file) {
        return takes.get(file);
    }

    /** How many sources were opened and not closed. */
    int open() {
        return opened;
    }

    @Override
    public AudioSource open(String file, long frame) {
        float[] sound = takes.get(file);
        opened++;
        return new AudioSource() {
            private int at = (int) Math.min(sound.length, frame);
            private boolean closed;

            @Override
            public int sampleRateHz() {
                return RATE;
            }

            @Override
            public int channels() {
                return 1;
            }

            @Override
            public long expectedFrames() {
                return sound.length;
            }

            @Override
            public int read(float[][] block, int frames) {
                // Readers of files give less than was asked for, too.
                int count = Math.min(Math.min(frames, 1000), sound.length - at);
                System.arraycopy(sound, at, block[0], 0, count);
                at += count;
                return count;
            }

            @Override
            public void close() {
                opened -= closed ? 0 : 1;
                closed = true;
            }
        };
    }
}
