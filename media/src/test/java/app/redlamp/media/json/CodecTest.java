package app.redlamp.media.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Reading gives what was written, whatever kinds of fields a thing has; faults say where and what to do. */
class CodecTest {
    private final ObjectMapper mapper = new ObjectMapper();

    /** How loud and how long. */
    private record Tone(double hertz, OptionalDouble seconds) {
        Tone {
            if (!(hertz > 0)) {
                throw new IllegalArgumentException(hertz + " Hz: must be more than 0");
            }
        }
    }

    private record Bell(
            String name,
            Optional<String> maker,
            int strokes,
            OptionalInt tons,
            boolean cracked,
            DayOfWeek day,
            LocalDate cast,
            List<String> towns,
            List<Double> partials,
            Tone strike,
            Optional<Tone> hum,
            List<Tone> others,
            Map<String, Integer> rung) {}

    private static final Codec<Tone> TONE =
            Codec.strict(o -> new Tone(o.number("hertz", Tone::hertz), o.optionalNumber("seconds", Tone::seconds)));

    private static final Codec<Map<String, Integer>> RUNG = Codec.of(o -> {
        Map<String, Integer> rung = new TreeMap<>();
        for (String year : o.names(Map::keySet)) {
            rung.put(year, o.integer(year, m -> m.get(year)));
            if (rung.get(year) > 1000) {
                throw o.fault(year, "rung too often");
            }
        }
        return rung;
    });

    private static final Codec<Bell> BELL = Codec.of(o -> new Bell(
            o.text("name", Bell::name),
            o.optionalText("maker", Bell::maker),
            o.integer("strokes", 12, Bell::strokes),
            o.optionalInteger("tons", Bell::tons),
            o.flag("cracked", Bell::cracked),
            o.named("day", DayOfWeek.class, Bell::day),
            o.as("cast", Texts.DAY, Bell::cast),
            o.texts("towns", Bell::towns),
            o.numbers("partials", Bell::partials),
            o.object("strike", TONE, Bell::strike),
            o.optional("hum", TONE, Bell::hum),
            o.list("others", TONE, Bell::others),
            o.object("rung", Map.of(), RUNG, Bell::rung)));

    private static final Bell FULL = new Bell(
            "Old Tenor",
            Optional.of("Foundry by the weir"),
            3,
            OptionalInt.of(6),
            true,
            DayOfWeek.SUNDAY,
            LocalDate.of(1680, 4, 8),
            List.of("Lower Marl", "Wick"),
            List.of(0.5, 1.0, 1.2),
            new Tone(220, OptionalDouble.of(0.3)),
            Optional.of(new Tone(110, OptionalDouble.empty())),
            List.of(new Tone(264, OptionalDouble.empty()), new Tone(330.25, OptionalDouble.of(4))),
            Map.of("1900", 4, "1901", 12));

    private static final Bell BARE = new Bell(
            "Treble",
            Optional.empty(),
            1,
            OptionalInt.empty(),
            false,
            DayOfWeek.MONDAY,
            LocalDate.of(1928, 2, 29),
            List.of(),
            List.of(),
            new Tone(1, OptionalDouble.empty()),
            Optional.empty(),
            List.of(),
            Map.of());

    private ObjectNode written(Bell bell) throws IOException {
        ObjectNode node = mapper.createObjectNode();
        BELL.write(bell, node);
        return node;
    }

    private Bell read(ObjectNode node) throws IOException {
        return BELL.read(JsonDocument.read(mapper.writeValueAsBytes(node)));
    }

    @Test
    void whatIsWrittenIsReadAsTheSame() throws IOException {
        assertThat(read(written(FULL))).isEqualTo(FULL);
        assertThat(read(written(BARE))).isEqualTo(BARE);
        assertThat(written(BARE).has("maker")).isFalse();
        assertThat(written(FULL).get("day").asText()).isEqualTo("sunday");
    }

    @Test
    void whatIsUsualNeedNotBeThere() throws IOException {
        ObjectNode node = written(FULL);
        node.remove(List.of("strokes", "cracked", "towns", "partials", "hum", "others", "rung"));
        Bell read = read(node);
        assertThat(read.strokes()).isEqualTo(12);
        assertThat(read.cracked()).isFalse();
        assertThat(read.rung()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "name | nmae | line 1: there is no field 'nmae' here; write name",
                "Old Tenor\" | Old Tenor\", \"unknown\": 1, \"more\": {} | ",
                "sunday | someday | line 1: day 'someday' must be one of monday",
                "1680-04-08 | 1680-13-08 | line 1: cast '1680-13-08' must be a day such as 2026-03-09",
                "220.0 | 0 | line 1: 0.0 Hz: must be more than 0",
                "\"seconds\" | \"secnods\" | line 1: there is no field 'secnods' here; check its spelling",
                "\"hertz\":264.0 | \"hretz\":264.0 | line 1: there is no field 'hretz' here; write hertz"
            })
    void faultsSayWhereAndWhat(String good, String bad, String fault) throws IOException {
        String document = mapper.writeValueAsString(written(FULL));
        assertThat(document).contains(good);
        byte[] changed =
                document.replaceFirst(java.util.regex.Pattern.quote(good), bad).getBytes(StandardCharsets.UTF_8);
        if (fault == null) {
            // A strict part may stand in a whole that passes over what it does not know.
            assertThat(BELL.read(JsonDocument.read(changed))).isEqualTo(FULL);
            return;
        }
        assertThatExceptionOfType(IOException.class)
                .isThrownBy(() -> BELL.read(JsonDocument.read(changed)))
                .withMessageStartingWith(fault);
    }

    @Test
    void whatADocumentCouldNotHoldIsRefusedBeforeItIsWritten() {
        Bell often = new Bell(
                "b",
                Optional.empty(),
                1,
                OptionalInt.empty(),
                false,
                DayOfWeek.MONDAY,
                LocalDate.EPOCH,
                List.of(),
                List.of(),
                new Tone(1, OptionalDouble.empty()),
                Optional.empty(),
                List.of(),
                Map.of("1999", 1001));
        assertThatExceptionOfType(IOException.class)
                .isThrownBy(() -> written(often))
                .withMessage("rung too often");
    }
}
