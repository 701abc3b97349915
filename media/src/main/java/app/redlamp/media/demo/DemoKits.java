package app.redlamp.media.demo;

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
import app.redlamp.core.port.Shelf;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/** The kits of the demo: a condenser in the box room, two dynamics at a kitchen table, a USB microphone for the museum. */
final class DemoKits {
    private final Shelf<Gear, Kit> shelf;

    DemoKits(Shelf<Gear, Kit> shelf) {
        this.shelf = shelf;
    }

    /** What the narrator has: a middling condenser, and a box that hisses when it is turned up. */
    Kits book() {
        Seat reader = Seat.of("Narrator", part(Microphone.class, "tallow-1"), voice(VocalEffort.RAISED))
                .wired(Optional.of(part(Cable.class, "xlr-3")))
                .at(new Position(0.18, 0, 15, 10))
                .screened(OptionalDouble.of(0.10))
                .gained(41);
        Kit now = new Kit(
                "box-room-condenser",
                "Condenser in the box room",
                List.of(reader),
                Optional.of(part(AudioInterface.class, "sconce-1e")),
                extras("arm-light", "pop", "ear-closed"),
                false);
        Kit telephone = new Kit(
                "telephone-meanwhile",
                "The telephone, meanwhile",
                List.of(Seat.of("Narrator", part(Microphone.class, "telephone"), voice(VocalEffort.RAISED))
                        .gained(20)),
                Optional.empty(),
                extras("ear-closed"),
                false);
        return new Kits(
                List.of(now, telephone),
                now.id(),
                Map.of("tallow-1", 1, "sconce-1e", 1, "xlr-3", 1, "arm-light", 1, "ear-closed", 1, "telephone", 1),
                RoomGuess.USUAL);
    }

    /** Two hosts, one low-output dynamic each, and a box whose gain ends before theirs begins. */
    Kits podcast() {
        Seat ada = Seat.of("Ada", part(Microphone.class, "hob-low"), voice(VocalEffort.LOUD))
                .wired(Optional.of(part(Cable.class, "xlr-5")))
                .at(new Position(0.075, 0, 20, 0))
                .gained(48);
        Seat ben = ada.called("Ben")
                .boosted(Optional.of(part(BoosterPart.class, "bellows-18")))
                .gained(34);
        Kit kit = new Kit(
                "kitchen-dynamics",
                "Two dynamics at the kitchen table",
                List.of(ada, ben),
                Optional.of(part(AudioInterface.class, "sconce-2e")),
                extras("arm-light", "arm-light", "ear-closed", "ear-open"),
                true);
        return new Kits(
                List.of(kit),
                kit.id(),
                Map.of("hob-low", 2, "sconce-2e", 1, "xlr-5", 2, "arm-light", 2, "ear-closed", 1, "ear-open", 1),
                new RoomGuess(RoomGuess.Size.LIVING_ROOM, RoomGuess.Softness.HARD, RoomGuess.Quiet.HUMMING));
    }

    /** A USB microphone, borrowed for three weeks. */
    Kits guide() {
        Seat reader = Seat.of("Guide", part(Microphone.class, "tallow-u2"), voice(VocalEffort.RAISED))
                .at(new Position(0.2, 0, 20, 0))
                .gained(26);
        Kit kit = new Kit(
                "borrowed-usb",
                "A borrowed USB microphone",
                List.of(reader),
                Optional.empty(),
                extras("stand-desk", "ear-closed"),
                false);
        return new Kits(
                List.of(kit),
                kit.id(),
                Map.of("tallow-u2", 1, "stand-desk", 1, "ear-closed", 1),
                new RoomGuess(RoomGuess.Size.BOX_ROOM, RoomGuess.Softness.FURNISHED, RoomGuess.Quiet.USUAL));
    }

    private static Voice voice(VocalEffort loudest) {
        return new Voice(VocalEffort.NORMAL, loudest, Voice.USUAL_CREST_DB);
    }

    private List<Extra> extras(String... ids) {
        return Stream.of(ids).map(id -> part(Extra.class, id)).toList();
    }

    private <G extends Gear> G part(Class<G> type, String id) {
        return type.cast(shelf.part(id).orElseThrow());
    }
}
