package app.redlamp.core.measure.origin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Speaker;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.signal.Signals;
import java.util.SplittableRandom;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EdgeMeterTest {
    private static final int SECONDS = 15;

    /** Half as long as the filter: 74 dB of a Blackman window's side lobes, over 5.5 / 512 of the rate (Oppenheim and Schafer, from memory). */
    private static final int HALF = 256;

    private static float[] recorded(int rate, double pitchHz, double floorDbfs, long seed) {
        return Signals.add(
                Speaker.reads(rate, SECONDS, pitchHz, seed), Signals.noise(floorDbfs, SECONDS, rate, seed + 50));
    }

    private static float[] upTo(float[] samples, double hz, int rate) {
        double[] taps = new double[2 * HALF + 1];
        for (int k = -HALF; k <= HALF; k++) {
            double sinc = k == 0 ? 2 * hz / rate : Math.sin(2 * Math.PI * hz * k / rate) / (Math.PI * k);
            double turn = Math.PI * (k + HALF) / HALF;
            taps[k + HALF] = sinc * (0.42 - 0.5 * Math.cos(turn) + 0.08 * Math.cos(2 * turn));
        }
        return Signals.of(samples.length, n -> {
            double sum = 0;
            for (int k = Math.max(0, n + HALF - samples.length + 1); k < taps.length && k <= n + HALF; k++) {
                sum += taps[k] * samples[n + HALF - k];
            }
            return sum;
        });
    }

    private static float[] rounded(float[] samples, int bits, double dither, long seed) {
        double steps = Math.pow(2, bits - 1);
        SplittableRandom random = new SplittableRandom(seed);
        return Signals.of(samples.length, n -> {
            double drawn = random.nextDouble();
            return Math.rint(samples[n] * steps + dither * (drawn - random.nextDouble())) / steps;
        });
    }

    /** A filter, noise of rooms from loud to none that anybody has, and the rounding of the file it went into. */
    @ParameterizedTest
    @CsvSource({
        "44100, 16000, -60, 24, CODED, 3",
        "44100, 15000, -72, 16, CODED, 4",
        "48000, 18000, -66, 16, CODED, 5",
        "48000, 17000, -80, 24, CODED, 6",
        "96000, 19500, -70, 24, CODED, 7",
        "44100, 10800, -64, 16, LOW_RATE, 8",
        "48000, 7800, -75, 24, LOW_RATE, 9",
        "48000, 5500, -58, 16, LOW_RATE, 10",
        "96000, 11800, -68, 24, LOW_RATE, 11",
        "44100, 3400, -62, 16, CALL, 12",
        "48000, 3700, -74, 24, CALL, 13"
    })
    void whereItEndsIsTold(int rate, double hz, double floorDbfs, int bits, Finding.Kind kind, long seed) {
        float[] whole = recorded(rate, 80.0 + 12 * seed, floorDbfs, seed);
        Report report = Measured.report(rate, rounded(upTo(whole, hz, rate), bits, 0, seed));
        assertThat(report.bandwidthHz()).isCloseTo(hz, within(600.0));
        assertThat(report.findings())
                .filteredOn(f -> f.kind() == kind)
                .singleElement()
                .satisfies(f -> assertThat(f.amount()).isEqualTo(report.bandwidthHz()));
        assertThat(Measured.kinds(Measured.report(rate, whole))).doesNotContain(kind);
    }

    /** What is dull because half of it is missing needs no other front of the microphone, and a call no thicker absorbers. */
    @ParameterizedTest
    @CsvSource({"48000, 7800, 3", "44100, 5400, 4", "44100, 3400, 5", "48000, 3600, 6", "44100, 4000, 7"})
    void whatIsMissingIsNoColourOfTheVoice(int rate, double hz, long seed) {
        float[] cut = upTo(recorded(rate, 90.0 + 15 * seed, -66, seed), hz, rate);
        assertThat(Measured.kinds(Measured.report(rate, cut)))
                .doesNotContain(Finding.Kind.DULL, Finding.Kind.HARSH)
                .containsAnyOf(Finding.Kind.CALL, Finding.Kind.LOW_RATE);
    }

    /** Rounded with and without dither, as soft as a file of 16 bits can hold a room. */
    @ParameterizedTest
    @CsvSource({
        "44100, -45, 16, 0, 1", "48000, -60, 16, 1, 2", "44100, -75, 16, 1, 3", "96000, -70, 24, 0, 4",
                "48000, -88, 16, 1, 5",
        "44100, -94, 16, 0, 6", "48000, -92, 24, 1, 7", "32000, -66, 16, 1, 8", "22050, -70, 16, 0, 9",
                "16000, -60, 16, 1, 10"
    })
    void whatIsWholeHasNoEdge(int rate, double floorDbfs, int bits, double dither, long seed) {
        float[] whole = rounded(recorded(rate, 85.0 + 11 * seed, floorDbfs, seed), bits, dither, seed);
        assertThat(Measured.report(rate, whole).origin().edge()).isEmpty();
    }

    /** A microphone that falls by 12 or 24 dB an octave, which ribbons and old dynamic ones do, is a microphone. */
    @ParameterizedTest
    @CsvSource({
        "44100, 6000, 1, 1",
        "48000, 9000, 2, 2",
        "48000, 12000, 2, 3",
        "44100, 4000, 1, 4",
        "96000, 10000, 2, 5"
    })
    void aSlopeIsNoEdge(int rate, double hz, int sections, long seed) {
        float[] voice = Speaker.reads(rate, SECONDS, 100.0 + 14 * seed, seed);
        for (int s = 0; s < sections; s++) {
            BiquadFilter filter = new BiquadFilter(Biquad.lowPass(hz, Biquad.BUTTERWORTH_Q, rate));
            float[] before = voice;
            voice = Signals.of(before.length, n -> filter.next(before[n]));
        }
        float[] heard = Signals.add(voice, Signals.noise(-78, SECONDS, rate, seed));
        assertThat(Measured.report(rate, heard).origin().edge()).isEmpty();
    }

    /** The whistle of a power supply stands far above the noise around it, on both sides. */
    @ParameterizedTest
    @ValueSource(doubles = {9_500, 12_300, 15_625, 17_000, 18_900})
    void aWhistleIsNoEdge(double hz) {
        float[] voice = recorded(48_000, 130, -74, (long) hz);
        float[] whistled = Signals.of(voice.length, n -> voice[n] + 0.01 * Math.sin(2 * Math.PI * hz * n / 48_000));
        assertThat(Measured.report(48_000, whistled).origin().edge()).isEmpty();
    }

    /** A converter's own filter, and what nobody hears. */
    @ParameterizedTest
    @CsvSource({"44100, 20800", "48000, 21500", "96000, 22500", "96000, 40000", "88200, 21000"})
    void whatEndsBeyondHearingIsWhole(int rate, double hz) {
        assertThat(Measured.report(rate, upTo(recorded(rate, 115, -70, rate), hz, rate))
                        .origin()
                        .edge())
                .isEmpty();
    }

    /** Turned up after it was cut, so that the rounding of 16 bits comes up with it; and with a click each second. */
    @ParameterizedTest
    @CsvSource({"6, 0, 1", "12, 0, 2", "9, 0, 3", "0, 0.3, 4", "12, 0.2, 5"})
    void gainAndClicksDoNotHideAnEdge(double gainDb, double click, long seed) {
        int rate = 48_000;
        float[] soft = Speaker.louder(recorded(rate, 95.0 + 13 * seed, -64, seed), -gainDb);
        float[] cut = Speaker.louder(rounded(upTo(soft, 16_000, rate), 16, 0, seed), gainDb);
        float[] clicked = Signals.of(cut.length, n -> n % rate == 7000 ? cut[n] + click : cut[n]);
        assertThat(Measured.report(rate, clicked).bandwidthHz()).isCloseTo(16_000, within(600.0));
    }

    /** Somebody plugged into the second input: what is told is told of that one. */
    @ParameterizedTest
    @CsvSource({"44100, 16000, -100", "48000, 7800, -92", "48000, 3500, -110"})
    void aDeadFirstChannelHidesNothing(int rate, double hz, double hissDbfs) {
        float[] cut = upTo(recorded(rate, 120, -68, rate), hz, rate);
        Report alone = Measured.report(rate, cut);
        Report beside = Measured.report(rate, Signals.noise(hissDbfs, SECONDS, rate, 5), cut);
        assertThat(beside.origin().edge()).isEqualTo(alone.origin().edge()).isPresent();
        assertThat(beside.voice().spectrum()).isEqualTo(alone.voice().spectrum());
    }

    @ParameterizedTest
    @ValueSource(ints = {8000, 11_025, 44_100})
    void nothingIsToldOfNothing(int rate) {
        assertThat(Measured.report(rate, new float[5 * rate]).origin()).isEqualTo(Origin.UNKNOWN);
    }
}
