package app.redlamp.core.setting.marks;

import java.util.List;
import java.util.Optional;

/**
 * What the line comes to wherever the controls stand: each adds its decibels to the other's.
 *
 * @param knob what the knob does
 * @param slider what the slider does; absent where it was not learnt, and then it stays
 * @param sliderMark where the slider stood while the knob was learnt
 * @param baseDbfs average level less what both curves say, in dBFS
 * @param crestDb from the average up to the peak
 */
public record MarkLevels(
        MarkCurve knob, Optional<MarkCurve> slider, double sliderMark, double baseDbfs, double crestDb) {

    /** Absent before the knob was learnt. */
    public static Optional<MarkLevels> of(Learnt learnt) {
        Optional<MarkCurve> knob = learnt.curve(Control.KNOB);
        if (knob.isEmpty()) {
            return Optional.empty();
        }
        Optional<MarkCurve> slider = learnt.curve(Control.SLIDER);
        double mark = learnt.rest(Control.KNOB).orElseThrow().slider();
        MarkLevels raw = new MarkLevels(knob.get(), slider, mark, 0, 0);
        List<Phrase> heard = learnt.phrases().stream()
                .filter(Phrase::plain)
                .filter(p -> raw.knows(p.at()))
                .toList();
        return Optional.of(new MarkLevels(
                knob.get(),
                slider,
                mark,
                heard.stream()
                        .mapToDouble(p -> p.averageDbfs() - raw.averageDbfs(p.at()))
                        .average()
                        .orElse(0),
                heard.stream()
                        .mapToDouble(p -> p.peakDbfs() - p.averageDbfs())
                        .average()
                        .orElse(0)));
    }

    /** Whether both stand where something was heard, or between. */
    public boolean knows(Positions at) {
        return knob.knows(at.knob())
                && (slider.isPresent() ? slider.get().knows(at.slider()) : at.slider() == sliderMark);
    }

    /** By how much the knob amplifies less than at its highest mark that was heard, in dB. */
    double knobDb(Positions at) {
        return knob.dbAt(at.knob()) - knob.mostDb();
    }

    /** The same of the slider; 0 where it was not learnt. */
    double sliderDb(Positions at) {
        return slider.map(s -> s.dbAt(at.slider()) - s.mostDb()).orElse(0.0);
    }

    /** Active level of the line, in dBFS. */
    public double averageDbfs(Positions at) {
        return baseDbfs + knobDb(at) + sliderDb(at);
    }

    /** Its peaks, in dBFS; above 0 where they would be cut off. */
    public double peakDbfs(Positions at) {
        return averageDbfs(at) + crestDb;
    }

    /** By how much both together amplify more in one place than in another, in dB. */
    public double changeDb(Positions from, Positions to) {
        return averageDbfs(to) - averageDbfs(from);
    }
}
