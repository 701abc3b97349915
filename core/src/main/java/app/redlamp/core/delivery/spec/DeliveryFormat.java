package app.redlamp.core.delivery.spec;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.signal.AudioInfo;
import java.util.EnumSet;
import java.util.OptionalInt;
import java.util.Set;

/**
 * The file that the client takes.
 *
 * @param coding how finishing codes it
 * @param accepted codings that the client takes, {@code coding} among them
 * @param sampleRateHz samples a second
 * @param bitDepth bits a sample, for lossless coding only
 * @param bitRateKbps lowest bit rate, for lossy coding only
 * @param constantBitRate whether all frames must have the same bit rate
 * @param broadcast whether a broadcast extension with the measured loudness goes into the file
 * @param fewestChannels at least 1
 * @param mostChannels at least {@code fewestChannels}, at most 2
 * @param sameChannels whether all files of one delivery must have the same number of channels
 */
public record DeliveryFormat(
        Coding coding,
        Set<Coding> accepted,
        int sampleRateHz,
        OptionalInt bitDepth,
        OptionalInt bitRateKbps,
        boolean constantBitRate,
        boolean broadcast,
        int fewestChannels,
        int mostChannels,
        boolean sameChannels) {

    /** Codings of delivered files. */
    public enum Coding {
        WAV("wav", "pcm_s", "wav"),
        FLAC("flac", "flac", "flac"),
        AIFF("aiff", "pcm_s", "aiff"),
        MP3("mp3", "mp3", "mp3"),
        AAC("m4a", "aac", "m4a"),
        MU_LAW("wav", "pcm_mulaw", "wav"),
        A_LAW("wav", "pcm_alaw", "wav");

        private final String container;
        private final String codec;
        private final String extension;

        Coding(String container, String codec, String extension) {
            this.container = container;
            this.codec = codec;
            this.extension = extension;
        }

        /** File name ending without the dot. */
        public String extension() {
            return extension;
        }

        /** Whether decoding returns the very samples that were coded. */
        public boolean lossless() {
            return this == WAV || this == FLAC || this == AIFF;
        }

        /** Whether the bit rate can be chosen. */
        public boolean hasBitRate() {
            return this == MP3 || this == AAC;
        }

        /** Whether Red Lamp writes it; the others it only accepts. */
        public boolean written() {
            return this != AAC;
        }

        boolean matches(AudioInfo info) {
            return info.container().equals(container) && info.codec().startsWith(codec);
        }
    }

    /** @throws IllegalArgumentException where a figure cannot be or does not go with the coding */
    public DeliveryFormat {
        boolean counts = fewestChannels >= 1 && mostChannels >= fewestChannels && mostChannels <= 2;
        boolean rate = sampleRateHz >= 8000 && sampleRateHz <= 192_000;
        boolean bits = coding.lossless() ? bitDepth.orElse(0) == 16 || bitDepth.orElse(0) == 24 : bitDepth.isEmpty();
        boolean kbps = coding.hasBitRate()
                ? bitRateKbps.orElse(0) >= 32 && bitRateKbps.orElse(0) <= 320
                : bitRateKbps.isEmpty();
        if (!(counts && rate && bits && kbps && coding.written())) {
            throw new IllegalArgumentException(Faults.say(
                    "delivery-format.format-hz-bits",
                    coding,
                    sampleRateHz,
                    bitDepth,
                    bitRateKbps,
                    fewestChannels,
                    mostChannels));
        }
        Set<Coding> all = EnumSet.of(coding);
        all.addAll(accepted);
        accepted = Set.copyOf(all);
    }

    /** One coding and nothing special. */
    public DeliveryFormat(
            Coding coding,
            int sampleRateHz,
            OptionalInt bitDepth,
            OptionalInt bitRateKbps,
            int fewestChannels,
            int mostChannels,
            boolean sameChannels) {
        this(
                coding,
                Set.of(),
                sampleRateHz,
                bitDepth,
                bitRateKbps,
                false,
                false,
                fewestChannels,
                mostChannels,
                sameChannels);
    }

    /** The number of channels nearest to a recording's own that the client takes. */
    public int channelsFor(int recorded) {
        return Math.max(fewestChannels, Math.min(mostChannels, recorded));
    }

    /** What a recording's delivery is called: the recording's name with the ending of the coding. */
    public String fileName(String recording) {
        return Naming.stem(recording) + "." + coding.extension();
    }

    /** Whether a file is coded in a way that the client takes. */
    public boolean accepts(AudioInfo info) {
        return accepted.stream().anyMatch(c -> c.matches(info));
    }
}
