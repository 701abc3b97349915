package app.redlamp.core.port;

import app.redlamp.core.signal.AudioSource;
import java.io.IOException;
import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

/** Plays recordings through a real or a simulated output. */
public interface Playback extends AutoCloseable {

    /** What the sound goes to. */
    record Output(String name, boolean simulated) {}

    /** What happened; called from the playing thread. */
    record Position(double seconds, boolean playing, String error) {}

    /** Something that can be heard: a recording, or what a chain of processors makes of it. */
    @FunctionalInterface
    interface Sound {
        /**
         * Opens it anew; called on the playing thread, which closes it.
         *
         * @throws IOException where it cannot be opened; one line
         */
        AudioSource open() throws IOException;
    }

    Output output();

    /**
     * Plays something from a place on, stopping whatever played before. Returns at once.
     *
     * @param name that stands before an error
     * @param listener as of the other
     */
    void play(String name, Sound sound, double fromS, Consumer<Position> listener);

    /**
     * Plays a file from a place on, stopping whatever played before. Returns at once.
     *
     * @param listener told about every tenth of a second, and once at the end with {@code playing} false and, where it
     *     failed, an error of one line; the error is empty otherwise
     */
    void play(Path file, double fromS, Consumer<Position> listener);

    /**
     * Plays what a step makes of a file from its beginning, stopping whatever played before. Returns at once.
     *
     * @param step closes what it is given with itself, and does not fail before it is read
     * @param listener as of the other
     */
    void play(Path file, UnaryOperator<AudioSource> step, Consumer<Position> listener);

    /** Stops; does nothing if nothing plays. */
    void stop();

    @Override
    void close();
}
