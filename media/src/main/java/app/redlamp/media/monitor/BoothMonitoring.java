package app.redlamp.media.monitor;

import app.redlamp.core.booth.Loudspeaker;
import app.redlamp.core.port.Capture.CaptureException;
import app.redlamp.core.port.Capture.Fault;
import app.redlamp.core.port.Monitoring;
import app.redlamp.media.capture.BoothCapture;
import java.util.List;
import java.util.Optional;

/** What can be heard through in the simulated booth: headphones that let out next to nothing, and a loudspeaker that is on. */
public final class BoothMonitoring implements Monitoring {
    public static final String HEADPHONES = "booth:headphones";
    public static final String LOUDSPEAKER = "booth:loudspeaker";

    private final BoothCapture booth;
    private Optional<BoothEars> open = Optional.empty();

    public BoothMonitoring(BoothCapture booth) {
        this.booth = booth;
    }

    @Override
    public List<Output> outputs() {
        return List.of(new Output(HEADPHONES, "", true, false), new Output(LOUDSPEAKER, "", true, true));
    }

    @Override
    public synchronized Ears open(Output output, int sampleRateHz) throws CaptureException {
        if (open.filter(e -> !e.closed).isPresent()) {
            throw new CaptureException(Fault.IN_USE, "the booth is monitored already", null);
        }
        Loudspeaker sound = switch (output.id()) {
            case HEADPHONES -> Loudspeaker.headphones(sampleRateHz);
            case LOUDSPEAKER -> Loudspeaker.onTheDesk(sampleRateHz);
            default -> throw new CaptureException(Fault.GONE, output.id() + " is not there", null);
        };
        BoothEars ears = new BoothEars(sound);
        booth.hearing(Optional.of(sound));
        open = Optional.of(ears);
        return ears;
    }

    @Override
    public synchronized void close() {
        open.ifPresent(BoothEars::close);
    }

    private final class BoothEars implements Ears {
        private final Loudspeaker sound;
        private volatile boolean closed;

        BoothEars(Loudspeaker sound) {
            this.sound = sound;
        }

        @Override
        public double latencyS() {
            return sound.delayS();
        }

        @Override
        public void play(float[] samples, int frames) {
            if (!closed) {
                sound.play(samples, frames);
            }
        }

        @Override
        public boolean gone() {
            return false;
        }

        @Override
        public void close() {
            if (!closed) {
                closed = true;
                booth.hearing(Optional.empty());
            }
        }
    }
}
