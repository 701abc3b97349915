package app.redlamp.core.measure.noise;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Speaker;
import app.redlamp.core.signal.Signals;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A machine that runs for a second or two, time and again, is noise; breaths that are all alike are none. */
class RecurringNoiseTest {
    private static final double SECONDS = 70;

    /** What runs for some of the time, at intervals of its own. */
    private static float[] runs(float[] noise, int rate, double leastS, double mostS, long seed) {
        Random random = new Random(seed);
        float[] result = new float[noise.length];
        double atS = 1;
        while (atS < SECONDS) {
            double forS = leastS + (mostS - leastS) * random.nextDouble();
            for (int i = (int) (atS * rate); i < Math.min(result.length, (atS + forS) * rate); i++) {
                result[i] = noise[i];
            }
            atS += forS + leastS + (mostS - leastS) * random.nextDouble();
        }
        return result;
    }

    @ParameterizedTest
    @CsvSource({
        "44100,115,1.4,2.2,-47,1",
        "48000,210,1.6,2.4,-53,2",
        "22050,160,1.8,2.2,-49,3",
        "96000,125,1.5,2.3,-57,4",
        "32000,185,1.9,2.5,-45,5",
    })
    void aMachineThatRunsForASecondOrTwoIsMeasuredAndTold(
            int rate, double pitchHz, double leastS, double mostS, double dbfs, long seed) {
        float[] voice = Speaker.reads(rate, SECONDS, pitchHz, seed + 40);
        float[] noise = Signals.add(
                runs(Speaker.fan(rate, SECONDS, dbfs, seed), rate, leastS, mostS, seed),
                Signals.noise(-80, SECONDS, rate, 8));
        Report report = Measured.report(rate, Signals.add(voice, noise));
        assertThat(report.noisiestDbfs().orElseThrow() - PausesUnderNoiseTest.worst(voice, noise, rate))
                .as("error of the noisiest half second")
                .isBetween(-1.0, 1.0);
        assertThat(report.noiseFloorDbfs().orElseThrow())
                .as("the mean holds both")
                .isBetween(dbfs - 10, dbfs);
        assertThat(Measured.kinds(report))
                .containsAnyOf(Finding.Kind.CHANGING_NOISE, Finding.Kind.THROBBING_NOISE)
                .doesNotContain(Finding.Kind.PUMPING, Finding.Kind.COMPRESSED);
    }

    /** The same breath of 0.45 s before every sentence, a good deal louder than the room. */
    @ParameterizedTest
    @CsvSource({"44100,120,-42,1", "48000,200,-36,2", "32000,165,-48,3"})
    void breathsThatAreAllAlikeAreNone(int rate, double pitchHz, double dbfs, long seed) {
        float[] voice = Speaker.reads(rate, SECONDS, pitchHz, seed + 60);
        float[] breath = Signals.noise(dbfs, 0.45, rate, seed);
        float[] all = Signals.add(voice, Signals.noise(-74, SECONDS, rate, 9));
        int zeros = 0;
        int breaths = 0;
        for (int i = breath.length; i < voice.length; i++) {
            if (voice[i] != 0 && zeros > breath.length + 0.1 * rate) {
                for (int k = 0; k < breath.length; k++) {
                    double fade = Math.min(1, Math.min(k, breath.length - k) / (0.05 * rate));
                    all[i - breath.length + k] += (float) (fade * breath[k]);
                }
                breaths++;
            }
            zeros = voice[i] == 0 ? zeros + 1 : 0;
        }
        assertThat(breaths).isGreaterThan(8);
        Report report = Measured.report(rate, all);
        assertThat(report.noisiestDbfs().orElseThrow()).isBetween(-74.5, -71.0);
        assertThat(Measured.kinds(report)).doesNotContain(Finding.Kind.CHANGING_NOISE);
    }
}
