package app.redlamp.core.setting.marks;

import app.redlamp.core.fault.Faults;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/**
 * What was learnt of the controls of one device.
 *
 * @param device its name
 * @param knob what is written beside its knob
 * @param slider what is written beside the slider of the system; absent where there is none
 * @param phrases what was heard, in the order of time; a position that is heard anew takes the place of the old
 */
public record Learnt(String device, Scale knob, Optional<Scale> slider, List<Phrase> phrases) {
    /** More nobody says (ours). */
    private static final int MOST = 60;

    /** @throws IllegalArgumentException for a mark that the scale has not, or too many phrases */
    public Learnt {
        phrases = List.copyOf(phrases);
        if (device.isBlank() || phrases.size() > MOST) {
            throw new IllegalArgumentException(Faults.say("learnt.phrases-must", phrases.size(), MOST));
        }
        for (Phrase phrase : phrases) {
            refuse(phrase.at().knob(), knob);
            refuse(phrase.at().slider(), slider.orElse(Scale.PERCENT));
        }
    }

    private static void refuse(double mark, Scale scale) {
        if (!scale.has(mark)) {
            throw new IllegalArgumentException(Faults.say("learnt.mark-must", mark, scale.lowest(), scale.highest()));
        }
    }

    /** Nothing yet: a knob from 0 to 10 and a slider in percent. */
    public static Learnt nothing(String device) {
        return new Learnt(device, Scale.TEN, Optional.of(Scale.PERCENT), List.of());
    }

    /** With one more phrase. */
    public Learnt with(Phrase phrase) {
        List<Phrase> all = new ArrayList<>(phrases);
        all.removeIf(p -> p.at().equals(phrase.at()));
        all.add(phrase);
        return new Learnt(device, knob, slider, all.size() > MOST ? all.subList(1, all.size()) : all);
    }

    /** Without a phrase. */
    public Learnt without(Phrase phrase) {
        return new Learnt(
                device,
                knob,
                slider,
                phrases.stream().filter(p -> !p.equals(phrase)).toList());
    }

    /** Other scales: what was heard had other marks, and is forgotten. */
    public Learnt scaled(Scale ofKnob, Optional<Scale> ofSlider) {
        return ofKnob == knob && ofSlider.equals(slider) ? this : new Learnt(device, ofKnob, ofSlider, List.of());
    }

    /** The scale of a control; absent for a slider that is not there. */
    public Optional<Scale> scale(Control control) {
        return control == Control.KNOB ? Optional.of(knob) : slider;
    }

    /** Where a slider stands that is not there: all the way up. */
    public Positions at(double knobMark) {
        return new Positions(knobMark, slider.orElse(Scale.PERCENT).highest());
    }

    /**
     * What a control does, heard with the other where most positions of it were heard; absent before three of them. Once it is known what
     * the slider does, the knob is known wherever it was heard.
     */
    public Optional<MarkCurve> curve(Control control) {
        Optional<MarkCurve> alone = row(control).flatMap(row -> MarkCurve.through(levels(row, control, p -> 0)));
        return control == Control.KNOB && alone.isPresent()
                ? curve(Control.SLIDER).flatMap(this::knobWith).or(() -> alone)
                : alone;
    }

    private Optional<MarkCurve> knobWith(MarkCurve ofSlider) {
        List<Phrase> known = phrases.stream()
                .filter(p -> p.plain() && ofSlider.knows(p.at().slider()))
                .toList();
        return MarkCurve.through(levels(known, Control.KNOB, p -> ofSlider.dbAt(p.at().slider())));
    }

    private static Map<Double, Double> levels(List<Phrase> heard, Control control, ToDoubleFunction<Phrase> otherDb) {
        return heard.stream()
                .collect(Collectors.groupingBy(
                        p -> control.of(p.at()),
                        LinkedHashMap::new,
                        Collectors.averagingDouble(p -> p.averageDbfs() - otherDb.applyAsDouble(p))));
    }

    /** Phrases that were heard plainly with the other control at one place: where it has most, and of equals the latest. */
    Optional<List<Phrase>> row(Control control) {
        Map<Double, List<Phrase>> rows = phrases.stream()
                .filter(Phrase::plain)
                .collect(Collectors.groupingBy(p -> control.other().of(p.at())));
        return rows.values().stream()
                .max(Comparator.comparingInt(List<Phrase>::size)
                        .thenComparingInt(row -> phrases.indexOf(row.get(row.size() - 1))));
    }

    /** Where the other control stood while one was learnt; absent before anything was heard plainly. */
    public Optional<Positions> rest(Control control) {
        return row(control).map(row -> row.get(0).at());
    }

    /** The highest mark of the knob at which the line was not cut off; absent before one. */
    public OptionalDouble highestClean() {
        return phrases.stream()
                .filter(Phrase::plain)
                .mapToDouble(p -> p.at().knob())
                .max();
    }

    /** Where to say the line next, to learn the knob first and then the slider; absent where both are learnt. */
    public Optional<Positions> next() {
        return new NextLine(this).toLearn();
    }
}
