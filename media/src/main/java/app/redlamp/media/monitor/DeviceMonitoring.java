package app.redlamp.media.monitor;

import app.redlamp.core.port.Capture.CaptureException;
import app.redlamp.core.port.Capture.Fault;
import app.redlamp.core.port.Monitoring;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;

/** Monitors through the sound devices of this machine. */
public final class DeviceMonitoring implements Monitoring {
    private static final String PREFIX = "device:";

    /** What operating systems call loudspeakers. */
    private static final List<String> LOUDSPEAKERS = List.of("speaker", "lautsprecher", "haut-parleur", "altavo");

    private final Speakers speakers;
    private final Set<DeviceEars> open = ConcurrentHashMap.newKeySet();

    DeviceMonitoring(Speakers speakers) {
        this.speakers = speakers;
    }

    public static DeviceMonitoring onThisMachine() {
        return new DeviceMonitoring(new JavaSpeakers());
    }

    @Override
    public List<Output> outputs() {
        return speakers.all().stream()
                .map(name -> new Output(PREFIX + name, name, false, loudspeaker(name)))
                .toList();
    }

    private static boolean loudspeaker(String name) {
        String lower = name.toLowerCase(Locale.ROOT);
        return LOUDSPEAKERS.stream().anyMatch(lower::contains);
    }

    @Override
    public Ears open(Output output, int sampleRateHz) throws CaptureException {
        AudioFormat format = DeviceEars.format(sampleRateHz);
        Stream<String> there = speakers.all().stream();
        if (there.noneMatch(output.name()::equals)) {
            throw new CaptureException(Fault.GONE, output.name() + " is not there", null);
        }
        SourceDataLine line = null;
        try {
            line = speakers.line(output.name(), format);
            line.open(format, ((int) (DeviceEars.BUFFER_S * sampleRateHz)) * format.getFrameSize());
            line.start();
        } catch (IllegalArgumentException e) {
            close(line);
            throw new CaptureException(Fault.WRONG_FORMAT, output.name() + ": " + e.getMessage(), e);
        } catch (SecurityException e) {
            close(line);
            throw new CaptureException(Fault.NOT_ALLOWED, output.name() + ": " + e.getMessage(), e);
        } catch (LineUnavailableException e) {
            close(line);
            throw new CaptureException(Fault.IN_USE, output.name() + ": " + e.getMessage(), e);
        }
        DeviceEars ears = new DeviceEars(line, open::remove);
        open.add(ears);
        return ears;
    }

    private static void close(SourceDataLine line) {
        if (line != null) {
            line.close();
        }
    }

    @Override
    public void close() {
        List.copyOf(open).forEach(DeviceEars::close);
    }
}
