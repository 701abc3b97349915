package app.redlamp.core.acoustics.decay;

import app.redlamp.core.fault.Faults;
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

    /** What is wrong with it. */
    public Kind kind() {
        return kind;
    }

    static ClapFault silent() {
        return new ClapFault(Kind.SILENT, Faults.say("clap-fault.is-silent-check"));
    }

    static ClapFault noBurst() {
        return new ClapFault(Kind.NO_BURST, Faults.say("clap-fault.holds-no-clap"));
    }

    static ClapFault notABurst() {
        return new ClapFault(Kind.NOT_A_BURST, Faults.say("clap-fault.sounds-like-speech"));
    }

    static ClapFault tooNoisy(double overNoiseDb) {
        return new ClapFault(
                Kind.TOO_NOISY, String.format(Locale.ROOT, Faults.say("clap-fault.rises-only-out"), overNoiseDb));
    }

    static ClapFault tooLong(double mostS) {
        return new ClapFault(Kind.TOO_LONG, String.format(Locale.ROOT, Faults.say("clap-fault.is-longer-than"), mostS));
    }

    static ClapFault cutOff() {
        return new ClapFault(Kind.CUT_OFF, Faults.say("clap-fault.ends-before-the"));
    }
}
