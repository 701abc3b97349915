package app.redlamp.media.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.delivery.spec.LoudnessTarget;
import app.redlamp.core.delivery.spec.PeakLimit;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.units.Limits;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpecificationDocumentTest {

    /** Common practice, no source: retail audiobooks. */
    @Test
    void audiobookRetail() {
        Specification s = shipped("audiobook-retail");
        assertThat(s.loudness()).contains(new LoudnessTarget(LoudnessTarget.Measure.RMS, Limits.between(-23, -18)));
        assertThat(s.peak()).isEqualTo(new PeakLimit(PeakLimit.Measure.SAMPLE, -3));
        assertThat(s.noiseFloorDbfs()).hasValue(-60);
        assertThat(s.headS()).contains(Limits.between(0.5, 1));
        assertThat(s.tailS()).contains(Limits.between(1, 5));
        assertThat(s.longestS()).hasValue(120 * 60);
        assertThat(s.format().bitRateKbps()).hasValue(192);
        assertThat(s.format().sampleRateHz()).isEqualTo(44_100);
        assertThat(s.format().sameChannels()).isTrue();
    }

    /** Common practice, no source: −16 LUFS in stereo is −19 LUFS in mono. */
    @Test
    void podcastMono() {
        Specification s = shipped("podcast-mono");
        assertThat(s.aim().limits()).isEqualTo(Limits.around(-19, 1));
        assertThat(s.aim().measure()).isEqualTo(LoudnessTarget.Measure.INTEGRATED);
        assertThat(s.peak()).isEqualTo(new PeakLimit(PeakLimit.Measure.TRUE, -1));
        assertThat(s.format().mostChannels()).isEqualTo(1);
    }

    /** EBU R 128: −23.0 LUFS ±0.5, at most −1 dBTP. */
    @Test
    void broadcast() {
        Specification s = shipped("broadcast-r128");
        assertThat(s.aim().limits()).isEqualTo(Limits.around(-23, 0.5));
        assertThat(s.peak()).isEqualTo(new PeakLimit(PeakLimit.Measure.TRUE, -1));
        assertThat(s.format().sampleRateHz()).isEqualTo(48_000);
        assertThat(s.format().bitDepth()).hasValue(24);
        assertThat(s.noiseFloorDbfs()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"highest\": -3.0 | \"highest\": 3.0 | line 7: peak limit 3.0: must be at most 0",
                "\"low\": -23.0 | \"low\": -13.0 | line 6: ",
                "\"measure\": \"rms\" | \"measure\": \"loud\" | line 6: measure 'loud' must be one of rms",
                "\"clippedRuns\" | \"clipedRuns\" | line 12: there is no field 'clipedRuns' here; write clippedRuns",
                "\"clippedRuns\": 0, | \"clippedRuns\": null, | clippedRuns is missing",
                "\"format\": 1 | \"format\": 7 | format 7",
                "\"format\": 1 | \"format\": 7, \"later\": [] | format 7: this version reads format 1",
                "\"coding\": \"mp3\" | \"coding\": \"mp4\" | line 21: coding 'mp4' must be one of wav",
                "\"file\": { | \"files\": { | there are two fields 'files'",
                "\"tail | \"head | there are two fields 'headS'",
                "\"loudness\" | \"loudnes\" | line 6: there is no field 'loudnes'",
                "\"bitRateKbps\": 192 | \"bitRateKbps\": 20 | line 20: ",
                "\"*closing*\" | null | line 16: files.parts.pattern is missing",
                "\"longestS\": 300 | \"longest\": 300 | line 17: there is no field 'longest'",
                "\"longestS\": 300 | \"longestS\": -1 | line 17: part 'retail sample'",
                "-23.0 | \"much\" | line 6: loudness.low must be a number"
            })
    void brokenDocumentsAreRefusedWithTheReason(String good, String bad, String reason) throws IOException {
        String document = text("audiobook-retail");
        assertThat(document).contains(good);
        byte[] broken =
                document.replaceFirst(java.util.regex.Pattern.quote(good), bad).getBytes(StandardCharsets.UTF_8);
        assertThatExceptionOfType(IOException.class)
                .isThrownBy(() -> SpecificationDocument.read(broken))
                .withMessageContaining(reason)
                .satisfies(e -> assertThat(e.getMessage()).doesNotContain("\n"));
    }

    /** Older documents asked for a decay; what was allowed to ring so long is now asked for so much clarity. */
    @ParameterizedTest
    @CsvSource({"0.35, 21.0", "0.25, 25.8", "0.5, 16.9"})
    void aDecayBecomesAClarity(double seconds, double clarityDb) throws IOException {
        byte[] older = text("voice-dataset")
                .replace("\"clarityDb\": 20", "\"decayS\": " + seconds)
                .getBytes(StandardCharsets.UTF_8);
        Specification read = SpecificationDocument.read(older);
        assertThat(read.sound().clarityDb().orElseThrow()).isCloseTo(clarityDb, within(0.2));
        String written = new String(SpecificationDocument.write(read), StandardCharsets.UTF_8);
        assertThat(written).contains("clarityDb").doesNotContain("decayS");
    }

    @Test
    void aDecayThatNoRoomHasIsRefused() throws IOException {
        byte[] wrong = text("voice-dataset")
                .replace("\"clarityDb\": 20", "\"decayS\": 35")
                .getBytes(StandardCharsets.UTF_8);
        assertThatExceptionOfType(IOException.class)
                .isThrownBy(() -> SpecificationDocument.read(wrong))
                .withMessage("line 8: decay of 35.0 s: must lie between 0.05 and 3.0");
    }

    private static Specification shipped(String id) {
        return new SpecificationLibrary(Path.of("no", "library")).byId(id).orElseThrow();
    }

    private static String text(String id) throws IOException {
        try (InputStream in = ShippedSpecifications.class.getResourceAsStream("specifications/" + id + ".json")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
