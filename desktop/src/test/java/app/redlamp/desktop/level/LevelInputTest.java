package app.redlamp.desktop.level;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;

import app.redlamp.core.booth.Booth;
import app.redlamp.core.booth.Defect;
import app.redlamp.core.port.Capture;
import app.redlamp.core.port.Capture.Fault;
import app.redlamp.core.port.SimulatedBooth;
import app.redlamp.core.setting.level.LevelProblem;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.desktop.input.BoothModel;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** An input that goes, changes or was never there, in the midst of a step. */
class LevelInputTest extends OnTheDemo {
    /** Closed while it is being opened: what was opened is not kept. */
    @Test
    void whatIsClosedWhileItOpensStaysClosed() {
        level.listen();
        level.stop();
        input.close();
        until(() -> jobs.running().isEmpty() && pending.isEmpty());
        assertThat(input.listening().get()).isFalse();
        take(SettingStep.STILL);
        assertThat(input.listening().get()).isTrue();
    }

    /** It vanishes after three seconds: the step is given up, what was measured stays. */
    @Test
    void aDeviceThatVanishesLosesNothing() {
        take(SettingStep.STILL);
        input.close();
        booth.spoil(Optional.of(Defect.GONE));
        level.take(SettingStep.READ);
        until(() -> input.fault().get() != null);
        assertThat(input.fault().get()).isEqualTo(Fault.GONE);
        assertThat(level.running().get()).isNull();
        assertThat(level.levels().of(SettingStep.STILL)).isPresent();
        booth.spoil(Optional.empty());
        take(SettingStep.READ);
        assertThat(input.fault().get()).isNull();
    }

    @Test
    void zerosAreAFault() {
        booth.spoil(Optional.of(Defect.ZEROS));
        take(SettingStep.STILL);
        assertThat(verdict().verdict().first().orElseThrow().detail()).isEqualTo(LevelProblem.INPUT);
    }

    @Test
    void anotherRateIsListenedToAnew() {
        take(SettingStep.STILL);
        input.listenAt(44_100, 24, 1);
        assertThat(input.listening().get()).isFalse();
        take(SettingStep.STILL);
        assertThat(level.levels().of(SettingStep.STILL).orElseThrow().info().sampleRateHz())
                .isEqualTo(44_100);
        assertThatThrownBy(() -> input.listenAt(100, 24, 1)).hasMessageContaining("8000");
    }

    /** What is still on its way from before a knob was turned lets no step begin: it would measure the wrong gain. */
    @Test
    void aStepWaitsForTheKnobThatWasTurnedJustBefore() {
        List<Double> gains = new ArrayList<>();
        SimulatedBooth watched = mock(SimulatedBooth.class);
        doAnswer(call -> gains.add(
                        call.<Booth>getArgument(0).stands().get(0).chain().gainDb()))
                .when(watched)
                .prepare(any());
        BoothModel model = booth(watched);
        model.rehearse();
        model.follow(open.production().get());
        until(() -> model.scene().get() != null && !gains.isEmpty());
        double to = kit.currentSeat().orElseThrow().gainDb() + 3;
        kit.editSeat("edit.gain", s -> s.gained(to - 1));
        until(() -> kit.currentSeat().orElseThrow().gainDb() == to - 1);
        model.refit();
        kit.editSeat("edit.gain", s -> s.gained(to));
        until(() -> kit.currentSeat().orElseThrow().gainDb() == to);
        List<Double> begun = new ArrayList<>();
        model.whenReady(() -> begun.add(gains.get(gains.size() - 1)));
        until(() -> !begun.isEmpty());
        assertThat(begun).containsExactly(to);
    }

    /** The speech that ships cannot be read: the step ends, and the input is said to be at fault. */
    @Test
    void aBoothThatCannotBeMadeEndsTheStep() throws IOException {
        SimulatedBooth broken = mock(SimulatedBooth.class);
        doThrow(new IOException("half a file")).when(broken).rehearse();
        LevelModel other = new LevelModel(kit, input, booth(broken), jobs, strings, CLOCK);
        until(() -> other.booth().scene().get() != null);
        other.take(SettingStep.STILL);
        until(() -> input.fault().get() != null);
        assertThat(input.fault().get()).isEqualTo(Capture.Fault.OTHER);
        assertThat(other.running().get()).isNull();
    }
}
