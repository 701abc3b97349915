package app.redlamp.desktop.level;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.core.setting.level.Sides;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** One sentence to each side of the simulated microphone. */
class SidesModelTest extends OnTheDemo {
    private SidesModel sides;

    @BeforeEach
    void beginSides() {
        sides = new SidesModel(level, new LineTake(level, jobs));
    }

    private void say(SidesModel.Side side) {
        sides.take(side);
        assertThat(sides.running().get()).isEqualTo(side);
        until(() -> sides.running().get() == null);
    }

    @Test
    void theFrontIsTold() {
        say(SidesModel.Side.FIRST);
        assertThat(sides.heard().get().sides()).isEmpty();
        say(SidesModel.Side.SECOND);
        Sides told = sides.heard().get().sides().orElseThrow();
        assertThat(told.answer()).isEqualTo(Sides.Answer.FIRST);
        assertThat(told.louderDb().orElseThrow()).isGreaterThan(3);
        // The microphone stands as before: what is read next is read from the front.
        take(SettingStep.READ);
        double read = level.levels().averageDbfs().orElseThrow();
        assertThat(read)
                .isGreaterThan(sides.heard()
                                .get()
                                .second()
                                .orElseThrow()
                                .pauses()
                                .voiceDbfs()
                                .orElseThrow()
                        - 1);
    }

    @Test
    void aKitThatShowsItsBackIsToldToTurn() {
        kit.editSeat("edit.gain", s -> s.at(s.position().turnedRound()));
        until(() -> level.chain().filter(c -> c.position().angleDeg() == 180).isPresent());
        say(SidesModel.Side.FIRST);
        say(SidesModel.Side.SECOND);
        assertThat(sides.heard().get().sides().orElseThrow().answer()).isEqualTo(Sides.Answer.SECOND);
        assertThat(sides.kitShowsBack()).isTrue();
        sides.turnKit();
        until(() -> level.chain().filter(c -> c.position().angleDeg() == 0).isPresent());
        assertThat(sides.kitShowsBack()).isFalse();
        assertThat(sides.heard().get().first())
                .as("what was heard is of the other side")
                .isEmpty();
    }

    /** In the wrong order, halfway, and beside a step. */
    @Test
    void itIsGivenUp() {
        sides.take(SidesModel.Side.FIRST);
        sides.stop();
        assertThat(sides.running().get()).isNull();
        assertThat(sides.heard().get().first()).isEmpty();
        sides.take(SidesModel.Side.SECOND);
        take(SettingStep.STILL);
        assertThat(sides.running().get()).isNull();
        assertThat(sides.heard().get().second()).isEmpty();
        say(SidesModel.Side.SECOND);
        assertThat(sides.heard().get().sides()).isEmpty();
        level.input().close();
        assertThat(sides.running().get()).isNull();
    }
}
