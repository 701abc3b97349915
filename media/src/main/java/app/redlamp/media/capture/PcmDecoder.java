package app.redlamp.media.capture;

/** Turns bytes of a sound device, signed and little-endian, into samples. */
final class PcmDecoder {
    private final int bytesASample;
    private final int channels;

    /** @param bits 16, 24 or 32 */
    PcmDecoder(int bits, int channels) {
        bytesASample = bits / 8;
        this.channels = channels;
    }

    int frameBytes() {
        return bytesASample * channels;
    }

    void decode(byte[] bytes, float[][] block, int frames) {
        float scale = (float) Math.pow(2, 1 - 8 * bytesASample);
        int at = 0;
        for (int n = 0; n < frames; n++) {
            for (int c = 0; c < channels; c++) {
                int value = bytes[at + bytesASample - 1];
                for (int b = bytesASample - 2; b >= 0; b--) {
                    value = (value << 8) | (bytes[at + b] & 0xff);
                }
                block[c][n] = value * scale;
                at += bytesASample;
            }
        }
    }
}
