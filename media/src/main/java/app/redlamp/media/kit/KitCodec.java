package app.redlamp.media.kit;

import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.Voice;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.BoosterPart;
import app.redlamp.core.chain.kit.Cable;
import app.redlamp.core.chain.kit.Extra;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Kits;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.RoomGuess;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.core.fault.Reason;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.Codec;
import app.redlamp.media.json.Fields;
import app.redlamp.media.json.Texts;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Kits in their documents (docs/formats.md). Each carries the parts that it is made of. */
public final class KitCodec {
    static final int FORMAT = 1;
    private static final int MOST_OWNED = 500;
    private static final int MOST_OF_ONE = 99;

    /** How somebody stands to the microphone; also in a gain card. */
    public static final Codec<Position> POSITION = Codec.of(KitCodec::position);

    /** A room of which only three things are known. */
    public static final Codec<RoomGuess> GUESS = Codec.of(o -> new RoomGuess(
            o.named("size", RoomGuess.Size.class, RoomGuess::size),
            o.named("softness", RoomGuess.Softness.class, RoomGuess::softness),
            o.named("quiet", RoomGuess.Quiet.class, RoomGuess::quiet)));

    private static final Codec<Voice> VOICE = Codec.of(o -> new Voice(
            o.named("reading", VocalEffort.class, Voice::reading),
            o.named("loudest", VocalEffort.class, Voice::loudest),
            o.number("crestDb", Voice.USUAL_CREST_DB, Voice::crestDb)));

    private static final Codec<Map<String, Integer>> OWNED = Codec.of(KitCodec::owned);

    /** All kits of a production. */
    public static final Codec<Kits> KITS = Codec.of(o -> new Kits(
            o.list("sets", kit(List.of()), Kits::all),
            o.text("chosen", "", Kits::chosen),
            o.object("owned", OWNED, Kits::owned),
            o.object("guess", RoomGuess.USUAL, GUESS, Kits::guess)));

    private final Map<String, Gear> parts = new HashMap<>();

    private KitCodec(List<Gear> library) {
        library.forEach(p -> parts.put(p.id(), p));
    }

    /**
     * A kit.
     *
     * @param library parts that a document may name without describing them
     */
    public static Codec<Kit> kit(List<Gear> library) {
        return Codec.of(o -> new KitCodec(library).kit(o));
    }

    /** The fields of a position, which may be among others. */
    public static Position position(Fields<Position> o) throws IOException {
        return new Position(
                o.number("distanceM", Position::distanceM),
                o.number("angleDeg", 0, Position::angleDeg),
                o.number("sideDeg", 0, Position::sideDeg),
                o.number("raisedDeg", 0, Position::raisedDeg));
    }

    private static Map<String, Integer> owned(Fields<Map<String, Integer>> o) throws IOException {
        Map<String, Integer> owned = new HashMap<>();
        for (String id : o.names(m -> new TreeMap<>(m).keySet())) {
            int count = o.integer(id, m -> m.get(id));
            if (count < 0 || count > MOST_OF_ONE || owned.size() >= MOST_OWNED) {
                throw o.fault(id, Faults.say("kit-codec.cannot-be-owned", Reason.shown(id), count));
            }
            owned.put(id, count);
        }
        return owned;
    }

    private Kit kit(Fields<Kit> o) throws IOException {
        int format = o.integer("format", k -> FORMAT);
        if (format > FORMAT) {
            throw new IOException(Faults.say("booth-document.is-format-this", format, FORMAT));
        }
        String id = o.text("id", Kit::id);
        String name = o.text("name", Kit::name);
        o.list("parts", GearCodec.GEAR, k -> List.copyOf(k.parts().keySet())).forEach(p -> parts.put(p.id(), p));
        return new Kit(
                id,
                name,
                o.list("seats", Codec.of(this::seat), Kit::seats),
                o.optional("box", part(AudioInterface.class), Kit::box),
                o.list("extras", part(Extra.class), Kit::extras),
                o.flag("hub", Kit::hub),
                o.number("compressionDb", 0, Kit::compressionDb));
    }

    private Seat seat(Fields<Seat> o) throws IOException {
        return new Seat(
                o.text("name", Seat::name),
                o.as("microphone", part(Microphone.class), Seat::microphone),
                o.optional("cable", part(Cable.class), Seat::cable),
                o.optional("booster", part(BoosterPart.class), Seat::booster),
                o.number("gainDb", Seat::gainDb),
                o.object("voice", VOICE, Seat::voice),
                o.object("position", POSITION, Seat::position),
                o.optionalNumber("popFilterM", Seat::popFilterM));
    }

    /** A part by its id: one that the document describes, or one of the library. */
    private <G extends Gear> Texts<G> part(Class<G> type) {
        return Texts.of(
                "kit-codec.a-part",
                id -> Optional.ofNullable(parts.get(id))
                        .filter(type::isInstance)
                        .map(type::cast)
                        .orElseThrow(IllegalArgumentException::new),
                Gear::id);
    }
}
