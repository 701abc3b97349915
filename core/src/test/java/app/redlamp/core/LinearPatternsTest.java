package app.redlamp.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaField;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * Regular expressions that meet what others wrote take a time that grows with its length and no faster. Counted in characters
 * looked at, and not in seconds: four times the text may take six times the looks.
 */
class LinearPatternsTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("app.redlamp.core");

    private static final int SHORT = 160;
    private static final int TIMES = 4;
    private static final int MOST_TIMES = 6;
    private static final List<String> REPEATED = List.of(
            " ",
            "-",
            ".",
            "_",
            "a",
            "A",
            "1",
            "x ",
            "a-",
            "- ",
            "-23 lufs ",
            "1 - ",
            "I",
            "\t",
            "\"",
            "(",
            "[",
            "{",
            "at ",
            "1.",
            "1,",
            "to ",
            "\n",
            " \n",
            "no ",
            "twenty ",
            "a@",
            "%",
            "peak ",
            "half a ",
            "– ");
    private static final List<String> ENDINGS = List.of("", "x", "\n", "!", "1");

    /** Looks are counted. */
    private static final class Counted implements CharSequence {
        private final String text;
        private final long[] looks;

        Counted(String text, long[] looks) {
            this.text = text;
            this.looks = looks;
        }

        @Override
        public int length() {
            return text.length();
        }

        @Override
        public char charAt(int index) {
            looks[0]++;
            return text.charAt(index);
        }

        @Override
        public CharSequence subSequence(int from, int to) {
            return text.substring(from, to);
        }

        @Override
        public String toString() {
            return text;
        }
    }

    private static long looks(Pattern pattern, String text) {
        long[] looks = {0};
        Matcher matcher = pattern.matcher(new Counted(text, looks));
        while (matcher.find()) {
            assertThat(matcher.end()).isLessThanOrEqualTo(text.length());
        }
        return looks[0];
    }

    private static Map<String, Pattern> patterns() throws ReflectiveOperationException {
        Map<String, Pattern> all = new TreeMap<>();
        for (JavaClass one : CORE) {
            for (JavaField field : one.getFields()) {
                if (field.getRawType().isEquivalentTo(Pattern.class)
                        && field.getModifiers().toString().contains("STATIC")) {
                    var reflected = field.reflect();
                    reflected.setAccessible(true);
                    all.put(one.getSimpleName() + "." + field.getName(), (Pattern) reflected.get(null));
                }
            }
        }
        return all;
    }

    /** Expressions in the middle of code would not be seen by the other test. */
    @Test
    void everyPatternHasAName() {
        noClasses()
                .that()
                .resideInAPackage("app.redlamp.core..")
                .should()
                .callMethod(String.class, "replaceAll", String.class, String.class)
                .orShould()
                .callMethod(String.class, "replaceFirst", String.class, String.class)
                .orShould()
                .callMethod(String.class, "matches", String.class)
                .check(CORE);
    }

    @Test
    void everyPatternIsLinear() throws ReflectiveOperationException {
        Map<String, Pattern> patterns = patterns();
        assertThat(patterns)
                .as("the test sees them at all")
                .hasSizeGreaterThan(20)
                .containsKey("FigureScan.FIGURE");
        List<String> slow = new ArrayList<>();
        patterns.forEach((name, pattern) -> {
            for (String unit : REPEATED) {
                for (String ending : ENDINGS) {
                    long once = looks(pattern, unit.repeat(SHORT) + ending);
                    long more = looks(pattern, unit.repeat(SHORT * TIMES) + ending);
                    if (more > MOST_TIMES * once + 1000) {
                        slow.add(name + " on '" + unit + "…" + ending + "': " + once + " looks, then " + more);
                    }
                }
            }
        });
        assertThat(slow).isEmpty();
    }
}
