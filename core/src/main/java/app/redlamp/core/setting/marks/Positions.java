package app.redlamp.core.setting.marks;

/**
 * Where both controls stand, in their own marks.
 *
 * @param knob of the device
 * @param slider of the system; where there is none, its upper end
 */
public record Positions(double knob, double slider) {

    /** The same with the knob elsewhere. */
    public Positions knob(double mark) {
        return new Positions(mark, slider);
    }

    /** The same with the slider elsewhere. */
    public Positions slider(double mark) {
        return new Positions(knob, mark);
    }
}
