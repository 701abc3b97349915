package app.redlamp.media.play;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.delivery.process.Gain;
import app.redlamp.core.port.Playback;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.Signals;
import app.redlamp.core.signal.SourceStep;
import app.redlamp.media.DemoVoice;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SourcePlaybackTest {
    private static final long PATIENCE_S = 60;

    @TempDir
    Path folder;

    private final List<Playback.Position> heard = new CopyOnWriteArrayList<>();
    private final CountDownLatch over = new CountDownLatch(1);

    @Test
    void playsFromAPlaceToTheEnd() throws IOException, InterruptedException {
        Path file = DemoVoice.file(DemoVoice.NAMES.get(0), folder);
        try (SourcePlayback playback = new SourcePlayback(new SilentOutput(nanoseconds -> {}))) {
            assertThat(playback.output().simulated()).isTrue();
            playback.play(file, 15, this::hear);
            await();
        }
        Playback.Position last = heard.get(heard.size() - 1);
        assertThat(last.error()).isEmpty();
        assertThat(last.seconds()).isCloseTo(642_494 / 32_000.0, within(0.01));
        assertThat(heard.get(0).seconds()).isBetween(15.0, 15.2);
        assertThat(heard.subList(0, heard.size() - 1)).allMatch(Playback.Position::playing);
    }

    /** What processors make of a recording is heard like a recording, and closed when it is over. */
    @Test
    void aSourceIsHeardAsAFileIs() throws InterruptedException {
        boolean[] closed = new boolean[1];
        AudioSource raised = new Gain(6).over(Signals.source(48_000, Signals.noise(-40, 2, 48_000, 1)));
        try (SourcePlayback playback = new SourcePlayback(new SilentOutput(nanoseconds -> {}))) {
            playback.play("chapter 1", () -> new Closing(raised, closed), 0.5, this::hear);
            await();
        }
        assertThat(heard.get(heard.size() - 1).error()).isEmpty();
        assertThat(heard.get(heard.size() - 1).seconds()).isCloseTo(2, within(0.01));
        assertThat(closed[0]).isTrue();
    }

    @Test
    void aSourceThatCannotBeOpenedIsNamed() throws InterruptedException {
        try (SourcePlayback playback = new SourcePlayback(new SilentOutput(nanoseconds -> {}))) {
            playback.play(
                    "chapter 1",
                    () -> {
                        throw new IOException("is cut off; copy it again");
                    },
                    0,
                    this::hear);
            await();
        }
        assertThat(heard).containsExactly(new Playback.Position(0, false, "chapter 1: is cut off; copy it again"));
    }

    @Test
    void stoppingEndsItBeforeTheEnd() throws IOException, InterruptedException {
        Path file = DemoVoice.file(DemoVoice.NAMES.get(0), folder);
        CountDownLatch started = new CountDownLatch(1);
        CountDownLatch never = new CountDownLatch(1);
        try (SourcePlayback playback = new SourcePlayback(new SilentOutput(nanoseconds -> {
            started.countDown();
            never.await();
        }))) {
            playback.play(file, 0, this::hear);
            assertThat(started.await(PATIENCE_S, TimeUnit.SECONDS)).isTrue();
            playback.stop();
            await();
        }
        assertThat(heard.get(heard.size() - 1).seconds()).isLessThan(1);
        assertThat(heard.get(heard.size() - 1).error()).isEmpty();
    }

    @Test
    void aFileThatCannotBePlayedEndsWithOneLine() throws InterruptedException {
        try (SourcePlayback playback = new SourcePlayback(new SilentOutput(nanoseconds -> {}))) {
            playback.play(folder.resolve("gone.wav"), 0, this::hear);
            await();
        }
        assertThat(heard).containsExactly(new Playback.Position(0, false, "gone.wav: is not there; check the name"));
    }

    @Test
    void aDeviceThatGoesAwayEndsWithOneLine() throws IOException, InterruptedException {
        Path file = DemoVoice.file(DemoVoice.NAMES.get(0), folder);
        try (SourcePlayback playback = new SourcePlayback(new GoingAway())) {
            playback.play(file, 0, this::hear);
            await();
        }
        assertThat(heard.get(heard.size() - 1).error())
                .endsWith("the sound device is gone; plug it in again, then play");
        assertThat(heard).hasSize(3);
    }

    /** Tells whether it was closed. */
    private static final class Closing extends SourceStep {
        private final boolean[] closed;

        Closing(AudioSource source, boolean[] closed) {
            super(source);
            this.closed = closed;
        }

        @Override
        public int read(float[][] block, int frames) throws IOException {
            return source.read(block, frames);
        }

        @Override
        public void close() throws IOException {
            closed[0] = true;
            super.close();
        }
    }

    private void hear(Playback.Position position) {
        heard.add(position);
        if (!position.playing()) {
            over.countDown();
        }
    }

    private void await() throws InterruptedException {
        assertThat(over.await(PATIENCE_S, TimeUnit.SECONDS)).isTrue();
    }

    /** Takes two blocks, then is unplugged. */
    private static final class GoingAway implements SoundOutput {
        @Override
        public String name() {
            return "loose plug";
        }

        @Override
        public boolean simulated() {
            return true;
        }

        @Override
        public Line open(int sampleRateHz, int channels) {
            return new Line() {
                private int blocks;

                @Override
                public void write(float[][] block, int frames) throws IOException {
                    if (++blocks > 2) {
                        throw new IOException("the sound device is gone; plug it in again, then play");
                    }
                }

                @Override
                public long heard() {
                    return 0;
                }

                @Override
                public void drain() {}

                @Override
                public void close() {}
            };
        }
    }
}
