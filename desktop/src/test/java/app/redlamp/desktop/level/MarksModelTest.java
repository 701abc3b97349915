package app.redlamp.desktop.level;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.booth.Taper;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.port.LearntControls;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.core.setting.marks.Control;
import app.redlamp.core.setting.marks.Learnt;
import app.redlamp.core.setting.marks.MarkAdvice;
import app.redlamp.core.setting.marks.Positions;
import app.redlamp.core.setting.marks.Scale;
import app.redlamp.media.marks.MarksFolder;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Knob and slider of the simulated device are learnt, kept, and put where they belong. */
class MarksModelTest extends OnTheDemo {
    private MarksModel marks;
    private LearntControls kept;

    @BeforeEach
    void beginMarks() {
        kept = new MarksFolder(home.resolve("library"));
        marks = new MarksModel(level, new LineTake(level, jobs), kept, jobs);
    }

    private void say() {
        int before = marks.learnt().get().phrases().size();
        marks.say(marks.next().orElseThrow());
        assertThat(marks.running().get()).isTrue();
        until(() -> !marks.running().get());
        assertThat(marks.learnt().get().phrases()).hasSize(before + 1);
    }

    private Chain chain() {
        return level.chain().orElseThrow();
    }

    @Test
    void whatWasLearntPutsTheLevelRightAndIsKept() {
        take(SettingStep.STILL);
        for (int i = 0; i < 9 && marks.next().isPresent(); i++) {
            say();
            assertThat(level.levels().steps())
                    .as("heard with the knob elsewhere")
                    .isEmpty();
        }
        Learnt learnt = marks.learnt().get();
        assertThat(learnt.curve(Control.SLIDER)).isPresent();
        MarkAdvice advice = marks.advice().orElseThrow();
        Positions to = advice.wanted().orElseThrow().at();
        marks.put(to);
        until(() -> Math.abs(chain().gainDb() - Taper.gainDb(chain().preamp(), Scale.TEN.share(to.knob()))) < 0.01);
        assertThat(level.booth().sliderShare()).isCloseTo(to.slider() / 100, within(1e-9));
        assertThat(marks.stands().orElseThrow().knob()).isCloseTo(to.knob(), within(0.11));
        take(SettingStep.LOUDEST);
        assertThat(level.levels().loudest().orElseThrow().peakDbfs()).isBetween(-13.0, -4.5);
        until(() -> kept.of(learnt.device()).equals(Optional.of(learnt)));
        MarksModel later = new MarksModel(level, new LineTake(level, jobs), kept, jobs);
        assertThat(later.learnt().get()).isEqualTo(learnt);
        double from = marks.stands().orElseThrow().knob();
        assertThat(marks.turned(-6).orElseThrow()).isLessThan(from);
    }

    /** Halfway, in the wrong order, and with other marks. */
    @Test
    void itIsGivenUp() {
        marks.say(marks.next().orElseThrow());
        marks.stop();
        assertThat(marks.running().get()).isFalse();
        assertThat(marks.learnt().get().phrases()).isEmpty();
        marks.say(marks.next().orElseThrow());
        take(SettingStep.STILL);
        assertThat(marks.running().get()).isFalse();
        assertThat(marks.turned(3)).as("nothing is learnt").isEmpty();
        say();
        marks.forget(marks.learnt().get().phrases().get(0));
        assertThat(marks.learnt().get().phrases()).isEmpty();
        say();
        marks.scale(Scale.CLOCK, Optional.empty());
        assertThat(marks.learnt().get().phrases()).isEmpty();
        assertThat(marks.next().orElseThrow().knob()).isEqualTo(8);
        marks.say(marks.next().orElseThrow());
        level.input().close();
        assertThat(marks.running().get()).isFalse();
    }
}
