package app.redlamp.core.measure.noise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Speaker;
import app.redlamp.core.signal.FrameClock;
import app.redlamp.core.signal.Signals;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Made-up readers under noise that is known, so that what a client would find in the pauses is known too: the loudest half
 * second of the noise alone, where the reader is at least 10 dB below it.
 */
class PausesUnderNoiseTest {
    private static final double SECONDS = 40;

    /** Wanted of the measure. */
    private static final double LOWEST_ERROR_DB = -1;

    private static final double HIGHEST_ERROR_DB = 1.5;

    @ParameterizedTest
    @CsvSource({
        "44100,95,1,-46",
        "48000,210,2,-52",
        "44100,130,3,-58",
        "96000,170,4,-43",
        "32000,110,5,-49",
        "22050,240,6,-61",
    })
    void aFanOverTheSecondHalfIsNoVoice(int rate, double pitchHz, long seed, double fanDbfs) {
        float[] fan = Speaker.between(Speaker.fan(rate, SECONDS, fanDbfs, seed), SECONDS / 2, SECONDS, rate);
        found(rate, Speaker.reads(rate, SECONDS, pitchHz, seed), fan, -78);
    }

    @ParameterizedTest
    @CsvSource({
        "48000,100,11,-44",
        "44100,190,12,-50",
        "44100,125,13,-56",
        "48000,230,14,-60",
        "96000,150,15,-47",
    })
    void nineSecondsOfFanInTheMiddleAreFound(int rate, double pitchHz, long seed, double fanDbfs) {
        float[] fan = Speaker.between(Speaker.fan(rate, SECONDS, fanDbfs, seed), 14, 23, rate);
        found(rate, Speaker.reads(rate, SECONDS, pitchHz, seed), fan, -76);
    }

    @ParameterizedTest
    @CsvSource({
        "44100,105,21,-45",
        "48000,180,22,-51",
        "44100,220,23,-57",
        "48000,140,24,-62",
        "32000,160,25,-48",
    })
    void aFanThatComesEveryTwelveSecondsIsFound(int rate, double pitchHz, long seed, double fanDbfs) {
        float[] all = Speaker.fan(rate, SECONDS, fanDbfs, seed);
        float[] fan = Speaker.between(all, 6, 12, rate);
        fan = Signals.add(fan, Speaker.between(all, 18, 24, rate));
        found(
                rate,
                Speaker.reads(rate, SECONDS, pitchHz, seed),
                Signals.add(fan, Speaker.between(all, 30, 36, rate)),
                -77);
    }

    /** A noise that is there throughout is told as it is, and not as one that comes and goes. */
    @ParameterizedTest
    @CsvSource({
        "44100,100,31,-75",
        "48000,200,32,-66",
        "96000,120,33,-60",
        "44100,170,34,-52",
        "48000,150,35,-45",
        "22050,225,36,-57",
    })
    void aSteadyNoiseDoesNotChange(int rate, double pitchHz, long seed, double fanDbfs) {
        float[] voice = Speaker.reads(rate, SECONDS, pitchHz, seed);
        float[] noise = Speaker.fan(rate, SECONDS, fanDbfs, seed);
        Report report = Measured.report(rate, Signals.add(voice, noise));
        assertThat(report.noiseFloorDbfs().orElseThrow()).isCloseTo(fanDbfs, within(0.5));
        assertThat(report.noisiestDbfs().orElseThrow() - worst(voice, noise, rate))
                .isBetween(LOWEST_ERROR_DB, HIGHEST_ERROR_DB);
        assertThat(Measured.kinds(report)).doesNotContain(Finding.Kind.CHANGING_NOISE, Finding.Kind.THROBBING_NOISE);
    }

