package app.redlamp.core.spec;

import java.util.OptionalInt;

/**
 * The file that the client takes.
 *
 * @param coding how it is coded
 * @param sampleRateHz samples a second
 * @param bitDepth bits a sample, for uncompressed coding only
 * @param bitRateKbps lowest constant bit rate, for MP3 only
 * @param fewestChannels at least 1
 * @param mostChannels at least {@code fewestChannels}, at most 2
 * @param sameChannels whether all files of one delivery must have the same number of channels
 */
public record DeliveryFormat(
        Coding coding,
        int sampleRateHz,
        OptionalInt bitDepth,
        OptionalInt bitRateKbps,
        int fewestChannels,
        int mostChannels,
        boolean sameChannels) {

    /** Codings that can be written. */
    public enum Coding {
        WAV("wav"),
        MP3("mp3");

        private final String extension;

        Coding(String extension) {
            this.extension = extension;
        }

        /** File name ending without the dot; also the container's name. */
        public String extension() {
            return extension;
        }
    }

    /** @throws IllegalArgumentException where a figure cannot be or does not go with the coding */
    public DeliveryFormat {
        boolean counts = fewestChannels >= 1 && mostChannels >= fewestChannels && mostChannels <= 2;
        boolean rate = sampleRateHz >= 8000 && sampleRateHz <= 192_000;
        boolean detail = coding == Coding.WAV
                ? bitRateKbps.isEmpty() && (bitDepth.orElse(0) == 16 || bitDepth.orElse(0) == 24)
                : bitDepth.isEmpty() && bitRateKbps.orElse(0) >= 32 && bitRateKbps.orElse(0) <= 320;
        if (!(counts && rate && detail)) {
            throw new IllegalArgumentException("format " + coding + ", " + sampleRateHz + " Hz, bits " + bitDepth
                    + ", kbit/s " + bitRateKbps + ", channels " + fewestChannels + " to " + mostChannels
                    + ": WAV needs 16 or 24 bits, MP3 needs 32 to 320 kbit/s, 8000 to 192000 Hz, 1 or 2 channels");
        }
    }

    /** The number of channels nearest to a recording's own that the client takes. */
    public int channelsFor(int recorded) {
        return Math.max(fewestChannels, Math.min(mostChannels, recorded));
    }
}
