package app.redlamp.core.delivery.process;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.Signals;
import app.redlamp.core.units.Limits;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import java.util.function.Supplier;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BandPassTest extends ProcessorContract {
    @Override
    Processor processor() {
        return new BandPass(Limits.atLeast(80), false);
    }

    @Override
    List<Supplier<Processor>> impossible() {
        return List.of(() -> new BandPass(Limits.atLeast(0), false), () -> new BandPass(Limits.atLeast(-5), false));
    }

    /** 1 / √(1 + (corner / f)¹²) for 36 dB an octave, 1 / √(1 + (corner / f)⁴) for 12 (Butterworth; any filter table, from memory). */
    @ParameterizedTest
    @CsvSource({"20,true", "40,true", "56,true", "80,true", "112,true", "160,true", "20,false", "40,false", "80,false"})
    void fallsAsFastAsItSays(double hz, boolean steep) {
        int rate = 48_000;
        float[] tone = Signals.of(4 * rate, n -> 0.5 * Math.sin(2 * Math.PI * hz * n / rate));
        BandPass filter = new BandPass(Limits.atLeast(80), steep);
        float[] passed;
        try {
            passed = Signals.readAll(filter.over(Signals.source(rate, tone)), 512)[0];
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        double power = steep ? 12 : 4;
        double expected = -10 * Math.log10(1 + Math.pow(80 / hz, power));
        double level = Signals.rmsDbfs(Arrays.copyOfRange(passed, 2 * rate, 4 * rate))
                - Signals.rmsDbfs(Arrays.copyOfRange(tone, 2 * rate, 4 * rate));
        assertThat(level).isCloseTo(expected, within(0.05));
    }
}
