package app.redlamp.core.delivery.process;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.units.Decibels;

/**
 * Louder or softer.
 *
 * @param db −120 to 120
 */
public record Gain(double db) implements Processor {
    /** More is a slip of the pen (ours). */
    private static final double MOST_DB = 120;

    /** @throws IllegalArgumentException out of range */
    public Gain {
        if (!(Math.abs(db) <= MOST_DB)) {
            throw new IllegalArgumentException(Faults.say("gain.gain-db-must", db));
        }
    }

    @Override
    public String id() {
        return "gain";
    }

    @Override
    public int latencyFrames(int sampleRateHz) {
        return 0;
    }

    @Override
    public Run over(AudioSource source) {
        double factor = Decibels.toAmplitude(db);
        return new SampleRun(source) {
            @Override
            double next(int channel, double sample) {
                return sample * factor;
            }
        };
    }
}
