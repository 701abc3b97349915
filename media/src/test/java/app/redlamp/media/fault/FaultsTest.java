package app.redlamp.media.fault;

import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import app.redlamp.core.fault.FaultBundles;
import java.io.IOException;
import java.util.MissingResourceException;
import org.junit.jupiter.api.Test;

class FaultsTest {
    @Test
    void codeAndBundleAgree() throws IOException {
        FaultBundles.agree("app.redlamp.media.fault.faults");
    }

    @Test
    void aKeyThatIsNotThereIsAMistakeOfOurs() {
        assertThatExceptionOfType(MissingResourceException.class).isThrownBy(() -> Faults.say("no.such-key"));
    }
}
