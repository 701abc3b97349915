package app.redlamp.core.delivery.process;

import app.redlamp.core.signal.AudioSource;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Steps one after the other.
 *
 * @param steps in the order in which they work; none leaves everything as it is
 */
public record ProcessorChain(List<Processor> steps) {
    /** Hears nothing. */
    public static final Tap NO_TAP = (step, block, frames) -> {};

    /** Hears what comes out of each step; must not change it. */
    @FunctionalInterface
    public interface Tap {
        /**
         * @param step index of the step behind which it hears, −1 for what goes into the first
         * @param block one array a channel
         */
        void accept(int step, float[][] block, int frames) throws IOException;
    }

    public ProcessorChain {
        steps = List.copyOf(steps);
    }

    /** Frames that all steps together look ahead. */
    public int latencyFrames(int sampleRateHz) {
        return steps.stream().mapToInt(s -> s.latencyFrames(sampleRateHz)).sum();
    }

    /** Runs all of it over a source. */
    public Running over(AudioSource source, Tap tap) {
        List<Processor.Run> runs = new ArrayList<>();
        AudioSource at = tapped(source, -1, tap);
        for (int i = 0; i < steps.size(); i++) {
            Processor.Run run = steps.get(i).over(at);
            runs.add(run);
            at = tapped(run, i, tap);
        }
        return new Running(at, runs);
    }

    private static AudioSource tapped(AudioSource source, int step, Tap tap) {
        return tap == NO_TAP ? source : new TappedSource(source, step, tap);
    }

    /**
     * A chain that is running.
     *
     * @param out what comes out of the last step
     * @param runs its steps
     */
    public record Running(AudioSource out, List<Processor.Run> runs) {
        public Running {
            runs = List.copyOf(runs);
        }

        /** What the step turned down so far that turns down most. */
        public Reduction reduction() {
            return runs.stream()
                    .map(Processor.Run::reduction)
                    .max(Comparator.comparingDouble(Reduction::mostDb))
                    .orElse(Reduction.NONE);
        }
    }
}
