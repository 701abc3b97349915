package app.redlamp.core.port;

import app.redlamp.core.booth.Booth;
import app.redlamp.core.booth.Cue;

/** The knobs of the simulated booth. */
public interface SimulatedBooth {

    /**
     * What is heard: at once where it is only other knobs and places, else when it is opened next. May take a moment the first
     * time, for whoever calls.
     *
     * @throws java.io.IOException where the speech that ships cannot be read
     */
    void prepare(Booth booth) throws java.io.IOException;

    /** What a reader does. Does nothing while it is not open. */
    void cue(int stand, Cue cue);
}
