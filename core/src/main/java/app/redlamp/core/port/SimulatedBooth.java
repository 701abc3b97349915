package app.redlamp.core.port;

import app.redlamp.core.booth.Booth;
import app.redlamp.core.booth.Cue;

/** The knobs of the simulated booth. */
public interface SimulatedBooth {

    /** What is heard: at once where it is only other knobs and places, else when it is opened next. */
    void prepare(Booth booth);

    /**
     * Makes the speech ready that is read in what was prepared last, so that nobody waits for it when the booth is opened. Takes a
     * moment the first time, for whoever calls.
     *
     * @throws java.io.IOException where the speech that ships cannot be read
     */
    void rehearse() throws java.io.IOException;

    /** What a reader does. Does nothing while it is not open. */
    void cue(int stand, Cue cue);
}
