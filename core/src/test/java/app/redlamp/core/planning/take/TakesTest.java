package app.redlamp.core.planning.take;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.Productions;
import app.redlamp.core.planning.plan.TakeFinder;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TakesTest {
    private static final LocalDateTime MADE = LocalDateTime.of(2026, 3, 9, 20, 15);

    private static Delivery delivery(String take, String specification, double gainDb) {
        return new Delivery(take, specification, MADE, List.of("ready/" + specification + ".mp3"), gainDb);
    }

    /** What lies in raw/ belongs to its chapter by its name; what does not is a take all the same. */
    @Test
    void takesAreMadeOfWhatLiesInTheFolder() {
        Production book = Productions.book(900, 400);
        List<Take> takes = TakeFinder.raw(
                book,
                List.of(
                        new TakeFinder.Found("1 One.wav", 360, false),
                        new TakeFinder.Found("tryout.wav", 12, false),
                        new TakeFinder.Found("1 One.mp3", 360, true),
                        new TakeFinder.Found("half.wav", 0, false)));
        assertThat(takes).extracting(Take::file).containsExactly("raw/1 One.wav", "raw/tryout.wav");
        assertThat(takes).extracting(Take::piece).containsExactly("One", "");
        assertThat(takes.get(0).name()).isEqualTo("1 One.wav");
    }

    @Test
    void whatIsKnownStaysAsItIs() {
        Take known = Take.found("raw/1.wav", "One", 60).as(Take.State.CHOSEN);
        Takes takes = Takes.NONE.adopting(List.of(known));
        Takes more = takes.adopting(List.of(Take.found("raw/1.wav", "", 59), Take.found("raw/2.wav", "Two", 30)));
        assertThat(more.take("raw/1.wav")).contains(known);
        assertThat(more.all()).hasSize(2);
        assertThat(more.adopting(List.of(Take.found("raw/2.wav", "", 1)))).isSameAs(more);
        assertThat(more.changing(known.of("Three"))
                        .take("raw/1.wav")
                        .orElseThrow()
                        .piece())
                .isEqualTo("Three");
    }

    @Test
    void theLastDeliveryOfATakeCounts() {
        Takes takes = Takes.NONE
                .delivering(delivery("raw/1.wav", "retail", 4))
                .delivering(delivery("raw/1.wav", "radio", 1))
                .delivering(delivery("raw/1.wav", "retail", 5));
        assertThat(takes.deliveries()).extracting(Delivery::gainDb).containsExactly(1.0, 5.0);
    }

    /** What is undone undoes no recording. */
    @Test
    void decisionsAreUndoneAndFactsAreNot() {
        Production before = Productions.book(900);
        Production after = before.with(before.brief().between(Productions.MONDAY, Optional.empty()))
                .with(Takes.NONE.adopting(List.of(Take.found("raw/1.wav", "One", 60))));
        Production undone = before.keeping(after);
        assertThat(undone.brief()).isEqualTo(before.brief());
        assertThat(undone.takes()).isEqualTo(after.takes());
        assertThat(before.differences(after)).containsExactly("brief", "takes");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "/etc/passwd",
                "../other/1.wav",
                "raw/../../1.wav",
                "raw//1.wav",
                "C:\\1.wav",
                "raw/./1.wav",
                "raw\\1.wav"
            })
    void aTakeLiesInTheFolder(String file) {
        assertThatThrownBy(() -> Take.found(file, "", 1))
                .hasMessageContaining("does not lie in the production's folder");
        assertThatThrownBy(() -> delivery(file, "retail", 0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThatThrownBy(() -> Take.found("raw/1.wav", "", Double.NaN)).hasMessageContaining("length of 0 or more");
        assertThatThrownBy(() -> Take.found("raw/1.wav", "", 1).counted("abc")).hasMessageContaining("64 digits");
        assertThatThrownBy(() -> new Mark(-1, "clipped", "")).hasMessageContaining("at the start or after it");
        assertThatThrownBy(() -> new Takes(List.of(Take.found("a", "", 1), Take.found("a", "", 2)), List.of()))
                .hasMessageContaining("same file");
        assertThatThrownBy(() -> new Delivery("raw/1.wav", "retail", MADE, List.of(), 0))
                .hasMessageContaining("needs a file");
    }
}
