package app.redlamp.media.monitor;

import app.redlamp.core.port.Monitoring.Ears;
import java.util.Arrays;
import java.util.function.Consumer;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.SourceDataLine;

/** A sound device that is heard through, in 16 bit on two channels. Nobody who plays is ever held up by it. */
final class DeviceEars implements Ears {
    /** What the device can take; more of it would only be more delay. */
    static final double BUFFER_S = 0.04;

    static final int CHANNELS = 2;
    static final int BITS = 16;

    private static final int FRAME_BYTES = CHANNELS * BITS / 8;

    private final SourceDataLine line;
    private final double sampleRateHz;
    private final Consumer<DeviceEars> whenClosed;
    private byte[] bytes = new byte[0];
    private volatile boolean closed;

    /** @param line open and started */
    DeviceEars(SourceDataLine line, Consumer<DeviceEars> whenClosed) {
        this.line = line;
        this.whenClosed = whenClosed;
        sampleRateHz = line.getFormat().getSampleRate();
        rest();
    }

    static AudioFormat format(int sampleRateHz) {
        return new AudioFormat(sampleRateHz, BITS, CHANNELS, true, false);
    }

    /** Half a buffer of silence: the first block may come a little late. */
    private void rest() {
        int half = line.getBufferSize() / FRAME_BYTES / 2;
        line.write(new byte[half * FRAME_BYTES], 0, half * FRAME_BYTES);
    }

    @Override
    public double latencyS() {
        int waiting = Math.max(0, line.getBufferSize() - line.available()) / FRAME_BYTES;
        return waiting / sampleRateHz;
    }

    @Override
    public void play(float[] samples, int frames) {
        if (closed || !line.isOpen()) {
            return;
        }
        if (line.available() >= line.getBufferSize()) {
            rest();
        }
        int count = Math.min(frames, line.available() / FRAME_BYTES);
        if (bytes.length < count * FRAME_BYTES) {
            bytes = Arrays.copyOf(bytes, count * FRAME_BYTES);
        }
        for (int n = 0; n < count; n++) {
            int value = Math.round(Math.max(-1f, Math.min(1f, samples[n])) * Short.MAX_VALUE);
            for (int c = 0; c < CHANNELS; c++) {
                int at = n * FRAME_BYTES + 2 * c;
                bytes[at] = (byte) value;
                bytes[at + 1] = (byte) (value >> 8);
            }
        }
        line.write(bytes, 0, count * FRAME_BYTES);
    }

    @Override
    public boolean gone() {
        return !closed && !line.isOpen();
    }

    @Override
    public void close() {
        if (!closed) {
            closed = true;
            line.stop();
            line.flush();
            line.close();
            whenClosed.accept(this);
        }
    }
}
