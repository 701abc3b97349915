package app.redlamp.media.production;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.Productions;
import app.redlamp.core.port.Rescues;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RescueFolderTest {
    private static final Instant NOON = Instant.parse("2026-03-02T12:00:00Z");

    @TempDir
    Path home;

    private Rescues at(Instant time) {
        return new RescueFolder(home.resolve("library"), Clock.fixed(time, ZoneOffset.UTC));
    }

    @Test
    void whatIsKeptIsOfferedTheNewestFirstUntilItIsForgotten() throws IOException {
        Production book = FullProduction.full();
        Production other = Productions.book(100, 200).as("another");
        at(NOON).keep(book, home.resolve("Borrowed Weather"));
        at(NOON.plus(Duration.ofHours(1))).keep(other, home.resolve("Other"));
        assertThat(at(NOON).all())
                .containsExactly(
                        new Rescues.Copy(other, home.resolve("Other"), NOON.plus(Duration.ofHours(1))),
                        new Rescues.Copy(book, home.resolve("Borrowed Weather"), NOON));
        at(NOON).forget("another");
        at(NOON).forget("never kept");
        assertThat(at(NOON).all()).extracting(Rescues.Copy::production).containsExactly(book);
        at(NOON).forget(book.id());
        assertThat(at(NOON).all()).isEmpty();
        try (Stream<Path> left = Files.list(home.resolve("library/rescue"))) {
            assertThat(left).isEmpty();
        }
    }

    @Test
    void aLaterCopyTakesThePlaceOfAnEarlierOne() throws IOException {
        Production book = FullProduction.full();
        Production later = book.with(book.brief().forClient("Mill House"));
        at(NOON).keep(book, home);
        at(NOON).keep(later, home);
        assertThat(at(NOON).all()).extracting(Rescues.Copy::production).containsExactly(later);
    }

    /** A copy that a kill broke off, and what somebody else laid there, hinder nothing and are not removed. */
    @Test
    void whatIsNoWholeCopyIsPassedOver() throws IOException {
        Production book = FullProduction.full();
        at(NOON).keep(book, home);
        Path rescue = home.resolve("library/rescue");
        Path mine = Files.createDirectory(rescue.resolve("mine"));
        Files.createDirectory(rescue.resolve("00000000-0000-0000-0000-000000000000"));
        Path broken = Files.createDirectory(rescue.resolve("00000000-0000-0000-0000-000000000001"));
        Files.writeString(broken.resolve("rescue.json"), "{\"format\":1,\"fol");
        assertThat(at(NOON).all()).extracting(Rescues.Copy::production).containsExactly(book);
        assertThat(mine).exists();
        assertThat(broken).exists();
    }
}
