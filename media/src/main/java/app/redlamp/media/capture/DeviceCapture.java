package app.redlamp.media.capture;

import app.redlamp.core.port.Capture;
import app.redlamp.media.fault.Faults;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.TargetDataLine;

/** Listens to the sound devices of this machine. */
public final class DeviceCapture implements Capture {
    private static final String PREFIX = "device:";

    private final Devices devices;
    private final Set<DeviceLine> open = ConcurrentHashMap.newKeySet();

    DeviceCapture(Devices devices) {
        this.devices = devices;
    }

    public static DeviceCapture onThisMachine() {
        return new DeviceCapture(new JavaDevices());
    }

    @Override
    public List<Input> inputs() {
        List<Input> all = new ArrayList<>();
        for (Devices.Device device : devices.all()) {
            all.add(new Input(PREFIX + device.name(), device.name(), false, device.channels()));
        }
        return all;
    }

    @Override
    public Line open(Input input, Format format, Taker taker) throws CaptureException {
        Devices.Device device = devices.all().stream()
                .filter(d -> input.id().equals(PREFIX + d.name()))
                .findFirst()
                .orElseThrow(() ->
                        new CaptureException(Fault.GONE, Faults.say("device-capture.not-there", input.name()), null));
        AudioFormat wanted = new AudioFormat(format.sampleRateHz(), format.bits(), format.channels(), true, false);
        DeviceLine line = new DeviceLine(input, format, opened(device, wanted), taker, open::remove);
        open.add(line);
        line.start();
        return line;
    }

    private TargetDataLine opened(Devices.Device device, AudioFormat wanted) throws CaptureException {
        TargetDataLine line = null;
        try {
            line = devices.line(device, wanted);
            int bytes = ((int) (DeviceLine.BUFFER_S * rate(wanted))) * wanted.getFrameSize();
            line.open(wanted, bytes);
            line.start();
            return line;
        } catch (IllegalArgumentException e) {
            throw new CaptureException(Fault.WRONG_FORMAT, device.name() + ": " + e.getMessage(), e);
        } catch (SecurityException e) {
            throw new CaptureException(Fault.NOT_ALLOWED, device.name() + ": " + e.getMessage(), e);
        } catch (LineUnavailableException e) {
            close(line);
            boolean gone = devices.all().stream().noneMatch(d -> d.name().equals(device.name()));
            throw new CaptureException(gone ? Fault.GONE : reason(e), device.name() + ": " + e.getMessage(), e);
        }
    }

    private static int rate(AudioFormat format) {
        return Math.round(format.getSampleRate());
    }

    /** The JDK says no more than a text; formats are named in it, the rest is somebody else who has the device. */
    private static Fault reason(LineUnavailableException e) {
        String text = String.valueOf(e.getMessage()).toLowerCase(java.util.Locale.ROOT);
        if (text.contains("format") && !text.contains("in use") && !text.contains("busy")) {
            return Fault.WRONG_FORMAT;
        }
        return text.contains("permission") || text.contains("denied") ? Fault.NOT_ALLOWED : Fault.IN_USE;
    }

    private static void close(TargetDataLine line) {
        if (line != null) {
            line.close();
        }
    }

    @Override
    public void close() {
        List.copyOf(open).forEach(DeviceLine::close);
    }
}
