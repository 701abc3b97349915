package app.redlamp.core.planning.plan;

import app.redlamp.core.acoustics.spot.Spots;
import app.redlamp.core.chain.kit.Kits;
import app.redlamp.core.fault.Faults;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.take.Assemblies;
import app.redlamp.core.planning.take.Takes;
import app.redlamp.core.setting.card.Cards;
import java.util.ArrayList;
import java.util.List;

/**
 * One job from the brief to the delivery: everything that is decided about it. Measurements lie in its log and its recordings.
 *
 * @param id never changes, so that a production is known again wherever its folder goes
 * @param brief what, for whom, by when
 * @param order what the client will check
 * @param script what is read
 * @param effort how long things take
 * @param time when there is time
 * @param money what comes in and what goes out
 * @param spent time that was really spent
 * @param spots where it may be recorded
 * @param kits what it may be recorded with
 * @param cards how everything stood when the gain was right, and what was overruled
 * @param takes what was recorded and delivered
 * @param joins how chapters are put together of takes
 */
public record Production(
        String id,
        Brief brief,
        Order order,
        Script script,
        WorkRatios effort,
        WorkingTime time,
        Money money,
        List<Spent> spent,
        Spots spots,
        Kits kits,
        Cards cards,
        Takes takes,
        Assemblies joins) {

    /** @throws IllegalArgumentException without an id */
    public Production {
        spent = List.copyOf(spent);
        if (id.isBlank()) {
            throw new IllegalArgumentException(Faults.say("production.production-needs-id"));
        }
    }

    /** Before any place or kit is known. */
    public Production(
            String id,
            Brief brief,
            Order order,
            Script script,
            WorkRatios effort,
            WorkingTime time,
            Money money,
            List<Spent> spent) {
        this(
                id,
                brief,
                order,
                script,
                effort,
                time,
                money,
                spent,
                Spots.NONE,
                Kits.NONE,
                Cards.NONE,
                Takes.NONE,
                Assemblies.NONE);
    }

    /** The same production with this part of it changed. */
    public Production with(Spots newSpots) {
        return new Production(
                id, brief, order, script, effort, time, money, spent, newSpots, kits, cards, takes, joins);
    }

    /** The same production with this part of it changed. */
    public Production with(Kits newKits) {
        return new Production(
                id, brief, order, script, effort, time, money, spent, spots, newKits, cards, takes, joins);
    }

    /** The same production with this part of it changed. */
    public Production with(Cards newCards) {
        return new Production(
                id, brief, order, script, effort, time, money, spent, spots, kits, newCards, takes, joins);
    }

    /** The same production with this part of it changed. */
    public Production with(Brief newBrief) {
        return new Production(
                id, newBrief, order, script, effort, time, money, spent, spots, kits, cards, takes, joins);
    }

    /** The same production with this part of it changed. */
    public Production with(Order newOrder) {
        return new Production(
                id, brief, newOrder, script, effort, time, money, spent, spots, kits, cards, takes, joins);
    }

    /** The same production with this part of it changed. */
    public Production with(Script newScript) {
        return new Production(
                id, brief, order, newScript, effort, time, money, spent, spots, kits, cards, takes, joins);
    }

    /** The same production with this part of it changed. */
    public Production with(WorkRatios newEffort) {
        return new Production(
                id, brief, order, script, newEffort, time, money, spent, spots, kits, cards, takes, joins);
    }

    /** The same production with this part of it changed. */
    public Production with(WorkingTime newTime) {
        return new Production(
                id, brief, order, script, effort, newTime, money, spent, spots, kits, cards, takes, joins);
    }

    /** The same production with this part of it changed. */
    public Production with(Money newMoney) {
        return new Production(
                id, brief, order, script, effort, time, newMoney, spent, spots, kits, cards, takes, joins);
    }

    /** The same production with this part of it changed. */
    public Production with(Takes newTakes) {
        return new Production(
                id, brief, order, script, effort, time, money, spent, spots, kits, cards, newTakes, joins);
    }

    /** The same production with this part of it changed. */
    public Production with(Assemblies newJoins) {
        return new Production(
                id, brief, order, script, effort, time, money, spent, spots, kits, cards, takes, newJoins);
    }

    /** The same decisions with the facts of another version: what is undone undoes no recording. */
    public Production keeping(Production facts) {
        return with(facts.takes);
    }

    /** The same with more time spent. */
    public Production spending(Spent more) {
        List<Spent> all = new ArrayList<>(spent);
        all.add(more);
        return new Production(id, brief, order, script, effort, time, money, all, spots, kits, cards, takes, joins);
    }

    /** The same job in a folder of its own. */
    public Production as(String newId) {
        return new Production(
                newId, brief, order, script, effort, time, money, spent, spots, kits, cards, takes, joins);
    }

    /** Names of the parts in which another version of it differs, such as {@code brief}. */
    public List<String> differences(Production other) {
        List<String> parts = new ArrayList<>();
        differs(parts, "brief", brief, other.brief);
        differs(parts, "order", order, other.order);
        differs(parts, "script", script, other.script);
        differs(parts, "effort", effort, other.effort);
        differs(parts, "time", time, other.time);
        differs(parts, "money", money, other.money);
        differs(parts, "spent", spent, other.spent);
        differs(parts, "rooms", spots, other.spots);
        differs(parts, "kits", kits, other.kits);
        differs(parts, "setting", cards, other.cards);
        differs(parts, "takes", takes, other.takes);
        differs(parts, "joins", joins, other.joins);
        return parts;
    }

    private static void differs(List<String> parts, String name, Object one, Object other) {
        if (!one.equals(other)) {
            parts.add(name);
        }
    }

    /** Chapters, cues or episodes in their order. */
    public List<Piece> pieces() {
        return script.pieces();
    }

    /**
     * Names of the files, without their ending, in the order of the pieces.
     *
     * @throws IllegalArgumentException where the pattern does not name them; one line that says what to do
     */
    public List<String> fileNames() {
        return FileNames.of(
                brief.pattern(),
                brief.title(),
                brief.client(),
                script.pieces().stream().map(Piece::title).toList());
    }

    /** What is wrong with the pattern that names its files, one line; empty for nothing. */
    public String nameFault() {
        try {
            fileNames();
            return "";
        } catch (IllegalArgumentException e) {
            return e.getMessage();
        }
    }
}
