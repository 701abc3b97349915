package app.redlamp.core.setting.marks;

import java.util.Locale;

/** What is written beside a knob or a slider. */
public enum Scale {
    /** Marks from 0 to 10. */
    TEN(0, 10, 0.1),
    /** Percent. */
    PERCENT(0, 100, 1),
    /** No figures: read like the hand of a clock, from seven to five; afternoon hours count on to 17. */
    CLOCK(7, 17, 0.25);

    private final double lowest;
    private final double highest;
    private final double step;

    Scale(double lowest, double highest, double step) {
        this.lowest = lowest;
        this.highest = highest;
        this.step = step;
    }

    /** All the way down. */
    public double lowest() {
        return lowest;
    }

    /** All the way up. */
    public double highest() {
        return highest;
    }

    /** As finely as a hand sets it. */
    public double step() {
        return step;
    }

    /** Name in files, such as {@code percent}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Whether there is such a mark. */
    public boolean has(double mark) {
        return mark >= lowest && mark <= highest;
    }

    /** The mark at a share of the way up, 0 to 1, as finely as a hand sets it. */
    public double at(double share) {
        return snapped(lowest + share * (highest - lowest));
    }

    /** How far up a mark is, 0 to 1. */
    public double share(double mark) {
        return (mark - lowest) / (highest - lowest);
    }

    /** The nearest that a hand can set. */
    public double snapped(double mark) {
        double whole = lowest + Math.rint((mark - lowest) / step) * step;
        // Tenths add up to something beside a tenth.
        return Math.max(lowest, Math.min(highest, Math.rint(whole * 100) / 100));
    }
}
