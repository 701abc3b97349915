package app.redlamp.core.signal;

import app.redlamp.core.fault.Faults;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What a recording's file says of itself.
 *
 * @param container file format in lower case, such as {@code wav} or {@code mp3}
 * @param codec coding in lower case, such as {@code pcm_s24le} or {@code mp3}
 * @param sampleRateHz samples a second and channel, above 0
 * @param bitDepth bits a sample where the coding keeps samples as they are; absent for lossy codings
 * @param channels number of channels, above 0
 * @param durationS length in seconds as decoded, 0 or more
 * @param bitRateKbps bits a second in thousands where the coding states it; absent for uncompressed sound
 * @param constantBitRate whether all frames of a lossy coding have the same bit rate; absent where it does not apply or
 *     was not looked at
 * @param labels tags and cue points
 * @param missingS seconds that the file promises and has not; 0 where it is whole
 */
public record AudioInfo(
        String container,
        String codec,
        int sampleRateHz,
        OptionalInt bitDepth,
        int channels,
        double durationS,
        OptionalInt bitRateKbps,
        Optional<Boolean> constantBitRate,
        Labels labels,
        double missingS) {

    /** @throws IllegalArgumentException unless rate and channels are above 0 and the duration is 0 or more */
    public AudioInfo {
        if (!(sampleRateHz > 0 && channels > 0 && durationS >= 0)) {
            throw new IllegalArgumentException(
                    Faults.say("audio-info.hz-channels-all", sampleRateHz, channels, durationS));
        }
    }

    /** A whole file without labels, and nothing known of the bit rate's constancy. */
    public AudioInfo(
            String container,
            String codec,
            int sampleRateHz,
            OptionalInt bitDepth,
            int channels,
            double durationS,
            OptionalInt bitRateKbps) {
        this(
                container,
                codec,
                sampleRateHz,
                bitDepth,
                channels,
                durationS,
                bitRateKbps,
                Optional.empty(),
                Labels.NONE,
                0);
    }

    /** Whether decoding returns the very samples that were coded. */
    public boolean lossless() {
        return codec.startsWith("pcm_s")
                || codec.startsWith("pcm_u")
                || codec.startsWith("pcm_f")
                || codec.equals("flac")
                || codec.equals("alac");
    }

    /**
     * What people call its coding: the container, but for a WAV that is not what one expects of it, such as {@code mulaw} or {@code wav, float};
     * in lower case.
     */
    public String codingName() {
        String bare = codec.startsWith("pcm_") ? codec.substring("pcm_".length()) : codec;
        if (!lossless() && container.equals("wav")) {
            return bare;
        }
        return codec.startsWith("pcm_f") ? container + ", float" : container;
    }

    /** The same with another duration. */
    public AudioInfo withDuration(double seconds) {
        return new AudioInfo(
                container,
                codec,
                sampleRateHz,
                bitDepth,
                channels,
                seconds,
                bitRateKbps,
                constantBitRate,
                labels,
                missingS);
    }
}
