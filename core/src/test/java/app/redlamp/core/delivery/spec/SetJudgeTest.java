package app.redlamp.core.delivery.spec;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.delivery.finish.Forecast;
import app.redlamp.core.delivery.finish.Obstacle;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Reports;
import app.redlamp.core.signal.AudioInfo;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class SetJudgeTest {
    private final Specification audiobook = Specifications.audiobook();

    @Test
    void filesAlikeAreAllInside() {
        List<SetJudge.Comparison> all =
                judge(audiobook, List.of(Reports.good().get(), Reports.good().get()));
        assertThat(all).isNotEmpty().allMatch(c -> c.verdict() == CheckResult.INSIDE);
    }

    @Test
    void theOddOneOutIsNamed() {
        List<Report> reports = List.of(
                Reports.good().get(),
                Reports.good().gain(0.5).get(),
                Reports.good().gain(-4).get(),
                Reports.good().get());
        SetJudge.Comparison loudness = only(judge(audiobook, reports), SetJudge.Kind.LOUDNESS);
        assertThat(loudness.value()).isCloseTo(4.5, within(1e-9));
        assertThat(loudness.verdict()).isEqualTo(CheckResult.ADVICE);
        assertThat(loudness.oddOneOut()).hasValue(2);
    }

    @Test
    void anotherFormatIsAFault() {
        AudioInfo other = new AudioInfo("wav", "pcm_s24le", 48_000, OptionalInt.of(24), 1, 60, OptionalInt.empty());
        List<Report> reports = List.of(
                Reports.good().get(),
                Reports.good().info(other).get(),
                Reports.good().get());
        SetJudge.Comparison rate = only(judge(audiobook, reports), SetJudge.Kind.SAMPLE_RATE);
        assertThat(rate.verdict()).isEqualTo(CheckResult.OUTSIDE);
        assertThat(rate.oddOneOut()).hasValue(1);
    }

    @Test
    void floorsThatAreNotKnownAreLeftOut() {
        List<Report> reports = List.of(
                Reports.good().noFloor().get(),
                Reports.good().floor(-70).get(),
                Reports.good().floor(-62).get());
        SetJudge.Comparison floor = only(judge(audiobook, reports), SetJudge.Kind.NOISE_FLOOR);
        assertThat(floor.value()).isCloseTo(8, within(1e-9));
        assertThat(floor.oddOneOut()).isPresent();
        assertThat(floor.oddOneOut().getAsInt()).isNotZero();
    }

    @Test
    void partsAreKnownByTheirNamesAndMissed() {
        Specification parted = Specifications.audiobookOf(
                new Naming.Part("opening credits", "*opening*", OptionalDouble.empty()),
                new Naming.Part("retail sample", "*sample*", OptionalDouble.of(300)));
        List<Report> reports = List.of(Reports.good().get(), Reports.good().get());
        SetJudge.Comparison parts = only(
                SetJudge.judge(parted, reports, List.of("00 Opening credits.mp3", "01 one.mp3")), SetJudge.Kind.PARTS);
        assertThat(parts.verdict()).isEqualTo(CheckResult.ADVICE);
        assertThat(parts.value()).isEqualTo(1);
        assertThat(parts.missing()).containsExactly("retail sample");
        SetJudge.Comparison whole =
                only(SetJudge.judge(parted, reports, List.of("opening.mp3", "SAMPLE.mp3")), SetJudge.Kind.PARTS);
        assertThat(whole.verdict()).isEqualTo(CheckResult.INSIDE);
        assertThat(whole.missing()).isEmpty();
        assertThat(SetJudge.judge(parted, List.of(), List.of())).isEmpty();
    }

    @Test
    void aPartMayBeShorterThanAFile() {
        Specification parted =
                Specifications.audiobookOf(new Naming.Part("retail sample", "*sample*", OptionalDouble.of(5)));
        Report minute = Reports.good().get();
        assertThat(Judge.judge(parted, minute, 1, Optional.of("one.mp3")).pass())
                .isEqualTo(Judge.judge(audiobook, minute, 1, Optional.of("one.mp3"))
                        .pass());
        Check length = Judge.judge(parted, minute, 1, Optional.of("Sample.mp3"))
                .check(CheckId.LENGTH)
                .orElseThrow();
        assertThat(length.verdict()).isEqualTo(CheckResult.OUTSIDE);
        assertThat(length.limits().high()).hasValue(5);
        assertThat(Forecast.of(parted, minute, 1, "sample.wav").obstacles())
                .containsExactly(new Obstacle.TooLong(minute.info().durationS(), 5));
        assertThat(Forecast.of(parted, minute, 1, "one.wav").finishable()).isTrue();
    }

    @Test
    void namesFollowTheirPattern() {
        Naming naming = new Naming(Optional.of("book_##_*.mp3"), List.of());
        assertThat(naming.allows("book_01_the-quay.mp3")).isTrue();
        assertThat(naming.allows("book_1_the-quay.mp3")).isFalse();
        assertThat(naming.allows("book_01_the-quay.wav")).isFalse();
        assertThat(naming.allows("book_01_.mp3.mp3")).isTrue();
        assertThat(Naming.FREE.allows("anything at all")).isTrue();
        assertThat(new Naming(Optional.of("*".repeat(30) + "b"), List.of()).allows("a".repeat(5000)))
                .isFalse();
    }

    private static List<SetJudge.Comparison> judge(Specification specification, List<Report> reports) {
        return SetJudge.judge(
                specification,
                reports,
                IntStream.range(0, reports.size()).mapToObj(i -> i + ".wav").toList());
    }

    private static SetJudge.Comparison only(List<SetJudge.Comparison> all, SetJudge.Kind kind) {
        return all.stream().filter(c -> c.kind() == kind).findFirst().orElseThrow();
    }
}
