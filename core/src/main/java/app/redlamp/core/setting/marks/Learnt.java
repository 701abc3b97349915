package app.redlamp.core.setting.marks;

import app.redlamp.core.fault.Faults;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
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

    /** Less of the way is not worth a line (ours). */
    private static final double WORTH_SHARE = 0.05;

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
        if (curve(Control.KNOB).isEmpty()) {
            double slider = rest(Control.KNOB)
                    .map(Positions::slider)
                    .orElse(this.slider
                            .map(s -> s.at(Control.SLIDER.shares().get(1)))
                            .orElse(Scale.PERCENT.highest()));
            return next(Control.KNOB, new Positions(knob.lowest(), slider));
        }
        return slider.isEmpty() || curve(Control.SLIDER).isPresent()
                ? Optional.empty()
                : next(Control.SLIDER, new Positions(middleKnob(), 0));
    }

    /** The mark of the knob in whose row the slider is learnt: loud enough to be heard, with room above. */
    private double middleKnob() {
        List<Double> row = row(Control.KNOB).orElseThrow().stream()
                .map(p -> p.at().knob())
                .sorted()
                .toList();
        return row.get(row.size() / 2);
    }

    private Optional<Positions> next(Control control, Positions rest) {
        Scale scale = scale(control).orElseThrow();
        double other = control.other().of(rest);
        List<Phrase> row = phrases.stream()
                .filter(p -> control.other().of(p.at()) == other)
                .toList();
        double low = row.stream()
                .filter(p -> p.heard() == Phrase.Heard.DROWNED)
                .mapToDouble(p -> control.of(p.at()))
                .max()
                .orElse(scale.lowest());
        double high = row.stream()
                .filter(p -> p.heard() == Phrase.Heard.CUT)
                .mapToDouble(p -> control.of(p.at()))
                .min()
                .orElse(scale.highest());
        Set<Double> said = row.stream().map(p -> control.of(p.at())).collect(Collectors.toCollection(HashSet::new));
        Optional<Double> usual = control.shares().stream()
                .map(scale::at)
                .filter(m -> !said.contains(m) && m >= low && m <= high)
                .findFirst();
        return usual.or(() -> widest(scale, said, low, high)).map(m -> control.set(rest, m));
    }

    /**
     * Where a line may be heard that is louder, or softer, than from a place: the knob all the way, or where it was cut off or drowned
     * there, half the way; then the slider likewise. Absent where nothing is left.
     */
    Optional<Positions> further(Positions from, boolean louder) {
        return Arrays.stream(Control.values())
                .filter(c -> scale(c).isPresent())
                .map(c -> c.set(from, further(c, from, louder)))
                .filter(p -> phrases.stream().noneMatch(said -> said.at().equals(p)))
                .findFirst();
    }

    /** The knob further up than the line was heard, where that is worth a line; absent where it is not. */
    Optional<Positions> higherKnob() {
        // With the slider down, so that it is the converter that ends and not the file.
        return curve(Control.SLIDER)
                .map(c -> new Positions(highestClean().orElseThrow(), c.lowest()))
                .flatMap(from -> beyond(Control.KNOB, from, true));
    }

    /** The slider further down than the line was heard, likewise. */
    Optional<Positions> lowerSlider() {
        return curve(Control.SLIDER)
                .flatMap(c -> rest(Control.SLIDER).map(r -> r.slider(c.lowest())))
                .flatMap(from -> beyond(Control.SLIDER, from, false));
    }

    private Optional<Positions> beyond(Control control, Positions from, boolean louder) {
        Scale scale = scale(control).orElseThrow();
        double mark = further(control, from, louder);
        return Math.abs(scale.share(mark) - scale.share(control.of(from))) < WORTH_SHARE
                ? Optional.empty()
                : Optional.of(control.set(from, mark));
    }

    private double further(Control control, Positions from, boolean louder) {
        Scale scale = scale(control).orElseThrow();
        Phrase.Heard wall = louder ? Phrase.Heard.CUT : Phrase.Heard.DROWNED;
        double here = control.of(from);
        return phrases.stream()
                .filter(p -> p.heard() == wall
                        && control.other().of(p.at()) == control.other().of(from))
                .map(p -> control.of(p.at()))
                .filter(m -> louder ? m > here : m < here)
                .min(Comparator.comparingDouble(m -> Math.abs(m - here)))
                .map(m -> scale.snapped((here + m) / 2))
                .orElse(louder ? scale.highest() : scale.lowest());
    }

    /** The middle of the widest gap between what was heard, from where it drowns to where it is cut off. */
    private static Optional<Double> widest(Scale scale, Set<Double> said, double low, double high) {
        List<Double> ends = new ArrayList<>(said);
        ends.add(low);
        ends.add(high);
        List<Double> inside = ends.stream()
                .filter(m -> m >= low && m <= high)
                .distinct()
                .sorted()
                .toList();
        double widest = 0;
        double from = low;
        for (int i = 1; i < inside.size(); i++) {
            double width = inside.get(i) - inside.get(i - 1);
            if (width > widest) {
                widest = width;
                from = inside.get(i - 1);
            }
        }
        double middle = scale.snapped(from + widest / 2);
        return said.contains(middle) ? Optional.empty() : Optional.of(middle);
    }
}
