package app.redlamp.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.delivery.finish.Obstacle;
import app.redlamp.core.delivery.spec.Check;
import app.redlamp.core.delivery.spec.CheckId;
import app.redlamp.core.delivery.spec.Judge;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.delivery.spec.Specifications;
import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Reports;
import app.redlamp.core.measure.origin.Edge;
import app.redlamp.core.measure.origin.Origin;
import app.redlamp.core.signal.AudioInfo;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class WordingTest {
    private static final Specification AUDIOBOOK = Specifications.audiobook();
    private final Wording wording = new Wording(Locale.ENGLISH);

    @Test
    void everyFindingHasAShortName() {
        for (Finding.Kind kind : Finding.Kind.values()) {
            assertThat(wording.flag(kind)).as(kind.id()).isNotBlank().hasSizeLessThan(20);
        }
        assertThat(wording.flag(Finding.Kind.PLOSIVES)).isEqualTo("plosive");
    }

    @Test
    void checksAreOneSentenceWithValueAndMargin() {
        assertThat(say(Reports.good().loudness(-28.1), CheckId.LOUDNESS)).isEqualTo("RMS −28.1 dBFS: 5.1 dB too quiet");
        assertThat(say(Reports.good(), CheckId.PEAK)).isEqualTo("Peak −4.0 dBFS: 1.0 dB inside");
        assertThat(say(Reports.good().floor(-52.8), CheckId.NOISE_FLOOR))
                .isEqualTo("Noise floor −52.8 dBFS: 7.2 dB too loud");
        assertThat(say(Reports.good().channels(2), CheckId.CHANNELS)).isEqualTo("Channels stereo: wanted mono");
        assertThat(say(Reports.good(), CheckId.CODING))
                .isEqualTo("WAV: right for a master; finishing makes the MP3 from it");
        assertThat(say(Reports.good().silent(), CheckId.LOUDNESS))
                .isEqualTo("RMS: nothing to measure, the recording is silent");
        assertThat(say(Reports.good(), CheckId.LENGTH)).isEqualTo("Length 1:00: 1:59:00 inside");
    }

    /** What rounds to nothing is outside all the same. */
    @Test
    void whatIsOutsideByAHairIsNotZero() {
        assertThat(say(Reports.good().peak(-2.99), CheckId.PEAK)).isEqualTo("Peak −3.0 dBFS: just too high");
        assertThat(say(Reports.good().loudness(-23.04), CheckId.LOUDNESS)).isEqualTo("RMS −23.0 dBFS: just too quiet");
        assertThat(say(Reports.good().floor(-59.94), CheckId.NOISE_FLOOR))
                .isEqualTo("Noise floor −59.9 dBFS: 0.1 dB too loud");
    }

    /** A WAV of floats is a WAV, and not the one that is wanted. */
    @Test
    void aFileOfFloatsIsCalledSo() {
        Specification raw = Specifications.raw();
        AudioInfo floats = new AudioInfo("wav", "pcm_f32le", 48_000, OptionalInt.of(32), 1, 60, OptionalInt.empty());
        Report report = Reports.good().info(floats).get();
        assertThat(wording.check(Judge.judge(raw, report).check(CheckId.CODING).orElseThrow(), raw))
                .isEqualTo("File WAV, FLOAT: wanted WAV");
        assertThat(say(Reports.good().info(floats), CheckId.CODING))
                .isEqualTo("WAV, FLOAT: right for a master; finishing makes the MP3 from it");
    }

    /** What was left out is said in kilohertz, by the check, the obstacle and the finding alike. */
    @Test
    void whatIsMissingIsSaidInKilohertz() {
        Specification raw = Specifications.raw();
        Report coded = Reports.good()
                .origin(new Origin(Optional.of(new Edge(16_000, 40)), OptionalInt.of(24), OptionalInt.empty()))
                .get();
        assertThat(wording.check(
                        Judge.judge(raw, coded).check(CheckId.BANDWIDTH).orElseThrow(), raw))
                .isEqualTo("Bandwidth 16.0 kHz: 4.7 kHz too narrow");
        assertThat(wording.check(
                        Judge.judge(raw, Reports.good().get())
                                .check(CheckId.BANDWIDTH)
                                .orElseThrow(),
                        raw))
                .endsWith("kHz inside");
        assertThat(wording.obstacle(new Obstacle.NotWhole(Optional.empty(), 16_000, OptionalInt.empty()), raw))
                .startsWith("It holds nothing above 16.0 kHz");
        assertThat(wording.obstacle(new Obstacle.NotWhole(Optional.of("mp3"), 22_050, OptionalInt.empty()), raw))
                .startsWith("It is coded as MP3");
        Report cut = Reports.good()
                .origin(new Origin(Optional.empty(), OptionalInt.of(24), OptionalInt.of(1024)))
                .get();
        assertThat(wording.check(Judge.judge(raw, cut).check(CheckId.BLOCKS).orElseThrow(), raw))
                .isEqualTo("Coded in blocks of 1024 samples: wanted none");
        assertThat(wording.obstacle(new Obstacle.NotWhole(Optional.empty(), 22_050, OptionalInt.of(1024)), raw))
                .contains("blocks of 1024 samples are still found");
        assertThat(wording.finding(new Finding(Finding.Kind.CODED, Finding.Severity.WARNING, 0, 1, 16_000, List.of())))
                .startsWith("Nothing above 16.0 kHz");
    }

    @Test
    void theCollisionReadsAsItIsMeant() {
        Obstacle noise = new Obstacle.Noise(9.4, -52.1, -60);
        assertThat(wording.obstacle(noise, AUDIOBOOK))
                .isEqualTo("After the 9.4 dB this needs, the noise floor would be −52.1 dBFS, 7.9 dB too high");
        assertThat(wording.help(noise))
                .extracting(Wording.Advice::title)
                .containsExactly("Read it again, closer", "Find the noise and switch it off", "Ask for another limit");
        // Common practice, no source: half the distance gives 6 dB, so 7.9 dB take 40 % of it.
        assertThat(wording.help(noise).get(0).detail()).startsWith("at 40 % of the distance");
    }

    @Test
    void comingCloserIsNotAdvisedWhereNobodyCouldReadThatClose() {
        assertThat(wording.help(new Obstacle.Noise(20, -45, -60)))
                .extracting(Wording.Advice::title)
                .doesNotContain("Read it again, closer");
    }

    @Test
    void everyObstacleHasASentenceAndHelp() {
        Check check = Judge.judge(AUDIOBOOK, Reports.good().peak(-1).get())
                .check(CheckId.PEAK)
                .orElseThrow();
        for (Obstacle obstacle : new Obstacle[] {
            new Obstacle.Clipped(1),
            new Obstacle.Silent(),
            new Obstacle.TooLong(8000, 7200),
            new Obstacle.NotWhole(Optional.empty(), 16_000, OptionalInt.empty()),
            new Obstacle.NotWhole(Optional.of("aac"), 24_000, OptionalInt.empty()),
            new Obstacle.FewBits(16, 24),
            new Obstacle.Misnamed("one.mp3", "book_##.mp3"),
            new Obstacle.StillOutside(check)
        }) {
            assertThat(wording.obstacle(obstacle, AUDIOBOOK)).isNotBlank().doesNotContain("{", "}");
            assertThat(wording.help(obstacle)).isNotEmpty().hasSizeLessThanOrEqualTo(3);
        }
        assertThat(wording.obstacle(new Obstacle.Clipped(1), AUDIOBOOK)).startsWith("Clipped once");
        assertThat(wording.obstacle(new Obstacle.Clipped(14), AUDIOBOOK)).startsWith("Clipped 14 times");
    }

    @ParameterizedTest
    @EnumSource(Finding.Kind.class)
    void everyFindingHasASentence(Finding.Kind kind) {
        assertThat(wording.finding(new Finding(kind, Finding.Severity.NOTE, 0, 1, 2, List.of())))
                .isNotBlank()
                .doesNotContain("{", "}");
    }

    @Test
    void figuresFollowTheLocale() {
        Figures german = new Figures(Locale.GERMAN);
        assertThat(german.tenths(-20.44)).isEqualTo("−20,4");
        assertThat(german.kiloHertz(44_100)).isEqualTo("44,1");
        Figures english = new Figures(Locale.ENGLISH);
        assertThat(english.tenths(-0.04)).isEqualTo("0.0");
        assertThat(english.signed(9.41)).isEqualTo("+9.4");
        assertThat(english.signed(-0.02)).isEqualTo("0.0");
        assertThat(english.tenths(java.util.OptionalDouble.empty())).isEqualTo("–");
        assertThat(english.clock(3723.4)).isEqualTo("1:02:03");
        assertThat(english.clock(59.6)).isEqualTo("1:00");
    }

    private String say(Reports report, CheckId id) {
        Report measured = report.get();
        return wording.check(Judge.judge(AUDIOBOOK, measured, 1).check(id).orElseThrow(), AUDIOBOOK);
    }
}
