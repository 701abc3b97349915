package app.redlamp.core.acoustics.decay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.signal.Signals;
import java.util.Arrays;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Decays that are made with a known time are measured back (ISO 3382-1: reference by construction). */
class ClapMeterTest {
    private static final int RATE = 44_100;

    /** Noise of each octave with its own decay time; amplitudes fall by 60 dB in {@code seconds}. */
    private static float[] decays(double[] seconds, double length, long seed) {
        float[] sum = new float[(int) (length * RATE)];
        for (int b = 0; b < SixBands.COUNT; b++) {
            SplittableRandom random = new SplittableRandom(seed + b);
            double t = seconds[b];
            float[] noise = Signals.of(sum.length, n -> random.nextGaussian());
            double hz = 1000 * Math.pow(10, 0.3 * (b - 3));
            // Filtered first and shaped afterwards: the shape is exactly the one that is wanted.
            float[] band = new app.redlamp.core.signal.OctaveFilter(hz, RATE).filter(noise);
            for (int n = 0; n < sum.length; n++) {
                sum[n] += (float) (band[n] * Math.pow(10, -3.0 * n / RATE / t));
            }
        }
        return scaled(sum, 0.8);
    }

    private static float[] scaled(float[] samples, double peak) {
        float top = 0;
        for (float x : samples) {
            top = Math.max(top, Math.abs(x));
        }
        double gain = peak / top;
        return Signals.of(samples.length, n -> samples[n] * gain);
    }

    private static float[] recorded(float[] fall) {
        return Signals.join(Signals.silence(0.5, RATE), fall);
    }

    private static final int ROUNDS = 24;

    /**
     * What chance may do to the mean of all rounds, as a share: three standard deviations, of 0.88 √(1 / BT) each round (ISO 3382-2,
     * annex A, from memory; B is the width of the octave); 5 % at least.
     */
    private static double chance(int band, double seconds) {
        double width = 1000 * Math.pow(10, 0.3 * (band - 3)) * (Math.pow(10, 0.15) - Math.pow(10, -0.15));
        return Math.max(0.05, 3 * 0.88 / Math.sqrt(width * seconds * ROUNDS));
    }

    /** Mean over a few bursts; where chance leaves too little of a fall over the noise, a round has no time. */
    private static double[] mean(double[] seconds, double noiseDb) throws ClapFault {
        double[] sums = new double[SixBands.COUNT];
        int[] told = new int[SixBands.COUNT];
        for (int round = 0; round < ROUNDS; round++) {
            float[] clap = recorded(decays(seconds, 1.6, 100L * round + 1));
            float[] heard = clap;
            if (noiseDb < 0) {
                heard = Signals.add(clap, bandNoise(clap, noiseDb, round));
            }
            Clap measured = ClapMeter.of(heard, RATE);
            for (int b = 0; b < sums.length; b++) {
                OptionalDouble time = measured.bands().get(b).t20();
                sums[b] += time.orElse(0);
                told[b] += time.isPresent() ? 1 : 0;
            }
        }
        for (int b = 0; b < sums.length; b++) {
            assertThat(told[b]).as("rounds with a time in band " + b).isGreaterThanOrEqualTo(ROUNDS - 3);
            sums[b] /= told[b];
        }
        return sums;
    }

    /** Noise that lies in every octave so many decibels below the top of the fall there. */
    private static float[] bandNoise(float[] clap, double db, int round) {
        float[] sum = new float[clap.length];
        for (int b = 0; b < SixBands.COUNT; b++) {
            double hz = 1000 * Math.pow(10, 0.3 * (b - 3));
            var filter = new app.redlamp.core.signal.OctaveFilter(hz, RATE);
            float[] part = filter.filter(clap);
            double top = 0;
            int window = RATE / 50;
            for (int n = RATE / 2; n < RATE / 2 + 4 * window; n += window) {
                double square = 0;
                for (int i = n; i < n + window; i++) {
                    square += part[i] * part[i] / (double) window;
                }
                top = Math.max(top, square);
            }
            float[] noise = filter.filter(Signals.noise(0, clap.length / (double) RATE, RATE, 7 * round + b));
            double gain = Math.pow(10, db / 20) * Math.sqrt(top) / Math.pow(10, Signals.rmsDbfs(noise) / 20);
            for (int n = 0; n < sum.length && n < noise.length; n++) {
                sum[n] += (float) (noise[n] * gain);
            }
        }
        return sum;
    }

