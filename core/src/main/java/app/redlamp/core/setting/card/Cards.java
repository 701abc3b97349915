package app.redlamp.core.setting.card;

import app.redlamp.core.fault.Faults;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What was set and what was overruled for a production.
 *
 * @param cards the oldest first
 * @param overrules at most one for each station
 */
public record Cards(List<GainCard> cards, List<Overrule> overrules) {
    public static final Cards NONE = new Cards(List.of(), List.of());

    /** More are not kept: the oldest go (ours). */
    public static final int MOST = 200;

    public Cards {
        cards = List.copyOf(cards.subList(Math.max(0, cards.size() - MOST), cards.size()));
        overrules = List.copyOf(overrules);
        if (overrules.stream().map(Overrule::station).distinct().count() < overrules.size()) {
            throw new IllegalArgumentException(Faults.say("cards.station-is-overruled"));
        }
    }

    /** The same and one card more. */
    public Cards with(GainCard card) {
        List<GainCard> more = new ArrayList<>(cards);
        more.removeIf(c -> c.id().equals(card.id()));
        more.add(card);
        return new Cards(more, overrules);
    }

    /** The same card with other contents, at its place; nothing happens where there is none. */
    public Cards replacing(GainCard card) {
        return new Cards(
                cards.stream().map(c -> c.id().equals(card.id()) ? card : c).toList(), overrules);
    }

    /** The same without a card. */
    public Cards without(String id) {
        return new Cards(cards.stream().filter(c -> !c.id().equals(id)).toList(), overrules);
    }

    /** The last one of a voice. */
    public Optional<GainCard> last(String voice) {
        return cards.stream().filter(c -> c.voice().equals(voice)).reduce((a, b) -> b);
    }

    /** The last one of all. */
    public Optional<GainCard> last() {
        return cards.stream().reduce((a, b) -> b);
    }

    /** Why a station was overruled; absent where it was not. */
    public Optional<Overrule> overruled(Overrule.Station station) {
        return overrules.stream().filter(o -> o.station() == station).findFirst();
    }

    /** In place of an earlier one of the same station. */
    public Cards overruling(Overrule overrule) {
        Cards rest = trusting(overrule.station());
        List<Overrule> more = new ArrayList<>(rest.overrules);
        more.add(overrule);
        return new Cards(cards, more);
    }

    /** The station's own verdict counts again. */
    public Cards trusting(Overrule.Station station) {
        return new Cards(
                cards, overrules.stream().filter(o -> o.station() != station).toList());
    }
}
