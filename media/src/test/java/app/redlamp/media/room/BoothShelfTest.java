package app.redlamp.media.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.acoustics.cabin.Cabin;
import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.acoustics.room.Space;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BoothFolderTest {
    @TempDir
    Path library;

    private BoothFolder booths() {
        return new BoothFolder(library, RoomShelf.in(library).parts());
    }

    private Cabin shipped(String id) {
        return booths().all().stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatShipsIsDearerTheMoreItKeepsOut() {
        assertThat(booths().all()).hasSize(5).extracting(Cabin::id).doesNotHaveDuplicates();
        Cabin thin = shipped("panel-cabinet");
        Cabin thick = shipped("double-wall");
        for (int b = 0; b < OctaveLevels.COUNT; b++) {
            assertThat(thick.keepsOutDb().at(b)).isGreaterThan(thin.keepsOutDb().at(b));
        }
        assertThat(thick.price()).isGreaterThan(thin.price());
        assertThat(booths().all())
                .allMatch(c -> c.source().contains("estimate"))
                .noneMatch(c -> c.care().isBlank());
    }

    @Test
    void anOfferIsReadAgainAsItWasKept() throws IOException {
        Cabin offer = shipped("single-wall")
                .as("own-booth")
                .called("Attic offer")
                .priced(3750)
                .sized(new Space(1.4, 1.1, 2.05))
                .keepingOut(OctaveLevels.of(7, 12, 19, 25.5, 31, 35, 36, 36))
                .withFan(OptionalDouble.empty())
                .airedBy(9)
                .weighing(280)
                .from("as the seller says");
        booths().keep(offer);
        assertThat(booths().all()).hasSize(6).contains(offer);
        assertThat(booths().isOwn("own-booth")).isTrue();
        booths().forget("own-booth");
        assertThat(booths().all()).hasSize(5);
    }

    @Test
    void oneOfTheUsersTakesThePlaceOfOneThatShips() throws IOException {
        BoothFolder booths = booths();
        booths.keep(shipped("double-wall").priced(7000));
        assertThat(shipped("double-wall").price()).isEqualTo(7000);
        booths.forget("double-wall");
        assertThat(shipped("double-wall").price()).isEqualTo(9200);
    }

    @Test
    void whatCannotBeReadIsSaidAndNeverWrittenOver() throws IOException {
        booths().keep(shipped("single-wall").as("own-booth"));
        Path file = library.resolve("booths/own-booth.json");
        String broken = Files.readString(file).replace("booth-panel", "moon-dust");
        Files.writeString(file, broken);
        BoothFolder again = booths();
        assertThat(again.all()).hasSize(5);
        assertThat(again.faults())
                .singleElement()
                .asString()
                .contains("own-booth.json")
                .contains("moon-dust");
        assertThatThrownBy(() -> again.keep(shipped("single-wall").as("own-booth")))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("moon-dust");
        assertThat(Files.readString(file)).isEqualTo(broken);
    }

    @Test
    void aNameNeverLeadsOutOfTheFolder() {
        Cabin sly = shipped("single-wall").as("../../sly");
        assertThatThrownBy(() -> booths().keep(sly)).isInstanceOf(IOException.class);
    }
}
