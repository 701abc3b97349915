package app.redlamp.media.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class JsonDocumentTest {
    private static final String DOCUMENT = """
            { "name": "Vogelsang", "pages": 312,
              "rate": 44.1e3, "done": true, "none": null,
              "tags": ["a", "b"],
              "chapters": [ { "n": 1 },
                { "n": "two" } ] }
            """;

    @Test
    void everyKindOfFieldIsRead() throws IOException {
        JsonObject o = read(DOCUMENT);
        assertThat(o.text("name")).isEqualTo("Vogelsang");
        assertThat(o.integer("pages")).isEqualTo(312);
        assertThat(o.number("pages")).isEqualTo(312);
        assertThat(o.optionalNumber("rate")).hasValue(44_100);
        assertThat(o.flag("done")).isTrue();
        assertThat(o.flag("missing")).isFalse();
        assertThat(o.optionalText("none")).isEmpty();
        assertThat(o.optionalObject("missing")).isEmpty();
        assertThat(o.texts("tags")).containsExactly("a", "b");
        assertThat(o.texts("missing")).isEmpty();
        assertThat(o.objects("chapters").get(0).integer("n")).isEqualTo(1);
        assertThat(o.lineOf("tags")).isEqualTo(3);
    }

    @Test
    void faultsNameLineAndField() throws IOException {
        JsonObject o = read(DOCUMENT);
        assertFault(() -> o.text("pages"), "line 1: pages must be a text");
        assertFault(() -> o.integer("rate"), "line 2: rate must be a whole number");
        assertFault(() -> o.number("none"), "line 2: none is missing");
        assertFault(() -> o.objects("tags"), "line 3: tags must be a list of objects in braces");
        assertFault(() -> o.objects("chapters").get(1).integer("n"), "line 5: chapters.n must be a whole number");
        assertFault(() -> o.objects("chapters").get(1).text("title"), "line 5: chapters.title is missing");
        JsonObject chapter = o.objects("chapters").get(0);
        assertFault(() -> refuse(chapter), "line 4: there is no field 'n' here; check its spelling");
        assertFault(() -> chapter.text("m"), "line 4: chapters.m is missing");
        assertFault(() -> o.text("nothing"), "line 1: nothing is missing");
        assertFault(
                () -> read("{\"clipedRuns\": 0}").integer("clippedRuns"),
                "line 1: there is no field 'clipedRuns' here; write clippedRuns");
    }

    /** In settings what holds something else counts as not there. */
    @Test
    void whatIsAConvenienceForgives() throws IOException {
        JsonObject o = JsonDocument.readForgiving(
                DOCUMENT.replace("\"a\",", "\"a\", 3,").getBytes(StandardCharsets.UTF_8));
        assertThat(o.optionalText("pages")).isEmpty();
        assertThat(o.optionalInteger("rate")).isEmpty();
        assertThat(o.optionalText("name")).hasValue("Vogelsang");
        assertThat(o.texts("tags")).containsExactly("a", "b");
        assertThat(o.texts("done")).isEmpty();
        assertFault(() -> o.text("pages"), "line 1: pages is missing");
    }

    private static Object refuse(JsonObject o) throws IOException {
        o.onlyAsked();
        return o;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "[1] | must begin with an opening brace",
                "`` | must begin with an opening brace",
                "{\"a\":1} {} | line 1: there is more after the closing brace",
                "{\"a\":1,\"a\":2} | line 1, column 11: there are two fields 'a'; take one out",
                "{\"a\":1e999} | line 1: a number is too large",
                "{\"a\":NaN} | line 1, column ",
                "{\"a\" | line 1, column 5: it ends in the middle",
                "{\"a\":\"b | line 1, column 8: it ends in the middle"
            })
    void whatIsNoDocumentIsRefusedInOneLine(String json, String reason) {
        assertThatExceptionOfType(IOException.class)
                .isThrownBy(() -> read(json))
                .withMessageStartingWith(reason)
                .satisfies(e -> assertThat(e.getMessage()).doesNotContain("\n"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"[", "{\"a\":"})
    void endlessNestingIsRefused(String level) {
        assertThatExceptionOfType(IOException.class)
                .isThrownBy(() -> read("{\"a\":" + level.repeat(100_000)))
                .withMessage("line 1: is nested more than 16 deep");
    }

    /** Whatever stands in the bytes, it is read or refused as a fault of the document. */
    @Test
    void damagedBytesAreReadOrRefused() {
        Random random = new Random(20_261_125);
        int refused = 0;
        for (int i = 0; i < 2000; i++) {
            byte[] bytes = DOCUMENT.getBytes(StandardCharsets.UTF_8);
            for (int flips = random.nextInt(4); flips >= 0; flips--) {
                bytes[random.nextInt(bytes.length)] = (byte) random.nextInt();
            }
            try {
                assertThat(JsonDocument.read(bytes)).isNotNull();
            } catch (IOException e) {
                assertThat(e.getMessage()).isNotBlank();
                refused++;
            }
        }
        assertThat(refused).isBetween(500, 2000);
    }

    private interface Access {
        Object get() throws IOException;
    }

    private static void assertFault(Access access, String message) {
        assertThatExceptionOfType(IOException.class).isThrownBy(access::get).withMessage(message);
    }

    private static JsonObject read(String json) throws IOException {
        return JsonDocument.read(json.getBytes(StandardCharsets.UTF_8));
    }
}
