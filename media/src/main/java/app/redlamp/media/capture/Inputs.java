package app.redlamp.media.capture;

import app.redlamp.core.port.Capture;
import java.util.ArrayList;
import java.util.List;

/** All inputs: the sound devices, and the simulated booth after them. */
public final class Inputs implements Capture {
    private final Capture devices;
    private final Capture booth;

    public Inputs(Capture devices, Capture booth) {
        this.devices = devices;
        this.booth = booth;
    }

    @Override
    public List<Input> inputs() {
        List<Input> all = new ArrayList<>(devices.inputs());
        all.addAll(booth.inputs());
        return all;
    }

    @Override
    public Line open(Input input, Format format, Taker taker) throws CaptureException {
        return (input.simulated() ? booth : devices).open(input, format, taker);
    }

    @Override
    public void close() {
        devices.close();
        booth.close();
    }
}
