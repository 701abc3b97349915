package app.redlamp.core.taking.joins;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.planning.take.Assembly;
import app.redlamp.core.planning.take.JoinKind;
import app.redlamp.core.planning.take.Mark;
import app.redlamp.core.planning.take.MarkKind;
import app.redlamp.core.planning.take.Passage;
import app.redlamp.core.planning.take.Take;
import app.redlamp.core.planning.take.Takes;
import java.io.IOException;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AssemblerTest {
    private static final String FILE = "raw/01 Rain - take 1.wav";
    private static final String SECOND = "raw/01 Rain - take 2.wav";
    private static final double NOISE = 0.0006;
    private static final Assembly NOTHING = Assembly.empty("Rain");

    private static Take take(String file, Readings sounds, Mark... marks) {
        return new Take(
                file,
                "Rain",
                Optional.of(LocalDateTime.of(2026, 5, 4, 20, 0)),
                (double) sounds.sound(file).length / Readings.RATE,
                Optional.empty(),
                Optional.empty(),
                List.of(marks),
                Take.State.RAW);
    }

    private static float[] heard(Assembly assembly, Readings sounds) throws IOException {
        try (AssembledSource source = AssembledSource.open(assembly, sounds)) {
            return all(source);
        }
    }

    private static float[] all(AssembledSource source) throws IOException {
        float[] sound = new float[(int) source.expectedFrames() + 1];
        float[][] block = new float[1][777];
        int done = 0;
        int got;
        while ((got = source.read(block, 777)) > 0) {
            System.arraycopy(block[0], 0, sound, done, got);
            done += got;
        }
        return Arrays.copyOf(sound, done);
    }

    private static double seconds(long frames) {
        return (double) frames / Readings.RATE;
    }

    @Test
    void aTakeThatWasReadThroughIsItself() throws IOException {
        Readings sounds = new Readings()
                .with(
                        FILE,
                        new Readings.Take(110).pause(1).says(1, 1).pause(0.9).over(NOISE, 1));
        Assembly assembly = new Assembler(sounds).with(NOTHING, List.of(take(FILE, sounds)));
        assertThat(assembly.joins()).isZero();
        assertThat(Arrays.mismatch(heard(assembly, sounds), sounds.sound(FILE))).isEqualTo(-1);
        assertThat(sounds.open()).isZero();
    }

    /** The reader stumbles, steps back, hears the end of the sentence before, and reads on from the pause after it. */
    @ParameterizedTest
    @CsvSource({"95, 0.0002, 3", "120, 0.002, 4", "210, 0.0006, 5"})
    void aPunchInGoesOnFromThePause(double pitchHz, double noise, int seed) throws IOException {
        Readings.Take made = new Readings.Take(pitchHz).pause(1).says(seed, 1);
        double pause = made.nowS();
        made.pause(0.7).says(seed + 10, 0.6).pause(3.1);
        double resumed = made.nowS();
        made.pause(0.35).says(seed + 10, 1).pause(1);
        Readings sounds = new Readings().with(FILE, made.over(noise, seed));
        Mark punch = new Mark(pause + 0.3, resumed - pause - 0.3, MarkKind.PUNCH_IN.id(), "");
        Assembly assembly = new Assembler(sounds).with(NOTHING, List.of(take(FILE, sounds, punch)));
        assertThat(assembly.joins()).isEqualTo(1);
        Passage first = assembly.passages().get(0);
        Passage second = assembly.passages().get(1);
        assertThat(second.entry()).isEqualTo(JoinKind.PUNCH_IN);
        assertThat(seconds(first.to())).isBetween(pause, pause + 0.7);
        assertThat(seconds(second.from())).isBetween(resumed - 0.3, resumed + 0.36);
        JoinFigures figures = JoinFigures.of(assembly, 1, sounds);
        assertThat(figures.unheard()).as(figures.toString()).isTrue();
        exact(assembly, sounds);
    }

    /** Outside the overlaps each sample is that of its take; within them the powers of both add up to one. */
    private static void exact(Assembly assembly, Readings sounds) throws IOException {
        float[] heard = heard(assembly, sounds);
        float[] expected = new float[heard.length];
        int at = 0;
        for (int i = 0; i < assembly.passages().size(); i++) {
            Passage one = assembly.passages().get(i);
            float[] take = sounds.sound(one.file());
            System.arraycopy(take, (int) one.from(), expected, at, (int) one.frames());
            at += (int) one.frames();
        }
        at = 0;
        for (int i = 1; i < assembly.passages().size(); i++) {
            Passage before = assembly.passages().get(i - 1);
            Passage after = assembly.passages().get(i);
            at += (int) before.frames();
            int half = after.fade() / 2;
            for (int k = 0; k < after.fade(); k++) {
                double share = (k + 0.5) / after.fade();
                double a = sounds.sound(before.file())[(int) before.to() - half + k];
                double b = sounds.sound(after.file())[(int) after.from() - half + k];
                // sin² + cos² = 1, written in another way than in the code.
                expected[at - half + k] = (float) (a * Math.sqrt((1 + Math.cos(Math.PI * share)) / 2)
                        + b * Math.sqrt((1 - Math.cos(Math.PI * share)) / 2));
            }
        }
        assertThat(heard.length).isEqualTo((int) assembly.frames());
        for (int i = 0; i < heard.length; i++) {
            if (Math.abs(heard[i] - expected[i]) > 1e-7) {
                throw new AssertionError("sample " + i + ": " + heard[i] + ", not " + expected[i]);
            }
        }
    }

    /** The stumble is marked in the pause after it, or while the sentence is already read again, or before the pause. */
    @ParameterizedTest
    @CsvSource({"0.5, 0.6, 7", "-0.3, 0.5, 8", "1.0, 0.35, 9", "0.4, 0.8, 12", "0.5, 0.3, 14"})
    void aSentenceThatIsReadAgainCountsTheSecondTime(double markS, double share, int seed) throws IOException {
        Readings.Take made =
                new Readings.Take(118).pause(1).says(seed, 1).pause(0.75).says(seed + 30, 1);
        double before = made.nowS();
        made.pause(0.6).says(seed + 60, share);
        double stopped = made.nowS();
        made.pause(0.9);
        double again = made.nowS();
        made.says(seed + 60, 1).pause(0.6).says(seed + 90, 1).pause(1);
        Readings sounds = new Readings().with(FILE, made.over(NOISE, seed));
        Mark mark = new Mark(stopped + markS, MarkKind.AGAIN.id(), "");
        Assembly assembly = new Assembler(sounds).with(NOTHING, List.of(take(FILE, sounds, mark)));
        assertThat(assembly.joins()).isEqualTo(1);
        assertThat(seconds(assembly.passages().get(0).to())).isBetween(before, before + 0.6);
        assertThat(seconds(assembly.passages().get(1).from())).isBetween(again - 0.9, again);
        // The pause that is heard is as long as that before the first reading was.
        double heard = seconds(assembly.passages().get(0).to())
                - before
                + again
                - seconds(assembly.passages().get(1).from());
        assertThat(heard).isCloseTo(0.6, within(0.1));
        assertThat(JoinFigures.of(assembly, 1, sounds).unheard()).isTrue();
        exact(assembly, sounds);
    }

    @Test
    void aSentenceThatFailsTwiceIsHeardOnce() throws IOException {
        Readings.Take made = new Readings.Take(105).pause(1).says(1, 1);
        double before = made.nowS();
        made.pause(0.7).says(2, 0.5);
        double first = made.nowS();
        made.pause(0.8).says(2, 0.7);
        double second = made.nowS();
        made.pause(0.8);
        double again = made.nowS();
        made.says(2, 1).pause(0.9);
        Readings sounds = new Readings().with(FILE, made.over(NOISE, 5));
        Mark[] marks = {new Mark(first + 0.4, MarkKind.AGAIN.id(), ""), new Mark(second + 0.4, MarkKind.AGAIN.id(), "")
        };
        Assembly assembly = new Assembler(sounds).with(NOTHING, List.of(take(FILE, sounds, marks)));
        assertThat(assembly.joins()).isEqualTo(1);
        assertThat(seconds(assembly.passages().get(0).to())).isBetween(before, before + 0.7);
        assertThat(seconds(assembly.passages().get(1).from())).isBetween(again - 0.8, again);
        exact(assembly, sounds);
    }

    @Test
    void whatWasSteppedBackOverTwiceIsLeftOutAsAWhole() throws IOException {
        Readings.Take made = new Readings.Take(130).pause(1).says(1, 1);
        double early = made.nowS();
        made.pause(0.7).says(2, 1);
        double late = made.nowS();
        made.pause(0.7).says(3, 0.5).pause(2.2);
        double once = made.nowS();
        made.pause(0.4).says(3, 0.8).pause(2.2);
        double twice = made.nowS();
        made.pause(0.4).says(2, 1).pause(0.7).says(3, 1).pause(1);
        Readings sounds = new Readings().with(FILE, made.over(NOISE, 6));
        Mark[] marks = {
            new Mark(late + 0.3, once - late - 0.3, MarkKind.PUNCH_IN.id(), ""),
            new Mark(early + 0.3, twice - early - 0.3, MarkKind.PUNCH_IN.id(), "")
        };
        Assembly assembly = new Assembler(sounds).with(NOTHING, List.of(take(FILE, sounds, marks)));
        assertThat(assembly.joins()).isEqualTo(1);
        assertThat(seconds(assembly.passages().get(0).to())).isBetween(early, early + 0.7);
        assertThat(seconds(assembly.passages().get(1).from())).isBetween(twice - 0.4, twice + 0.4);
        exact(assembly, sounds);
    }

    @Test
    void takesGoOnAfterEachOtherWithAPauseBetween() throws IOException {
        Readings sounds = new Readings()
                .with(FILE, new Readings.Take(120).pause(1).says(1, 1).pause(4).over(NOISE, 1))
                .with(
                        SECOND,
                        new Readings.Take(120).pause(5).says(2, 1).pause(1).over(NOISE, 2));
        Assembler assembler = new Assembler(sounds);
        Assembly half = assembler.with(NOTHING, List.of(take(FILE, sounds)));
        Assembly whole = assembler.with(half, List.of(take(FILE, sounds), take(SECOND, sounds)));
        assertThat(whole.passages()).extracting(Passage::entry).containsExactly(JoinKind.START, JoinKind.NEXT_TAKE);
        // Of the nine seconds between the two sentences 0.8 are left, less the 50 ms beside each word.
        assertThat(seconds(half.frames() + sounds.sound(SECOND).length - whole.frames()))
                .isCloseTo(9 - 0.9, within(0.15));
        assertThat(JoinFigures.of(whole, 1, sounds).unheard()).isTrue();
        exact(whole, sounds);
    }

    /** A gate, or a synthetic voice: there is no noise in the pauses. */
    @Test
    void digitalSilenceIsQuietToo() throws IOException {
        Readings.Take made =
                new Readings.Take(120).pause(1).says(1, 1).pause(0.8).says(2, 0.6);
        double stopped = made.nowS();
        made.pause(0.9).says(2, 1).pause(1);
        Readings sounds = new Readings()
                .with(FILE, made.over(0, 1))
                .with(
                        SECOND,
                        new Readings.Take(120).pause(1).says(3, 1).pause(1).over(0, 2));
        Mark mark = new Mark(stopped + 0.4, MarkKind.AGAIN.id(), "");
        Assembly whole = new Assembler(sounds).with(NOTHING, List.of(take(FILE, sounds, mark), take(SECOND, sounds)));
        assertThat(whole.passages())
                .extracting(Passage::entry)
                .containsExactly(JoinKind.START, JoinKind.AGAIN, JoinKind.NEXT_TAKE);
        exact(whole, sounds);
        assertThat(JoinFigures.of(whole, 1, sounds).unheard()).isTrue();
        assertThat(JoinFigures.of(whole, 2, sounds).unheard()).isTrue();
    }

    @Test
    void whereBothEndInWordsRoomToneStandsBetween() throws IOException {
        Readings sounds = new Readings()
                .with(
                        FILE,
                        new Readings.Take(120)
                                .pause(1)
                                .says(1, 1)
                                .pause(0.8)
                                .says(2, 0.55)
                                .over(NOISE, 1))
                .with(SECOND, new Readings.Take(120).says(3, 1).pause(1).over(NOISE, 2));
        Assembly whole = new Assembler(sounds).with(NOTHING, List.of(take(FILE, sounds), take(SECOND, sounds)));
        assertThat(whole.passages())
                .extracting(Passage::entry)
                .containsExactly(JoinKind.START, JoinKind.TONE, JoinKind.NEXT_TAKE);
        assertThat(seconds(whole.passages().get(1).frames())).isCloseTo(0.4, within(0.01));
        exact(whole, sounds);
    }

    @Test
    void itIsHeardFromAnyPlaceAtOnce() throws IOException {
        Readings sounds = new Readings()
                .with(FILE, new Readings.Take(120).pause(1).says(1, 1).pause(2).over(NOISE, 1))
                .with(
                        SECOND,
                        new Readings.Take(120).pause(2).says(2, 1).pause(1).over(NOISE, 2));
        Assembly whole = new Assembler(sounds).with(NOTHING, List.of(take(FILE, sounds), take(SECOND, sounds)));
        float[] all = heard(whole, sounds);
        int join = (int) whole.startOf(1);
        for (int from : new int[] {
            1, join - 5000, join - 700, join - 1, join, join + 1, join + 881, join + 883, all.length - 1, all.length
        }) {
            try (AssembledSource source = AssembledSource.open(whole, sounds)) {
                source.skip(from);
                float[] rest = all(source);
                assertThat(Arrays.equals(rest, Arrays.copyOfRange(all, from, all.length)))
                        .as("from %s", from)
                        .isTrue();
            }
        }
        assertThat(sounds.open()).isZero();
    }

    @Test
    void joinsCanBeMovedAndUndone() throws IOException {
        Readings.Take made =
                new Readings.Take(118).pause(1).says(1, 1).pause(0.8).says(2, 0.6);
        double stopped = made.nowS();
        made.pause(0.9).says(2, 1).pause(1);
        Readings sounds = new Readings().with(FILE, made.over(NOISE, 1));
        Mark mark = new Mark(stopped + 0.3, MarkKind.AGAIN.id(), "");
        Assembly joined = new Assembler(sounds).with(NOTHING, List.of(take(FILE, sounds, mark)));
        Assembly moved = joined.moved(1, -2000);
        assertThat(moved.frames()).isEqualTo(joined.frames());
        exact(moved, sounds);
        assertThat(joined.canUndo(1)).isTrue();
        assertThat(Arrays.equals(heard(joined.undone(1), sounds), sounds.sound(FILE)))
                .isTrue();
        assertThatThrownBy(() -> joined.moved(1, -10_000_000)).isInstanceOf(IllegalArgumentException.class);
        assertThat(joined.upTo(Readings.RATE).frames()).isEqualTo(Readings.RATE);
    }

    @Test
    void chosenTakesCountAloneAndRejectedOnesNever() {
        Readings sounds = new Readings().with(FILE, new float[10]).with(SECOND, new float[10]);
        Take one = take(FILE, sounds);
        Take other = take(SECOND, sounds);
        assertThat(Assembler.used("Rain", new Takes(List.of(one, other), List.of())))
                .containsExactly(one, other);
        assertThat(Assembler.used("Rain", new Takes(List.of(one.as(Take.State.REJECTED), other), List.of())))
                .containsExactly(other);
        assertThat(Assembler.used("Rain", new Takes(List.of(one.as(Take.State.CHOSEN), other), List.of())))
                .containsExactly(one.as(Take.State.CHOSEN));
        assertThat(Assembler.used("Wind", new Takes(List.of(one, other), List.of())))
                .isEmpty();
    }

    @Test
    void nothingAndTooLittleAreSaidInOneLine() {
        Readings sounds = new Readings().with(FILE, new float[1000]);
        assertThatThrownBy(() -> AssembledSource.open(NOTHING, sounds))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("Rain");
        Assembly longer = NOTHING.with(List.of(Passage.first(FILE, 0, 2000)));
        assertThatThrownBy(() -> heard(longer, sounds))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("frame 2000");
    }

    @Test
    void aClickAndAStepAtAJoinAreHeard() throws IOException {
        float[] soft = new Readings.Take(120).pause(3).over(0.0005, 1);
        float[] loud = new Readings.Take(120).pause(3).over(0.002, 2);
        Readings sounds = new Readings().with(FILE, soft).with(SECOND, loud);
        Assembly step = NOTHING.with(List.of(
                Passage.first(FILE, 0, 60_000), new Passage(SECOND, 60_000, 120_000, JoinKind.NEXT_TAKE, 1764)));
        JoinFigures figures = JoinFigures.of(step, 1, sounds);
        // 20 log10 of four.
        assertThat(figures.levelStepDb().getAsDouble()).isCloseTo(12.04, within(0.7));
        assertThat(figures.unheard()).isFalse();
        soft[60_010] = 0.05f;
        Assembly click = NOTHING.with(
                List.of(Passage.first(FILE, 0, 30_000), new Passage(FILE, 60_000, 120_000, JoinKind.CUT, 1764)));
        assertThat(JoinFigures.of(click, 1, sounds).clickDb()).isGreaterThan(JoinFigures.MOST_CLICK_DB);
        assertThat(JoinFigures.of(click, 1, sounds).unheard()).isFalse();
    }
}
