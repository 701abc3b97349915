package app.redlamp.media.play;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.port.Playback;
import app.redlamp.media.DemoVoice;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FilePlaybackTest {
    private static final long PATIENCE_S = 60;

    @TempDir
    Path folder;

    private final List<Playback.Position> heard = new CopyOnWriteArrayList<>();
    private final CountDownLatch over = new CountDownLatch(1);

    @Test
    void playsFromAPlaceToTheEnd() throws IOException, InterruptedException {
        Path file = DemoVoice.file(DemoVoice.NAMES.get(0), folder);
        try (FilePlayback playback = new FilePlayback(new SilentOutput(nanoseconds -> {}))) {
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

    @Test
    void stoppingEndsItBeforeTheEnd() throws IOException, InterruptedException {
        Path file = DemoVoice.file(DemoVoice.NAMES.get(0), folder);
        CountDownLatch started = new CountDownLatch(1);
        CountDownLatch never = new CountDownLatch(1);
        try (FilePlayback playback = new FilePlayback(new SilentOutput(nanoseconds -> {
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
        try (FilePlayback playback = new FilePlayback(new SilentOutput(nanoseconds -> {}))) {
            playback.play(folder.resolve("gone.wav"), 0, this::hear);
            await();
        }
        assertThat(heard).containsExactly(new Playback.Position(0, false, "gone.wav: is not there; check the name"));
    }

    @Test
    void aDeviceThatGoesAwayEndsWithOneLine() throws IOException, InterruptedException {
        Path file = DemoVoice.file(DemoVoice.NAMES.get(0), folder);
        try (FilePlayback playback = new FilePlayback(new GoingAway())) {
            playback.play(file, 0, this::hear);
            await();
        }
        assertThat(heard.get(heard.size() - 1).error())
                .endsWith("the sound device is gone; plug it in again, then play");
        assertThat(heard).hasSize(3);
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
