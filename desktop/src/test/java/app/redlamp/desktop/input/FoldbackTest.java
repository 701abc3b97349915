package app.redlamp.desktop.input;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.Mockito.clearInvocations;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.redlamp.core.measure.voice.Echo;
import app.redlamp.core.port.Monitoring.Ears;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** What the capturing thread does while somebody monitors; the headphones are a stand-in. */
class FoldbackTest {
    private static final int RATE = 48_000;
    private static final int BLOCK = 480;

    private final Ears ears = mock(Ears.class);
    private final List<String> told = new ArrayList<>();
    private final Foldback foldback = new Foldback(ears, RATE, 0.01, new Foldback.Listener() {
        @Override
        public void echoes(Optional<Echo> echo) {
            told.add(echo.map(e -> "echo " + Math.round(1000 * e.delayS())).orElse("no echo"));
        }

        @Override
        public void howls(double hz) {
            told.add("howl");
        }

        @Override
        public void gone() {
            told.add("gone");
        }
    });

    private final SplittableRandom random = new SplittableRandom(5);
    private final float[] past = new float[RATE];
    private int at;

    /** Noise that comes back after 50 ms, so much softer. */
    private void noise(double seconds, double echo) {
        float[][] block = new float[1][BLOCK];
        for (int n = 0; n < seconds * RATE; n += BLOCK) {
            for (int i = 0; i < BLOCK; i++) {
                float later = past[(at + RATE - 2400) % RATE];
                block[0][i] = (float) (0.05 * random.nextGaussian() + echo * later);
                past[at] = block[0][i];
                at = (at + 1) % RATE;
            }
            foldback.take(block, BLOCK, 0);
        }
    }

    @Test
    void whatIsHeardIsPlayedBlockByBlock() {
        noise(0.1, 0);
        verify(ears, times(10)).play(any(), anyInt());
        assertThat(told).isEmpty();
    }

    /** Told once when it comes and once when it is gone, not every second. */
    @Test
    void anEchoIsToldWhenItComesAndWhenItGoes() {
        noise(8, 0.3);
        assertThat(told).containsExactly("echo 50");
        noise(40, 0);
        assertThat(told).containsExactly("echo 50", "no echo");
    }

    @Test
    void aHowlIsToldOnceAndNothingMoreIsPlayed() {
        float[][] block = new float[1][RATE];
        for (int n = 0; n < RATE; n++) {
            block[0][n] = (float) Math.min(0.9, 0.001 * Math.exp(7.0 * n / RATE))
                    * (float) Math.sin(2 * Math.PI * 1200 * n / RATE);
        }
        foldback.take(block, RATE, 0);
        clearInvocations(ears);
        foldback.take(block, RATE, 0);
        assertThat(told).containsExactly("howl");
        verify(ears, never()).play(any(), anyInt());
    }

    @Test
    void headphonesThatArePulledOutAreToldOnce() {
        when(ears.gone()).thenReturn(true);
        noise(5, 0);
        assertThat(told).containsExactly("gone");
    }
}
