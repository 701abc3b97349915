package app.redlamp.core.taking.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.planning.take.MarkKind;
import app.redlamp.core.taking.live.EarFrames.Frame;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TakeWatchTest {
    private final TakeWatch watch = new TakeWatch(OptionalDouble.of(-20), OptionalDouble.of(-62));

    /** Sentences of two seconds with half a second between them. */
    private void reads(TakeWatch by, double seconds, double voiceDbfs, double noiseDbfs) {
        for (int i = 0; i < seconds * 100; i++) {
            boolean voice = i % 250 < 200;
            // Syllables: up and down by a few dB around a mean of the powers.
            double wave = 3 * Math.sin(i * 0.25) - 0.5;
            by.frame(new Frame(voice ? voiceDbfs + wave : noiseDbfs + Math.sin(i), voiceDbfs, -70, 0.3));
        }
    }

    @Test
    void allIsWellWhereItIsAsOnTheCard() {
        reads(watch, 40, -20, -62);
        assertThat(watch.gravest()).isEmpty();
        assertThat(watch.voiceDbfs().getAsDouble()).isCloseTo(-20, within(0.5));
    }

    @Test
    void driftIsToldWithItsFigureAndGoesAgain() {
        reads(watch, 20, -16.5, -62);
        TakeWatch.Told told = watch.gravest().orElseThrow();
        assertThat(told.what()).isEqualTo(TakeTrouble.LOUD);
        assertThat(told.figure()).isCloseTo(3.5, within(0.6));
        reads(watch, 20, -20, -62);
        assertThat(watch.gravest()).isEmpty();
        reads(watch, 20, -24, -62);
        assertThat(watch.gravest().orElseThrow().what()).isEqualTo(TakeTrouble.QUIET);
    }

    @Test
    void aRoomThatCameUpIsToldInThePauses() {
        reads(watch, 20, -20, -62);
        reads(watch, 10, -20, -51);
        TakeWatch.Told told = watch.gravest().orElseThrow();
        assertThat(told.what()).isEqualTo(TakeTrouble.ROOM);
        assertThat(told.figure()).isCloseTo(11, within(2.0));
        reads(watch, 10, -20, -62);
        assertThat(watch.gravest()).isEmpty();
    }

    @Test
    void whoReadsOnWithoutAPauseMakesNoRoom() {
        for (int i = 0; i < 6000; i++) {
            watch.frame(new Frame(-20 + 4 * Math.sin(i * 0.25), -20, -70, 0.3));
        }
        assertThat(watch.gravest()).isEmpty();
    }

    @Test
    void withoutACardTheFirstQuietIsTheRoomAndNoLevelIsWrong() {
        TakeWatch bare = new TakeWatch(OptionalDouble.empty(), OptionalDouble.empty());
        reads(bare, 20, -35, -55);
        reads(bare, 20, -12, -55);
        assertThat(bare.gravest()).isEmpty();
        assertThat(bare.noiseDbfs()).isCloseTo(-55, within(2.0));
        reads(bare, 10, -12, -44);
        assertThat(bare.gravest().orElseThrow().what()).isEqualTo(TakeTrouble.ROOM);
    }

    @Test
    void clippingStaysUntilItWasSeenAndIsGraverThanDrift() {
        reads(watch, 20, -16, -62);
        watch.frame(new Frame(-10, -12, -70, 1));
        reads(watch, 20, -16, -62);
        assertThat(watch.gravest().orElseThrow().what()).isEqualTo(TakeTrouble.CLIPPED);
        watch.seen();
        assertThat(watch.gravest().orElseThrow().what()).isEqualTo(TakeTrouble.LOUD);
        watch.tell(TakeTrouble.MACHINE, true);
        assertThat(watch.gravest().orElseThrow().what()).isEqualTo(TakeTrouble.MACHINE);
        watch.tell(TakeTrouble.MACHINE, false);
        assertThat(watch.gravest().orElseThrow().what()).isEqualTo(TakeTrouble.LOUD);
    }

    @Test
    void aBurstOfBreathIsShownForAMomentAndRumbleIsNone() {
        reads(watch, 20, -20, -62);
        for (int i = 0; i < 8; i++) {
            watch.frame(new Frame(-14, -30, -15, 0.6));
        }
        assertThat(watch.gravest().orElseThrow().what()).isEqualTo(TakeTrouble.PLOSIVE);
        reads(watch, 3, -20, -62);
        assertThat(watch.gravest()).isEmpty();
    }

    @Test
    void aBreakIsDueAfterThreeQuartersOfAnHour() {
        watch.sinceBreak(44);
        assertThat(watch.gravest()).isEmpty();
        watch.sinceBreak(46);
        assertThat(watch.gravest()).contains(new TakeWatch.Told(TakeTrouble.BREAK, 46));
        assertThat(TakeWatch.toBreakMin(30)).isEqualTo(15);
        assertThat(TakeWatch.toBreakMin(50)).isZero();
        watch.sinceBreak(0);
        assertThat(watch.gravest()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(TakeTrouble.class)
    void whatIsOfTheSoundIsMarkedInIt(TakeTrouble what) {
        boolean machine = what == TakeTrouble.MACHINE || what == TakeTrouble.BREAK;
        assertThat(what.mark().isEmpty()).isEqualTo(machine);
        assertThat(what.mark().map(MarkKind::id).orElse(what.id())).isEqualTo(what.id());
    }
}
