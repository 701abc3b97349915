package app.redlamp.media.capture;

import java.util.List;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.TargetDataLine;

/** The sound devices of a machine, as far as recording needs them. */
interface Devices {

    /**
     * A device that records.
     *
     * @param name as the operating system has it
     * @param channels most channels that it says it gives; 2 where it does not say
     */
    record Device(String name, int channels) {}

    /** Those that are there now, in the order of the operating system. */
    List<Device> all();

    /**
     * A line of a device, not open yet.
     *
     * @throws LineUnavailableException where it is gone or somebody else has it
     * @throws IllegalArgumentException where it does not know the format
     * @throws SecurityException where it may not be listened to
     */
    TargetDataLine line(Device device, AudioFormat format) throws LineUnavailableException;
}
