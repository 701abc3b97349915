package app.redlamp.core.setting.marks;

import java.util.Locale;

/** What is said everywhere of knob and slider. Common practice, no source, for both; whether they hold is reckoned. */
public enum RuleOfThumb {
    /** The slider of the system at 60 to 70 %, the knob at three quarters. */
    KNOB_UP(0.75, 0.65),
    /** The slider all the way up, the knob nearly down. */
    KNOB_DOWN(0.1, 1);

    private final double knobShare;
    private final double sliderShare;

    RuleOfThumb(double knobShare, double sliderShare) {
        this.knobShare = knobShare;
        this.sliderShare = sliderShare;
    }

    /** Where it puts both. */
    Positions on(Scale knob, Scale slider) {
        return new Positions(knob.at(knobShare), slider.at(sliderShare));
    }

    /** Name in sentences, such as {@code knob-up}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
