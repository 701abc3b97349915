package app.redlamp.core.measure.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Measured;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Speaker;
import app.redlamp.core.signal.Convolver;
import app.redlamp.core.signal.Signals;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is read from a voice, against the impulse response that it was convolved with (ISO 3382-1, annex A: C50, T). */
class RoomByEarTest {
    private static final int SECONDS = 60;

    /** A voice of its own and an impulse response that starts with it: noise that falls evenly, from some milliseconds on. */
    private record Heard(Reverberation room, Report report, double clarityDb) {
        static Heard in(int rate, double decayS, double directDb, double floorDbfs, long seed) {
            // The longer a room rings, the fewer words end in quiet.
            int seconds = (int) (40 + 80 * decayS);
            float[] response = response(rate, decayS, directDb, seed);
            float[] wet = Convolver.of(Speaker.reads(rate, seconds, 90.0 + 19 * seed, seed), response);
            float[] cut = Signals.of(seconds * rate, n -> wet[n] / 2);
            Report report = Measured.report(rate, Signals.add(cut, Signals.noise(floorDbfs, seconds, rate, seed)));
            return new Heard(report.voice().reverberation(), report, clarity(response, rate));
        }

        private static float[] response(int rate, double decayS, double directDb, long seed) {
            Random random = new Random(seed);
            int from = rate / 500;
            float[] response = new float[(int) (1.2 * decayS * rate) + from];
            double power = 0;
            for (int n = from; n < response.length; n++) {
                response[n] = (float) (random.nextGaussian() * Math.pow(10, -3.0 * n / rate / decayS));
                power += response[n] * response[n];
            }
            double scale = Math.sqrt(Math.pow(10, -directDb / 10) / power);
            for (int n = from; n < response.length; n++) {
                response[n] *= (float) scale;
            }
            response[0] = 1;
            return response;
        }

        private static double clarity(float[] response, int rate) {
            double early = 0;
            double late = 0;
            for (int n = 0; n < response.length; n++) {
                double power = response[n] * response[n];
                early += n < rate / 20 ? power : 0;
                late += n < rate / 20 ? 0 : power;
            }
            return 10 * Math.log10(early / late);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "44100, 0.3, 12, -64, 1",
        "16000, 0.3, 4, -70, 2",
        "48000, 0.5, 14, -66, 3",
        "22050, 0.5, 8, -60, 4",
        "16000, 0.5, 6, -72, 5",
        "44100, 0.8, 15, -68, 6",
        "32000, 0.8, 6, -62, 7",
        "16000, 1.2, 12, -70, 8",
        "48000, 1.2, 3, -74, 9",
        "16000, 1.5, 9, -66, 10"
    })
    void timeAndClarityAreTold(int rate, double decayS, double directDb, double floorDbfs, long seed) {
        Heard heard = Heard.in(rate, decayS, directDb, floorDbfs, seed);
        assertThat(heard.room().kind()).isEqualTo(Reverberation.Kind.HEARD);
        assertThat(heard.room().clarityDb().orElseThrow()).isCloseTo(heard.clarityDb(), within(4.0));
        Reverberation.Told clarity = heard.room().clarity().orElseThrow();
        assertThat(clarity.within()).isBetween(2.5, 8.0);
        // In a room that rings for long few words end freely: then its time may be left open.
        assertThat(decayS > 1 || heard.room().decayS().isPresent()).isTrue();
        heard.room().decayS().ifPresent(s -> assertThat(s).isCloseTo(decayS, within(0.25 * decayS)));
    }

    /** The reverberation is stronger than the voice: too clear by up to 9 dB, and unmistakable all the same. */
    @ParameterizedTest
    @CsvSource({
        "16000, 0.5, -6, -70, 1",
        "44100, 0.9, -4, -66, 2",
        "22050, 1.3, -6, -72, 3",
        "16000, 0.7, -2, -60, 4",
        "16000, 0.5, 2, -72, 5"
    })
    void aVoiceFarAwayIsAFinding(int rate, double decayS, double directDb, double floorDbfs, long seed) {
        Heard heard = Heard.in(rate, decayS, directDb, floorDbfs, seed);
        assertThat(heard.room().clarityDb().orElseThrow()).isBetween(heard.clarityDb() - 2, heard.clarityDb() + 9);
        assertThat(Measured.kinds(heard.report())).contains(Finding.Kind.REVERBERANT);
    }

    /** Bursts of noise that fall as the room does, and no other way: an exponential of known length. */
    @ParameterizedTest
    @ValueSource(doubles = {0.25, 0.4, 0.7, 1.0})
    void anExponentialIsRead(double decayS) {
        int rate = 16_000;
        Random random = new Random(3);
        float[] samples = new float[90 * rate];
        double level = 0;
        double fall = Math.pow(10, -3 / (decayS * rate));
        for (int n = 0; n < samples.length; n++) {
            level = n / (rate / 4) % 5 == 0 ? 0.2 : level * fall;
            samples[n] = (float) (level * (random.nextDouble() * 2 - 1));
        }
        Report report = Measured.report(rate, Signals.add(samples, Signals.noise(-70, 90, rate, 4)));
        assertThat(report.voice().reverberation().decayS().orElseThrow()).isCloseTo(decayS, within(0.2 * decayS));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void ofAVoiceWithoutARoomNoneIsHeard(long seed) {
        int rate = seed % 2 == 0 ? 16_000 : 44_100;
        float[] dry = Speaker.reads(rate, SECONDS, 80.0 + 25 * seed, seed + 30);
        Report report = Measured.report(rate, Signals.add(dry, Signals.noise(-72, SECONDS, rate, seed)));
        Reverberation room = report.voice().reverberation();
        assertThat(room.kind()).isEqualTo(Reverberation.Kind.NOT_HEARD);
        assertThat(room.clarityDb()).hasValue(20);
        assertThat(room.decayS()).isEmpty();
        assertThat(Measured.kinds(report)).doesNotContain(Finding.Kind.REVERBERANT);
    }

    @Test
    void whatCannotBeToldIsNotTold() {
        int rate = 16_000;
        float[] fewWords = Speaker.reads(rate, 4, 120, 3);
        assertThat(Measured.report(rate, fewWords).voice().reverberation().kind())
                .isEqualTo(Reverberation.Kind.UNKNOWN);
        float[] noise = Signals.noise(-30, SECONDS, rate, 4);
        assertThat(Measured.report(rate, noise).voice().reverberation().kind()).isEqualTo(Reverberation.Kind.UNKNOWN);
        float[] drowned = Signals.add(Speaker.reads(rate, SECONDS, 120, 5), Signals.noise(-32, SECONDS, rate, 6));
        assertThat(Measured.report(rate, drowned).voice().reverberation().kind())
                .isEqualTo(Reverberation.Kind.UNKNOWN);
        assertThat(RoomByEar.of(new float[0])).isEqualTo(Reverberation.UNKNOWN);
        assertThat(RoomByEar.of(new float[900])).isEqualTo(Reverberation.UNKNOWN);
    }
}
