package app.redlamp.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.MissingResourceException;
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
        Set<String> bundle = new Strings(Locale.ROOT).keys();
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
    void noKeyStandsTwice() throws IOException {
        List<String> keys;
        try (Stream<Path> tree = Files.walk(Path.of("src/main/resources"))) {
            keys = tree.filter(p -> p.endsWith("strings.properties"))
                    .flatMap(p -> read(p).lines())
                    .filter(l -> l.matches("[a-z][A-Za-z.-]*=.*"))
                    .map(l -> l.substring(0, l.indexOf('=')))
                    .toList();
        }
        assertThat(keys).hasSizeGreaterThan(200).doesNotHaveDuplicates();
    }

    @Test
    void nothingShouts() {
        Strings strings = new Strings(Locale.ROOT);
        for (String key : strings.keys()) {
            assertThat(strings.say(key)).as(key).doesNotContain("!").isNotBlank();
        }
    }

    /** What one station alone says stands in its own bundle. */
    @Test
    void wordsOfAStationStandInItsPackage() throws IOException {
        Path sources = Path.of("src/main/java/app/redlamp/desktop");
        Path bundles = Path.of("src/main/resources/app/redlamp/desktop");
        List<String> strays = new ArrayList<>();
        for (String name : Packages.ALL) {
            Path bundle = bundles.resolve(name).resolve("strings.properties");
            if (!Files.exists(bundle)) {
                continue;
            }
            String elsewhere;
            try (Stream<Path> tree = Files.walk(sources)) {
                elsewhere = tree.filter(p -> p.toString().endsWith(".java"))
                        .filter(p -> !p.startsWith(sources.resolve(name)))
                        .map(StringsTest::read)
                        .collect(Collectors.joining("\n"));
            }
            read(bundle)
                    .lines()
                    .filter(l -> l.matches("[a-z][A-Za-z.-]*=.*"))
                    .map(l -> l.substring(0, l.indexOf('=')))
                    .filter(k -> elsewhere.contains("\"" + k + "\""))
                    .forEach(strays::add);
        }
        assertThat(strays)
                .as("said by others too: they belong to the common words")
                .isEmpty();
    }

    private static String read(Path source) {
        try {
            return Files.readString(source);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
