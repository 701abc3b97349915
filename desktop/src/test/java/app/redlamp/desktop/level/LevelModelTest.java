package app.redlamp.desktop.level;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.booth.WeekTime;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.noise.NoiseProfile;
import app.redlamp.core.setting.level.LevelProblem;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.core.setting.level.Suspect;
import java.io.IOException;
import java.nio.file.Files;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The guided setting, step by step. */
class LevelModelTest extends OnTheDemo {
    @Test
    void theGuidedSettingLeadsToClear() throws IOException {
        assertThat(verdict().next()).contains(SettingStep.STILL);
        take(SettingStep.STILL);
        assertThat(verdict().floor()).isPresent();
        assertThat(verdict().floor().get().measured()).isFalse();
        take(SettingStep.LOUDEST);
        take(SettingStep.READ);
        assertThat(verdict().floor().orElseThrow().measured()).isTrue();
        assertThat(verdict().floor().get().passes()).isTrue();
        int turns = 0;
        while (verdict().next().filter(s -> s == SettingStep.TURN).isPresent() && turns < 3) {
            turn();
            assertThat(level.movedSince()).isTrue();
            take(SettingStep.LOUDEST);
            assertThat(level.movedSince()).isFalse();
            turns++;
        }
        assertThat(turns).isBetween(1, 2);
        assertThat(verdict().next()).contains(SettingStep.EXCITED);
        take(SettingStep.EXCITED);
        assertThat(verdict().verdict().problems()).isEmpty();
        assertThat(verdict().verdict().clear()).isTrue();
        assertThat(Files.readString(open.folder().get().resolve("log.jsonl"))).contains("\"excited\"");
    }

    /** Predicted against measured, through the whole application: within half a decibel. */
    @Test
    void whatTheKitComputesIsWhatIsMeasured() {
        kit.editSeat("edit.gain", s -> s.gained(30));
        take(SettingStep.READ);
        double computed = SignalPath.of(level.chain().orElseThrow())
                .node(Node.Stage.CONVERTER)
                .orElseThrow()
                .averageDb();
        assertThat(level.levels().averageDbfs().orElseThrow()).isCloseTo(computed, within(0.7));
    }

    /** On a weekday at six the mixers run: the noise is too loud, and it is said what it is. */
    @Test
    void anotherHourIsLouder() {
        take(SettingStep.STILL);
        double evening = level.levels().floorDbfs().orElseThrow();
        level.booth().setTime(new WeekTime(DayOfWeek.MONDAY, LocalTime.of(6, 0)));
        take(SettingStep.STILL);
        assertThat(level.levels().floorDbfs().orElseThrow()).isGreaterThan(evening + 8);
        assertThat(verdict().held(LevelProblem.NOISE)).isTrue();
        assertThat(level.booth().noises()).anyMatch(n -> n.name().equals("the mixers below"));
    }

    @Test
    void anotherSchoolMovesTheWindow() {
        level.choose(GainSchool.LIVE);
        until(() -> verdict().school() == GainSchool.LIVE);
        assertThat(verdict().school().highDbfs()).isEqualTo(-1);
    }

    @Test
    void aStepIsGivenUp() {
        level.take(SettingStep.READ);
        level.stop();
        assertThat(level.running().get()).isNull();
        until(() -> jobs.running().isEmpty());
        assertThat(level.levels().of(SettingStep.READ)).isEmpty();
        take(SettingStep.STILL);
    }

    @Test
    void theLoudestLineIsFoundInTheScript() {
        until(() -> !level.loudestLine().get().isEmpty());
        assertThat(level.loudestLine().get()).contains("cried");
    }

    /** The floor was measured before the knob was turned: where its noise comes from stays as it was. */
    @Test
    void aTurnChangesNothingAboutWhereTheNoiseComesFrom() {
        take(SettingStep.STILL);
        take(SettingStep.LOUDEST);
        List<Suspect> before = suspects();
        assertThat(before).isNotEmpty();
        turn();
        assertThat(level.movedSince()).isTrue();
        assertThat(suspects()).isEqualTo(before);
    }

    private List<Suspect> suspects() {
        NoiseProfile noise =
                level.levels().of(SettingStep.STILL).flatMap(Report::noise).orElseThrow();
        return Suspect.of(noise, level.chainWhenStill(), level.booth().noises());
    }

    @Test
    void theRoomIsWatched() {
        List<LocalDateTime> kept = new ArrayList<>();
        WatchModel watch = new WatchModel(level, (diary, since) -> kept.add(since), jobs);
        watch.start();
        until(watch::running);
        until(() -> {
            watch.look();
            return watch.watched().get().diary().isPresent();
        });
        assertThat(watch.watched().get().diary().get().durationS()).isGreaterThan(5);
        watch.stop();
        until(() -> !watch.watched().get().running() && !kept.isEmpty());
        assertThat(watch.running()).isFalse();
        assertThat(kept).as("the room's diary").containsExactly(LocalDateTime.now(CLOCK));
    }
}
