package app.redlamp.core.delivery.process;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.signal.AudioSource;

/**
 * Holds true peaks below a ceiling, with a look-ahead; see {@link LimiterRun} for how.
 *
 * @param ceilingDbtp −40 to 0 dBTP
 */
public record Limiter(double ceilingDbtp) implements Processor {
    /** A lower ceiling is a slip of the pen (ours). */
    private static final double LOWEST_DBTP = -40;

    /** @throws IllegalArgumentException out of range */
    public Limiter {
        if (!(ceilingDbtp >= LOWEST_DBTP && ceilingDbtp <= 0)) {
            throw new IllegalArgumentException(Faults.say("limiter.ceiling-dbtp-must", ceilingDbtp));
        }
    }

    @Override
    public String id() {
        return "limiter";
    }

    @Override
    public int latencyFrames(int sampleRateHz) {
        return LimiterRun.latencyFrames(sampleRateHz);
    }

    @Override
    public Run over(AudioSource source) {
        return new LimiterRun(source, ceilingDbtp);
    }
}
