package app.redlamp.core.planning.mail;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.delivery.spec.DeliveryFormat.Coding;
import app.redlamp.core.delivery.spec.LoudnessTarget;
import app.redlamp.core.delivery.spec.PeakLimit;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.delivery.spec.Specifications;
import app.redlamp.core.units.Limits;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Wordings are made up; they say what clients usually say. Common practice, no source. */
class RequirementReaderTest {
    private static final Specification BOOK = Specifications.audiobook();
    private static final Specification BROADCAST = Specifications.broadcast();

    private static Proposal read(String mail) {
        return RequirementReader.read(mail, BOOK, List.of(BOOK, BROADCAST));
    }

    private static LoudnessTarget loudness(String mail) {
        Proposal proposal = read(mail);
        assertThat(proposal.quotes()).as(mail).containsKey(Asked.LOUDNESS);
        return proposal.specification().loudness().orElseThrow();
    }

    @Test
    void readsAWholeMailOnANarratorsBook() {
        Proposal proposal = read("""
                Hello, we are looking forward to the first chapter!
                Please keep the level between -23 and -18 dB RMS, peaks no higher than -3 dB
                and the noise floor under −60. Half a second to one second of room tone at the
                head and 1 to 5 seconds at the end. No file longer than 120 minutes.
                MP3, 192 kbps CBR, 44.1 kHz. Thanks, Ida
                """);
        Specification read = proposal.specification();
        assertThat(read.loudness()).contains(new LoudnessTarget(LoudnessTarget.Measure.RMS, Limits.between(-23, -18)));
        assertThat(read.peak()).isEqualTo(new PeakLimit(PeakLimit.Measure.SAMPLE, -3));
        assertThat(read.noiseFloorDbfs()).hasValue(-60);
        assertThat(read.headS()).contains(Limits.between(0.5, 1));
        assertThat(read.tailS()).contains(Limits.between(1, 5));
        assertThat(read.longestS()).hasValue(7200);
        assertThat(read.format().coding()).isEqualTo(Coding.MP3);
        assertThat(read.format().bitRateKbps()).hasValue(192);
        assertThat(read.format().sampleRateHz()).isEqualTo(44_100);
        assertThat(proposal.quotes().get(Asked.NOISE_FLOOR)).isEqualTo("noise floor under −60");
        assertThat(proposal.quotes().get(Asked.PEAK)).isEqualTo("peaks no higher than -3 dB");
        assertThat(proposal.questions())
                .as("mono or stereo is what they did not say")
                .containsExactly(new Question(Question.Kind.MISSING, Asked.CHANNELS, ""));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "Target -16 LUFS ±1; INTEGRATED; -17; -15",
                "integrated loudness of -16 LUFS (+/- 0.5 LU); INTEGRATED; -16.5; -15.5",
                "-24 LKFS +/-2; INTEGRATED; -26; -22",
                "Loudness: −23 LUFS plus or minus 1; INTEGRATED; -24; -22",
                "RMS between -23dB and -18dB; RMS; -23; -18",
                "we need RMS of -23 to -18 dBFS; RMS; -23; -18",
                "-23dB to -18dB RMS please; RMS; -23; -18",
                "rms -20 dB ± 2; RMS; -22; -18",
                "somewhere between minus 20 and minus 18 LUFS; INTEGRATED; -20; -18",
                "active speech level -26 dBov ±1; ACTIVE; -27; -25",
                "LUFS: -19 to -17; INTEGRATED; -19; -17",
                "-18 to -16 LUFS integrated with true peaks under -1 dBTP; INTEGRATED; -18; -16"
            })
    void readsLoudnessInOrdinaryWordings(String mail, LoudnessTarget.Measure measure, double low, double high) {
        assertThat(loudness(mail)).as(mail).isEqualTo(new LoudnessTarget(measure, Limits.between(low, high)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "peaks below -3 dB; SAMPLE; -3",
                "Peak: -3dBFS max; SAMPLE; -3",
                "nothing may peak above -6 dBFS; SAMPLE; -6",
                "true peak max. -1 dBTP; TRUE; -1",
                "a ceiling of -1.5 dB true peak; TRUE; -1.5",
                "maximum true peak: -2 dB; TRUE; -2",
                "≤ -1 dBTP; TRUE; -1",
                "-3 dB peak; SAMPLE; -3",
                "peaks at or under −1,5 dBFS; SAMPLE; -1.5",
            })
    void readsPeaksInOrdinaryWordings(String mail, PeakLimit.Measure measure, double highest) {
        Proposal proposal = read(mail);
        assertThat(proposal.specification().peak()).as(mail).isEqualTo(new PeakLimit(measure, highest));
        assertThat(proposal.quotes()).containsKey(Asked.PEAK);
    }

    @Test
    void readsAWindowForPeaks() {
        assertThat(read("peaks between -12 and -6 dBFS").specification().peak())
                .isEqualTo(new PeakLimit(PeakLimit.Measure.SAMPLE, OptionalDouble.of(-12), -6));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "noise floor of -60 dB or lower",
                "Noise floor: ≤ -60 dBFS RMS",
                "background noise under -60 dB RMS",
                "a -60 dB noise floor or better",
                "room noise has to be below −60dB",
            })
    void readsTheNoiseFloorAndDoesNotTakeItForTheLoudness(String mail) {
        Proposal proposal = RequirementReader.read(mail, BROADCAST, List.of(BROADCAST));
        assertThat(proposal.specification().noiseFloorDbfs()).as(mail).hasValue(-60);
        assertThat(proposal.quotes()).doesNotContainKey(Asked.LOUDNESS);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "WAV, 48 kHz, 24 bit, mono; WAV; 48000; 24; 1",
                "48k/24-bit stereo wav files; WAV; 48000; 24; 2",
                "24/48 WAV mono; WAV; 48000; 24; 1",
                "16-bit 44,1 kHz mono WAV; WAV; 44100; 16; 1",
                "flac in mono at 96 kHz and 24 bits; FLAC; 96000; 24; 1",
                "uncompressed aiff 44100 Hz 16 bit stereo; AIFF; 44100; 16; 2",
            })
    void readsFormats(String mail, Coding coding, int rate, int bits, int channels) {
        Specification read = read(mail).specification();
        assertThat(read.format().coding()).as(mail).isEqualTo(coding);
        assertThat(read.format().sampleRateHz()).isEqualTo(rate);
        assertThat(read.format().bitDepth()).isEqualTo(OptionalInt.of(bits));
        assertThat(read.format().mostChannels()).isEqualTo(channels);
        assertThat(read.format().fewestChannels()).isEqualTo(channels);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "one second of silence at the start and three seconds at the end; 1; 3",
                "head: 0.5 s, tail: 2 s; 0.5; 2",
                "leave 500 ms of room tone before the first word and 1.5 seconds after the last word; 0.5; 1.5",
                "two seconds of room tone at head and tail; 2; 2",
                "1 s of room tone at both ends; 1; 1",
            })
    void readsHeadAndTail(String mail, double head, double tail) {
        Specification read =
                RequirementReader.read(mail, BROADCAST, List.of(BROADCAST)).specification();
        assertThat(read.headS().orElseThrow().low()).as(mail).hasValue(head);
        assertThat(read.tailS().orElseThrow().low()).as(mail).hasValue(tail);
    }

    @Test
    void readsLengthsInWordsAsAWindow() {
        Specification read = RequirementReader.read(
                        "half a second to one second of room tone at the head", BROADCAST, List.of(BROADCAST))
                .specification();
        assertThat(read.headS()).contains(Limits.between(0.5, 1));
    }

    @Test
    void aLineThatIsOnlyWrappedIsNoEndOfASentence() {
        Proposal proposal = read("""
                MP3 at 192 kbps, 44.1 kHz. Half a second to one second of room tone at the head and 1 to 5 seconds
                at the end. One file a chapter, please.
                """);
        assertThat(proposal.quotes())
                .containsEntry(Asked.HEAD, "Half a second to one second of room tone at the head")
                .containsEntry(Asked.TAIL, "1 to 5 seconds at the end");
        assertThat(proposal.questions()).allMatch(q -> q.kind() == Question.Kind.MISSING);
    }

    @Test
    void aListHasAFigureALine() {
        Specification read =
                read("-20 dB RMS ±2\n-3 dB peak\n-60 dB noise floor\n").specification();
        assertThat(read.loudness()).contains(new LoudnessTarget(LoudnessTarget.Measure.RMS, Limits.between(-22, -18)));
        assertThat(read.peak()).isEqualTo(new PeakLimit(PeakLimit.Measure.SAMPLE, -3));
        assertThat(read.noiseFloorDbfs()).hasValue(-60);
    }

    @Test
    void aTargetWithoutAToleranceIsAskedFor() {
        Proposal proposal = read("Please deliver at -16 LUFS.");
        assertThat(proposal.specification().loudness())
                .contains(new LoudnessTarget(LoudnessTarget.Measure.INTEGRATED, Limits.around(-16, 1)));
        assertThat(proposal.questions()).contains(new Question(Question.Kind.TOLERANCE, Asked.LOUDNESS, "-16 LUFS"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "The average level should be -20 dB.| MEASURE| LOUDNESS",
                "Peaks under 3 dB please.| SIGN| PEAK",
                "-16 LUFS ±1 for us. For the trailer -14 LUFS ±1.| CONTRADICTION| LOUDNESS",
                "WAV for the archive, MP3 for the shop.| CONTRADICTION| CODING",
                "Just make it broadcast quality.| VAGUE| LOUDNESS",
                "AAC, please.| IMPOSSIBLE| CODING",
                "32 bit float files.| IMPOSSIBLE| BIT_DEPTH",
                "A sample rate of 50 kHz.| IMPOSSIBLE| SAMPLE_RATE",
            })
    void whatIsUnclearIsAskedAndNotGuessed(String mail, Question.Kind kind, Asked asked) {
        Proposal proposal = read(mail);
        assertThat(proposal.questions())
                .as(mail)
                .anyMatch(q ->
                        q.kind() == kind && q.asked() == asked && !q.words().isEmpty());
    }

    @Test
    void whatIsRefusedIsNotTakenForWanted() {
        assertThat(read("Send WAV, 24 bit. Please don't send MP3.")
                        .specification()
                        .format()
                        .coding())
                .isEqualTo(Coding.WAV);
        assertThat(read("No stereo, mono only.").specification().format().mostChannels())
                .isEqualTo(1);
    }

    @Test
    void figuresThatAreAboutSomethingElseAreLeftAlone() {
        Proposal proposal =
                read("We will pay 180 for a finished hour within 30 days. Call 555-0192 after 5 on 14 March."
                        + " The book has 104,200 words, page 12-18 first. Temperatures of -4 outside!");
        assertThat(proposal.quotes()).isEmpty();
        assertThat(proposal.specification().as("x", "x")).isEqualTo(BOOK.as("x", "x"));
    }

    /** Fourteen thousand characters of it held the reader for minutes; what the first of them says is understood. */
    @Test
    void theSameFigureAgainAndAgainIsReadInNoTime() {
        Proposal few = read("-23 LUFS ".repeat(20));
        Proposal proposal = read("-23 LUFS ".repeat(1_600));
        assertThat(proposal.specification()).isEqualTo(few.specification());
        assertThat(proposal.quotes()).isEqualTo(few.quotes());
        assertThat(read("peaks -3 dB, noise ".repeat(1_000)).quotes()).isNotEmpty();
        assertThat(read("1 s head ".repeat(2_000)).quotes()).isNotEmpty();
        assertThat(read("x".repeat(20_000)).quotes()).isEmpty();
    }

    @Test
    void takesTheSpecificationThatGoesBestWithIt() {
        Proposal proposal = read("-23 LUFS ±0.5, true peak at most -1 dBTP, WAV 48 kHz 24 bit");
        assertThat(proposal.base().id()).isEqualTo("broadcast-r128");
        assertThat(read("MP3 please").base().id()).isEqualTo("audiobook-retail");
    }

    /** Seeded: whatever is written, the reader ends, keeps within the format's rules and quotes only what is there. */
    @Test
    void survivesAnything() {
        String[] parts = {
            "-23",
            "RMS",
            "LUFS",
            "to",
            "peak",
            "±",
            "and",
            "dB",
            "s",
            "head",
            "\n",
            "kHz",
            "mono",
            "1e9",
            "−",
            "99999999",
            ",",
            "bit",
            "24",
            "noise floor",
            "mp3",
            "…",
            "minus ",
            "half a",
            "/",
            "per file",
            "hours",
            "\u0000"
        };
        java.util.Random random = new java.util.Random(7);
        for (int i = 0; i < 3000; i++) {
            StringBuilder mail = new StringBuilder();
            for (int k = random.nextInt(25); k >= 0; k--) {
                mail.append(parts[random.nextInt(parts.length)]).append(random.nextBoolean() ? " " : "");
            }
            Proposal proposal = read(mail.toString());
            String flat = mail.toString().replaceAll("\\s+", " ");
            assertThat(proposal.quotes().values())
                    .allSatisfy(q -> assertThat(flat).contains(q.replaceAll("\\s+", " ")));
        }
    }
}
