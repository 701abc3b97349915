package app.redlamp.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** Where chapters and hours lie in their pictures. */
class BriefPicturesDataTest {
    private static Book book(double... lengths) {
        List<Book.Chapter> chapters = new ArrayList<>();
        for (double length : lengths) {
            chapters.add(new Book.Chapter("1", "One", "1 min", length, 0, false, false));
        }
        return new Book(chapters);
    }

    @Test
    void chaptersAreAsWideAsTheyAreLong() {
        double[] edges = book(60, 180, 60).edges(308, 4);
        assertThat(edges).hasSize(4);
        assertThat(edges[0]).isZero();
        assertThat(edges[3] - 4).as("the last ends at the right edge").isCloseTo(308, within(1e-9));
        double first = edges[1] - edges[0] - 4;
        double second = edges[2] - edges[1] - 4;
        // 300 less three times the least of 16 are shared by length.
        assertThat(first).isCloseTo(16 + 252 * 0.2, within(1e-9));
        assertThat(second).isCloseTo(16 + 252 * 0.6, within(1e-9));
    }

    @Test
    void aThousandCuesStillLieWithinThePicture() {
        double[] lengths = new double[1000];
        java.util.Arrays.fill(lengths, 4);
        double[] edges = book(lengths).edges(1600, 1);
        assertThat(edges[1000] - 1).isCloseTo(1600, within(1e-6));
        assertThat(edges).isSorted();
    }

    @Test
    void chaptersWithoutALengthAreAllAlike() {
        double[] edges = book(0, 0).edges(204, 4);
        assertThat(edges[1]).isCloseTo(104, within(1e-9));
        assertThat(book().edges(100, 4)).containsExactly(0);
    }

    @Test
    void hoursLieBetweenTheFirstAndTheLastShown() {
        Evenings evenings = new Evenings(List.of(), 18, 26, OptionalInt.empty(), "", OptionalInt.empty(), "");
        assertThat(evenings.share(18)).isZero();
        assertThat(evenings.share(26)).isEqualTo(1);
        assertThat(evenings.share(24)).as("midnight").isEqualTo(0.75);
        assertThat(evenings.share(3)).as("beyond").isZero();
        assertThatThrownBy(() -> new Evenings(List.of(), 20, 20, OptionalInt.empty(), "", OptionalInt.empty(), ""))
                .hasMessageContaining("must rise");
    }
}
