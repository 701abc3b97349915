package app.redlamp.desktop.deliver;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyDouble;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import app.redlamp.core.delivery.process.LoudPause;
import app.redlamp.core.measure.analysis.Reports;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.port.Playback;
import app.redlamp.desktop.job.JobService;
import java.nio.file.Path;
import java.util.function.Consumer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;

class PlayModelTest {
    private final Playback playback = mock(Playback.class);
    private final JobService jobs = new JobService(Runnable::run, Runnable::run);
    private final PlayModel player = new PlayModel(playback, jobs, Runnable::run);
    private final DocketRow row = new DocketRow(Path.of("/a/1.wav"));
    private final DocketRow other = new DocketRow(Path.of("/a/2.wav"));

    @BeforeEach
    void prepare() {
        row.measured(Reports.good().get());
        other.measured(Reports.good().get());
    }

    @Test
    void theHandMovesAndGoesAtTheEnd() {
        player.toggle(row);
        Consumer<Playback.Position> listener = listener();
        listener.accept(new Playback.Position(1.5, true, ""));
        assertThat(row.playingS().get()).hasValue(1.5);
        listener.accept(new Playback.Position(2, false, ""));
        assertThat(row.playingS().get()).isEmpty();
        assertThat(player.playing().get()).isNull();
    }

    @Test
    void theSameAgainStopsAndAnotherTakesOver() {
        player.toggle(row);
        player.toggle(other);
        assertThat(player.playing().get()).isSameAs(other);
        assertThat(row.playingS().get()).isEmpty();
        player.toggle(other);
        assertThat(player.playing().get()).isNull();
        verify(playback, times(2)).stop();
    }

    /** The last word of a run that was stopped must not stop the next run of the same recording. */
    @Test
    void aLateWordOfAnEarlierRunIsNotHeard() {
        player.toggle(row);
        Consumer<Playback.Position> first = listener();
        player.toggle(row);
        player.toggle(row);
        first.accept(new Playback.Position(0.1, false, ""));
        assertThat(player.playing().get()).isSameAs(row);
    }

    @Test
    void anErrorGoesToTheRail() {
        player.toggle(row);
        listener().accept(new Playback.Position(0, false, "1.wav: the sound device is gone"));
        assertThat(jobs.notice().get()).isEqualTo("1.wav: the sound device is gone");
        assertThat(player.playing().get()).isNull();
    }

    /** The silence is played instead of the recording, and the other way round; the hand goes round in the pause. */
    @Test
    void theSilenceIsHeardTurnedUp() {
        player.toggle(row);
        player.toggleSilence(row);
        assertThat(player.turnedUp().get()).isTrue();
        assertThat(player.playing().get()).isSameAs(row);
        ArgumentCaptor<Consumer<Playback.Position>> listener = ArgumentCaptor.captor();
        verify(playback).play(eq(row.file()), any(), listener.capture());
        Pauses.Stretch pause = LoudPause.of(row.report().orElseThrow().pauses()).orElseThrow();
        listener.getValue().accept(new Playback.Position(pause.lengthS() + 0.1, true, ""));
        assertThat(row.playingS().get().orElseThrow()).isCloseTo(pause.startS() + 0.1, within(1e-6));
        player.toggle(row);
        assertThat(player.turnedUp().get()).isFalse();
        assertThat(player.playing().get()).isSameAs(row);
        player.toggleSilence(row);
        player.toggleSilence(row);
        assertThat(player.playing().get()).isNull();
        assertThat(PlayModel.hasSilence(null)).isFalse();
    }

    @Test
    void whatCouldNotBeMeasuredIsNotPlayed() {
        player.toggle(new DocketRow(Path.of("/a/broken.wav")));
        player.toggle(null);
        verify(playback, never()).play(any(), anyDouble(), any());
    }

    @SuppressWarnings("unchecked")
    private Consumer<Playback.Position> listener() {
        ArgumentCaptor<Consumer<Playback.Position>> listener = ArgumentCaptor.forClass(Consumer.class);
        verify(playback).play(any(), anyDouble(), listener.capture());
        return listener.getValue();
    }
}
