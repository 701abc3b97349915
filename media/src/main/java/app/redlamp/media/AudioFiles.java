package app.redlamp.media;

import app.redlamp.core.port.Progress;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.ffmpeg.DecodedFile;
import app.redlamp.media.wav.WavReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Supplier;

/** Opens recordings: WAV by the reader of our own, everything else by the codec library. */
public final class AudioFiles {
    private AudioFiles() {}

    /**
     * An open recording; the caller closes the source.
     *
     * @param whole what the file says of itself, asked again when all of it has been read
     */
    public record Opened(AudioSource source, Supplier<AudioInfo> whole) {
        public AudioInfo info() {
            return whole.get();
        }
    }

    /** @throws ReadFault where the file is no recording that can be read */
    public static Opened open(Path path) throws IOException {
        return open(path, Progress.NONE);
    }

    /**
     * The same, and stops opening when it is cancelled.
     *
     * @throws java.util.concurrent.CancellationException if cancelled
     */
    public static Opened open(Path path, Progress progress) throws IOException {
        if (!Files.exists(path)) {
            throw new ReadFault(Faults.say("audio-files.is-not-there"));
        }
        if (Files.isDirectory(path)) {
            throw new ReadFault(Faults.say("audio-files.is-folder-name"));
        }
        if (!Files.isRegularFile(path)) {
            throw new ReadFault(Faults.say("audio-files.is-not-ordinary"));
        }
        if (!Files.isReadable(path)) {
            throw new ReadFault(Faults.say("audio-files.may-not-be"));
        }
        if (Files.size(path) == 0) {
            throw new ReadFault(Faults.say("audio-files.is-empty-bytes"));
        }
        Optional<WavReader> wav = WavReader.open(path);
        if (wav.isPresent()) {
            return new Opened(wav.get(), wav.get()::info);
        }
        DecodedFile decoded = new DecodedFile(path, progress);
        return new Opened(decoded, decoded::info);
    }
}
