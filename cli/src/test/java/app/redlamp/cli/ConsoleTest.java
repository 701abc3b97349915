package app.redlamp.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.verdict.Verdict;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ConsoleTest {
    /** Only what is clear ends with 0; what cannot be looked at ends with 2 and has no verdict. */
    @ParameterizedTest
    @EnumSource(Verdict.State.class)
    void onlyWhatIsClearEndsWithZero(Verdict.State state) {
        assertThat(Console.exitCode(state)).isEqualTo(state == Verdict.State.CLEAR ? 0 : 1);
    }
}
