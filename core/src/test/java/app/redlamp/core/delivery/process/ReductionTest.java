package app.redlamp.core.delivery.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.Signals;
import java.io.IOException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Tones over the ceiling for known times: what the limiter says of itself against what was put in. */
class ReductionTest {

    /** Three seconds of a ten-second tone lie so far over the ceiling; the release adds what it takes to come back to 3 dB. */
    @ParameterizedTest
    @CsvSource({"44100,2,0", "48000,4,3", "44100,6.5,3", "96000,9,3", "32000,12,3"})
    void whatIsTurnedDownIsTold(int rate, double overDb, double heldS) throws IOException {
        float[] soft = Signals.sine(700, -9, 3.5, rate);
        float[] samples = Signals.join(soft, Signals.sine(700, -6 + overDb, 3, rate), soft);
        Processor.Run run = new Limiter(-6).over(Signals.source(rate, samples));
        Signals.readAll(run, 4096);
        assertThat(run.reduction().mostDb()).isCloseTo(overDb, within(0.2));
        assertThat(run.reduction().heldS()).isBetween(heldS, heldS == 0 ? 0 : heldS + 0.2);
    }

    @Test
    void sixDecibelsOrATenthOfTheSpeechAreTooMuch() {
        assertThat(new Reduction(5.9, 0.9).heavy(10)).isFalse();
        assertThat(new Reduction(6.1, 0).heavy(10)).isTrue();
        assertThat(new Reduction(4, 1.1).heavy(10)).isTrue();
        assertThat(Reduction.NONE.heavy(0)).isFalse();
        assertThat(new Reduction(4, 3).share(10)).isEqualTo(0.3);
        assertThat(new Reduction(4, 3).share(0)).isZero();
    }
}
