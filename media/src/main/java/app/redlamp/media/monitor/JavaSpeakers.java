package app.redlamp.media.monitor;

import java.util.ArrayList;
import java.util.List;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.Line;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.Mixer;
import javax.sound.sampled.SourceDataLine;

/** The sound devices that the JDK finds. */
final class JavaSpeakers implements Speakers {

    @Override
    public List<String> all() {
        List<String> found = new ArrayList<>();
        for (Mixer.Info info : AudioSystem.getMixerInfo()) {
            if (AudioSystem.getMixer(info).isLineSupported(new Line.Info(SourceDataLine.class))) {
                found.add(info.getName());
            }
        }
        return found;
    }

    @Override
    public SourceDataLine line(String device, AudioFormat format) throws LineUnavailableException {
        for (Mixer.Info info : AudioSystem.getMixerInfo()) {
            if (info.getName().equals(device)) {
                return (SourceDataLine)
                        AudioSystem.getMixer(info).getLine(new DataLine.Info(SourceDataLine.class, format));
            }
        }
        throw new LineUnavailableException(device + " is not there");
    }
}
