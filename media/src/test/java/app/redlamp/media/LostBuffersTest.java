package app.redlamp.media;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.measure.analysis.RecordingAnalyzer;
import app.redlamp.core.measure.voice.Event;
import app.redlamp.core.measure.voice.VoiceProfile;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.Signals;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalInt;
import java.util.SplittableRandom;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a driver loses in the speech that ships: buffers of 64 to 2048 samples skipped, played twice, swapped or silent. */
class LostBuffersTest {
    /** A break is heard where it is so many times as steep as the steepest place within 10 ms (ours). */
    private static final double HEARD = 1;

    /** The strokes of this synthesiser's voice are single samples and hide more breaks than a throat's do (measured). */
    private static final double FOUND = 0.8;

    private static final int[] SIZES = {64, 100, 128, 256, 480, 512, 1024, 2048};

    @TempDir
    Path scratch;

    /** A recording with its faults, each from where to where. */
    private static final class Spoilt {
        private final float[] samples;
        private final List<int[]> places;

        Spoilt(float[] samples, List<int[]> places) {
            this.samples = samples;
            this.places = places;
        }

        float[] samples() {
            return samples;
        }

        List<int[]> places() {
            return places;
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {44_100, 48_000, 96_000})
    void mostOfThoseThatAreHeardAreFoundAndNothingBesides(int rate) throws IOException {
        int all = 0;
        int found = 0;
        for (int voice = 0; voice < DemoVoice.NAMES.size(); voice++) {
            for (String how : List.of("skipped", "twice", "swapped")) {
                Spoilt spoilt = spoil(speech(voice, rate), rate, how, voice);
                List<Event> told = told(rate, spoilt.samples());
                for (int[] place : spoilt.places()) {
                    boolean isTold = told.removeIf(e -> isNear(e, place, rate));
                    boolean heard = heard(spoilt.samples(), place, rate);
                    all += heard ? 1 : 0;
                    found += heard && isTold ? 1 : 0;
                }
                assertThat(told).as("besides, voice %d %s", voice, how).isEmpty();
            }
        }
        assertThat(all).isGreaterThan(100);
        assertThat(found).as("of %d", all).isGreaterThanOrEqualTo((int) Math.ceil(FOUND * all));
    }

    @ParameterizedTest
    @ValueSource(ints = {44_100, 48_000})
    void everyBufferOfZerosIsFound(int rate) throws IOException {
        for (int voice = 0; voice < DemoVoice.NAMES.size(); voice++) {
            Spoilt spoilt = spoil(speech(voice, rate), rate, "silent", voice);
            List<Event> told = told(rate, spoilt.samples());
            assertThat(spoilt.places())
                    .isNotEmpty()
                    .allSatisfy(p -> assertThat(told).anyMatch(e -> isNear(e, p, rate)));
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {22_050, 44_100, 48_000, 96_000})
    void nothingIsLostInWhatIsWhole(int rate) throws IOException {
        for (int voice = 0; voice < DemoVoice.NAMES.size(); voice++) {
            assertThat(told(rate, speech(voice, rate))).isEmpty();
        }
    }

    private float[] speech(int voice, int rate) throws IOException {
        float[] dry = DemoVoice.samples(DemoVoice.NAMES.get(voice), rate, scratch);
        float[] noise = Signals.noise(-70 + voice, (double) dry.length / rate + 1, rate, 40 + voice);
        return Signals.of(dry.length, n -> dry[n] + noise[n]);
    }

    /** A fault in every third to one and a third of a second in which somebody speaks before and after. */
    private static Spoilt spoil(float[] x, int rate, String how, int seed) {
        SplittableRandom random = new SplittableRandom(seed);
        List<float[]> parts = new ArrayList<>();
        List<int[]> places = new ArrayList<>();
        int done = 0;
        int out = 0;
        while (true) {
            int at = done + rate / 3 + random.nextInt(rate);
            int size = SIZES[random.nextInt(SIZES.length)];
            if (at + 3 * size + rate / 10 >= x.length) {
                break;
            }
            parts.add(Arrays.copyOfRange(x, done, at));
            out += at - done;
            done = at;
            int next = switch (how) {
                case "twice" -> at;
                case "swapped" -> at + 2 * size;
                default -> at + size;
            };
            if (Math.min(rms(x, at - rate / 100, rate), rms(x, next, rate)) < 0.3 * rms(x)) {
                continue;
            }
            float[] instead = switch (how) {
                case "skipped" -> new float[0];
                case "twice" -> Arrays.copyOfRange(x, at - size, at);
                case "swapped" ->
                    Signals.join(Arrays.copyOfRange(x, at + size, next), Arrays.copyOfRange(x, at, at + size));
                default -> new float[size];
            };
            parts.add(instead);
            done = next;
            places.add(new int[] {out, out + instead.length});
            out += instead.length;
        }
        parts.add(Arrays.copyOfRange(x, done, x.length));
        return new Spoilt(Signals.join(parts.toArray(float[][]::new)), places);
    }

    /** Of 10 ms. */
    private static double rms(float[] x, int from, int rate) {
        int length = rate / 100;
        double sum = 0;
        for (int i = from; i < from + length; i++) {
            sum += x[i] * x[i];
        }
        return Math.sqrt(sum / length);
    }

    /** Of what is not silent. */
    private static double rms(float[] x) {
        double sum = 0;
        int count = 1;
        for (float v : x) {
            sum += v * v;
            count += Math.abs(v) > 0.01 ? 1 : 0;
        }
        return Math.sqrt(sum / count);
    }

    /** Whether the step at one of a fault's edges is larger than every other within 10 ms. */
    private static boolean heard(float[] x, int[] place, int rate) {
        int[] edges = {place[0], (place[0] + place[1]) / 2, place[1]};
        double steepest = 0;
        for (int n = place[0] - rate / 100; n < place[1] + rate / 100; n++) {
            int at = n;
            if (Arrays.stream(edges).noneMatch(e -> Math.abs(e - at) < 2)) {
                steepest = Math.max(steepest, Math.abs(x[n] - x[n - 1]));
            }
        }
        double step = Arrays.stream(edges)
                .mapToDouble(e -> Math.abs(x[e] - x[e - 1]))
                .max()
                .orElseThrow();
        return step > HEARD * steepest;
    }

    private static boolean isNear(Event event, int[] place, int rate) {
        return event.endS() * rate > place[0] - 0.003 * rate && event.startS() * rate < place[1] + 0.003 * rate;
    }

    private static List<Event> told(int rate, float[] samples) throws IOException {
        AudioInfo info = new AudioInfo("wav", "pcm_f32le", rate, OptionalInt.of(32), 1, 0, OptionalInt.empty());
        VoiceProfile voice =
                RecordingAnalyzer.of(Signals.source(rate, samples), info).voice();
        List<Event> all = new ArrayList<>(voice.jumps().worst());
        all.addAll(voice.dropouts().worst());
        return all;
    }
}
