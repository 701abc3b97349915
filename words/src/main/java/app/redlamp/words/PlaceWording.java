package app.redlamp.words;

import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.placement.Bleed;
import app.redlamp.core.chain.placement.Placing;
import app.redlamp.core.chain.placement.Zone;
import java.util.List;

/** Says what a place before the mouth does to the sound. */
public final class PlaceWording {
    private final Phrases phrases;
    private final Figures figures;
    private final Lengths lengths;
    private final ChainWording chains;

    public PlaceWording(Lengths lengths, Figures figures) {
        this.lengths = lengths;
        this.figures = figures;
        phrases = new Phrases("place", figures.locale());
        chains = new ChainWording(lengths, figures);
    }

    /** Where it stands, one sentence. */
    public String verdict(Placing placing) {
        return placing.trouble()
                .map(t -> phrases.say(
                        "verdict." + t.id(), figures.whole(placing.bassDb()), figures.whole(placing.swayDb() / 2)))
                .orElseGet(() -> phrases.say("verdict.fine"));
    }

    public String at(Position position) {
        return phrases.say(
                "at",
                lengths.say(position.distanceM()),
                figures.whole(position.sideDeg()),
                figures.whole(position.raisedDeg()),
                figures.whole(position.angleDeg()));
    }

    public String level(Placing placing) {
        return phrases.say("level", figures.whole(placing.atCapsuleDb()));
    }

    public String bass(Placing placing) {
        return placing.bassDb() < 0.5
                ? phrases.say("bass.none")
                : phrases.say("bass", figures.whole(placing.bassDb()), figures.tenths(placing.swayDb() / 2));
    }

    public String treble(Placing placing) {
        return placing.trebleDb() > -0.5
                ? phrases.say("treble.none")
                : phrases.say("treble", figures.tenths(placing.trebleDb()));
    }

    public String breath(Placing placing) {
        String breath = phrases.say(placing.pops() ? "breath.pops" : "breath.fine", figures.whole(placing.breathDb()));
        return placing.screenDb() > 0
                ? phrases.say("breath.screen", breath, figures.whole(placing.screenDb()))
                : breath;
    }

    public String room(Placing placing) {
        return phrases.say("room", figures.whole(placing.directDb()));
    }

    public String zones(Placing placing) {
        return placing.zones().isEmpty()
                ? phrases.say("zones.none")
                : phrases.say("zones", String.join(", ", names(placing.zones())));
    }

    private List<String> names(List<Zone> zones) {
        return zones.stream().map(this::zone).toList();
    }

    public String zone(Zone zone) {
        return phrases.say("zone." + zone.id());
    }

    /** Where to go for a line of another effort. */
    public String lineOf(VocalEffort effort, double distanceM) {
        return phrases.say("loud", chains.effort(effort), lengths.say(distanceM));
    }

    public String seats(Bleed.Seats seats) {
        return phrases.say("seats." + seats.id());
    }

    public String bleed(Bleed bleed, Bleed.Seats seats, double apartM) {
        return phrases.say(
                "bleed",
                seats(seats),
                lengths.say(apartM),
                figures.whole(-bleed.totalDb()),
                figures.tenths(bleed.ratio()));
    }

    public String speaker(Bleed bleed) {
        return phrases.say(bleed.harmless() ? "speaker.fine" : "speaker", figures.whole(-bleed.totalDb()));
    }
}
