package app.redlamp.core.acoustics.decay;

import java.io.IOException;
import java.util.Locale;

/** A recording that tells nothing of a room. The message is one line: what is wrong and what to do. */
public final class ClapFault extends IOException {
    private static final long serialVersionUID = 1;

    /** Why there is nothing to measure. */
    public enum Kind {
        SILENT,
        NO_BURST,
        NOT_A_BURST,
        TOO_NOISY,
        TOO_LONG,
        CUT_OFF
    }

    private final Kind kind;

    private ClapFault(Kind kind, String message) {
        super(message);
        this.kind = kind;
    }

    public Kind kind() {
        return kind;
    }

    static ClapFault silent() {
        return new ClapFault(Kind.SILENT, "is silent; check that the microphone is on, and clap once");
    }

    static ClapFault noBurst() {
        return new ClapFault(
                Kind.NO_BURST, "holds no clap: nothing in it rises suddenly; clap once, loudly, and wait two seconds");
    }

    static ClapFault notABurst() {
        return new ClapFault(
                Kind.NOT_A_BURST,
                "sounds like speech or music and not like a clap; clap once, loudly, and wait two seconds in silence");
    }

    static ClapFault tooNoisy(double overNoiseDb) {
        return new ClapFault(
                Kind.TOO_NOISY,
                String.format(
                        Locale.ROOT,
                        "rises only %.0f dB out of the noise, and 25 dB are needed; clap louder, burst a balloon, or wait"
                                + " until it is quiet",
                        overNoiseDb));
    }

    static ClapFault tooLong(double mostS) {
        return new ClapFault(
                Kind.TOO_LONG,
                String.format(
                        Locale.ROOT, "is longer than %.0f s; cut out the clap with two seconds around it", mostS));
    }

    static ClapFault cutOff() {
        return new ClapFault(
                Kind.CUT_OFF, "ends before the room has rung out; leave two seconds of silence after the clap");
    }
}
