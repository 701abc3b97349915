package app.redlamp.core;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.units.Decibels;
import java.io.File;
import java.io.IOException;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * Regular expressions that meet what others wrote take a time that grows with its length and no faster. Counted in characters
 * looked at, and not in seconds: four times the text may take six times the looks.
 */
class LinearPatternsTest {
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

    /** All that stand in a field of core; that none stands elsewhere is a rule of {@link ArchitectureTest}. */
    private static Map<String, Pattern> patterns()
            throws IOException, URISyntaxException, ReflectiveOperationException {
        Path classes = Path.of(Decibels.class
                .getProtectionDomain()
                .getCodeSource()
                .getLocation()
                .toURI());
        List<String> names;
        try (Stream<Path> files = Files.walk(classes.resolve("app/redlamp/core"))) {
            names = files.map(f -> classes.relativize(f).toString())
                    .filter(f -> f.endsWith(".class") && !f.endsWith("-info.class"))
                    .map(f -> f.substring(0, f.length() - ".class".length()).replace(File.separatorChar, '.'))
                    .toList();
        }
        Map<String, Pattern> all = new TreeMap<>();
        for (String name : names) {
            Class<?> one = Class.forName(name, false, LinearPatternsTest.class.getClassLoader());
            for (Field field : one.getDeclaredFields()) {
                if (field.getType() == Pattern.class && Modifier.isStatic(field.getModifiers())) {
                    field.setAccessible(true);
                    all.put(one.getSimpleName() + "." + field.getName(), (Pattern) field.get(null));
                }
            }
        }
        return all;
    }

    @Test
    void everyPatternIsLinear() throws IOException, URISyntaxException, ReflectiveOperationException {
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
