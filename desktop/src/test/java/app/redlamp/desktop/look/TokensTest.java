package app.redlamp.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Colours live in the tokens and nowhere else, and their contrasts hold in both themes. */
class TokensTest {
    private static final double READABLE = 4.5;
    private static final double VISIBLE = 3;
    private static final Pattern LITERAL = Pattern.compile("#[0-9a-fA-F]{3,8}\\b|rgba?\\(|hsb\\(|-fx-[a-z-]+:\\s*(white"
            + "|black|red|green|blue|yellow|gray|grey)\\b");

    @ParameterizedTest
    @EnumSource(Theme.class)
    void textIsReadableOnEveryGround(Theme theme) throws IOException {
        Map<String, String> tokens = tokens(theme);
        for (String ground : List.of("soot", "felt", "felt-raised")) {
            for (String text : List.of("paper", "dust", "ember", "lamp", "brass-text")) {
                assertThat(contrast(tokens.get(text), tokens.get(ground)))
                        .as(theme + ": " + text + " on " + ground)
                        .isGreaterThanOrEqualTo(READABLE);
            }
        }
        assertThat(contrast(tokens.get("on-brass"), tokens.get("brass"))).isGreaterThanOrEqualTo(READABLE);
        assertThat(contrast(tokens.get("on-brass"), tokens.get("ash"))).isGreaterThanOrEqualTo(READABLE);
    }

    /** Marks that carry meaning: WCAG 2.1, 1.4.11. */
    @ParameterizedTest
    @EnumSource(Theme.class)
    void marksAreVisible(Theme theme) throws IOException {
        Map<String, String> tokens = tokens(theme);
        for (String mark : List.of("brass", "ash", "ember", "lamp")) {
            assertThat(contrast(tokens.get(mark), tokens.get("felt")))
                    .as(theme + ": " + mark)
                    .isGreaterThanOrEqualTo(VISIBLE);
        }
    }

    @Test
    void bothThemesHaveTheSameTokens() throws IOException {
        assertThat(tokens(Theme.DUSK).keySet()).isEqualTo(tokens(Theme.DAYLIGHT).keySet());
        assertThat(tokens(Theme.DUSK)).hasSizeGreaterThan(10);
    }

    @Test
    void noOtherStylesheetAndNoCodeHasAColour() throws IOException {
        assertThat(LITERAL.matcher(sheet("tokens")).find())
                .as("guard: the pattern finds colours")
                .isTrue();
        List<Path> sheets;
        try (Stream<Path> tree = Files.walk(Path.of("src/main/resources"))) {
            sheets = tree.filter(p -> p.toString().endsWith(".css") && !p.endsWith("tokens.css"))
                    .toList();
        }
        assertThat(sheets).hasSizeGreaterThan(5);
        for (Path other : sheets) {
            assertThat(LITERAL.matcher(Files.readString(other)).find())
                    .as(other.toString())
                    .isFalse();
        }
        List<Path> sources;
        try (Stream<Path> tree = Files.walk(Path.of("src/main/java"))) {
            sources = tree.filter(p -> p.toString().endsWith(".java")).toList();
        }
        assertThat(sources).hasSizeGreaterThan(30);
        for (Path source : sources) {
            String code = Files.readString(source);
            assertThat(code).as(source.toString()).doesNotContain("javafx.scene.paint", "Color.", "setStyle(");
        }
    }

    private static Map<String, String> tokens(Theme theme) throws IOException {
        Matcher block = Pattern.compile("\\." + theme.id() + " \\{([^}]*)}").matcher(sheet("tokens"));
        assertThat(block.find()).isTrue();
        Map<String, String> tokens = new HashMap<>();
        Matcher token = Pattern.compile("-rl-([a-z-]+): (#[0-9a-f]{6})").matcher(block.group(1));
        while (token.find()) {
            tokens.put(token.group(1), token.group(2));
        }
        return tokens;
    }

    /** WCAG 2.1 contrast ratio of two colours. */
    private static double contrast(String a, String b) {
        double la = luminance(a);
        double lb = luminance(b);
        return (Math.max(la, lb) + 0.05) / (Math.min(la, lb) + 0.05);
    }

    private static double luminance(String colour) {
        double[] weights = {0.2126, 0.7152, 0.0722};
        double sum = 0;
        for (int i = 0; i < 3; i++) {
            double part = Integer.parseInt(colour.substring(1 + 2 * i, 3 + 2 * i), 16) / 255.0;
            sum += weights[i] * (part <= 0.03928 ? part / 12.92 : Math.pow((part + 0.055) / 1.055, 2.4));
        }
        return sum;
    }

    private static String sheet(String name) throws IOException {
        try (InputStream in = Look.class.getResourceAsStream("/app/redlamp/desktop/" + name + ".css")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
