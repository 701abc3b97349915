package app.redlamp.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class StringsTest {
    private static final Pattern KEY = Pattern.compile("\"([a-z]+(?:\\.[A-Za-z-]+)+)\"");

    private static final Pattern PREFIX = Pattern.compile("\"([a-z]+(?:\\.[a-z-]+)*\\.)\"");

    @Test
    void figuresAndChoicesAreFilledIn() {
        Strings strings = new Strings(Locale.ENGLISH);
        assertThat(strings.say("docket.clipped", 1)).isEqualTo("clipped once");
        assertThat(strings.say("docket.clipped", 14)).isEqualTo("clipped 14 times");
        assertThatExceptionOfType(MissingResourceException.class).isThrownBy(() -> strings.say("no.such.key"));
    }

    /** Every key in the code stands in the bundle, and what stands in the bundle is used. */
    @Test
    void codeAndBundleAgree() throws IOException {
        Set<String> bundle = ResourceBundle.getBundle("app.redlamp.desktop.strings", Locale.ROOT)
                .keySet();
        String code;
        try (Stream<Path> tree = Files.walk(Path.of("src/main/java"))) {
            code = tree.filter(p -> p.toString().endsWith(".java"))
                    .map(StringsTest::read)
                    .collect(Collectors.joining("\n"));
        }
        Set<String> used = new TreeSet<>();
        Matcher key = KEY.matcher(code);
        Set<String> families =
                bundle.stream().map(k -> k.substring(0, k.indexOf('.'))).collect(Collectors.toSet());
        while (key.find()) {
            String name = key.group(1);
            if (families.contains(name.substring(0, name.indexOf('.')))
                    && !name.matches(".*\\.(css|json|ics)|(clap|night)\\.wav")) {
                used.add(name);
            }
        }
        assertThat(used).hasSizeGreaterThan(60);
        assertThat(bundle).containsAll(used);
        Set<String> unused = new TreeSet<>(bundle);
        unused.removeAll(used);
        // A key of several that is put together where it is used.
        Matcher prefix = PREFIX.matcher(code);
        while (prefix.find()) {
            String start = prefix.group(1);
            unused.removeIf(k -> k.startsWith(start));
        }
        unused.removeIf(k -> k.startsWith("glossary.") || k.endsWith(".what") || k.endsWith(".detail"));
        assertThat(unused).isEmpty();
    }

    /** Of two the first would be lost without a word. */
    @Test
    void noKeyStandsTwice() {
        List<String> keys = read(Path.of("src/main/resources/app/redlamp/desktop/strings.properties"))
                .lines()
                .filter(l -> l.matches("[a-z][A-Za-z.-]*=.*"))
                .map(l -> l.substring(0, l.indexOf('=')))
                .toList();
        assertThat(keys).hasSizeGreaterThan(200).doesNotHaveDuplicates();
    }

    @Test
    void nothingShouts() {
        ResourceBundle bundle = ResourceBundle.getBundle("app.redlamp.desktop.strings", Locale.ROOT);
        for (String key : bundle.keySet()) {
            assertThat(bundle.getString(key)).as(key).doesNotContain("!").isNotBlank();
        }
    }

    private static String read(Path source) {
        try {
            return Files.readString(source);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
