package app.redlamp.desktop.input;

import app.redlamp.core.measure.voice.Echo;
import app.redlamp.core.port.Monitoring.Ears;
import app.redlamp.core.setting.monitor.EchoDetector;
import app.redlamp.core.setting.monitor.HowlDetector;
import app.redlamp.core.setting.monitor.MonitorMix;
import java.util.Optional;

/** What goes from the microphone to the ears while it is monitored: works on the capturing thread, and mutes itself when it howls. */
final class Foldback implements InputModel.Sink {
    private static final double LOOKS_S = 1;

    /** The device may be quicker than it says. */
    private static final double SOONER = 0.5;

    private final Ears ears;
    private final MonitorMix mix;
    private final HowlDetector howls;
    private final EchoDetector echoes;
    private final double inputS;
    private final int lookEvery;
    private final Listener listener;
    private float[] heard = new float[0];
    private float[] out = new float[0];
    private int sinceLook;
    private Optional<Echo> told = Optional.empty();
    private boolean over;
    private volatile double latencyS;

    /** Told on the capturing thread. */
    interface Listener {
        /** Something comes back, or no longer. */
        void echoes(Optional<Echo> echo);

        /** It howled at a frequency in Hz, and is muted. */
        void howls(double hz);

        /** The output is not there any more. */
        void gone();
    }

    /** @param inputS from the microphone to here, in seconds */
    Foldback(Ears ears, int sampleRateHz, double inputS, Listener listener) {
        this.ears = ears;
        this.inputS = inputS;
        this.listener = listener;
        mix = new MonitorMix(sampleRateHz);
        howls = new HowlDetector(sampleRateHz);
        echoes = new EchoDetector(sampleRateHz);
        lookEvery = (int) (LOOKS_S * sampleRateHz);
        latencyS = ears.latencyS();
    }

    Ears ears() {
        return ears;
    }

    void turn(double db) {
        mix.turn(db);
    }

    void mute() {
        mix.mute();
    }

    /** From here to the ear, in seconds, as it was last. */
    double latencyS() {
        return latencyS;
    }

    @Override
    public void take(float[][] block, int frames, long lost) {
        if (over) {
            return;
        }
        if (out.length < frames) {
            heard = new float[frames];
            out = new float[frames];
        }
        mix.mix(block, frames, heard, out);
        howls.accept(heard, frames).ifPresent(hz -> {
            over = true;
            mix.mute();
            listener.howls(hz);
        });
        if (!over) {
            ears.play(out, frames);
            echoes.accept(heard, frames);
            look(frames);
        }
    }

    private void look(int frames) {
        sinceLook += frames;
        if (sinceLook < lookEvery) {
            return;
        }
        sinceLook = 0;
        if (ears.gone()) {
            over = true;
            listener.gone();
            return;
        }
        latencyS = ears.latencyS();
        Optional<Echo> now = echoes.echo(SOONER * (inputS + latencyS));
        if (now.isPresent() != told.isPresent()) {
            told = now;
            listener.echoes(now);
        }
    }
}
