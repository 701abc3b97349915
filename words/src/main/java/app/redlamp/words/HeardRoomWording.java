package app.redlamp.words;

import app.redlamp.core.measure.room.Reverberation;
import java.util.Locale;

/** Says what is heard of a room in a voice, each figure with its trust. */
public final class HeardRoomWording {
    private final Phrases phrases;
    private final Figures figures;

    public HeardRoomWording(Figures figures) {
        this.figures = figures;
        phrases = new Phrases("heard-room", figures.locale());
    }

    /** Clarity of the voice, in a few words. */
    public String clarity(Reverberation room) {
        return room.clarity()
                .map(c ->
                        phrases.say("clarity." + room.kind().id(), figures.whole(c.value()), figures.whole(c.within())))
                .orElseGet(() -> phrases.say("unknown"));
    }

    /** How long the room rings, in a few words. */
    public String decay(Reverberation room) {
        return room.decay()
                .map(d -> phrases.say("decay", figures.hundredths(d.value()), figures.hundredths(d.within())))
                .orElseGet(() -> phrases.say("unknown"));
    }

    /** Clarity against what is wanted, and what that comes to. */
    public String against(Reverberation room, double wantedDb) {
        if (room.kind() == Reverberation.Kind.NOT_HEARD) {
            return phrases.say("not-heard");
        }
        String standing = room.against(wantedDb).name().toLowerCase(Locale.ROOT);
        return phrases.say("against." + standing, clarity(room), figures.whole(wantedDb));
    }
}
