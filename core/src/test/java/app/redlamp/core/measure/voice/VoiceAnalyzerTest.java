package app.redlamp.core.measure.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.signal.Signals;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Labelled faults put into a made-up voice: hits, and false alarms where there is none. */
class VoiceAnalyzerTest {
    private static final int RATE = 44_100;
    private static final int SECONDS = 20;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void aPlainVoiceHasNoFaults(long seed) {
        VoiceProfile voice = measure(plain(seed));
        assertThat(voice.plosives().count()).isZero();
        assertThat(voice.mouthClicks().count()).isZero();
        assertThat(voice.electricalClicks().count()).isZero();
        assertThat(voice.dropouts().count()).isZero();
        assertThat(voice.jumps().count()).isZero();
        assertThat(voice.harshSibilants().count()).isZero();
        assertThat(voice.swellDb()).isEmpty();
    }

    /** Blows of 40 Hz, 60 ms long, as loud as the voice, at the beginning of phrases. */
    @Test
    void plosives() {
        float[] samples = plain(4);
        List<Double> at = List.of(2.05, 6.05, 10.05, 14.05, 18.05);
        for (double s : at) {
            add(samples, s, 0.06, t -> 0.4 * Math.sin(2 * Math.PI * 40 * t) * Math.sin(Math.PI * t / 0.06));
        }
        assertPlaces(measure(samples).plosives(), at, 0.1);
    }

    /** Hiss above 5 kHz for 120 ms: soft ones are sibilants, those as loud as the voice are harsh. */
    @Test
    void sibilants() {
        float[] samples = plain(5);
        List<Double> soft = List.of(1.2, 5.2, 9.2);
        List<Double> harsh = List.of(3.2, 7.2, 11.2, 15.2);
        soft.forEach(s -> hiss(samples, s, 0.06));
        harsh.forEach(s -> hiss(samples, s, 0.5));
        VoiceProfile voice = measure(samples);
        assertPlaces(voice.harshSibilants(), harsh, 0.05);
        assertThat(voice.sibilants().count()).isEqualTo(soft.size() + harsh.size());
    }

    /** A tongue leaving the palate: 2 kHz ringing off within 3 ms, 30 dB above the noise. */
    @Test
    void mouthClicksInPauses() {
        float[] samples = plain(6);
        List<Double> at = List.of(0.75, 2.75, 4.75, 8.75);
        for (double s : at) {
            add(samples, s, 0.012, t -> 0.02 * Math.sin(2 * Math.PI * 2000 * t) * Math.exp(-t / 0.0015));
        }
        VoiceProfile voice = measure(samples);
        assertPlaces(voice.mouthClicks(), at, 0.02);
        assertThat(voice.electricalClicks().count()).isZero();
    }

    @Test
    void electricalClicksInPauses() {
        float[] samples = plain(7);
        List<Double> at = List.of(0.75, 6.75, 12.75);
        at.forEach(s -> samples[(int) (s * RATE)] += 0.05f);
        VoiceProfile voice = measure(samples);
        assertPlaces(voice.electricalClicks(), at, 0.02);
        assertThat(voice.mouthClicks().count()).isZero();
    }

    /** Lost buffers: 5 ms of zeros, and 3 ms of one value held. */
    @Test
    void dropouts() {
        float[] samples = plain(8);
        List<Double> at = List.of(3.3, 7.4, 11.2);
        for (int i = 0; i < at.size(); i++) {
            int from = (int) (at.get(i) * RATE);
            float held = i == 1 ? samples[from] : 0;
            Arrays.fill(samples, from, from + (i == 1 ? 132 : 220), held);
        }
        VoiceProfile voice = measure(samples);
        assertPlaces(voice.dropouts(), at, 0.01);
        assertThat(voice.dropouts().worst().get(0).amount()).isCloseTo(5, within(0.1));
    }

    /** Lost samples: the waveform goes on somewhere else. */
    @Test
    void jumpsInSpeech() {
        float[] samples = plain(9);
        List<Double> at = List.of(3.31, 9.23, 13.37);
        for (double s : at) {
            int from = (int) (s * RATE);
            for (int i = from; i < samples.length; i++) {
                samples[i] = i < from + RATE / 20 ? samples[i] + 0.25f * (1 - (i - from) / (RATE / 20f)) : samples[i];
            }
        }
        assertPlaces(measure(samples).jumps(), at, 0.02);
    }

    /** A gain that rises by 10 dB within each pause. */
    @Test
    void anAutomaticGainSwellsInPauses() {
        float[] voice = speech(10);
        float[] noise = Signals.noise(-60, SECONDS, RATE, 11);
        float[] samples = Signals.of(voice.length, n -> {
            double t = (double) n / RATE % 2;
            double gainDb = t < 1 ? 10 * t : 0;
            return voice[n] + noise[n] * Math.pow(10, gainDb / 20);
        });
        Report report = Measured.report(RATE, samples);
        assertThat(report.voice().swellDb().orElseThrow()).isBetween(4.0, 9.0);
        assertThat(Measured.kinds(report)).contains(Finding.Kind.PUMPING);
    }

