package app.redlamp.core.measure.noise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.signal.Signals;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Known noises under a voice-like sound with pauses, measured through the one door. */
class NoiseAnalyzerTest {
    private static final int RATE = 44_100;
    private static final double SECONDS = 12;

    /** Wanted of the measure. */
    private static final double HUM_DB = 1;

    /** Five harmonics falling by 3 dB each, the mains a little off, noise 10 dB below them; pauses of half a second. */
    @ParameterizedTest
    @CsvSource({
        "50,-50,100,3",
        "50.3,-55,87,4",
        "49.7,-60,112,5",
        "60,-50,95,6",
        "60.25,-58,100,3",
        "59.8,-65,121,7",
        "50.13,-62,178,8",
        "59.93,-70,205,9"
    })
    void humIsFoundWithItsLevelUnderAVoice(double mainsHz, double levelDbfs, double pitchHz, long seed) {
        float[] samples = Signals.add(speech(pitchHz, seed), hum(mainsHz, levelDbfs, 5));
        Report report = Measured.report(RATE, Signals.add(samples, Signals.noise(levelDbfs - 10, SECONDS, RATE, seed)));
        Hum hum = report.noise().orElseThrow().hum().orElseThrow();
        assertThat(hum.baseHz()).isCloseTo(mainsHz, within(0.01));
        assertThat(hum.levelDbfs()).isCloseTo(levelDbfs, within(HUM_DB));
        double first = Signals.rmsDbfs(harmonic(mainsHz, levelDbfs, 1));
        assertThat(hum.harmonicsDbfs().get(0)).isCloseTo(first, within(HUM_DB));
        assertThat(report.noise().orElseThrow().kind()).isEqualTo(NoiseProfile.Kind.HUM);
        Finding.Kind expected = hum.familyHz() == 50 ? Finding.Kind.HUM_50 : Finding.Kind.HUM_60;
        assertThat(Measured.kinds(report)).contains(expected);
    }

    /** The false alarms that matter: voices whose pitch is the mains' or its multiple, over plain noise. */
    @ParameterizedTest
    @ValueSource(doubles = {50, 60, 100, 120, 150})
    void aLowVoiceIsNoHum(double pitchHz) {
        for (long seed = 1; seed <= 3; seed++) {
            float[] samples = Signals.add(speech(pitchHz, seed), Signals.noise(-62, SECONDS, RATE, seed));
            assertThat(Measured.report(RATE, samples).noise().orElseThrow().hum())
                    .as("%s Hz, seed %d", pitchHz, seed)
                    .isEmpty();
        }
    }

    /** Tones beside the mains and their multiples: a fan, a pump, a turning plate. */
    @ParameterizedTest
    @CsvSource({
        "49,-52,1",
        "98,-55,2",
        "123,-50,3",
        "51.2,-58,4",
        "61.1,-54,5",
        "146.5,-53,6",
        "58.7,-60,7",
        "101.8,-56,8"
    })
    void aToneBesideTheMainsIsNoHum(double toneHz, double levelDbfs, long seed) {
        float[] samples = Signals.add(speech(140, seed), Signals.sine(toneHz, levelDbfs, SECONDS, RATE));
        Report report = Measured.report(RATE, Signals.add(samples, Signals.noise(levelDbfs - 12, SECONDS, RATE, seed)));
        assertThat(report.noise().orElseThrow().hum()).as("%s Hz", toneHz).isEmpty();
    }

    /** White noise spreads evenly: an octave of centre f takes 0.7071 f of the half rate's width. */
    @Test
    void hissIsToldFromItsSpectrum() {
        Report report = Measured.report(RATE, Signals.add(speech(120, 1), Signals.noise(-60, SECONDS, RATE, 4)));
        NoiseProfile noise = report.noise().orElseThrow();
        assertThat(noise.kind()).isEqualTo(NoiseProfile.Kind.HISS);
        double widthHz = 1000 * (Math.pow(10, 0.15) - Math.pow(10, -0.15));
        assertThat(noise.octavesDbfs().get(5)).isCloseTo(-60 + 10 * Math.log10(widthHz / (RATE / 2.0)), within(0.7));
        assertThat(noise.hissDbfs()).isCloseTo(-60 + 10 * Math.log10(1 - 2000 / (RATE / 2.0)), within(0.3));
        // By numerical integration of the curve of IEC 61672-1 over 0 to 22.05 kHz (see AWeightingTest): −2.3 dB.
        assertThat(noise.floorDbA()).isCloseTo(-62.3, within(0.4));
        assertThat(noise.tones()).isEmpty();
    }

    @Test
    void aWhineIsFoundWithItsFrequencyAndLevel() {
        float[] samples = Signals.add(speech(120, 1), Signals.sine(3150, -52, SECONDS, RATE));
        NoiseProfile noise = Measured.report(RATE, Signals.add(samples, Signals.noise(-70, SECONDS, RATE, 5)))
                .noise()
                .orElseThrow();
        assertThat(noise.kind()).isEqualTo(NoiseProfile.Kind.WHINE);
        assertThat(noise.tones().get(0).frequencyHz()).isCloseTo(3150, within(3.0));
        assertThat(noise.tones().get(0).levelDbfs()).isCloseTo(-55, within(1.0));
    }

