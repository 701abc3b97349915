package app.redlamp.desktop.specification;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import app.redlamp.core.delivery.spec.DeliveryFormat;
import app.redlamp.core.delivery.spec.LoudnessTarget;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.delivery.spec.Specifications;
import app.redlamp.core.units.Limits;
import app.redlamp.desktop.look.Strings;
import app.redlamp.media.library.SpecificationLibrary;
import java.nio.file.Path;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpecificationFormTest {
    private final SpecificationForm form = new SpecificationForm(new Strings(Locale.ENGLISH));

    @Test
    void everySpecificationThatShipsComesBackTheSame(@TempDir Path folder) {
        assertThat(new SpecificationLibrary(folder).all()).hasSize(10).allSatisfy(shipped -> {
            form.show(shipped);
            assertThat(form.read()).isEqualTo(shipped);
        });
    }

    @Test
    void whatIsChangedIsWhatIsRead() {
        form.show(Specifications.audiobook());
        form.loudness().set(LoudnessTarget.Measure.INTEGRATED);
        form.text(SpecificationField.LOUDNESS_LOW).set("−20");
        form.text(SpecificationField.LOUDNESS_HIGH).set("-18,5");
        form.text(SpecificationField.FLOOR).set("");
        form.text(SpecificationField.LONGEST).set("1:00:00");
        form.text(SpecificationField.PATTERN).set(" book_##.mp3 ");
        form.text(SpecificationField.TAGS).set("title, artist,");
        Specification read = form.read();
        assertThat(read.loudness())
                .contains(new LoudnessTarget(LoudnessTarget.Measure.INTEGRATED, Limits.between(-20, -18.5)));
        assertThat(read.noiseFloorDbfs()).isEmpty();
        assertThat(read.longestS()).hasValue(3600);
        assertThat(read.naming().pattern()).contains("book_##.mp3");
        assertThat(read.naming().tags()).containsExactly("title", "artist");
        assertThat(read.peak()).isEqualTo(Specifications.audiobook().peak());
    }

    /** Another coding brings what it cannot do without, and drops what does not go with it. */
    @Test
    void theCodingDecidesWhichFiguresCount() {
        form.show(Specifications.audiobook());
        form.coding().set(DeliveryFormat.Coding.FLAC);
        assertThat(form.read().format().bitDepth()).isEqualTo(OptionalInt.of(24));
        assertThat(form.read().format().bitRateKbps()).isEmpty();
        form.coding().set(DeliveryFormat.Coding.MP3);
        assertThat(form.read().format().bitRateKbps()).isEqualTo(OptionalInt.of(192));
        assertThat(form.read().format().bitDepth()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "LOUDNESS_LOW|loud|Loudness: 'loud' is not a number",
                "LOUDNESS_LOW|-10|Loudness: the first figure must not be above the second",
                "LOUDNESS_LOW|''|Loudness: give both figures",
                "NAME|' '|Name: must not be empty",
                "PEAK_HIGHEST|''|Peak: must not be empty",
                "LONGEST|2h|One file: '2h' is not a length; write 2:00:00 or seconds",
                "BIT_RATE|192.5|Bit rate: '192.5' must be a whole number",
                "SAMPLE_RATE|''|Sample rate: must not be empty"
            })
    void whatIsWrongIsSaidWithItsField(SpecificationField field, String text, String line) {
        form.show(Specifications.audiobook());
        form.text(field).set(text.equals("''") ? "" : text);
        assertThatExceptionOfType(IllegalArgumentException.class)
                .isThrownBy(form::read)
                .withMessageStartingWith(line);
        assertThat(form.wrong().get()).isEqualTo(field);
        form.show(Specifications.audiobook());
        form.read();
        assertThat(form.wrong().get()).isNull();
    }

    @Test
    void whoListensHearsOfEveryKindOfField() {
        AtomicInteger changes = new AtomicInteger();
        form.show(Specifications.audiobook());
        form.onChange(changes::incrementAndGet);
        form.text(SpecificationField.NAME).set("Mine");
        form.unprocessed().set(true);
        form.accepts(DeliveryFormat.Coding.WAV).set(true);
        form.coding().set(DeliveryFormat.Coding.A_LAW);
        assertThat(changes.get()).isEqualTo(4);
    }
}
