package app.redlamp.media.wav;

import java.nio.ByteBuffer;
import java.util.Optional;

/** How samples are laid down in an uncompressed file, little-endian, and how they become floats of full scale ±1. */
enum SampleFormat {
    UNSIGNED_8(1, "pcm_u8"),
    SIGNED_16(2, "pcm_s16le"),
    SIGNED_24(3, "pcm_s24le"),
    SIGNED_32(4, "pcm_s32le"),
    FLOAT_32(4, "pcm_f32le"),
    FLOAT_64(8, "pcm_f64le");

    private static final int PCM = 1;
    private static final int FLOAT = 3;

    private final int bytes;
    private final String codec;

    SampleFormat(int bytes, String codec) {
        this.bytes = bytes;
        this.codec = codec;
    }

    /** Absent for a coding or a size that is not read here. */
    static Optional<SampleFormat> of(int tag, int bytes) {
        for (SampleFormat format : values()) {
            if (format.bytes == bytes && tag == format.tag()) {
                return Optional.of(format);
            }
        }
        return Optional.empty();
    }

    /** Tag in a format chunk (RFC 2361). */
    int tag() {
        return this == FLOAT_32 || this == FLOAT_64 ? FLOAT : PCM;
    }

    int bytes() {
        return bytes;
    }

    /** Name of the coding, such as {@code pcm_s24le}. */
    String codec() {
        return codec;
    }

    /** Takes {@code frames} frames out of a buffer whose position is 0. */
    void decode(ByteBuffer from, float[][] into, int frames) {
        int channels = into.length;
        switch (this) {
            case UNSIGNED_8 -> {
                for (int c = 0; c < channels; c++) {
                    float[] samples = into[c];
                    for (int i = 0; i < frames; i++) {
                        samples[i] = ((from.get(i * channels + c) & 0xFF) - 128) / 128f;
                    }
                }
            }
            case SIGNED_16 -> {
                short[] values = new short[frames * channels];
                from.asShortBuffer().get(values);
                for (int c = 0; c < channels; c++) {
                    float[] samples = into[c];
                    for (int i = 0; i < frames; i++) {
                        samples[i] = values[i * channels + c] * 0x1p-15f;
                    }
                }
            }
            case SIGNED_24 -> {
                byte[] values = new byte[frames * channels * 3];
                from.get(0, values);
                for (int c = 0; c < channels; c++) {
                    float[] samples = into[c];
                    for (int i = 0, at = 3 * c; i < frames; i++, at += 3 * channels) {
                        int value = (values[at] & 0xFF) | (values[at + 1] & 0xFF) << 8 | values[at + 2] << 16;
                        samples[i] = value * 0x1p-23f;
                    }
                }
            }
            case SIGNED_32 -> {
                int[] values = new int[frames * channels];
                from.asIntBuffer().get(values);
                for (int c = 0; c < channels; c++) {
                    float[] samples = into[c];
                    for (int i = 0; i < frames; i++) {
                        samples[i] = values[i * channels + c] * 0x1p-31f;
                    }
                }
            }
            case FLOAT_32 -> {
                float[] values = new float[frames * channels];
                from.asFloatBuffer().get(values);
                for (int c = 0; c < channels; c++) {
                    float[] samples = into[c];
                    for (int i = 0; i < frames; i++) {
                        samples[i] = values[i * channels + c];
                    }
                }
            }
            case FLOAT_64 -> {
                double[] values = new double[frames * channels];
                from.asDoubleBuffer().get(values);
                for (int c = 0; c < channels; c++) {
                    float[] samples = into[c];
                    for (int i = 0; i < frames; i++) {
                        samples[i] = (float) values[i * channels + c];
                    }
                }
            }
        }
    }
}
