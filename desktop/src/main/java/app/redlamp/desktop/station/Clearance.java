package app.redlamp.desktop.station;

import app.redlamp.core.setting.card.Cards;
import app.redlamp.core.setting.card.Overrule;
import app.redlamp.desktop.control.LampState;
import app.redlamp.desktop.look.Strings;
import app.redlamp.words.VerdictWording;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** Whether the lamp may go on: every station that guards it is clear, or was overruled by somebody who knows better. */
public final class Clearance {
    private static final int MOST_FIRST = 2;

    private final List<Guard> guards;
    private final Supplier<Cards> cards;
    private final Strings strings;
    private final VerdictWording words;
    private final ReadOnlyObjectWrapper<Now> now = new ReadOnlyObjectWrapper<>();

    /** A station that must be clear. */
    public record Guard(Overrule.Station id, Station station) {}

    /** How a guard stands, and whether it was overruled. */
    public record Row(Guard guard, Station.Standing standing, Optional<Overrule> overrule) {
        public boolean clear() {
            return overrule.isPresent() || standing.verdict().clear();
        }
    }

    /**
     * Where it stands.
     *
     * @param rows the guards in their order
     * @param answer of the big lamp
     * @param first what comes first, two things at most
     */
    public record Now(List<Row> rows, boolean clear, String answer, String first) {
        public Now {
            rows = List.copyOf(rows);
        }
    }

    /**
     * @param stations all of them; those that guard the lamp are asked
     * @param cards of the open production
     */
    public Clearance(List<Station> stations, Supplier<Cards> cards, Strings strings) {
        guards = stations.stream()
                .flatMap(s -> s.guards().stream().map(g -> new Guard(g, s)))
                .toList();
        this.cards = cards;
        this.strings = strings;
        words = new VerdictWording(strings.locale());
        guards.forEach(g -> g.station().standing().addListener((o, was, is) -> refresh()));
        refresh();
    }

    public ReadOnlyObjectProperty<Now> now() {
        return now.getReadOnlyProperty();
    }

    /** Looks again: something else was overruled, or is trusted again. */
    public void refresh() {
        List<Row> rows = guards.stream()
                .map(g -> new Row(
                        g, g.station().standing().getValue(), cards.get().overruled(g.id())))
                .toList();
        boolean clear = rows.stream().allMatch(Row::clear);
        List<String> first = rows.stream()
                .filter(r -> !r.clear())
                .map(this::brief)
                .limit(MOST_FIRST)
                .toList();
        boolean overruled = rows.stream().anyMatch(r -> r.overrule().isPresent());
        String answer = strings.say(clear ? "clear.yes" : "clear.not");
        now.set(new Now(
                rows,
                clear,
                answer,
                clear ? (overruled ? strings.say("clear.overruled") : "") : String.join("\n", first)));
    }

    /** Two short lines fit under the lamp, and no more. */
    private String brief(Row row) {
        return row.standing()
                .verdict()
                .first()
                .map(words::brief)
                .orElseGet(() ->
                        strings.say("clear.first." + row.guard().station().id().id()));
    }

    /** A guard's lamp on the wire. */
    public Optional<LampState> lamp(Station station) {
        return now.get().rows().stream()
                .filter(r -> r.guard().station().equals(station) && r.overrule().isPresent())
                .findFirst()
                .map(r -> LampState.LIT);
    }

    public boolean guardedBy(Station station) {
        return guards.stream().anyMatch(g -> g.station().equals(station));
    }
}
