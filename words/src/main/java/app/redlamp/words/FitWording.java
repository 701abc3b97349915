package app.redlamp.words;

import app.redlamp.core.chain.choose.WiringStep;
import app.redlamp.core.chain.fit.Fit;
import app.redlamp.core.chain.fit.Miss;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.verdict.Severity;
import java.util.List;

/** Says whether a kit fits together, what each miss does and costs, and how it is put together. */
public final class FitWording {
    private final Phrases phrases;
    private final Figures figures;
    private final Lengths lengths;

    public FitWording(Lengths lengths, Figures figures) {
        this.lengths = lengths;
        this.figures = figures;
        phrases = new Phrases("kit", figures.locale());
    }

    /** One sentence for all of it. */
    public String verdict(Fit fit) {
        int blocks = fit.of(Severity.BLOCKS).size();
        int spoils = fit.of(Severity.SPOILS).size();
        if (blocks > 0) {
            return blocked(blocks);
        }
        if (spoils > 0) {
            return phrases.say("fit.spoiled", spoils);
        }
        return fit.misses().isEmpty()
                ? phrases.say("fit.clear")
                : phrases.say("fit.advised", fit.misses().size());
    }

    /** How many things stand in the way of recording. */
    String blocked(long things) {
        return phrases.say("fit.blocked", things);
    }

    /**
     * What is wrong and what happens.
     *
     * @param several whether it must be said whom it is about
     */
    public String miss(Miss miss, boolean several) {
        String key = "miss." + miss.kind().id();
        if (miss.kind() == Miss.Kind.RIBBON_PHANTOM) {
            key += miss.severity() == Severity.BLOCKS ? ".blocks" : ".advises";
        }
        String whom = several && !miss.seat().isEmpty() ? phrases.say("voice", miss.seat()) : "";
        return phrases.say(key, whom, miss.part(), Math.round(miss.amount()), figure(miss));
    }

    private String figure(Miss miss) {
        return switch (miss.kind()) {
            case REACH, LEAD_SHORT, TOO_FAR -> lengths.say(miss.amount());
            case WEIGHT -> figures.tenths(miss.amount());
            default -> figures.hundredths(miss.amount());
        };
    }

    /** What it costs to mend. */
    public String cost(Miss miss) {
        if (miss.remedy().isEmpty()) {
            return phrases.say("cost.nothing");
        }
        Gear part = miss.remedy().get();
        String name = miss.pieces() > 1 ? phrases.say("cost.pieces", miss.pieces(), part.name()) : part.name();
        String price = figures.whole(miss.cost());
        return part.price().used().isPresent()
                ? phrases.say(
                        "cost.part.used",
                        name,
                        price,
                        figures.whole(part.price().used().getAsDouble() * miss.pieces()))
                : phrases.say("cost.part", name, price);
    }

    public String severity(Severity severity) {
        return phrases.say("severity." + severity.id());
    }

    /**
     * What is done in a step.
     *
     * @param several whether it must be said whom it is about
     */
    public String step(WiringStep step, boolean several) {
        String words = phrases.say("step." + step.kind().id(), "", step.part(), figures.whole(step.db()));
        return several && !step.seat().isEmpty() ? phrases.say("voice", step.seat()) + words : words;
    }

    /** All steps, numbered from one. */
    public List<String> steps(List<WiringStep> steps, boolean several) {
        return steps.stream().map(s -> step(s, several)).toList();
    }
}
