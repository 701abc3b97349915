package app.redlamp.media.play;

import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.util.Optional;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.Mixer;
import javax.sound.sampled.SourceDataLine;

/** A sound device of the JDK, played in 16 bit. */
public final class DeviceOutput implements SoundOutput {
    private static final double BUFFER_S = 0.2;

    private final Mixer.Info device;

    private DeviceOutput(Mixer.Info device) {
        this.device = device;
    }

    /** The first device that plays; absent where there is none. */
    public static Optional<DeviceOutput> first() {
        for (Mixer.Info info : AudioSystem.getMixerInfo()) {
            if (AudioSystem.getMixer(info).isLineSupported(new DataLine.Info(SourceDataLine.class, null))) {
                return Optional.of(new DeviceOutput(info));
            }
        }
        return Optional.empty();
    }

    @Override
    public String name() {
        return device.getName();
    }

    @Override
    public boolean simulated() {
        return false;
    }

    @Override
    public Line open(int sampleRateHz, int channels) throws IOException {
        AudioFormat format = new AudioFormat(sampleRateHz, 16, channels, true, false);
        try {
            SourceDataLine line = AudioSystem.getSourceDataLine(format, device);
            line.open(format, ((int) (BUFFER_S * sampleRateHz)) * format.getFrameSize());
            line.start();
            return new DeviceLine(line, channels);
        } catch (LineUnavailableException | IllegalArgumentException | SecurityException e) {
            throw new IOException(Faults.say("device-output.does-not-play", device.getName(), sampleRateHz), e);
        }
    }

    private static final class DeviceLine implements Line {
        private final SourceDataLine line;
        private final int channels;
        private byte[] bytes = new byte[0];

        DeviceLine(SourceDataLine line, int channels) {
            this.line = line;
            this.channels = channels;
        }

        @Override
        public void write(float[][] block, int frames) throws IOException {
            int wanted = frames * channels * 2;
            if (bytes.length < wanted) {
                bytes = new byte[wanted];
            }
            int at = 0;
            for (int i = 0; i < frames; i++) {
                for (int c = 0; c < channels; c++) {
                    int value = Math.round(Math.max(-1f, Math.min(1f, block[c][i])) * 32767);
                    bytes[at++] = (byte) value;
                    bytes[at++] = (byte) (value >> 8);
                }
            }
            if (line.write(bytes, 0, wanted) < wanted && !Thread.currentThread().isInterrupted()) {
                throw new IOException(Faults.say("device-output.sound-device-is"));
            }
        }

        @Override
        public long heard() {
            return line.getLongFramePosition();
        }

        @Override
        public void drain() {
            line.drain();
        }

        @Override
        public void close() {
            line.flush();
            line.close();
        }
    }
}
