package app.redlamp.media.monitor;

import java.util.List;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;

/** The sound devices of a machine, as far as monitoring needs them. */
interface Speakers {

    /** Names of those that play now, as the operating system has them. */
    List<String> all();

    /**
     * A line of a device, not open yet.
     *
     * @throws LineUnavailableException where it is gone or somebody else has it
     * @throws IllegalArgumentException where it does not know the format
     * @throws SecurityException where it may not be used
     */
    SourceDataLine line(String device, AudioFormat format) throws LineUnavailableException;
}
