package app.redlamp.media;

import app.redlamp.media.fault.Faults;
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
        return new ReadFault(String.format(Locale.ROOT, Faults.say("read-fault.is-cut-off"), promisedS, foundS));
    }

    /** The fault of something that is no recording, or none that can be decoded. */
    public static ReadFault notAudio() {
        return new ReadFault(Faults.say("read-fault.is-not-sound"));
    }
}
