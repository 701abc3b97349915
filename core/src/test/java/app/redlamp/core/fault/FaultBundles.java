package app.redlamp.core.fault;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.MessageFormat;
import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Holds the bundle of a module's faults against its code. Run in the module's folder. */
public final class FaultBundles {
    private static final Pattern ASKED = Pattern.compile("Faults\\.say\\(\\s*\"([a-z0-9.-]+)\"");
    private static final Pattern SENTENCE = Pattern.compile(
            "new (?:IOException|IllegalArgumentException|DocumentFault|ReadFault|CaptureException)\\(\\s*\"[^\"]* [^\"]* ");
    private static final int LONGEST = 400;

    private FaultBundles() {}

    /** Every key in the code stands in the bundle, what stands there is used, and no exception brings words of its own. */
    public static void agree(String bundle) throws IOException {
        ResourceBundle words = ResourceBundle.getBundle(bundle, Locale.ROOT);
        String code;
        try (Stream<Path> tree = Files.walk(Path.of("src/main/java"))) {
            code = tree.filter(p -> p.toString().endsWith(".java"))
                    .map(FaultBundles::read)
                    .collect(Collectors.joining("\n"));
        }
        TreeSet<String> asked = new TreeSet<>();
        Matcher say = ASKED.matcher(code);
        while (say.find()) {
            asked.add(say.group(1));
        }
        asked.removeIf(key -> key.endsWith("."));
        assertThat(asked).isNotEmpty();
        assertThat(words.keySet()).containsAll(asked);
        List<String> unused = words.keySet().stream()
                .filter(key -> !code.contains('"' + key + '"')
                        && !code.contains('"' + key.substring(key.indexOf('.') + 1) + '"'))
                .toList();
        assertThat(unused).isEmpty();
        assertThat(SENTENCE.matcher(code).results().map(r -> r.group()).toList())
                .as("words that belong into the bundle")
                .isEmpty();
        for (String key : words.keySet()) {
            String said =
                    new MessageFormat(words.getString(key), Locale.ROOT).format(new Object[] {"a", "b", "c", "d"});
            assertThat(said).as(key).isNotBlank().doesNotContain("\n", "!").hasSizeLessThan(LONGEST);
        }
    }

    private static String read(Path source) {
        try {
            return Files.readString(source);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
