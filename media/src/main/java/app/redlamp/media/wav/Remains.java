package app.redlamp.media.wav;

import java.util.Locale;

/**
 * Where sound lies in what is left of a WAV file, and how.
 *
 * @param samples how samples are laid down
 * @param dataStart where they begin
 * @param dataBytes whole frames of them, in bytes
 * @param by what that is known from
 */
record Remains(SampleFormat samples, int channels, int sampleRateHz, long dataStart, long dataBytes, By by) {

    /** What something is known from. */
    enum By {
        /** A header that says it, whatever it says of the size. */
        HEADER,
        /** Pieces of a header that were found somewhere. */
        PIECES,
        /** The samples alone: that they go on smoothly when they are read so. */
        SMOOTHNESS;

        /** Name in files, such as {@code header}. */
        String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    int frameBytes() {
        return channels * samples.bytes();
    }

    long frames() {
        return dataBytes / frameBytes();
    }
}
