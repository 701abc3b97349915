package app.redlamp.media.play;

import java.util.concurrent.TimeUnit;

/** The stand-in for a machine without a sound device: nothing is heard, but time passes as if it were. */
public final class SilentOutput implements SoundOutput {

    /** How the stand-in lets time pass. */
    @FunctionalInterface
    public interface Pace {
        void pass(long nanoseconds) throws InterruptedException;

        /** As long as it takes. */
        Pace REAL = TimeUnit.NANOSECONDS::sleep;
    }

    private final Pace pace;

    public SilentOutput(Pace pace) {
        this.pace = pace;
    }

    @Override
    public String name() {
        return "silent stand-in";
    }

    @Override
    public boolean simulated() {
        return true;
    }

    @Override
    public Line open(int sampleRateHz, int channels) {
        return new Line() {
            private long frames;

            @Override
            public void write(float[][] block, int count) {
                try {
                    pace.pass(count * 1_000_000_000L / sampleRateHz);
                } catch (InterruptedException e) {
                    Thread.currentThread().interrupt();
                }
                frames += count;
            }

            @Override
            public long heard() {
                return frames;
            }

            @Override
            public void drain() {}

            @Override
            public void close() {}
        };
    }
}
