package app.redlamp.media.demo;

import java.util.List;
import java.util.OptionalDouble;

/**
 * One demo recording and the truth about it.
 *
 * @param name of the dry voice that ships and of the recording, without ending
 * @param sampleRateHz sample rate
 * @param channels 1 or 2; the voice is the same on both, the noise is not
 * @param gainDb what the dry voice (peaks at −3 dBFS) is turned by; what passes full scale is clipped
 * @param steadyDbfs RMS of fan and hiss in dBFS
 * @param humDbfs RMS of the mains hum in dBFS; absent for none
 * @param headS seconds of room tone before the voice
 * @param tailS seconds of room tone after it
 */
record DemoTake(
        String name,
        int sampleRateHz,
        int channels,
        double gainDb,
        double steadyDbfs,
        OptionalDouble humDbfs,
        double headS,
        double tailS) {

    private static final OptionalDouble NO_HUM = OptionalDouble.empty();

    /** The five chapters: fine, too quiet, too loud and clipped, too noisy to finish, stereo at 48 kHz. */
    static final List<DemoTake> ALL = List.of(
            new DemoTake("1-the-cellar-barometer", 44_100, 1, -0.6, -66, NO_HUM, 0.75, 2.0),
            new DemoTake("2-letters-from-the-quay", 44_100, 1, -8.5, -72, NO_HUM, 0.8, 1.8),
            new DemoTake("3-a-map-of-rain", 44_100, 1, 5.5, -62, NO_HUM, 0.7, 2.2),
            new DemoTake("4-the-borrowed-coat", 44_100, 1, -6.5, -58, OptionalDouble.of(-55), 0.8, 2.0),
            new DemoTake("5-harbour-lights", 48_000, 2, -1.5, -68, NO_HUM, 0.3, 1.5));

    long seed(int channel) {
        return 0x5EED_1A4FL + 7919L * name.hashCode() + channel;
    }
}
