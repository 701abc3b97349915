package app.redlamp.core.port;

import app.redlamp.core.port.Capture.CaptureException;
import java.util.List;

/** Lets somebody hear what the microphone gives: through headphones of this machine, or through those of the simulated booth. */
public interface Monitoring extends AutoCloseable {

    /**
     * Something that can be heard through.
     *
     * @param id tells it from the others, also after a restart
     * @param name what it is called; empty for what is simulated
     * @param simulated whether nothing is really heard
     * @param loudspeaker whether it is one, as far as that is known by its name
     */
    record Output(String id, String name, boolean simulated, boolean loudspeaker) {}

    /** An open output. */
    interface Ears extends AutoCloseable {
        /** From {@link #play} to the ear, in seconds, as far as it is known. */
        double latencyS();

        /** Plays samples of one channel, full scale ±1. Never waits: what the device has no place for is left out. */
        void play(float[] samples, int frames);

        /** Whether the device is not there any more. */
        boolean gone();

        /** Silence at once. */
        @Override
        void close();
    }

    /** What there is now, what is simulated last. May take a moment. */
    List<Output> outputs();

    /**
     * Opens an output.
     *
     * @throws CaptureException where it cannot be heard through
     */
    Ears open(Output output, int sampleRateHz) throws CaptureException;

    /** Closes all that is open. */
    @Override
    void close();
}
