package app.redlamp.core.spec;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.analysis.Report;
import app.redlamp.core.analysis.Reports;
import app.redlamp.core.signal.AudioInfo;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class SetJudgeTest {
    private final Specification audiobook = Specifications.audiobook();

    @Test
    void filesAlikeAreAllInside() {
        List<SetJudge.Comparison> all = SetJudge.judge(
                audiobook, List.of(Reports.good().get(), Reports.good().get()));
        assertThat(all).isNotEmpty().allMatch(c -> c.verdict() == Verdict.INSIDE);
    }

    @Test
    void theOddOneOutIsNamed() {
        List<Report> reports = List.of(
                Reports.good().get(),
                Reports.good().gain(0.5).get(),
                Reports.good().gain(-4).get(),
                Reports.good().get());
        SetJudge.Comparison loudness = only(SetJudge.judge(audiobook, reports), SetJudge.Kind.LOUDNESS);
        assertThat(loudness.value()).isCloseTo(4.5, within(1e-9));
        assertThat(loudness.verdict()).isEqualTo(Verdict.ADVICE);
        assertThat(loudness.oddOneOut()).hasValue(2);
    }

    @Test
    void anotherFormatIsAFault() {
        AudioInfo other = new AudioInfo("wav", "pcm_s24le", 48_000, OptionalInt.of(24), 1, 60, OptionalInt.empty());
        List<Report> reports = List.of(
                Reports.good().get(),
                Reports.good().info(other).get(),
                Reports.good().get());
        SetJudge.Comparison rate = only(SetJudge.judge(audiobook, reports), SetJudge.Kind.SAMPLE_RATE);
        assertThat(rate.verdict()).isEqualTo(Verdict.OUTSIDE);
        assertThat(rate.oddOneOut()).hasValue(1);
    }

    @Test
    void floorsThatAreNotKnownAreLeftOut() {
        List<Report> reports = List.of(
                Reports.good().noFloor().get(),
                Reports.good().floor(-70).get(),
                Reports.good().floor(-62).get());
        SetJudge.Comparison floor = only(SetJudge.judge(audiobook, reports), SetJudge.Kind.NOISE_FLOOR);
        assertThat(floor.value()).isCloseTo(8, within(1e-9));
        assertThat(floor.oddOneOut()).isPresent();
        assertThat(floor.oddOneOut().getAsInt()).isNotZero();
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

    private static SetJudge.Comparison only(List<SetJudge.Comparison> all, SetJudge.Kind kind) {
        return all.stream().filter(c -> c.kind() == kind).findFirst().orElseThrow();
    }
}
