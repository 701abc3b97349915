package app.redlamp.media.booth;

import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.acoustics.spot.Wanted;
import app.redlamp.core.booth.Act;
import app.redlamp.core.booth.Booth;
import app.redlamp.core.booth.Cue;
import app.redlamp.core.booth.Habits;
import app.redlamp.core.booth.Mains;
import app.redlamp.core.booth.Scene;
import app.redlamp.core.booth.Stand;
import app.redlamp.core.booth.WeekTime;
import app.redlamp.core.chain.FinishingTarget;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.RoomGuess;
import app.redlamp.core.chain.placement.Bleed;
import app.redlamp.core.chain.placement.Table;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.DocumentFolder;
import app.redlamp.media.json.JsonObject;
import app.redlamp.media.json.Named;
import app.redlamp.media.kit.KitCodec;
import app.redlamp.media.room.SpotCodec;
import java.io.IOException;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A simulated booth as a document (docs/formats.md).
 *
 * @param booth who, where, with what
 * @param acts what is performed
 */
public record BoothDocument(Booth booth, List<Act> acts) {
    private static final int FORMAT = 1;
    private static final int MOST_ACTS = 1000;
    private static final double DECAY_S = 0.25;
    private static final double SNR_DB = 40;
    private static final int RATE = 48_000;

    public BoothDocument {
        acts = List.copyOf(acts);
    }

    /**
     * Reads a booth.
     *
     * @param materials that may be named without being described
     * @param parts that may be named without being described
     * @param finishing what is made of the recording afterwards
     * @throws IOException where it is none; one line with the place and the reason, without the file's name
     */
    public static BoothDocument read(Path file, List<Material> materials, List<Gear> parts, FinishingTarget finishing)
            throws IOException {
        JsonObject document = DocumentFolder.read(file, "booth");
        try {
            return read(document, materials, parts, finishing);
        } catch (IllegalArgumentException | DateTimeException e) {
            throw new IOException(e.getMessage(), e);
        }
    }

    private static BoothDocument read(
            JsonObject o, List<Material> materials, List<Gear> parts, FinishingTarget finishing) throws IOException {
        int format = o.integer("format");
        if (format > FORMAT) {
            throw new IOException(Faults.say("booth-document.is-format-this", format, FORMAT));
        }
        Kit kit = KitCodec.kit(parts).read(o.object("kit"));
        Scene scene = scene(o, materials, kit);
        Booth booth = Booth.of(
                kit,
                scene,
                finishing,
                when(o),
                o.optionalInteger("sampleRateHz").orElse(RATE),
                o.optionalInteger("seed").orElse(1));
        booth = booth.humming(mains(o))
                .seated(
                        o.optionalText("seats").isPresent()
                                ? Named.of(Bleed.Seats.class, o, "seats")
                                : Bleed.Seats.ACROSS,
                        o.optionalNumber("apartM").orElse(Table.USUAL.apartM()));
        Habits habits = habits(o);
        boolean phantom = !o.names().contains("phantom") || o.flag("phantom");
        for (int i = 0; i < booth.stands().size(); i++) {
            Stand stand = booth.stands().get(i).behaving(habits);
            booth = booth.with(i, needsPhantom(kit, stand) && !phantom ? stand.powered(false) : stand);
        }
        return new BoothDocument(booth, acts(o, booth));
    }

    private static boolean needsPhantom(Kit kit, Stand stand) {
        return kit.seats().stream()
                .filter(s -> s.name().equals(stand.name()))
                .anyMatch(s -> s.microphone().power() == Microphone.Power.PHANTOM);
    }

    private static Scene scene(JsonObject o, List<Material> materials, Kit kit) throws IOException {
        Optional<JsonObject> room = o.optionalObject("room");
        if (room.isPresent()) {
            Spot spot = SpotCodec.spot(materials).read(room.get());
            double distance = kit.seats().get(0).position().distanceM();
            return Scene.of(Study.of(spot, new Wanted(DECAY_S, Wanted.noiseDbA(distance, SNR_DB))));
        }
        Optional<JsonObject> guess = o.optionalObject("guess");
        Surroundings guessed = (guess.isPresent() ? KitCodec.GUESS.read(guess.get()) : RoomGuess.USUAL).surroundings();
        return Scene.of(guessed.noise().dbA(), guessed.volumeM3(), guessed.decayS());
    }

    private static WeekTime when(JsonObject o) throws IOException {
        Optional<JsonObject> when = o.optionalObject("when");
        return when.isEmpty()
                ? new WeekTime(DayOfWeek.MONDAY, LocalTime.of(10, 0))
                : new WeekTime(
                        Named.of(DayOfWeek.class, when.get(), "day"),
                        LocalTime.parse(when.get().text("time")));
    }

    private static Mains mains(JsonObject o) throws IOException {
        Optional<JsonObject> mains = o.optionalObject("mains");
        return mains.isEmpty()
                ? Mains.EUROPEAN
                : new Mains(
                        mains.get().integer("nominalHz"),
                        mains.get().optionalNumber("driftHz").orElse(0));
    }

    private static Habits habits(JsonObject o) throws IOException {
        Optional<JsonObject> habits = o.optionalObject("habits");
        if (habits.isEmpty()) {
            return Habits.USUAL;
        }
        JsonObject h = habits.get();
        return new Habits(
                h.optionalNumber("plosives").orElse(0),
                h.optionalNumber("sibilants").orElse(0),
                h.optionalNumber("breaths").orElse(0),
                h.optionalNumber("clicks").orElse(0),
                h.optionalNumber("creaks").orElse(0),
                h.optionalNumber("rustles").orElse(0),
                h.optionalNumber("pages").orElse(0));
    }

    private static List<Act> acts(JsonObject o, Booth booth) throws IOException {
        List<Act> acts = new ArrayList<>();
        for (JsonObject one : o.objects("acts")) {
            OptionalInt voice = one.optionalInteger("voice");
            Optional<VocalEffort> effort = one.optionalText("effort").isPresent()
                    ? Optional.of(Named.of(VocalEffort.class, one, "effort"))
                    : Optional.empty();
            acts.add(new Act(voice.orElse(1) - 1, Named.of(Cue.class, one, "cue"), effort, one.number("seconds")));
        }
        if (acts.isEmpty() || acts.size() > MOST_ACTS) {
            throw new IOException(Faults.say("booth-document.acts-must-be", acts.size(), MOST_ACTS));
        }
        for (Act act : acts) {
            if (act.stand() >= booth.stands().size()) {
                throw new IOException(Faults.say(
                        "booth-document.there-is-no",
                        act.stand() + 1,
                        booth.stands().size()));
            }
        }
        return acts;
    }
}
