package app.redlamp.core.setting.level;

import app.redlamp.core.booth.Cue;
import java.util.Locale;
import java.util.Optional;

/** The guided setting, step by step. */
public enum SettingStep {
    /** Nobody speaks. */
    STILL(10),
    /** The loudest line of the job. */
    LOUDEST(8),
    /** As most of the job is read. */
    READ(30),
    /** The gain is turned until the loudest line is where it belongs; nothing is recorded. */
    TURN(0),
    /** The loudest line once more, carried away. */
    EXCITED(8);

    private final double seconds;

    SettingStep(double seconds) {
        this.seconds = seconds;
    }

    /** How long it is listened to. */
    public double seconds() {
        return seconds;
    }

    /** What a simulated reader does meanwhile; absent for what is turned. */
    public Optional<Cue> cue() {
        return switch (this) {
            case STILL -> Optional.of(Cue.STILL);
            case LOUDEST -> Optional.of(Cue.LOUDEST);
            case READ -> Optional.of(Cue.READ);
            case TURN -> Optional.empty();
            case EXCITED -> Optional.of(Cue.EXCITED);
        };
    }

    /** Whether somebody speaks. */
    public boolean spoken() {
        return this == LOUDEST || this == READ || this == EXCITED;
    }

    /** Name in files, such as {@code loudest}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
