package app.redlamp.media.ffmpeg;

import static org.bytedeco.ffmpeg.global.avutil.AV_LOG_QUIET;
import static org.bytedeco.ffmpeg.global.avutil.av_log_set_level;
import static org.bytedeco.ffmpeg.global.avutil.av_strerror;

import app.redlamp.media.disk.PrivateFolder;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.library.Places;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.bytedeco.javacpp.BytePointer;

/** What every use of the codec library shares: loading it, its error codes, its file names. */
public final class Ffmpeg {
    private static final String CACHE = "org.bytedeco.javacpp.cachedir";
    private static final int LONGEST_MESSAGE = 256;
    private static boolean loaded;

    private Ffmpeg() {}

    /**
     * Loads the library; to be called before any class of it is touched, for it decides at its first use where it is unpacked.
     * That is a folder of the user's which is closed to everybody else, or it is not loaded at all.
     *
     * @throws IOException where there is no such folder; one line that says what to do
     */
    public static synchronized void load() throws IOException {
        if (!loaded) {
            if (System.getProperty(CACHE) == null) {
                System.setProperty(
                        CACHE, PrivateFolder.of(Places.cache(), "codecs").toString());
            }
            Library.quiet();
            loaded = true;
        }
    }

    /** The first class that touches the library. */
    private static final class Library {
        static void quiet() {
            av_log_set_level(AV_LOG_QUIET);
        }
    }

    /** The name under which the library opens a file as a file, whatever characters are in it. */
    static String url(Path path) {
        return "file:" + path.toAbsolutePath();
    }

    /**
     * Passes a result on.
     *
     * @throws IOException where it is an error code; the message is the library's, after what was tried
     */
    static int check(int result, String tried) throws IOException {
        if (result < 0) {
            throw new IOException(Faults.say("ffmpeg.failed", tried, message(result)));
        }
        return result;
    }

    static String message(int error) {
        try (BytePointer text = new BytePointer(LONGEST_MESSAGE)) {
            av_strerror(error, text, LONGEST_MESSAGE);
            // The pointer knows its room and not where the text in it ends.
            String room = text.getString(StandardCharsets.UTF_8);
            int end = room.indexOf('\0');
            return (end < 0 ? room : room.substring(0, end)).trim();
        }
    }
}
