package app.redlamp.media.ffmpeg;

import static org.bytedeco.ffmpeg.global.avutil.AV_LOG_QUIET;
import static org.bytedeco.ffmpeg.global.avutil.av_log_set_level;
import static org.bytedeco.ffmpeg.global.avutil.av_strerror;

import app.redlamp.media.library.Places;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.bytedeco.javacpp.BytePointer;

/** What every use of the codec library shares: loading it, its error codes, its file names. */
public final class Ffmpeg {
    static {
        String key = "org.bytedeco.javacpp.cachedir";
        if (System.getProperty(key) == null) {
            System.setProperty(key, Places.cache().resolve("codecs").toString());
        }
        av_log_set_level(AV_LOG_QUIET);
    }

    private Ffmpeg() {}

    /** Loads the library before its first use; harmless when repeated. */
    public static void load() {}

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
            throw new IOException(tried + " failed: " + message(result));
        }
        return result;
    }

    static String message(int error) {
        try (BytePointer text = new BytePointer(256)) {
            av_strerror(error, text, 256);
            return text.getString(StandardCharsets.UTF_8).trim();
        }
    }
}