    /** A tone in the middle of each octave that falls by 60 dB in a known time: nothing in it is left to chance. */
    @ParameterizedTest
    @ValueSource(doubles = {0.15, 0.3, 0.6, 1.2})
    void knownDecaysComeBackWithinTwoPercentInEveryBand(double seconds) throws Exception {
        float[] fall = Signals.of((int) ((seconds + 0.3) * RATE), n -> {
            double sum = 0;
            for (int b = 0; b < SixBands.COUNT; b++) {
                sum += Math.sin(2 * Math.PI * 1000 * Math.pow(10, 0.3 * (b - 3)) * n / RATE + b);
            }
            return 0.14 * sum * Math.pow(10, -3.0 * n / RATE / seconds);
        });
        Clap clap = ClapMeter.of(recorded(fall), RATE);

        for (int b = 0; b < SixBands.COUNT; b++) {
            BandDecay band = clap.bands().get(b);
            assertThat(band.t20().orElseThrow() / seconds)
                    .as("T20 of band " + b)
                    .isCloseTo(1, within(0.02));
            assertThat(band.t30().orElseThrow() / seconds)
                    .as("T30 of band " + b)
                    .isCloseTo(1, within(0.02));
        }
    }

    @Test
    void burstsOfNoiseComeBackAsWellAsChanceAllows() throws Exception {
        double[] wanted = {0.45, 0.40, 0.35, 0.30, 0.25, 0.20};
        double[] measured = mean(wanted, 0);

        for (int b = 0; b < wanted.length; b++) {
            assertThat(measured[b] / wanted[b]).as("band " + b).isCloseTo(1, within(chance(b, wanted[b])));
        }
    }

