package app.redlamp.media.play;

import app.redlamp.core.delivery.finish.MixedSource;
import app.redlamp.core.port.Playback;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.media.AudioFiles;
import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

/** Plays one thing at a time, streamed, on a thread of its own. */
public final class SourcePlayback implements Playback {
    private static final double BLOCK_S = 0.05;

    private final SoundOutput sound;
    private final ExecutorService player = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "playback");
        thread.setDaemon(true);
        return thread;
    });
    private Future<?> playing;

    public SourcePlayback(SoundOutput sound) {
        this.sound = sound;
    }

    /** Through the first sound device, or the silent stand-in where there is none. */
    public static SourcePlayback onThisMachine() {
        return new SourcePlayback(DeviceOutput.first()
                .<SoundOutput>map(device -> device)
                .orElseGet(() -> new SilentOutput(SilentOutput.Pace.REAL)));
    }

    @Override
    public Output output() {
        return new Output(sound.name(), sound.simulated());
    }

    @Override
    public void play(Path file, double fromS, Consumer<Position> listener) {
        play(String.valueOf(file.getFileName()), () -> AudioFiles.open(file).source(), fromS, listener);
    }

    @Override
    public void play(Path file, UnaryOperator<AudioSource> step, Consumer<Position> listener) {
        play(
                String.valueOf(file.getFileName()),
                () -> step.apply(AudioFiles.open(file).source()),
                0,
                listener);
    }

    @Override
    public synchronized void play(String name, Sound heard, double fromS, Consumer<Position> listener) {
        stop();
        playing = player.submit(() -> run(name, heard, fromS, listener));
    }

    @Override
    public synchronized void stop() {
        if (playing != null) {
            playing.cancel(true);
            playing = null;
        }
    }

    @Override
    public void close() {
        stop();
        player.shutdownNow();
    }

    private void run(String name, Sound heard, double fromS, Consumer<Position> listener) {
        double reached = fromS;
        String error = "";
        try (AudioSource opened = heard.open();
                AudioSource source = new MixedSource(opened, Math.min(2, opened.channels()))) {
            int rate = source.sampleRateHz();
            int size = (int) Math.max(256, BLOCK_S * rate);
            float[][] block = new float[source.channels()][size];
            source.skip(Math.round(fromS * rate));
            try (SoundOutput.Line line = sound.open(rate, source.channels())) {
                long played = 0;
                int count = source.read(block, size);
                while (count > 0 && !Thread.currentThread().isInterrupted()) {
                    line.write(block, count);
                    played += count;
                    reached = fromS + (double) Math.min(played, line.heard()) / rate;
                    listener.accept(new Position(reached, true, ""));
                    count = source.read(block, size);
                }
                if (count == 0) {
                    line.drain();
                }
            }
        } catch (IOException e) {
            error = name + ": " + e.getMessage();
        } catch (RuntimeException e) {
            error = name + ": cannot be played (" + e.getMessage() + ")";
        }
        listener.accept(new Position(reached, false, error));
    }
}
