package app.redlamp.media.ffmpeg;

import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_FLTP;
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_S16;
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_S32;

import app.redlamp.core.delivery.spec.DeliveryFormat;
import app.redlamp.media.fault.Faults;
import java.nio.ByteBuffer;
import java.util.OptionalInt;

/**
 * How a file is coded.
 *
 * @param encoder the codec library's name of the encoder
 * @param muxer its name of the container
 * @param bits bits a sample of lossless codings
 * @param bitRateKbps constant bit rate of MP3
 */
public record Encoding(String encoder, String muxer, OptionalInt bits, OptionalInt bitRateKbps) {

    public static Encoding mp3(int kbps) {
        return new Encoding("libmp3lame", "mp3", OptionalInt.empty(), OptionalInt.of(kbps));
    }

    /** @param bits 16 or 24 */
    public static Encoding flac(int bits) {
        return new Encoding("flac", "flac", OptionalInt.of(bits), OptionalInt.empty());
    }

    /** @param bits 16 or 24 */
    public static Encoding aiff(int bits) {
        return new Encoding(bits == 16 ? "pcm_s16be" : "pcm_s24be", "aiff", OptionalInt.of(bits), OptionalInt.empty());
    }

    /** G.711, µ-law. */
    public static Encoding muLaw() {
        return new Encoding("pcm_mulaw", "wav", OptionalInt.empty(), OptionalInt.empty());
    }

    /** G.711, A-law. */
    public static Encoding aLaw() {
        return new Encoding("pcm_alaw", "wav", OptionalInt.empty(), OptionalInt.empty());
    }

    /** @throws IllegalArgumentException for a format that needs no encoder, or that is not written */
    public static Encoding of(DeliveryFormat format) {
        return switch (format.coding()) {
            case MP3 -> mp3(format.bitRateKbps().orElseThrow());
            case FLAC -> flac(format.bitDepth().orElseThrow());
            case AIFF -> aiff(format.bitDepth().orElseThrow());
            case MU_LAW -> muLaw();
            case A_LAW -> aLaw();
            case WAV, AAC ->
                throw new IllegalArgumentException(Faults.say("encoding.needs-no-encoder", format.coding()));
        };
    }

    boolean planar() {
        return bitRateKbps.isPresent();
    }

    int sampleFormat() {
        return planar() ? AV_SAMPLE_FMT_FLTP : bits.orElse(16) == 24 ? AV_SAMPLE_FMT_S32 : AV_SAMPLE_FMT_S16;
    }

    int sampleBytes() {
        return sampleFormat() == AV_SAMPLE_FMT_S16 ? 2 : 4;
    }

    /**
     * What the encoder leaves of an amplitude, measured on tones at 44.1 and 48 kHz: 0.95 up to 160 kbit/s, 0.97 at
     * 192, 0.98 at 224, all of it from 256 on.
     */
    double attenuation() {
        int kbps = bitRateKbps.orElse(320);
        return kbps <= 160 ? 0.95 : kbps <= 192 ? 0.97 : kbps <= 224 ? 0.98 : 1;
    }

    /** Puts a sample at an index of a plane, rounded to what the coding holds. */
    void put(ByteBuffer plane, int index, float sample) {
        if (planar()) {
            plane.putFloat(index * 4, sample);
        } else if (sampleBytes() == 2) {
            plane.putShort(index * 2, (short) rounded(sample, 1 << 15));
        } else {
            plane.putInt(index * 4, rounded(sample, 1 << 23) << 8);
        }
    }

    private static int rounded(float sample, int scale) {
        return (int) Math.max(-scale, Math.min(scale - 1, Math.rint((double) sample * scale)));
    }
}
