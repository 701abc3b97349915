package app.redlamp.core.setting.marks;

import java.util.List;
import java.util.Locale;

/** One of the two that a home recording is turned up with. */
public enum Control {
    /** On the device, before its converter. */
    KNOB(0.1, 0.45, 0.75),
    /** In the system, behind it. */
    SLIDER(0.4, 0.65, 1);

    private final double low;
    private final double middle;
    private final double high;

    Control(double low, double middle, double high) {
        this.low = low;
        this.middle = middle;
        this.high = high;
    }

    /**
     * Where it is heard, as shares of the way up: spread, and with the places in them that are recommended everywhere (common practice, no
     * source, for those).
     */
    public List<Double> shares() {
        return List.of(low, middle, high);
    }

    /** Where it stands. */
    public double of(Positions at) {
        return this == KNOB ? at.knob() : at.slider();
    }

    /** The same with this one elsewhere. */
    public Positions set(Positions at, double mark) {
        return this == KNOB ? at.knob(mark) : at.slider(mark);
    }

    /** The other of the two. */
    public Control other() {
        return this == KNOB ? SLIDER : KNOB;
    }

    /** Name in sentences, such as {@code knob}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
