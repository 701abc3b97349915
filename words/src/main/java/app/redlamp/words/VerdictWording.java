package app.redlamp.words;

import app.redlamp.core.verdict.Cost;
import app.redlamp.core.verdict.FigureId;
import app.redlamp.core.verdict.Problem;
import app.redlamp.core.verdict.Verdict;
import java.util.Locale;

/** Says what every verdict has: its state, what a problem costs and what mends it, and how a figure is computed. */
public final class VerdictWording {
    private final Phrases phrases;

    public VerdictWording(Locale locale) {
        phrases = new Phrases("verdict", locale);
    }

    /** One word for the state. */
    public String state(Verdict.State state) {
        return phrases.say("state." + state.id());
    }

    /** What comes first, in so few words that they fit under a lamp: at most 30 signs. */
    public String brief(Problem<?> problem) {
        return phrases.say("brief." + problem.id());
    }

    /** What a problem costs further down, a few words. */
    public String cost(Cost cost) {
        return phrases.say("cost." + cost.id());
    }

    /** What mends it, a few words. */
    public String mend(String mend) {
        return phrases.say("mend." + mend);
    }

    /** How a figure is computed: the formula in words, and its source. */
    public String how(FigureId figure) {
        return phrases.say("how." + figure.id());
    }

    /** The same, with the class that computes it. */
    public String traced(FigureId figure) {
        return phrases.say("traced", how(figure), figure.by());
    }
}
