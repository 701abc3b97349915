package app.redlamp.core.planning.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FileNamesTest {
    private static List<String> names(String pattern, String... titles) {
        return FileNames.of(pattern, "Borrowed Weather", "Harrow & Co.", List.of(titles));
    }

    @Test
    void fillsThePattern() {
        assertThat(names("{production}_{nn}_{title}", "The oven below", "Rain"))
                .containsExactly("Borrowed-Weather_01_The-oven-below", "Borrowed-Weather_02_Rain");
        assertThat(names("{client}-{nnn}", "x")).containsExactly("Harrow-&-Co.-001");
        assertThat(names("{n}", "x", "y")).containsExactly("1", "2");
        assertThat(names("{title}", "Zażółć: gęślą?")).containsExactly("Zażółć-gęślą");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{chapter}_{nn}|there is no {chapter}; use",
                "raw/{nn}|'/' cannot stand in a file name",
                "..\\{nn}|'\\' cannot stand in a file name",
                "{nn}:{title}|':' cannot stand",
                "{nn|'{' cannot stand",
                "' '|a file needs a name"
            })
    void refusesWhatCannotBeAName(String pattern, String fault) {
        assertThat(FileNames.fault(pattern)).contains(fault);
        assertThatThrownBy(() -> names(pattern, "x")).hasMessageContaining(fault);
    }

    @Test
    void refusesNamesThatClash() {
        assertThatThrownBy(() -> names("{title}", "Rain", "Sun", "rain"))
                .hasMessage("'Rain' and 'rain' would both be called rain; put {nn} into the pattern");
        assertThatThrownBy(() -> names("{production}", "a", "b")).hasMessageContaining("put {nn}");
        assertThatThrownBy(() -> names("{title}", "Caf\u00e9", "Cafe\u0301"))
                .hasMessageContaining("would both be called");
    }

    @Test
    void refusesNamesThatAreNone() {
        assertThatThrownBy(() -> names("{title}", "???")).hasMessageContaining("would have no name");
        assertThatThrownBy(() -> names("{title}", "aux")).hasMessageContaining("keep for themselves");
        assertThatThrownBy(() -> names("{title}", "ü".repeat(150))).hasMessageContaining("too long");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "../../etc/passwd",
                "..",
                "C:\\boot",
                "a/b",
                "~/.ssh/id",
                "\u0000x",
                "x\u202egpj.exe",
                ". .",
                "-rf"
            })
    void noTitleLeadsOutOfTheFolder(String title) {
        for (String name : List.of(
                names("{nn}_{title}", title).get(0), names("{title}{nn}", title).get(0))) {
            assertThat(name)
                    .doesNotContain("/", "\\", ":", "\u0000", "\u202e")
                    .doesNotStartWith(".")
                    .doesNotStartWith("-");
        }
    }

    /** Twenty thousand hyphens took seventeen seconds, and a long title is not echoed whole. */
    @Test
    void aLongTitleIsRefusedBriefly() {
        assertThat(FileNames.folder("-".repeat(20_000) + "x")).isEqualTo("x");
        for (String title : List.of("a-b-".repeat(10_000), "x ".repeat(50_000))) {
            assertThatThrownBy(() -> FileNames.folder(title))
                    .hasMessageContaining("another title")
                    .satisfies(e -> assertThat(e.getMessage()).hasSizeLessThan(200));
            assertThatThrownBy(() -> names("{title}", title))
                    .satisfies(e -> assertThat(e.getMessage()).hasSizeLessThan(200));
        }
    }

    /** Seeded: whatever the titles are, a name is one path element that every usual file system takes, or there is none. */
    @Test
    void everyNameIsSafeOrRefused() {
        Random random = new Random(3);
        String signs = "ab .-_/\\:*?\"<>|{}\t\u0000é日\ud83d\ude00";
        int named = 0;
        for (int round = 0; round < 5000; round++) {
            StringBuilder title = new StringBuilder();
            for (int i = random.nextInt(12); i >= 0; i--) {
                title.append(signs.charAt(random.nextInt(signs.length())));
            }
            try {
                String name = names("{title}", title.toString()).get(0);
                assertThat(name).matches("[^\\\\/:*?\"<>|{}\\p{Cntrl}]{1,200}").doesNotMatch("[. ].*|.*[. ]");
                named++;
            } catch (IllegalArgumentException e) {
                assertThat(e.getMessage()).doesNotContain("\n");
            }
        }
        assertThat(named).isGreaterThan(3000);
    }
}
