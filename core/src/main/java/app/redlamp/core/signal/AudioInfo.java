package app.redlamp.core.signal;

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
 */
public record AudioInfo(
        String container,
        String codec,
        int sampleRateHz,
        OptionalInt bitDepth,
        int channels,
        double durationS,
        OptionalInt bitRateKbps) {

    /** @throws IllegalArgumentException unless rate and channels are above 0 and the duration is 0 or more */
    public AudioInfo {
        if (!(sampleRateHz > 0 && channels > 0 && durationS >= 0)) {
            throw new IllegalArgumentException(
                    sampleRateHz + " Hz, " + channels + " channels, " + durationS + " s: all must be above 0");
        }
    }

    /** Whether decoding returns the very samples that were coded. */
    public boolean lossless() {
        return codec.startsWith("pcm_s")
                || codec.startsWith("pcm_u")
                || codec.startsWith("pcm_f")
                || codec.equals("flac")
                || codec.equals("alac");
    }

    public AudioInfo withDuration(double seconds) {
        return new AudioInfo(container, codec, sampleRateHz, bitDepth, channels, seconds, bitRateKbps);
    }
}
