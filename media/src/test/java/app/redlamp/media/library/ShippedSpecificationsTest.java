package app.redlamp.media.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import app.redlamp.core.delivery.spec.DeliveryFormat;
import app.redlamp.core.delivery.spec.LoudnessTarget;
import app.redlamp.core.delivery.spec.PeakLimit;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.units.Limits;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The specifications that ship, against their sources, and the library of the user's own. */
class ShippedSpecificationsTest {
    @TempDir
    Path folder;

    /**
     * EBU R 128, ATSC A/85, ITU-T P.56; AES TD1008 from memory; the others common practice, no source. Loudness measure
     * and window, peak measure and highest, floor, rate.
     */
    @ParameterizedTest
    @CsvSource({
        "audiobook-retail,RMS,-23,-18,SAMPLE,-3,-60,44100,MP3",
        "podcast-mono,INTEGRATED,-20,-18,TRUE,-1,,44100,MP3",
        "podcast-stereo,INTEGRATED,-17,-15,TRUE,-1,,44100,MP3",
        "broadcast-r128,INTEGRATED,-23.5,-22.5,TRUE,-1,,48000,WAV",
        "broadcast-a85,INTEGRATED,-26,-22,TRUE,-2,,48000,WAV",
        "streamed-speech,INTEGRATED,-19,-17,TRUE,-1,,48000,WAV",
        "e-learning,INTEGRATED,-20,-16,TRUE,-1,-55,48000,WAV",
        "client-raw,SAMPLE_PEAK,-12,-6,SAMPLE,-6,-60,48000,WAV",
        "voice-dataset,SAMPLE_PEAK,-12,-6,SAMPLE,-6,-60,48000,WAV",
        "phone-prompt,ACTIVE,-27,-25,SAMPLE,-3,,8000,MU_LAW"
    })
    void figures(
            String id,
            LoudnessTarget.Measure measure,
            double low,
            double high,
            PeakLimit.Measure peak,
            double highest,
            Double floor,
            int rate,
            DeliveryFormat.Coding coding) {
        Specification s = library().byId(id).orElseThrow();
        assertThat(s.aim()).isEqualTo(new LoudnessTarget(measure, Limits.between(low, high)));
        assertThat(s.peak().measure()).isEqualTo(peak);
        assertThat(s.peak().highest()).isEqualTo(highest);
        assertThat(s.noiseFloorDbfs().isPresent()).isEqualTo(floor != null);
        if (floor != null) {
            assertThat(s.noiseFloorDbfs()).hasValue(floor);
        }
        assertThat(s.format().sampleRateHz()).isEqualTo(rate);
        assertThat(s.format().coding()).isEqualTo(coding);
        assertThat(s.source()).isNotBlank();
    }

    @Test
    void thereAreTenAndEachIsWrittenAndReadBackAsTheSame() throws IOException {
        assertThat(library().all()).hasSize(10);
        for (Specification s : library().all()) {
            assertThat(SpecificationDocument.read(SpecificationDocument.write(s)))
                    .isEqualTo(s);
        }
    }

    @Test
    void ownOnesAreSavedAndShippedOnesStay() throws IOException {
        SpecificationLibrary library = library();
        Specification original = library.byId("e-learning").orElseThrow();
        library.save(original.as("my-course", "My course"));
        assertThat(library().byId("my-course").orElseThrow().name()).isEqualTo("My course");
        assertThat(library.isOwn("my-course")).isTrue();
        assertThat(library.isOwn("e-learning")).isFalse();
        assertThatExceptionOfType(IOException.class)
                .isThrownBy(() -> library.save(original))
                .withMessageContaining("choose another id");
        for (String id : new String[] {"../evil", "a/b", "A", "", "-x", "a".repeat(65)}) {
            assertThatExceptionOfType(Exception.class).isThrownBy(() -> library.save(original.as(id, "x")));
        }
        assertThat(folder.resolve("evil.json")).doesNotExist();
    }

    @Test
    void brokenDocumentsAreToldAndTheOthersStay() throws IOException {
        Path specifications = Files.createDirectories(folder.resolve("specifications"));
        Files.writeString(
                specifications.resolve("broken.json"), "{\n  \"id\": \"own\", \"nmae\": \"x\", \"format\": 1\n}");
        Files.writeString(specifications.resolve("huge.json"), " ".repeat(2_000_000));
        SpecificationLibrary library = library();
        assertThat(library.all()).hasSize(10);
        assertThat(library.faults()).hasSize(2);
        assertThat(library.faults().get(0)).contains("broken.json: line 2: there is no field 'nmae' here; write name");
        assertThat(library.faults().get(1)).contains("huge.json", "larger than any document");
    }

    private SpecificationLibrary library() {
        return new SpecificationLibrary(folder);
    }
}
