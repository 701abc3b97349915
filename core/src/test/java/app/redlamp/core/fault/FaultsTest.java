package app.redlamp.core.fault;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.IOException;
import java.util.MissingResourceException;
import org.junit.jupiter.api.Test;

class FaultsTest {
    @Test
    void codeAndBundleAgree() throws IOException {
        FaultBundles.agree("app.redlamp.core.fault.faults");
    }

    @Test
    void aKeyThatIsNotThereIsAMistakeOfOurs() {
        assertThatExceptionOfType(MissingResourceException.class).isThrownBy(() -> Faults.say("no.such-key"));
    }

    /** Figures as they are, whatever the locale: no separators, nothing rounded; quotes stay. */
    @Test
    void valuesAreNotChanged() {
        assertThat(Faults.say("cable.must-lie-between", "it's {0}", 1234567.25)).startsWith("'it's {0}': 1234567.25 m");
    }
}