    @Test
    void rumbleIsTold() {
        float[] samples = Signals.add(speech(120, 1), lowNoise(-52, 6));
        NoiseProfile noise = Measured.report(RATE, Signals.add(samples, Signals.noise(-75, SECONDS, RATE, 5)))
                .noise()
                .orElseThrow();
        assertThat(noise.kind()).isEqualTo(NoiseProfile.Kind.RUMBLE);
        assertThat(noise.rumbleDbfs()).isCloseTo(-52, within(1.5));
        assertThat(noise.hum()).isEmpty();
    }

    /** Hum is no rumble, and takes none away: the harmonic at 100 Hz falls on either side of where rumble ends. */
    @ParameterizedTest
    @ValueSource(doubles = {49.8, 49.99, 50, 50.01, 50.2, 60})
    void rumbleBesideHumKeepsItsLevel(double mainsHz) {
        float[] noises = Signals.add(lowNoise(-58, 8), hum(mainsHz, -50, 5));
        float[] samples = Signals.add(speech(140, 2), Signals.add(noises, Signals.noise(-75, SECONDS, RATE, 5)));
        NoiseProfile noise = Measured.report(RATE, samples).noise().orElseThrow();
        assertThat(noise.kind()).isEqualTo(NoiseProfile.Kind.HUM);
        assertThat(noise.hum().orElseThrow().baseHz()).isCloseTo(mainsHz, within(0.05));
        assertThat(noise.rumbleDbfs()).isCloseTo(-58, within(1.5));
    }

    @Test
    void noiseThatChangesIsTold() {
        float[] quiet = Signals.noise(-70, SECONDS / 2, RATE, 1);
        float[] loud = Signals.noise(-55, SECONDS / 2, RATE, 2);
        Report report = Measured.report(RATE, Signals.add(speech(120, 1), Signals.join(quiet, loud)));
        assertThat(report.noise().orElseThrow().changeDb()).isBetween(12.0, 16.0);
        assertThat(report.pauses().loudest().orElseThrow().levelDbfs()).isCloseTo(-55, within(0.5));
        assertThat(report.pauses().loudest().orElseThrow().startS()).isGreaterThan(SECONDS / 2);
    }

    @Test
    void withoutAPauseThereIsNoProfile() {
        assertThat(Measured.report(RATE, Signals.noise(-20, 5, RATE, 1)).noise())
                .isEmpty();
    }

    private static float[] hum(double mainsHz, double levelDbfs, int harmonics) {
        float[] sum = new float[(int) (SECONDS * RATE)];
        for (int h = 1; h <= harmonics; h++) {
            sum = Signals.add(sum, harmonic(mainsHz, levelDbfs, h));
        }
        return sum;
    }

    /** The powers of five harmonics falling by 3 dB add up to 1.938 times the first. */
    private static float[] harmonic(double mainsHz, double levelDbfs, int h) {
        double firstRms = levelDbfs - 10 * Math.log10(1 + 0.5012 + 0.2512 + 0.1259 + 0.0631);
        double peak = Math.pow(10, (firstRms - 3 * (h - 1) + 3.0103) / 20);
        return Signals.sine(mainsHz * h, peak, 40 * h, SECONDS, RATE);
    }

    /** Phrases of 1 to 1.5 s with pauses of 0.4 to 0.7 s: harmonics of a pitch that wavers a little. */
    private static float[] speech(double pitchHz, long seed) {
        Random random = new Random(seed);
        List<float[]> parts = new ArrayList<>();
        int length = 0;
        while (length < SECONDS * RATE) {
            float[] pause = Signals.silence(0.4 + 0.3 * random.nextDouble(), RATE);
            double seconds = 1 + 0.5 * random.nextDouble();
            int frames = (int) (seconds * RATE);
            float[] phrase = Signals.of(frames, n -> {
                double t = (double) n / RATE;
                double turn = 2 * Math.PI * (pitchHz * t + 0.2 * Math.sin(2 * Math.PI * 4 * t));
                double sum = 0;
                for (int h = 1; h <= 20; h++) {
                    sum += Math.sin(h * turn) / h;
                }
                double fade = Math.min(1, Math.min(n, frames - 1 - n) / (0.02 * RATE));
                return 0.12 * fade * sum;
            });
            parts.add(pause);
            parts.add(phrase);
            length += pause.length + phrase.length;
        }
        parts.add(Signals.silence(1, RATE));
        return Arrays.copyOf(Signals.join(parts.toArray(float[][]::new)), (int) (SECONDS * RATE));
    }

    /** Noise through two low-passes of one pole at 40 Hz, brought to a level. */
    private static float[] lowNoise(double rmsDbfs, long seed) {
        float[] noise = Signals.noise(-20, SECONDS, RATE, seed);
        double keep = Math.exp(-2 * Math.PI * 30 / RATE);
        double[] state = new double[3];
        float[] low = Signals.of(noise.length, n -> {
            state[0] = keep * state[0] + (1 - keep) * noise[n];
            state[1] = keep * state[1] + (1 - keep) * state[0];
            state[2] = keep * state[2] + (1 - keep) * state[1];
            return state[2];
        });
        double gain = Math.pow(10, (rmsDbfs - Signals.rmsDbfs(low)) / 20);
        return Signals.of(low.length, n -> gain * low[n]);
    }
}
