package app.redlamp.media;

import java.io.IOException;
import java.util.Locale;

/** A file that cannot be read as a recording. The message is one line: what is wrong and what to do. */
public final class ReadFault extends IOException {
    private static final long serialVersionUID = 1;

    public ReadFault(String message) {
        super(message);
    }

    /** The fault of a recording that ends before its header says so. */
    public static ReadFault cutOff(double promisedS, double foundS) {
        return new ReadFault(String.format(
                Locale.ROOT,
                "is cut off: its header promises %.1f s and %.1f s are there; copy it again from where it was recorded",
                promisedS,
                foundS));
    }

    /** The fault of something that is no recording, or none that can be decoded. */
    public static ReadFault notAudio() {
        return new ReadFault("is not a sound file that can be read; export it as WAV and try again");
    }
}
