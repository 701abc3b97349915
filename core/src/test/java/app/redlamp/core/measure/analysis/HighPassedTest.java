package app.redlamp.core.measure.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.voice.VoiceSpectrum;
import app.redlamp.core.signal.Signals;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HighPassedTest {
    private static final int RATE = 44_100;

    /** A steep high-pass begins below the lowest strokes of a voice, and never above the usual corner. */
    @ParameterizedTest
    @CsvSource({"90,3", "110,4", "150,5", "220,6"})
    void aSteepHighPassStaysBelowTheVoice(double pitchHz, long seed) {
        float[] read = Speaker.reads(RATE, 20, pitchHz, seed);
        float[] noise = Signals.noise(-75, 20, RATE, seed);
        HighPassed.Steeper steeper = Measured.report(RATE, Signals.of(read.length, n -> read[n] + noise[n]))
                .highPassed()
                .steeper()
                .orElseThrow();
        assertThat(steeper.cornerHz()).isBetween(47.0, 80.0).isLessThan(0.95 * pitchHz);
    }

    /** Voices of which the lowest third that holds some is that of 63, 80, 100 and 125 Hz: 0.85 of its lower edge, at most 80 Hz. */
    @ParameterizedTest
    @CsvSource({"0,47.80", "1,60.18", "2,75.76", "3,80", "5,80"})
    void theCornerFollowsTheLowestThird(int band, double expectedHz) {
        List<Double> levels = new ArrayList<>(Collections.nCopies(25, -12.0));
        for (int b = 0; b < band; b++) {
            levels.set(b, -31.0 - b);
        }
        levels.set(band, -29.0);
        VoiceSpectrum voice = new VoiceSpectrum(levels, levels, Optional.empty());
        assertThat(HighPassed.steepCornerHz(voice)).isCloseTo(expectedHz, within(0.01));
    }

    /** A tone below, whose level behind 36 dB an octave is known; what a short window smears upwards makes it look louder, never softer. */
    @ParameterizedTest
    @CsvSource({"20,-40,1", "31,-46,2", "12,-30,3"})
    void whatItLeavesIsKnown(double rumbleHz, double rumbleDbfs, long seed) {
        float[] read = Speaker.reads(RATE, 20, 160, seed);
        float[] noise = Signals.noise(-82, 20, RATE, seed);
        double amplitude = Math.sqrt(2) * Math.pow(10, rumbleDbfs / 20);
        HighPassed behind = Measured.report(
                        RATE,
                        Signals.of(
                                read.length,
                                n -> read[n] + noise[n] + amplitude * Math.sin(2 * Math.PI * rumbleHz * n / RATE)))
                .highPassed();
        double corner = behind.steeper().orElseThrow().cornerHz();
        double left = rumbleDbfs - 10 * Math.log10(1 + Math.pow(corner / rumbleHz, 12));
        double together = 10 * Math.log10(Math.pow(10, left / 10) + Math.pow(10, -8.2));
        assertThat(behind.steeper().orElseThrow().noisiestDbfs()).isBetween(together - 0.5, together + 3);
        assertThat(behind.noisiestDbfs().orElseThrow())
                .isGreaterThan(behind.steeper().orElseThrow().noisiestDbfs());
    }
}
