package app.redlamp.core.taking.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.taking.live.EarFrames;
import app.redlamp.core.taking.page.PageText.Line;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Readings of known pace: so many syllables a second, made up, with pauses between the sentences. */
class PageFollowerTest {
    private static final double NOISE_DBFS = -62;

    private final int[] syllables = {6, 14, 22, 9, 31, 12, 4, 18, 25, 11};
    private final PageFollower follower = new PageFollower(page());

    private PageText page() {
        List<Line> lines = new ArrayList<>();
        for (int count : syllables) {
            lines.add(new Line("…", 0, false, count / 2, count, List.of(), Optional.empty()));
        }
        return new PageText(lines);
    }

    /** A made-up voice: pulses through two resonances, louder and softer with each syllable. */
    private final class Voice {
        private final int rate;
        private final double pace;
        private final EarFrames ear;
        private final SplittableRandom random = new SplittableRandom(5);
        private double phase;

        Voice(int rate, double pace) {
            this.rate = rate;
            this.pace = pace;
            ear = new EarFrames(rate);
        }

        void says(int count) {
            for (int s = 0; s < count; s++) {
                int length = (int) (rate / pace * random.nextDouble(0.8, 1.2));
                double loud = random.nextDouble(0.6, 1);
                float[] sound = new float[length];
                for (int i = 0; i < length; i++) {
                    phase += 120.0 / rate;
                    double shape = Math.pow(Math.sin(Math.PI * (i + 0.5) / length), 2);
                    double wave = Math.sin(2 * Math.PI * phase)
                            + Math.sin(10 * Math.PI * phase)
                            + 0.5 * Math.sin(22 * Math.PI * phase);
                    sound[i] = (float) (0.08 * loud * shape * wave);
                }
                hear(sound);
            }
        }

        void pauses(double seconds) {
            hear(new float[(int) (seconds * rate)]);
        }

        private void hear(float[] sound) {
            for (int i = 0; i < sound.length; i++) {
                sound[i] += (float) ((random.nextDouble() - 0.5) * Math.sqrt(12) * 0.0008);
            }
            ear.accept(sound, sound.length);
            ear.drain(f -> follower.frame(f.levelDbfs(), f.voicedDbfs(), NOISE_DBFS));
        }
    }

    @ParameterizedTest
    @CsvSource({"44100, 3.0, 1.0", "48000, 4.2, 1.0", "48000, 5.5, 1.0", "44100, 4.5, 0.85", "96000, 4.0, 1.15"})
    void itIsWhereTheReaderIs(int rate, double pace, double asInTheText) {
        Voice voice = new Voice(rate, pace);
        voice.pauses(1);
        for (int line = 0; line < syllables.length; line++) {
            assertThat(follower.line()).as("before line %s", line).isEqualTo(line);
            int said = (int) Math.round(syllables[line] * asInTheText);
            for (int half = 0; half < 2; half++) {
                voice.says(half == 0 ? said / 2 : said - said / 2);
                // Never faster than they read.
                assertThat(follower.line()).isEqualTo(line);
            }
            assertThat(follower.share()).as("line %s", line).isGreaterThan(0.5);
            voice.pauses(0.7);
        }
        assertThat(follower.through()).isTrue();
        if (asInTheText == 1.0) {
            assertThat(follower.syllablesPerSecond()).isCloseTo(pace, within(0.25 * pace));
        }
    }

    @Test
    void aPauseStopsItAndAShortRestInTheMiddleIsNoEnd() {
        Voice voice = new Voice(48_000, 4);
        voice.says(6);
        voice.pauses(0.6);
        voice.says(5);
        double share = follower.share();
        voice.pauses(20);
        assertThat(follower.line()).isEqualTo(1);
        assertThat(follower.share()).isEqualTo(share);
        assertThat(follower.pausing()).isTrue();
        voice.says(9);
        voice.pauses(0.6);
        assertThat(follower.line()).isEqualTo(2);
    }

    @Test
    void whoReadsOnWithoutAPauseIsFollowed() {
        Voice voice = new Voice(48_000, 5);
        for (int count : syllables) {
            voice.says(count);
        }
        voice.pauses(1);
        assertThat(follower.line()).isBetween(syllables.length - 2, syllables.length);
    }

    @Test
    void itGoesWhereItIsTold() {
        Voice voice = new Voice(48_000, 4);
        voice.says(6);
        voice.pauses(0.6);
        follower.go(0);
        assertThat(follower.line()).isZero();
        voice.says(6);
        voice.pauses(0.6);
        assertThat(follower.line()).isEqualTo(1);
        follower.go(syllables.length);
        assertThat(follower.through()).isTrue();
        voice.says(5);
        assertThat(follower.line()).isEqualTo(syllables.length);
        assertThatThrownBy(() -> follower.go(-1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> follower.go(11)).isInstanceOf(IllegalArgumentException.class);
    }

    /** Bakery mixers are no reader. */
    @Test
    void noiseTurnsNoPage() {
        EarFrames ear = new EarFrames(48_000);
        SplittableRandom random = new SplittableRandom(2);
        float[] sound = new float[48_000 * 30];
        for (int i = 0; i < sound.length; i++) {
            sound[i] = (float) (0.001 * (1 + 0.4 * Math.sin(i / 4000.0)) * random.nextDouble(-1, 1));
        }
        for (int i = 0; i < 30; i++) {
            ear.accept(Arrays.copyOfRange(sound, i * 48_000, (i + 1) * 48_000), 48_000);
            ear.drain(f -> follower.frame(f.levelDbfs(), f.voicedDbfs(), NOISE_DBFS));
        }
        assertThat(follower.line()).isZero();
        assertThat(follower.share()).isZero();
    }
}
