package app.redlamp.cli;

import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import app.redlamp.core.fault.FaultBundles;
import java.io.IOException;
import java.util.MissingResourceException;
import org.junit.jupiter.api.Test;

class FaultsTest {
    @Test
    void codeAndBundleAgree() throws IOException {
        FaultBundles.agree("app.redlamp.cli.faults");
    }

    @Test
    void aKeyThatIsNotThereIsAMistakeOfOurs() {
        assertThatExceptionOfType(MissingResourceException.class).isThrownBy(() -> Faults.say("no.such-key"));
    }
}