    @Test
    void withNoise35DecibelsBelowTheyComeBackAsWellAsChanceAllows() throws Exception {
        double[] wanted = {0.45, 0.40, 0.35, 0.30, 0.25, 0.20};
        double[] measured = mean(wanted, -35);

        for (int b = 0; b < wanted.length; b++) {
            assertThat(measured[b] / wanted[b]).as("band " + b).isCloseTo(1, within(chance(b, wanted[b])));
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {8000, 16_000, 48_000, 96_000})
    void everySampleRateGivesTheSameDecay(int rate) throws Exception {
        SplittableRandom random = new SplittableRandom(3);
        float[] fall = Signals.of(
                2 * rate,
                n -> n < rate / 2 ? 0 : random.nextGaussian() * 0.2 * Math.pow(10, -3.0 * (n - rate / 2) / rate / 0.5));
        Clap clap = ClapMeter.of(fall, rate);

        assertThat(clap.bands().get(3).t20().orElseThrow()).isCloseTo(0.5, within(0.05));
        assertThat(clap.bands().get(5).t20().isPresent()).isEqualTo(rate > 12_000);
    }

    @Test
    void aStraightFallIsTrustedAndHasOneSlope() throws Exception {
        Clap clap = ClapMeter.of(recorded(decays(new double[] {.5, .5, .5, .5, .5, .5}, 1.6, 5)), RATE);

        assertThat(clap.bands()).noneMatch(b -> b.trust() == BandDecay.Trust.NONE);
        BandDecay middle = clap.bands().get(3);
        assertThat(middle.t30Trust()).isEqualTo(BandDecay.Trust.GOOD);
        assertThat(middle.t30().orElseThrow()).isCloseTo(0.5, within(0.03));
        assertThat(middle.edt().orElseThrow()).isCloseTo(0.5, within(0.06));
        assertThat(middle.twoSlopes()).isFalse();
        assertThat(clap.flutter()).isEmpty();
        assertThat(clap.middleS().orElseThrow()).isCloseTo(0.5, within(0.05));
    }

    @Test
    void aDeadRoomWithALiveOneBehindItFallsInTwoSlopes() throws Exception {
        float[] dead = decays(new double[] {.2, .2, .2, .2, .2, .2}, 1.6, 5);
        float[] live = decays(new double[] {1, 1, 1, 1, 1, 1}, 1.6, 9);
        float[] both = Signals.of(dead.length, n -> dead[n] + live[n] * 0.12);
        Clap clap = ClapMeter.of(recorded(scaled(both, 0.8)), RATE);

        assertThat(clap.bands().get(3).twoSlopes()).isTrue();
        assertThat(clap.bands().get(4).twoSlopes()).isTrue();
        assertThat(clap.twoSlopes()).isTrue();
    }

    /** Noise that falls exponentially is straight, however chance bends it in bands of few modes. */
    @ParameterizedTest
    @ValueSource(doubles = {0.15, 0.22, 0.35, 0.55, 0.9, 1.3})
    void whatFallsStraightHasOneSlope(double seconds) throws Exception {
        for (int seed = 1; seed <= 8; seed++) {
            float[] fall = decays(all(seconds), Math.max(0.7, 1.5 * seconds), 1000L * seed);
            Clap clap = ClapMeter.of(Signals.add(recorded(fall), hiss(fall, seed)), RATE);
            assertThat(clap.twoSlopes()).as("seed " + seed).isFalse();
            assertThat(clap.flutter()).as("seed " + seed).isEmpty();
        }
    }

    /** A hall behind an open door, by its level and both times: told as two slopes in nine of ten, and never as a rattle. */
    @ParameterizedTest
    @CsvSource({"0.2,1.1,-17", "0.3,1.3,-14", "0.16,0.55,-15", "0.4,1.3,-19", "0.25,0.9,-22", "0.35,0.9,-15"})
    void twoSlopesAreNoRattle(double deadS, double liveS, double liveDb) throws Exception {
        int told = 0;
        for (int seed = 1; seed <= 8; seed++) {
            float[] dead = decays(all(deadS), 1.6, 700L * seed);
            float[] live = decays(all(liveS), 1.6, 300L * seed + 7);
            float[] both = scaled(Signals.of(dead.length, n -> dead[n] + live[n] * Math.pow(10, liveDb / 20)), 0.8);
            Clap clap = ClapMeter.of(Signals.add(recorded(both), hiss(both, seed)), RATE);
            told += clap.twoSlopes() ? 1 : 0;
            assertThat(clap.flutter()).as("seed " + seed).isEmpty();
        }
        assertThat(told).isGreaterThanOrEqualTo(7);
    }

    /** What the first 10 dB say is the filter's where its band is narrow and the fall short. */
    @Test
    void theEarlyDecayOfANarrowBandIsNotTrusted() throws Exception {
        Clap clap = ClapMeter.of(recorded(decays(all(0.1), 0.8, 21)), RATE);
        assertThat(clap.bands().get(0).edtTrust()).isNotEqualTo(BandDecay.Trust.GOOD);
        assertThat(clap.bands()).allSatisfy(b -> assertThat(b.edt().orElse(1)).isGreaterThan(0.003));
    }

    private static double[] all(double seconds) {
        double[] times = new double[SixBands.COUNT];
        Arrays.fill(times, seconds);
        return times;
    }

    private static float[] hiss(float[] fall, long seed) {
        return Signals.noise(-72, fall.length / (double) RATE + 0.5, RATE, seed);
    }

    @Test
    void noiseHidesTheEndAndThisIsSaid() throws Exception {
        float[] clap = recorded(decays(new double[] {.5, .5, .5, .5, .5, .5}, 1.6, 5));
        Clap measured = ClapMeter.of(Signals.add(clap, bandNoise(clap, -28, 1)), RATE);

        BandDecay middle = measured.bands().get(3);
        assertThat(middle.t30()).isEmpty();
        assertThat(middle.t30Trust()).isEqualTo(BandDecay.Trust.NONE);
        assertThat(middle.t20Trust()).isEqualTo(BandDecay.Trust.FAIR);
        assertThat(middle.rangeDb()).isCloseTo(28, within(4.0));
    }

    /** A rattle of 14 ms lies between walls that are 0.014 · 343.2 / 2 = 2.40 m apart. */
    @Test
    void aRattleTellsWhichWallsItRunsBetween() throws Exception {
        float[] fall = decays(new double[] {.3, .3, .3, .3, .3, .3}, 1.6, 5);
        int period = (int) (0.014 * RATE);
        SplittableRandom random = new SplittableRandom(4);
        float[] rattling = fall.clone();
        for (int k = 1; k < 40; k++) {
            double size = 0.5 * Math.pow(10, -3.0 * k * 0.014 / 0.6);
            for (int i = 0; i < RATE / 2000; i++) {
                rattling[k * period + i] += (float) (random.nextGaussian() * size);
            }
        }
        Clap clap = ClapMeter.of(recorded(scaled(rattling, 0.8)), RATE);

        Flutter flutter = clap.flutter().orElseThrow();
        assertThat(flutter.periodMs()).isCloseTo(14, within(0.3));
        assertThat(flutter.spacingM(343.2146)).isCloseTo(2.40, within(0.06));
    }

    @Test
    void earlyReflectionsStandWhereTheyWerePut() throws Exception {
        float[] fall = decays(new double[] {.25, .25, .25, .25, .25, .25}, 1.2, 5);
        float[] heard = Signals.of(fall.length, n -> fall[n] * 0.01);
        burst(heard, 0, 0.8);
        burst(heard, (int) (0.0023 * RATE), 0.25);
        burst(heard, (int) (0.0071 * RATE), 0.16);
        Clap clap = ClapMeter.of(recorded(heard), RATE);

        assertThat(clap.echoes()).hasSize(2);
        assertThat(clap.echoes().get(0).delayMs()).isCloseTo(2.3, within(0.1));
        assertThat(clap.echoes().get(0).levelDb()).isCloseTo(20 * Math.log10(0.25 / 0.8), within(1.5));
        assertThat(clap.echoes().get(1).delayMs()).isCloseTo(7.1, within(0.1));
        assertThat(clap.echoes().get(1).pathDifferenceM(343)).isCloseTo(2.435, within(0.05));
    }

    private static void burst(float[] samples, int at, double size) {
        for (int i = 0; i < 12; i++) {
            samples[at + i] += (float) (size * Math.sin(Math.PI * i / 4) * Math.exp(-i / 6.0));
        }
    }

    @Test
    void ofThreeClapsOneIsTakenAndSaid() throws Exception {
        float[] one = decays(new double[] {.3, .3, .3, .3, .3, .3}, 0.4, 5);
        float[] last = decays(new double[] {.3, .3, .3, .3, .3, .3}, 1.6, 6);
        Clap clap = ClapMeter.of(Signals.join(Signals.silence(0.5, RATE), one, one, last), RATE);

        assertThat(clap.burst().count()).isEqualTo(3);
        assertThat(clap.burst().number()).isEqualTo(3);
        assertThat(clap.bands().get(3).t20().orElseThrow()).isCloseTo(0.3, within(0.04));
    }

    @Test
    void aClapThatClipsKeepsItsLateFallAndLosesItsBeginning() throws Exception {
        float[] clap = recorded(decays(new double[] {.4, .4, .4, .4, .4, .4}, 1.6, 5));
        float[] clipped = Signals.of(clap.length, n -> Math.max(-1, Math.min(1, clap[n] * 2.5)));
        Clap measured = ClapMeter.of(clipped, RATE);

        assertThat(measured.burst().clipped()).isTrue();
        assertThat(measured.bands().get(3).edtTrust()).isEqualTo(BandDecay.Trust.NONE);
        assertThat(measured.bands().get(3).t20().orElseThrow()).isCloseTo(0.4, within(0.06));
    }

    @Test
    void whatTellsNothingIsRefusedWithWhatToDo() {
        assertFault(Signals.silence(2, RATE), ClapFault.Kind.SILENT);
        assertFault(new float[0], ClapFault.Kind.SILENT);
        assertFault(Signals.noise(-40, 2, RATE, 1), ClapFault.Kind.TOO_NOISY);
        assertFault(Signals.sine(300, -6, 2, RATE), ClapFault.Kind.TOO_NOISY);
        assertFault(swelling(), ClapFault.Kind.NO_BURST);
        assertFault(speech(), ClapFault.Kind.NOT_A_BURST);
        float[] clap = decays(new double[] {.3, .3, .3, .3, .3, .3}, 0.1, 5);
        assertFault(recorded(clap), ClapFault.Kind.CUT_OFF);
        float[] faint = scaled(recorded(decays(new double[] {.3, .3, .3, .3, .3, .3}, 1.5, 5)), 0.01);
        assertFault(Signals.add(faint, Signals.noise(-55, 2, RATE, 1)), ClapFault.Kind.TOO_NOISY);
    }

    /** Syllables: tone bursts that swell within 40 ms, with consonants between. */
    private static float[] speech() {
        SplittableRandom random = new SplittableRandom(2);
        return Signals.of(4 * RATE, n -> {
            double t = n % (RATE / 4) / (double) (RATE / 4);
            double vowel = Math.pow(Math.sin(Math.PI * t), 2) * Math.sin(2 * Math.PI * 140 * n / RATE);
            double buzz = Math.pow(Math.sin(Math.PI * t), 2) * Math.sin(2 * Math.PI * 700 * n / RATE);
            return 0.3 * vowel + 0.2 * buzz + 0.0005 * random.nextGaussian();
        });
    }

    /** A sound that comes slowly and goes slowly. */
    private static float[] swelling() {
        return Signals.of(
                3 * RATE,
                n -> Math.pow(Math.sin(Math.PI * n / 3 / RATE), 80) * 0.5 * Math.sin(2 * Math.PI * 200 * n / RATE));
    }

    private static void assertFault(float[] samples, ClapFault.Kind kind) {
        assertThatThrownBy(() -> ClapMeter.of(samples, RATE)).isInstanceOfSatisfying(ClapFault.class, f -> {
            assertThat(f.kind()).isEqualTo(kind);
            assertThat(f.getMessage()).doesNotContain("\n").contains(";");
        });
    }
}
