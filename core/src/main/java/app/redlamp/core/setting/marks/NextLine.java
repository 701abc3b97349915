package app.redlamp.core.setting.marks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Where the line is best said next, by what was heard so far. */
final class NextLine {
    /** Less of the way is not worth a line (ours). */
    private static final double WORTH_SHARE = 0.05;

    private final Learnt learnt;

    NextLine(Learnt learnt) {
        this.learnt = learnt;
    }

    /** To learn the knob first and then the slider; absent where both are learnt. */
    Optional<Positions> toLearn() {
        if (learnt.curve(Control.KNOB).isEmpty()) {
            double slider = learnt.rest(Control.KNOB)
                    .map(Positions::slider)
                    .orElse(learnt.slider()
                            .map(s -> s.at(Control.SLIDER.shares().get(1)))
                            .orElse(Scale.PERCENT.highest()));
            return next(Control.KNOB, new Positions(learnt.knob().lowest(), slider));
        }
        return learnt.slider().isEmpty() || learnt.curve(Control.SLIDER).isPresent()
                ? Optional.empty()
                : next(Control.SLIDER, new Positions(middleKnob(), 0));
    }

    /** The mark of the knob in whose row the slider is learnt: loud enough to be heard, with room above. */
    private double middleKnob() {
        List<Double> row = learnt.row(Control.KNOB).orElseThrow().stream()
                .map(p -> p.at().knob())
                .sorted()
                .toList();
        return row.get(row.size() / 2);
    }

    private Optional<Positions> next(Control control, Positions rest) {
        Scale scale = learnt.scale(control).orElseThrow();
        double other = control.other().of(rest);
        List<Phrase> row = learnt.phrases().stream()
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
                .filter(c -> learnt.scale(c).isPresent())
                .map(c -> c.set(from, further(c, from, louder)))
                .filter(p ->
                        learnt.phrases().stream().noneMatch(said -> said.at().equals(p)))
                .findFirst();
    }

    /** The knob further up than the line was heard, where that is worth a line; absent where it is not. */
    Optional<Positions> higherKnob() {
        // With the slider down, so that it is the converter that ends and not the file.
        return learnt.curve(Control.SLIDER)
                .map(c -> new Positions(learnt.highestClean().orElseThrow(), c.lowest()))
                .flatMap(from -> beyond(Control.KNOB, from, true));
    }

    /** The slider further down than the line was heard, likewise. */
    Optional<Positions> lowerSlider() {
        return learnt.curve(Control.SLIDER)
                .flatMap(c -> learnt.rest(Control.SLIDER).map(r -> r.slider(c.lowest())))
                .flatMap(from -> beyond(Control.SLIDER, from, false));
    }

    private Optional<Positions> beyond(Control control, Positions from, boolean louder) {
        Scale scale = learnt.scale(control).orElseThrow();
        double mark = further(control, from, louder);
        return Math.abs(scale.share(mark) - scale.share(control.of(from))) < WORTH_SHARE
                ? Optional.empty()
                : Optional.of(control.set(from, mark));
    }

    private double further(Control control, Positions from, boolean louder) {
        Scale scale = learnt.scale(control).orElseThrow();
        Phrase.Heard wall = louder ? Phrase.Heard.CUT : Phrase.Heard.DROWNED;
        double here = control.of(from);
        return learnt.phrases().stream()
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
