package app.redlamp.media.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.acoustics.cabin.Cabin;
import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.acoustics.room.Space;
import app.redlamp.core.port.PartShelf;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BoothShelfTest {
    @TempDir
    Path library;

    private PartShelf<Cabin> booths() {
        return BoothShelf.in(library, RoomShelf.in(library).parts());
    }

    private Cabin shipped(String id) {
        return booths().parts().stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatShipsIsDearerTheMoreItKeepsOut() {
        assertThat(booths().parts()).hasSize(5).extracting(Cabin::id).doesNotHaveDuplicates();
        Cabin thin = shipped("panel-cabinet");
        Cabin thick = shipped("double-wall");
        for (int b = 0; b < OctaveLevels.COUNT; b++) {
            assertThat(thick.keepsOutDb().at(b)).isGreaterThan(thin.keepsOutDb().at(b));
        }
        assertThat(thick.offer().price()).isGreaterThan(thin.offer().price());
        assertThat(booths().parts())
                .allMatch(c -> c.offer().source().contains("estimate"))
                .noneMatch(c -> c.offer().care().isBlank());
    }

    @Test
    void anOfferIsReadAgainAsItWasKept() throws IOException {
        Cabin usual = shipped("single-wall");
        Cabin offer = usual.as("own-booth")
                .offered(usual.offer().called("Attic offer").priced(3750).from("as the seller says"))
                .made(usual.shell()
                        .sized(new Space(1.4, 1.1, 2.05))
                        .walled(0.07)
                        .weighing(280))
                .keepingOut(OctaveLevels.of(7, 12, 19, 25.5, 31, 35, 36, 36))
                .aired(new Cabin.Ventilation(OptionalDouble.empty(), 9));
        booths().save(offer);
        assertThat(booths().parts()).hasSize(6).contains(offer);
        assertThat(booths().isOwn("own-booth")).isTrue();
        booths().forget("own-booth");
        assertThat(booths().parts()).hasSize(5);
    }

    @Test
    void oneOfTheUsersTakesThePlaceOfOneThatShips() throws IOException {
        PartShelf<Cabin> booths = booths();
        Cabin dear = shipped("double-wall");
        booths.save(dear.offered(dear.offer().priced(7000)));
        assertThat(shipped("double-wall").offer().price()).isEqualTo(7000);
        booths.forget("double-wall");
        assertThat(shipped("double-wall").offer().price()).isEqualTo(9200);
    }

    @Test
    void whatCannotBeReadIsSaidAndNeverWrittenOver() throws IOException {
        booths().save(shipped("single-wall").as("own-booth"));
        Path file = library.resolve("booths/own-booth.json");
        String broken = Files.readString(file).replace("booth-panel", "moon-dust");
        Files.writeString(file, broken);
        PartShelf<Cabin> again = booths();
        assertThat(again.parts()).hasSize(5);
        assertThat(again.faults())
                .singleElement()
                .asString()
                .contains("own-booth.json")
                .contains("moon-dust");
        assertThatThrownBy(() -> again.save(shipped("single-wall").as("own-booth")))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("moon-dust");
        assertThat(Files.readString(file)).isEqualTo(broken);
    }

    /** Nothing stands in for one's own that is broken: its figures would be others than were written down. */
    @Test
    void whatShipsDoesNotStandInForABrokenOne() throws IOException {
        Cabin dear = shipped("double-wall");
        booths().save(dear.offered(dear.offer().priced(7000)));
        Files.writeString(library.resolve("booths/double-wall.json"), "{");
        assertThat(booths().part("double-wall")).isEmpty();
        booths().forget("double-wall");
        assertThat(booths().part("double-wall")).isPresent();
    }

    @Test
    void aNameNeverLeadsOutOfTheFolder() {
        Cabin sly = shipped("single-wall").as("../../sly");
        assertThatThrownBy(() -> booths().save(sly)).isInstanceOf(IOException.class);
    }
}
