package app.redlamp.core.setting.marks;

import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Where knob and slider belong, by what was learnt of them.
 *
 * @param state what can be said
 * @param from where both stand
 * @param turned the knob alone turned until the loudest line is where it is wanted, or as near to it as was heard
 * @param best of all pairs with that level the one with the least noise, and of equals the one with the knob lowest; absent where the
 *     slider or the noise was not learnt, or no pair reaches it
 * @param spreadDb from the least noise of such a pair to the most, in dB
 * @param quieterDb by how much less noise there might be with the knob further up than the line was heard, in dB; 0 for nothing
 * @param further where to say the line next: because it would have to be louder or softer than it was heard anywhere, or because it may be
 *     quieter with the knob further up and the slider further down; absent where it need not
 * @param sayings what is said everywhere, checked
 */
public record MarkAdvice(
        State state,
        Positions from,
        Optional<Setting> turned,
        Optional<Setting> best,
        double spreadDb,
        double quieterDb,
        Optional<Positions> further,
        List<Checked> sayings) {
    /** Less noise than this nobody gets by turning: two sayings of one line differ as much (ours). */
    public static final double WORTH_DB = 1.5;

    /** Pairs are tried in so many steps of the knob (ours). */
    private static final int STEPS = 60;

    /** Against the voice, as a power: less noise nobody has (ours). */
    private static final double LEAST = 1e-10;

    /** As much noise more costs nothing (ours). */
    private static final double EQUAL_DB = 0.5;

    /** What can be said. */
    public enum State {
        /** Not yet three positions of the knob. */
        LEARNING,
        /** A higher mark came out softer. */
        CONTRADICTS,
        /** There is a place for it. */
        FOUND,
        /** At the highest mark that was heard it is still too soft. */
        TOO_SOFT,
        /** At the lowest it is still too loud. */
        TOO_LOUD;

        /** Name in sentences, such as {@code too-soft}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /**
     * Both controls in one place.
     *
     * @param peakDbfs peaks of the loudest line there
     * @param noiseDb noise against the voice, in dB; absent where it was not learnt
     */
    public record Setting(Positions at, double peakDbfs, OptionalDouble noiseDb) {}

    /**
     * A saying held against what was learnt.
     *
     * @param setting what it gives; absent where nothing was heard there
     * @param changeDb by how much the level would have to change there to be where it is wanted, up positive; 0 where nothing is known
     * @param cut whether the line is cut off there
     * @param noisierDb noise against the voice over that of the best pair, in dB; absent where either is not known
     */
    public record Checked(
            RuleOfThumb saying,
            Positions at,
            Optional<Setting> setting,
            double changeDb,
            boolean cut,
            OptionalDouble noisierDb) {}

    public MarkAdvice {
        sayings = List.copyOf(sayings);
    }

    /**
     * @param school where the loudest line is wanted
     * @param from where both stand now
     */
    public static MarkAdvice of(Learnt learnt, GainSchool school, Positions from) {
        Optional<MarkLevels> levels = MarkLevels.of(learnt);
        if (levels.isEmpty()) {
            return nothing(State.LEARNING, from);
        }
        boolean falls = levels.get().knob().falls()
                || levels.get().slider().filter(MarkCurve::falls).isPresent();
        return falls ? nothing(State.CONTRADICTS, from) : new Reckoning(learnt, levels.get(), school).from(from);
    }

    private static MarkAdvice nothing(State state, Positions from) {
        return new MarkAdvice(state, from, Optional.empty(), Optional.empty(), 0, 0, Optional.empty(), List.of());
    }

    /** By how much the best pair has less noise than the knob alone turned, in dB; absent where either is not known. */
    public OptionalDouble gainedDb() {
        OptionalDouble simple = turned.map(Setting::noiseDb).orElse(OptionalDouble.empty());
        OptionalDouble least = best.map(Setting::noiseDb).orElse(OptionalDouble.empty());
        return simple.isPresent() && least.isPresent()
                ? OptionalDouble.of(simple.getAsDouble() - least.getAsDouble())
                : OptionalDouble.empty();
    }

    /** Where both are best put: the pair with the least noise where that is worth it, or where the knob alone does not do. */
    public Optional<Setting> wanted() {
        boolean worth = best.isPresent() && (state != State.FOUND || gainedDb().orElse(0) >= WORTH_DB);
        return worth ? best : turned;
    }

    /** One device with one school. */
    private static final class Reckoning {
        private final Learnt learnt;
        private final MarkLevels levels;
        private final GainSchool school;
        private final Optional<NoiseShares> noise;
        private final double highestClean;
        private final NextLine next;

        Reckoning(Learnt learnt, MarkLevels levels, GainSchool school) {
            this.learnt = learnt;
            this.levels = levels;
            this.school = school;
            noise = NoiseShares.of(levels, learnt.phrases());
            highestClean = learnt.highestClean().orElseThrow();
            next = new NextLine(learnt);
        }

        MarkAdvice from(Positions now) {
            Positions from = levels.slider().isPresent()
                    ? now.slider(within(levels.slider().get(), now.slider()))
                    : now.slider(levels.sliderMark());
            State state = state(from);
            Setting turned = setting(turnedKnob(from));
            List<Setting> pairs = pairs();
            Optional<Setting> best = best(pairs);
            double least = best.map(b -> b.noiseDb().getAsDouble()).orElse(0.0);
            double spread = pairs.stream()
                    .mapToDouble(p -> p.noiseDb().orElse(least) - least)
                    .max()
                    .orElse(0);
            List<Checked> sayings = learnt.slider().isEmpty()
                    ? List.of()
                    : Arrays.stream(RuleOfThumb.values())
                            .map(s -> checked(s, best))
                            .toList();
            Optional<Setting> highest = pairs.stream().max(Comparator.comparingDouble(p -> p.at().knob()));
            double quieter = highest.map(this::quieterDb).orElse(0.0);
            Optional<Positions> further = highest.isPresent()
                    ? quieterFurther(highest.get(), quieter)
                    : state == State.FOUND ? Optional.empty() : next.further(turned.at(), state == State.TOO_SOFT);
            return new MarkAdvice(state, now, Optional.of(turned), best, spread, quieter, further, sayings);
        }

        /** What the converter and what is behind it still add with the knob as high as it may be for this level. */
        private double quieterDb(Setting highest) {
            double before = Math.max(LEAST, noise.orElseThrow().before());
            return highest.noiseDb().getAsDouble() - Decibels.levelOfPower(before);
        }

        /** The knob was not heard further up, or the slider not as far down as a higher knob would want it. */
        private Optional<Positions> quieterFurther(Setting highest, double quieter) {
            if (quieter < WORTH_DB) {
                return Optional.empty();
            }
            boolean top = highest.at().knob() >= learnt.knob().snapped(highestClean);
            return top ? next.higherKnob() : next.lowerSlider();
        }

        private static double within(MarkCurve curve, double mark) {
            return Math.max(curve.lowest(), Math.min(curve.highest(), mark));
        }

        private State state(Positions from) {
            if (changeDb(from.knob(highestClean)) > GainSchool.WORTH_DB) {
                return State.TOO_SOFT;
            }
            return changeDb(from.knob(levels.knob().lowest())) < -GainSchool.WORTH_DB ? State.TOO_LOUD : State.FOUND;
        }

        /** The knob where the level is wanted, and where that is beyond what was heard, at its nearer end. */
        private Positions turnedKnob(Positions from) {
            double most = levels.knob().dbAt(highestClean);
            double wanted = most + changeDb(from.knob(highestClean));
            double within = Math.max(levels.knob().leastDb(), Math.min(most, wanted));
            return from.knob(learnt.knob().snapped(levels.knob().markAt(within).orElse(highestClean)));
        }

        /** By how much the level should change there, in dB. */
        private double changeDb(Positions at) {
            return school.changeDb(levels.peakDbfs(at), OptionalDouble.empty());
        }

        private Setting setting(Positions at) {
            return new Setting(
                    at,
                    levels.peakDbfs(at),
                    noise.stream()
                            .mapToDouble(n -> n.againstVoiceDb(levels, at))
                            .findFirst());
        }

        /** Every pair at which the loudest line is where it is wanted. */
        private List<Setting> pairs() {
            if (levels.slider().isEmpty() || noise.isEmpty()) {
                return List.of();
            }
            MarkCurve slider = levels.slider().get();
            double low = levels.knob().lowest();
            List<Setting> all = new ArrayList<>();
            for (int i = 0; i <= STEPS; i++) {
                double knob = learnt.knob().snapped(low + (highestClean - low) * i / STEPS);
                Positions up = new Positions(knob, slider.highest());
                OptionalDouble mark = slider.markAt(slider.mostDb() + changeDb(up));
                if (levels.knob().knows(knob) && knob <= highestClean && mark.isPresent()) {
                    double snapped = learnt.slider().orElseThrow().snapped(mark.getAsDouble());
                    all.add(setting(up.slider(within(slider, snapped))));
                }
            }
            return all;
        }

        private static Optional<Setting> best(List<Setting> pairs) {
            double least = pairs.stream()
                    .mapToDouble(p -> p.noiseDb().getAsDouble())
                    .min()
                    .orElse(0);
            return pairs.stream()
                    .filter(p -> p.noiseDb().getAsDouble() <= least + EQUAL_DB)
                    .min(Comparator.comparingDouble(p -> p.at().knob()));
        }

        private Checked checked(RuleOfThumb saying, Optional<Setting> best) {
            Positions at = saying.on(learnt.knob(), learnt.slider().orElseThrow());
            boolean known = levels.knows(at);
            OptionalDouble lowestCut = learnt.phrases().stream()
                    .filter(p -> p.heard() == Phrase.Heard.CUT && p.at().slider() <= at.slider())
                    .mapToDouble(p -> p.at().knob())
                    .min();
            Optional<Setting> there = known ? Optional.of(setting(at)) : Optional.empty();
            boolean cut = (lowestCut.isPresent() && at.knob() >= lowestCut.getAsDouble())
                    || there.filter(s -> s.peakDbfs() > 0).isPresent();
            OptionalDouble noisier = there.isPresent()
                            && best.isPresent()
                            && there.get().noiseDb().isPresent()
                    ? OptionalDouble.of(there.get().noiseDb().getAsDouble()
                            - best.get().noiseDb().getAsDouble())
                    : OptionalDouble.empty();
            return new Checked(saying, at, there, known ? changeDb(at) : 0, cut, noisier);
        }
    }
}
