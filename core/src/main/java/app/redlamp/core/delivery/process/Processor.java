package app.redlamp.core.delivery.process;

import app.redlamp.core.signal.AudioSource;

/**
 * One step of finishing: its settings. Whatever a step is given, as many frames come out as went in, in place: a delay that it
 * needs is taken out again. Digital silence stays digital silence; samples that are no numbers become zero.
 */
public interface Processor {

    /** Name in files and bundles, such as {@code high-pass}. */
    String id();

    /**
     * Frames that the step looks ahead, which it holds back inside and takes out again.
     *
     * @param sampleRateHz of what it is run over
     */
    int latencyFrames(int sampleRateHz);

    /**
     * Runs it over a source, from the beginning and with a state of its own.
     *
     * @param source closed with the run
     */
    Run over(AudioSource source);

    /** A step that is running. */
    interface Run extends AudioSource {

        /** What was turned down so far. */
        Reduction reduction();
    }
}
