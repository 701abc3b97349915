package app.redlamp.words;

import app.redlamp.core.chain.choose.Candidate;
import app.redlamp.core.chain.choose.Purchase;
import app.redlamp.core.chain.choose.School;
import app.redlamp.core.chain.choose.Shopping;
import app.redlamp.core.chain.choose.Upgrade;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Need;
import java.util.OptionalDouble;

/** Says which kit is for a job, what each school would take, and what to buy. */
public final class ChoiceWording {
    private final Phrases phrases;
    private final Figures figures;
    private final Lengths lengths;
    private final ChainWording chains;

    public ChoiceWording(Lengths lengths, Figures figures) {
        this.lengths = lengths;
        this.figures = figures;
        phrases = new Phrases("kit", figures.locale());
        chains = new ChainWording(lengths, figures);
    }

    public String family(Candidate.Family family) {
        return phrases.say("family." + family.id());
    }

    public String growth(Candidate candidate) {
        return phrases.say("growth." + candidate.growth().id());
    }

    public String effort(Candidate candidate) {
        return phrases.say("effort", candidate.things());
    }

    /** Why it stands where it stands, one sentence. */
    public String reason(Candidate candidate, Need need) {
        if (!candidate.within(need)) {
            double over = candidate.cost() - need.budget().orElseThrow();
            return phrases.say("reason.budget", figures.whole(over));
        }
        if (candidate.flawed()) {
            boolean automatic = candidate
                    .microphone()
                    .inside()
                    .filter(Microphone.Inside::automatic)
                    .isPresent();
            return phrases.say(automatic ? "reason.flawed.automatic" : "reason.flawed.clocks");
        }
        if (candidate.lacks().nothing()) {
            return phrases.say("reason.fits", figures.whole(candidate.path().marginDb()));
        }
        double snr = candidate.lacks().signalToNoiseDb();
        double clarity = candidate.lacks().clarityDb();
        double headroom = candidate.lacks().headroomDb();
        double most = Math.max(snr, Math.max(clarity, headroom));
        if (most == snr) {
            return phrases.say(
                    "reason.snr",
                    figures.whole(snr),
                    chains.source(candidate.path().limit()));
        }
        return most == clarity
                ? phrases.say(
                        "reason.clarity",
                        figures.whole(clarity),
                        lengths.say(candidate.path().chain().position().distanceM()))
                : phrases.say("reason.headroom", figures.whole(headroom));
    }

    /** What a decibel more than another costs; empty where it is no more. */
    public String perDecibel(Candidate candidate, Candidate than) {
        double more = candidate.gainOver(than);
        double cost = candidate.cost() - than.cost();
        return more >= Upgrade.WORTH_DB && cost > 0 ? phrases.say("perdb", figures.whole(cost / more)) : Figures.ABSENT;
    }

    /** What a school holds: the first or the second of a question. */
    public String school(School.Question question, boolean first) {
        return phrases.say("school." + question.id() + (first ? ".first" : ".second"));
    }

    /** What a school would take, and what that would do. */
    public String schoolSays(School school, boolean first, Need need) {
        Candidate candidate = first ? school.first() : school.second();
        return phrases.say(
                "school.says", school(school.question(), first), candidate.kit().name(), reason(candidate, need));
    }

    /** Where the figures side. */
    public String side(School school, Need need) {
        if (school.side().isEmpty()) {
            Candidate cheaper = school.first().cost() <= school.second().cost() ? school.first() : school.second();
            return phrases.say("school.same", cheaper.kit().name());
        }
        boolean first = school.side().get().equals(school.first());
        Candidate side = school.side().get();
        Candidate other = first ? school.second() : school.first();
        return phrases.say("school.side", school(school.question(), first), because(side, other, need));
    }

    private String because(Candidate side, Candidate other, Need need) {
        if (side.within(need) != other.within(need)) {
            return phrases.say("school.by.budget");
        }
        if (side.flawed() != other.flawed()) {
            return phrases.say("school.by.flaw");
        }
        double snr = other.lacks().signalToNoiseDb() - side.lacks().signalToNoiseDb();
        double clarity = other.lacks().clarityDb() - side.lacks().clarityDb();
        double headroom = other.lacks().headroomDb() - side.lacks().headroomDb();
        double most = Math.max(snr, Math.max(clarity, headroom));
        if (most < Upgrade.WORTH_DB) {
            return phrases.say(
                    "school.by.less",
                    figures.tenths(other.lacks().sumDb() - side.lacks().sumDb()));
        }
        String key = most == snr ? "school.by.snr" : most == clarity ? "school.by.clarity" : "school.by.headroom";
        return phrases.say(key, figures.whole(most));
    }

    /** What a change of one part buys. */
    public String buys(Upgrade upgrade) {
        if (upgrade.snrDb() >= Upgrade.WORTH_DB) {
            String snr = figures.tenths(upgrade.snrDb());
            return upgrade.cost() > 0
                    ? phrases.say("upgrade.buys", snr, figures.whole(upgrade.cost() / upgrade.snrDb()))
                    : phrases.say("upgrade.buys.free", snr);
        }
        if (upgrade.lessDb() >= Upgrade.WORTH_DB) {
            return phrases.say("upgrade.clarity", figures.tenths(upgrade.lessDb()));
        }
        return upgrade.snrDb() > -Upgrade.WORTH_DB
                ? phrases.say(
                        "upgrade.nothing",
                        figures.signed(upgrade.snrDb()),
                        chains.source(upgrade.then().path().limit()))
                : phrases.say("upgrade.worse", figures.whole(-upgrade.snrDb()));
    }

    public String mark(Purchase.Mark mark) {
        return phrases.say("mark." + mark.id());
    }

    /** Why something stands on the list. */
    public String why(Purchase purchase, FitWording fits, boolean several) {
        if (purchase.against().isPresent()) {
            return fits.miss(purchase.against().get(), several);
        }
        return purchase.effectDb().isPresent()
                ? phrases.say("buy.better", figures.whole(purchase.effectDb().getAsDouble()))
                : phrases.say("buy.part");
    }

    public String effect(Purchase purchase) {
        OptionalDouble perDb = purchase.costPerDb();
        return perDb.isPresent() ? phrases.say("perdb", figures.tenths(perDb.getAsDouble())) : Figures.ABSENT;
    }

    /** What it costs to start, and to go on. */
    public String sum(Shopping list, OptionalDouble budget) {
        if (list.lines().isEmpty()) {
            return phrases.say("buy.none");
        }
        double today = list.cost(Purchase.Mark.TODAY);
        double next = today + list.cost(Purchase.Mark.NEXT);
        return budget.isPresent()
                ? phrases.say(
                        "buy.sum.budget",
                        figures.whole(today),
                        figures.whole(next),
                        figures.whole(budget.getAsDouble()))
                : phrases.say("buy.sum", figures.whole(today), figures.whole(next));
    }

    public String overBudget() {
        return phrases.say("buy.over");
    }
}
