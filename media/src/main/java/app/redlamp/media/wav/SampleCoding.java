package app.redlamp.media.wav;

import app.redlamp.core.delivery.finish.Dither;
import app.redlamp.media.fault.Faults;
import java.nio.ByteBuffer;

/** How samples become bytes in a WAV file. */
public interface SampleCoding {

    /** 1 for integers, 3 for floats. Source: WAVE format tags (RFC 2361). */
    int formatTag();

    /** Bits of a sample. */
    int bits();

    /** Puts one sample, little-endian. */
    void put(ByteBuffer bytes, float sample);

    /**
     * For what was worked on as floats: rounded with triangular dither.
     *
     * @param bits 16 or 24
     * @throws IllegalArgumentException for any other
     */
    static SampleCoding dithered(int bits) {
        if (!(bits == 16 || bits == 24)) {
            throw new IllegalArgumentException(Faults.say("sample-coding.bit-must-be", bits));
        }
        return new Integers(bits, new Dither(bits)::quantise);
    }

    /**
     * For raw takes: what came in as integers goes out bit for bit. Samples are floats on their way, which hold 24 bits exactly; of
     * 32 bits they hold the upper 24 of each.
     *
     * @param bits 16, 24 or 32
     * @throws IllegalArgumentException for any other
     */
    static SampleCoding exact(int bits) {
        if (!(bits == 16 || bits == 24 || bits == 32)) {
            throw new IllegalArgumentException(Faults.say("sample-coding.bit-must-be-5", bits));
        }
        double scale = Math.pow(2, bits - 1);
        return new Integers(bits, sample -> {
            // A double holds every product exactly; a float would round 24 bits away near full scale.
            long value = Math.round(sample * scale);
            return (int) Math.max(-(long) scale, Math.min((long) scale - 1, value));
        });
    }

    /** 32-bit floats, as they are; above full scale too. */
    static SampleCoding floats() {
        return new SampleCoding() {
            @Override
            public int formatTag() {
                return 3;
            }

            @Override
            public int bits() {
                return 32;
            }

            @Override
            public void put(ByteBuffer bytes, float sample) {
                bytes.putFloat(sample);
            }
        };
    }

    /** Makes an integer of a sample. */
    @FunctionalInterface
    interface Rounding {
        int of(float sample);
    }

    /** Integers of two, three or four bytes. */
    record Integers(int bits, Rounding rounding) implements SampleCoding {
        @Override
        public int formatTag() {
            return 1;
        }

        @Override
        public void put(ByteBuffer bytes, float sample) {
            int value = rounding.of(sample);
            for (int at = 0; at < bits; at += 8) {
                bytes.put((byte) (value >> at));
            }
        }
    }
}