    /** Passages read softly or whispered are no pauses. */
    @ParameterizedTest
    @CsvSource({
        "44100,110,41,-8",
        "48000,190,42,-14",
        "44100,140,43,-20",
        "48000,0,44,-12",
        "44100,0,45,-20",
        "96000,0,46,-16"
    })
    void aSoftPassageIsNoPause(int rate, double pitchHz, long seed, double softDb) {
        float[] voice =
                pitchHz == 0 ? Speaker.whispers(rate, SECONDS, seed) : Speaker.reads(rate, SECONDS, pitchHz, seed);
        float[] loud = Speaker.reads(rate, SECONDS, 130, seed + 100);
        float[] read = Signals.add(
                Speaker.between(loud, 0, 14, rate),
                Signals.add(
                        Speaker.louder(Speaker.between(voice, 14, 27, rate), softDb),
                        Speaker.between(loud, 27, SECONDS, rate)));
        float[] noise = Speaker.fan(rate, SECONDS, -66, seed);
        Report report = Measured.report(rate, Signals.add(read, noise));
        assertThat(report.noiseFloorDbfs().orElseThrow()).isCloseTo(-66, within(0.5));
        assertThat(report.noisiestDbfs().orElseThrow() - worst(read, noise, rate))
                .isBetween(LOWEST_ERROR_DB, 2.0);
    }

    /** Breaths before sentences, of 0.25 to 0.4 s, are no noise of the room. */
    @ParameterizedTest
    @CsvSource({"44100,115,51,-50", "48000,205,52,-44", "44100,145,53,-38", "48000,175,54,-33", "44100,235,55,-47"})
    void aBreathIsNoNoise(int rate, double pitchHz, long seed, double breathDbfs) {
        float[] voice = Speaker.reads(rate, SECONDS, pitchHz, seed);
        float[] air = Speaker.fan(rate, SECONDS, breathDbfs, seed + 1);
        float[] breaths = new float[voice.length];
        int silent = 0;
        for (int i = rate; i < voice.length; i++) {
            if (voice[i] != 0 && silent > 0.39 * rate) {
                int length = (int) ((0.25 + 0.15 * (i % 7) / 6) * rate);
                for (int k = 0; k < length; k++) {
                    breaths[i - length + k] = (float) (air[i - length + k] * 1.6 * Math.sin(Math.PI * k / length));
                }
            }
            silent = voice[i] == 0 ? silent + 1 : 0;
        }
        float[] noise = Speaker.fan(rate, SECONDS, -68, seed);
        Report report = Measured.report(rate, Signals.add(Signals.add(voice, breaths), noise));
        assertThat(report.noiseFloorDbfs().orElseThrow()).isCloseTo(-68, within(0.7));
        assertThat(Measured.kinds(report)).doesNotContain(Finding.Kind.CHANGING_NOISE);
    }

    /** An offset is no noise and no voice: every level stays where it was. */
    @ParameterizedTest
    @CsvSource({"44100,0.001,61", "48000,0.02,62", "44100,0.05,63", "96000,-0.1,64", "48000,-0.003,65"})
    void anOffsetCountsInNoFloor(int rate, double offset, long seed) {
        float[] plain = Signals.add(Speaker.reads(rate, 20, 150, seed), Speaker.fan(rate, 20, -66, seed));
        float[] shifted = plain.clone();
        for (int i = 0; i < shifted.length; i++) {
            shifted[i] += (float) offset;
        }
        Report before = Measured.report(rate, plain);
        Report report = Measured.report(rate, shifted);
        assertThat(report.noiseFloorDbfs().orElseThrow())
                .isCloseTo(before.noiseFloorDbfs().orElseThrow(), within(0.05));
        assertThat(report.noisiestDbfs().orElseThrow())
                .isCloseTo(before.noisiestDbfs().orElseThrow(), within(0.05));
        assertThat(report.rmsDbfs().orElseThrow()).isCloseTo(before.rmsDbfs().orElseThrow(), within(0.02));
        assertThat(report.activeSpeech().levelDbov().orElseThrow())
                .isCloseTo(before.activeSpeech().levelDbov().orElseThrow(), within(0.05));
        assertThat(report.noise().orElseThrow().rumbleDbfs())
                .isCloseTo(before.noise().orElseThrow().rumbleDbfs(), within(0.5));
        assertThat(report.levels().dcOffset()).isCloseTo(before.levels().dcOffset() + offset, within(1e-5));
    }

