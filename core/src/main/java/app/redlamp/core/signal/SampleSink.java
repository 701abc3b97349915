package app.redlamp.core.signal;

import java.io.IOException;

/** Takes a recording block by block: a meter, a processor or a file. */
@FunctionalInterface
public interface SampleSink {

    /**
     * Takes the next frames. The caller may reuse the block afterwards.
     *
     * @param block one array a channel, full scale ±1
     * @param frames how many samples of each array count
     */
    void accept(float[][] block, int frames) throws IOException;
}