    /** Swells of level at a known rate stand for syllables. */
    @ParameterizedTest
    @CsvSource({"3", "4.5", "6"})
    void paceOfSyllables(double perSecond) {
        float[] samples = Signals.of(SECONDS * RATE, n -> {
            double t = (double) n / RATE;
            boolean speaks = t % 5 >= 1;
            double swell = Math.pow(Math.sin(Math.PI * perSecond * t), 2);
            return speaks ? 0.3 * (0.05 + swell) * pulse(130, t) : 0;
        });
        VoiceProfile voice = measure(Signals.add(samples, Signals.noise(-65, SECONDS, RATE, 5)));
        assertThat(voice.syllablesPerSecond().orElseThrow()).isCloseTo(perSecond, within(0.1 * perSecond));
    }

    /** The made-up voice, lifted or cut in a range by a filter of the spectrum's own making. */
    @ParameterizedTest
    @CsvSource({"THIN,150,420,-9", "MUDDY,190,420,9", "BOXY,390,1050,9", "HARSH,1900,4100,9", "DULL,4900,20000,-20"})
    void colours(VoiceSpectrum.Shade shade, double lowHz, double highHz, double gainDb) {
        VoiceSpectrum plain = shaped(0, 0, 0);
        assertThat(plain.colour()).isEmpty();
        VoiceSpectrum coloured = shaped(lowHz, highHz, gainDb);
        assertThat(coloured.colour().orElseThrow().shade()).isEqualTo(shade);
        assertThat(coloured.colour().orElseThrow().frequencyHz()).isBetween(lowHz, Math.min(highHz, 10_500));
    }

    /** Sines at the third octaves' centres with the levels of the average of speech (Byrne et al. 1994, from memory). */
    private static VoiceSpectrum shaped(double lowHz, double highHz, double gainDb) {
        double[] speech = {
            38.6, 43.5, 54.4, 57.7, 56.8, 60.2, 60.3, 59.0, 62.1, 62.1, 60.5, 56.8, 53.7, 53.0, 52.0, 48.7, 48.1, 46.8,
            45.6, 44.5, 44.3, 43.7, 43.4, 41.3, 40.7
        };
        VoiceSpectrumMeter meter = new VoiceSpectrumMeter(RATE);
        Random random = new Random(1);
        double[] phases = random.doubles(speech.length).toArray();
        float[] samples = Signals.of(2 * RATE, n -> {
            double sum = 0;
            for (int b = 0; b < speech.length; b++) {
                double f = 1000 * Math.pow(10, (b - 12) / 10.0);
                double db = speech[b] - 90 + (f > lowHz && f < highHz ? gainDb : 0);
                sum += Math.pow(10, db / 20) * Math.sin(2 * Math.PI * (f * n / RATE + phases[b]));
            }
            return sum;
        });
        for (int at = 0; at + meter.windowSamples() <= samples.length; at += meter.windowSamples()) {
            meter.add(samples, at);
        }
        return meter.result(Optional.empty()).orElseThrow();
    }

    private static void assertPlaces(Event.Tally tally, List<Double> expectedS, double withinS) {
        assertThat(tally.count()).isEqualTo(expectedS.size());
        List<Double> found = new ArrayList<>(
                tally.worst().stream().map(Event::startS).sorted().toList());
        for (int i = 0; i < expectedS.size(); i++) {
            assertThat(found.get(i)).isCloseTo(expectedS.get(i), within(withinS));
        }
    }

    private static VoiceProfile measure(float[] samples) {
        return Measured.report(RATE, samples).voice();
    }

    private static float[] plain(long seed) {
        return Signals.add(speech(seed), Signals.noise(-62, SECONDS, RATE, seed));
    }

    /** A second of pause, a second of voice, in turn. */
    private static float[] speech(long seed) {
        double wander = new Random(seed).nextDouble();
        return Signals.of(SECONDS * RATE, n -> {
            double t = (double) n / RATE;
            double inPhrase = t % 2 - 1;
            if (inPhrase < 0) {
                return 0;
            }
            double fade = Math.min(1, Math.min(inPhrase, 1 - inPhrase) / 0.03);
            double syllables = 0.55 + 0.45 * Math.sin(2 * Math.PI * (4 * t + wander));
            return 0.3 * fade * syllables * pulse(115 + 10 * wander, t);
        });
    }

    private static double pulse(double pitchHz, double t) {
        double turn = 2 * Math.PI * (pitchHz * t + 0.3 * Math.sin(5 * t));
        double sum = 0;
        for (int h = 1; h <= 25; h++) {
            sum += Math.sin(h * turn + 0.4 * h * h) / h;
        }
        return 0.5 * sum;
    }

    private static void hiss(float[] samples, double atS, double amplitude) {
        Random random = new Random(1);
        double[] phases = random.doubles(40).toArray();
        add(samples, atS, 0.12, t -> {
            double sum = 0;
            for (int k = 0; k < 40; k++) {
                sum += Math.sin(2 * Math.PI * ((5800 + 120 * k) * t + phases[k]));
            }
            return amplitude * sum / 9 * Math.min(1, Math.min(t, 0.12 - t) / 0.01);
        });
    }

    private static void add(float[] samples, double atS, double seconds, DoubleUnaryOperator wave) {
        int from = (int) (atS * RATE);
        for (int i = 0; i < seconds * RATE; i++) {
            samples[from + i] += (float) wave.applyAsDouble((double) i / RATE);
        }
    }
}
