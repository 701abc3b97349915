package app.redlamp.core.port;

import java.nio.file.Path;
import java.util.function.Consumer;

/** Plays recordings through a real or a simulated output. */
public interface Playback extends AutoCloseable {

    /** What the sound goes to. */
    record Output(String name, boolean simulated) {}

    /** What happened; called from the playing thread. */
    record Position(double seconds, boolean playing, String error) {}

    Output output();

    /**
     * Plays a file from a place on, stopping whatever played before. Returns at once.
     *
     * @param listener told about every tenth of a second, and once at the end with {@code playing} false and, where it
     *     failed, an error of one line; the error is empty otherwise
     */
    void play(Path file, double fromS, Consumer<Position> listener);

    /** Stops; does nothing if nothing plays. */
    void stop();

    @Override
    void close();
}
