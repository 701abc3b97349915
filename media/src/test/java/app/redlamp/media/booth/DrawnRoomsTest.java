package app.redlamp.media.booth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.acoustics.spot.Wanted;
import app.redlamp.core.booth.Booth;
import app.redlamp.core.booth.Cue;
import app.redlamp.core.booth.Habits;
import app.redlamp.core.booth.Scene;
import app.redlamp.core.booth.WeekTime;
import app.redlamp.core.chain.FinishingTarget;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Voice;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.Cable;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.port.Shelf;
import app.redlamp.media.kit.KitShelf;
import app.redlamp.media.room.RoomShelf;
import java.io.IOException;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The rooms that ship, with parts that ship: predicted against produced. */
class DrawnRoomsTest {
    @TempDir
    Path library;

    @Test
    void whatIsComputedComesOutOfEveryRoomThatShips() throws IOException {
        Shelf<Gear, Kit> parts = KitShelf.in(library);
        List<Spot> rooms = RoomShelf.in(library).presets();
        assertThat(rooms).hasSizeGreaterThan(3);
        for (Spot spot : rooms) {
            for (String microphone : List.of("tallow-1", "hob-2", "tallow-u2")) {
                check(spot, kit(parts, microphone));
            }
        }
    }

    private static Kit kit(Shelf<Gear, Kit> parts, String id) {
        Microphone microphone = (Microphone) parts.part(id).orElseThrow();
        Seat seat = Seat.of("Reader", microphone, Voice.USUAL);
        if (!microphone.isDigital()) {
            seat = seat.wired(Optional.of((Cable) parts.part("xlr-3").orElseThrow()));
        }
        Optional<AudioInterface> box = microphone.isDigital()
                ? Optional.empty()
                : Optional.of((AudioInterface) parts.part("sconce-1e").orElseThrow());
        return new Kit("kit", "Kit", List.of(seat), box, List.of(), false);
    }

    private static void check(Spot spot, Kit kit) throws IOException {
        Scene scene = Scene.of(Study.of(spot, new Wanted(0.25, 25)));
        FinishingTarget finishing = new FinishingTarget(-20, -3, 0, 16, OptionalDouble.of(-60));
        Booth bare = Booth.of(kit, scene, finishing, new WeekTime(DayOfWeek.TUESDAY, LocalTime.of(10, 0)), 48_000, 3);
        Booth booth = bare.with(
                0,
                bare.stands()
                        .get(0)
                        .behaving(Habits.NONE)
                        .with(bare.stands().get(0).chain().gained(36)));
        Node converter = SignalPath.of(booth.stands().get(0).chain())
                .node(Node.Stage.CONVERTER)
                .orElseThrow();
        Report still = AgreementTest.measured(booth, Cue.STILL, 10);
        Report read = AgreementTest.measured(booth, Cue.READ, 24);
        String which = spot.name() + ", " + kit.seats().get(0).microphone().name();
        assertThat(still.highPassed().noiseFloorDbfs().orElseThrow())
                .as(which)
                .isCloseTo(converter.noise().flatDb(), within(0.5));
        assertThat(read.activeSpeech().levelDbov().orElseThrow())
                .as(which)
                .isCloseTo(converter.averageDb(), within(0.5));
    }
}
