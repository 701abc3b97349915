package app.redlamp.media.monitor;

import app.redlamp.core.port.Capture.CaptureException;
import app.redlamp.core.port.Monitoring;
import java.util.ArrayList;
import java.util.List;

/** All outputs: the sound devices, and those of the simulated booth after them. */
public final class Outputs implements Monitoring {
    private final Monitoring devices;
    private final Monitoring booth;

    public Outputs(Monitoring devices, Monitoring booth) {
        this.devices = devices;
        this.booth = booth;
    }

    @Override
    public List<Output> outputs() {
        List<Output> all = new ArrayList<>(devices.outputs());
        all.addAll(booth.outputs());
        return all;
    }

    @Override
    public Ears open(Output output, int sampleRateHz) throws CaptureException {
        return (output.simulated() ? booth : devices).open(output, sampleRateHz);
    }

    @Override
    public void close() {
        devices.close();
        booth.close();
    }
}
