package app.redlamp.media.capture;

import java.util.ArrayList;
import java.util.List;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.Line;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.Mixer;
import javax.sound.sampled.TargetDataLine;

/** The sound devices that the JDK finds. */
final class JavaDevices implements Devices {
    private static final int USUAL_CHANNELS = 2;

    @Override
    public List<Device> all() {
        List<Device> found = new ArrayList<>();
        for (Mixer.Info info : AudioSystem.getMixerInfo()) {
            Mixer mixer = AudioSystem.getMixer(info);
            if (mixer.isLineSupported(new Line.Info(TargetDataLine.class))) {
                found.add(new Device(info.getName(), channels(mixer)));
            }
        }
        return found;
    }

    private static int channels(Mixer mixer) {
        int most = 0;
        for (Line.Info info : mixer.getTargetLineInfo(new Line.Info(TargetDataLine.class))) {
            if (info instanceof DataLine.Info line) {
                for (AudioFormat format : line.getFormats()) {
                    most = Math.max(most, format.getChannels());
                }
            }
        }
        return most > 0 ? most : USUAL_CHANNELS;
    }

    @Override
    public TargetDataLine line(Device device, AudioFormat format) throws LineUnavailableException {
        for (Mixer.Info info : AudioSystem.getMixerInfo()) {
            if (info.getName().equals(device.name())) {
                return (TargetDataLine)
                        AudioSystem.getMixer(info).getLine(new DataLine.Info(TargetDataLine.class, format));
            }
        }
        throw new LineUnavailableException(device.name() + " is not there");
    }
}
