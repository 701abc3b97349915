package app.redlamp.core.setting.monitor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.voice.Echo;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MonitorTest {
    private static final int RATE = 48_000;

    private static float[] settled(MonitorMix mix, float... channels) {
        float[][] block = new float[channels.length][RATE];
        for (int c = 0; c < channels.length; c++) {
            java.util.Arrays.fill(block[c], channels[c]);
        }
        float[] out = new float[RATE];
        mix.mix(block, RATE, new float[RATE], out);
        return out;
    }

    private static double db(float x) {
        return 20 * Math.log10(Math.abs(x));
    }

    @Test
    void itBeginsLowAndSoftly() {
        float[] out = settled(new MonitorMix(RATE), 1);
        assertThat(out[0]).isLessThan(0.001f);
        assertThat(db(out[RATE - 1])).isCloseTo(MonitorMix.START_DB, within(0.01));
    }

    @ParameterizedTest
    @CsvSource({"-12, -12", "0, 0", "20, 0", "-100, -60"})
    void itTurnsWithinItsRange(double asked, double got) {
        MonitorMix mix = new MonitorMix(RATE);
        mix.turn(asked);
        assertThat(db(settled(mix, 1)[RATE - 1])).isCloseTo(got, within(0.01));
    }

    @Test
    void mutedItIsSilentAtOnce() {
        MonitorMix mix = new MonitorMix(RATE);
        mix.turn(0);
        settled(mix, 1);
        mix.mute();
        assertThat(settled(mix, 1)).containsOnly(0);
    }

    @Test
    void hostsAreMixedAndWhatIsNoNumberIsSilence() {
        MonitorMix mix = new MonitorMix(RATE);
        mix.turn(0);
        assertThat(settled(mix, 0.5f, Float.NaN)[RATE - 1]).isCloseTo(0.25f, within(0.001f));
        assertThat(settled(mix, 30)[RATE - 1]).isCloseTo(1, within(0.001f));
    }

    /** A line that grows 2 dB every 50 ms out of noise, as a loop 2 dB over its limit does. */
    @ParameterizedTest
    @ValueSource(doubles = {250, 1000, 3150, 7000})
    void aLineThatGrowsHowls(double hz) {
        HowlDetector detector = new HowlDetector(RATE);
        double found = -1;
        for (int n = 0; n < 2 * RATE && found < 0; n += 480) {
            float[] block = new float[480];
            SplittableRandom random = new SplittableRandom(n);
            for (int i = 0; i < block.length; i++) {
                double t = (double) (n + i) / RATE;
                double size = Math.min(1, 0.001 * Math.pow(10, 2 * t / 0.05 / 20));
                block[i] = (float) (size * Math.sin(2 * Math.PI * hz * t) + 0.001 * random.nextGaussian());
            }
            found = detector.accept(block, block.length).orElse(-1);
        }
        assertThat(found).isCloseTo(hz, within(30.0));
    }

    /** Hum that stays as it is, and a voice with harmonics that swells, are no howl. */
    @ParameterizedTest
    @CsvSource({"0.05, 0, 100", "0.05, 0, 1000", "0.05, 3, 220", "0.2, 6, 140"})
    void whatStaysOrHasHarmonicsDoesNot(double size, double swellDb, double hz) {
        HowlDetector detector = new HowlDetector(RATE);
        float[] all = new float[2 * RATE];
        for (int n = 0; n < all.length; n++) {
            double t = (double) n / RATE;
            double now = size * Math.pow(10, swellDb * t / 20);
            double harmonics = swellDb > 0 ? 0.5 * Math.sin(4 * Math.PI * hz * t) : 0;
            all[n] = (float) (now * (Math.sin(2 * Math.PI * hz * t) + harmonics) / 1.5);
        }
        assertThat(detector.accept(all, all.length)).isEmpty();
    }

    /** Noise with itself, later and softer: both are known. */
    @ParameterizedTest
    @CsvSource({"0.030, -6", "0.047, -12", "0.090, -20", "0.120, -24"})
    void anEchoIsToldWithItsTimeAndLevel(double delayS, double levelDb) {
        EchoDetector detector = new EchoDetector(RATE);
        float[] all = echoing(delayS, levelDb, 12);
        detector.accept(all, all.length);
        Echo echo = detector.echo(0.02).orElseThrow();
        assertThat(echo.delayS()).isCloseTo(delayS, within(0.0005));
        assertThat(echo.levelDb()).isCloseTo(levelDb, within(2.0));
    }

    @Test
    void anEchoThatIsTooSoftOrTooSoonOrTooShortIsNotTold() {
        EchoDetector soft = new EchoDetector(RATE);
        float[] whisper = echoing(0.047, -40, 12);
        soft.accept(whisper, whisper.length);
        assertThat(soft.echo(0.02)).isEmpty();
        EchoDetector near = new EchoDetector(RATE);
        float[] wall = echoing(0.008, -8, 12);
        near.accept(wall, wall.length);
        assertThat(near.echo(0.02)).isEmpty();
        EchoDetector brief = new EchoDetector(RATE);
        float[] second = echoing(0.047, -6, 1);
        brief.accept(second, second.length);
        assertThat(brief.echo(0.02)).isEmpty();
    }

    @Test
    void silenceAndWhatIsNoNumberTellNothing() {
        EchoDetector detector = new EchoDetector(RATE);
        float[] all = new float[10 * RATE];
        java.util.Arrays.fill(all, 0, RATE, Float.NaN);
        detector.accept(all, all.length);
        assertThat(detector.echo(0.02)).isEmpty();
        assertThat(new HowlDetector(RATE).accept(all, all.length)).isEmpty();
    }

    private static float[] echoing(double delayS, double levelDb, double seconds) {
        SplittableRandom random = new SplittableRandom(3);
        float[] all = new float[(int) (seconds * RATE)];
        int delay = (int) Math.round(delayS * RATE);
        double gain = Math.pow(10, levelDb / 20);
        for (int n = 0; n < all.length; n++) {
            all[n] = (float) (0.05 * random.nextGaussian() + (n < delay ? 0 : gain * all[n - delay]));
        }
        return all;
    }
}
