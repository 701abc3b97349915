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
import app.redlamp.media.json.JsonObject;
import app.redlamp.media.json.Named;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Makes kits of their documents. A part that a document does not describe is taken from the library. */
public final class KitReader {
    private static final int MOST_OWNED = 500;
    private static final int MOST_OF_ONE = 99;

    private final JsonObject document;
    private final Map<String, Gear> parts = new HashMap<>();

    private KitReader(JsonObject document, List<Gear> library) {
        this.document = document;
        library.forEach(p -> parts.put(p.id(), p));
    }

    /**
     * @param library parts that may be named without being described
     * @throws IOException where it is no kit; one line with the place and the reason
     */
    public static Kit read(JsonObject document, List<Gear> library) throws IOException {
        try {
            return new KitReader(document, library).kit();
        } catch (IllegalArgumentException e) {
            // Figures that cannot be are refused where they are made.
            throw new IOException(e.getMessage(), e);
        }
    }

    /** @throws IOException where they are none; one line */
    public static Kits kits(JsonObject o) throws IOException {
        List<Kit> all = new ArrayList<>();
        for (JsonObject kit : o.objects("sets")) {
            all.add(read(kit, List.of()));
        }
        Map<String, Integer> owned = new HashMap<>();
        JsonObject counts = o.object("owned");
        for (String id : counts.names()) {
            int count = counts.integer(id);
            if (count < 0 || count > MOST_OF_ONE || owned.size() >= MOST_OWNED) {
                throw new IOException(
                        Faults.say("kit-reader.line-cannot-be", counts.lineOf(id), Reason.shown(id), count));
            }
            owned.put(id, count);
        }
        Optional<JsonObject> guess = o.optionalObject("guess");
        return new Kits(
                all,
                o.optionalText("chosen").orElse(""),
                owned,
                guess.isEmpty() ? RoomGuess.USUAL : guess(guess.get()));
    }

    /** @throws IOException where it is no guess; one line */
    public static RoomGuess guess(JsonObject o) throws IOException {
        return new RoomGuess(
                Named.of(RoomGuess.Size.class, o, "size"),
                Named.of(RoomGuess.Softness.class, o, "softness"),
                Named.of(RoomGuess.Quiet.class, o, "quiet"));
    }

    private Kit kit() throws IOException {
        int format = document.integer("format");
        if (format > KitFields.FORMAT) {
            throw new IOException(Faults.say("booth-document.is-format-this", format, KitFields.FORMAT));
        }
        for (JsonObject part : document.objects("parts")) {
            Gear gear = GearReader.read(part);
            parts.put(gear.id(), gear);
        }
        List<Seat> seats = new ArrayList<>();
        for (JsonObject seat : document.objects("seats")) {
            seats.add(seat(seat));
        }
        List<Extra> extras = new ArrayList<>();
        for (String id : document.texts("extras")) {
            extras.add(part(Extra.class, id, document, "extras"));
        }
        return new Kit(
                document.text("id"),
                document.text("name"),
                seats,
                optional(AudioInterface.class, document, "box"),
                extras,
                document.flag("hub"),
                document.optionalNumber("compressionDb").orElse(0));
    }

    private Seat seat(JsonObject o) throws IOException {
        JsonObject voice = o.object("voice");
        JsonObject position = o.object("position");
        return new Seat(
                o.text("name"),
                part(Microphone.class, o.text("microphone"), o, "microphone"),
                optional(Cable.class, o, "cable"),
                optional(BoosterPart.class, o, "booster"),
                o.number("gainDb"),
                new Voice(
                        Named.of(VocalEffort.class, voice, "reading"),
                        Named.of(VocalEffort.class, voice, "loudest"),
                        voice.optionalNumber("crestDb").orElse(Voice.USUAL_CREST_DB)),
                new Position(
                        position.number("distanceM"),
                        position.optionalNumber("angleDeg").orElse(0),
                        position.optionalNumber("sideDeg").orElse(0),
                        position.optionalNumber("raisedDeg").orElse(0)),
                o.optionalNumber("popFilterM"));
    }

    private <G extends Gear> Optional<G> optional(Class<G> type, JsonObject o, String field) throws IOException {
        Optional<String> id = o.optionalText(field);
        return id.isEmpty() ? Optional.empty() : Optional.of(part(type, id.get(), o, field));
    }

    private <G extends Gear> G part(Class<G> type, String id, JsonObject o, String field) throws IOException {
        Gear part = parts.get(id);
        if (!type.isInstance(part)) {
            throw new IOException(Faults.say("kit-reader.line-is-no", o.lineOf(field), field, Reason.shown(id)));
        }
        return type.cast(part);
    }
}