    /** A gate that shuts 20 to 150 ms after a word leaves nothing to measure: the floor is unknown, and that is said. */
    @ParameterizedTest
    @CsvSource({"44100,120,71,20", "48000,200,72,50", "44100,150,73,100", "96000,110,74,150", "48000,230,75,35"})
    void whereAGateShutsTheFloorIsUnknown(int rate, double pitchHz, long seed, int holdMs) {
        float[] read = Signals.add(Speaker.reads(rate, 25, pitchHz, seed), Speaker.fan(rate, 25, -52, seed));
        int open = 0;
        for (int i = 0; i < read.length; i++) {
            open = Math.abs(read[i]) > 0.014 ? holdMs * rate / 1000 : Math.max(0, open - 1);
            read[i] = open > 0 ? read[i] : 0;
        }
        Report report = Measured.report(rate, read);
        assertThat(report.noiseFloorDbfs()).isEmpty();
        assertThat(report.noisiestDbfs()).isEmpty();
        assertThat(Measured.kinds(report)).contains(Finding.Kind.GATED).doesNotContain(Finding.Kind.DIGITAL_SILENCE);
    }

    /** A change that no limit minds is heard all the same when it is great. */
    @Test
    void aGreatChangeIsToldHoweverLowTheMean() {
        float[] fan = Speaker.between(Speaker.fan(48_000, SECONDS, -66, 81), 15, 25, 48_000);
        float[] noise = Signals.add(fan, Speaker.fan(48_000, SECONDS, -88, 82));
        Report report = Measured.report(48_000, Signals.add(Speaker.reads(48_000, SECONDS, 120, 81), noise));
        Finding change = report.findings().stream()
                .filter(f -> f.kind() == Finding.Kind.CHANGING_NOISE)
                .findFirst()
                .orElseThrow();
        assertThat(change.amount()).isCloseTo(22, within(2.0));
        assertThat(change.startS()).isBetween(15.0, 25.0);
    }

    private static void found(int rate, float[] voice, float[] fan, double quietDbfs) {
        float[] noise = Signals.add(fan, Signals.noise(quietDbfs, SECONDS, rate, 5));
        Report report = Measured.report(rate, Signals.add(voice, noise));
        assertThat(report.noisiestDbfs().orElseThrow() - worst(voice, noise, rate))
                .as("error of the noisiest half second")
                .isBetween(LOWEST_ERROR_DB, HIGHEST_ERROR_DB);
        assertThat(report.pauses().quietest().orElseThrow().levelDbfs()).isCloseTo(quietDbfs, within(1.5));
        assertThat(Measured.kinds(report)).contains(Finding.Kind.CHANGING_NOISE);
    }

    /** The loudest half second of the noise in the pauses, found with voice and noise apart. */
    static double worst(float[] voice, float[] noise, int rate) {
        float[] words = Frames.meanSquares(voice, rate);
        float[] levels = Frames.meanSquares(noise, rate);
        List<Double> quiet = new ArrayList<>();
        List<Double> run = new ArrayList<>();
        for (int i = 0; i <= words.length; i++) {
            if (i < words.length && words[i] * 10 < levels[i]) {
                run.add((double) levels[i]);
            } else {
                if (run.size() >= 0.3 * FrameClock.FRAMES_PER_SECOND) {
                    quiet.addAll(run.subList(5, run.size() - 5));
                }
                run.clear();
            }
        }
        int half = FrameClock.FRAMES_PER_SECOND / 2;
        double most = 0;
        for (int i = 0; i + half <= quiet.size(); i++) {
            most = Math.max(
                    most,
                    quiet.subList(i, i + half).stream()
                            .mapToDouble(d -> d)
                            .average()
                            .orElseThrow());
        }
        return 10 * Math.log10(most);
    }
}
