package app.redlamp.core.planning.plan;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class JobCautionTest {
    @ParameterizedTest
    @EnumSource(JobKind.class)
    void everyJobTiresAVoiceAndEachIsSaidOnce(JobKind kind) {
        assertThat(JobCaution.of(kind))
                .startsWith(JobCaution.VOICE, JobCaution.RAW)
                .doesNotHaveDuplicates();
    }

    @Test
    void whoeverIsRecordedElsewhereIsAskedAndAVoiceIsNotGivenAway() {
        assertThat(JobCaution.of(JobKind.PODCAST_REMOTE)).contains(JobCaution.CALL, JobCaution.MUSIC);
        assertThat(JobCaution.of(JobKind.VOICE_DATASET)).contains(JobCaution.VOICE_DATA);
        assertThat(JobCaution.of(JobKind.AUDIOBOOK)).containsExactly(JobCaution.VOICE, JobCaution.RAW);
        assertThat(JobCaution.of(JobKind.PODCAST_COHOST)).doesNotContain(JobCaution.CALL);
    }
}
