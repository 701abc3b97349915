package app.redlamp.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class TypesetTest {

    @Test
    void figuresKeepTheirUnits() {
        assertThat(Typeset.units("−50.1 dBFS, 9.9 dB too high")).isEqualTo("−50.1\u00a0dBFS, 9.9\u00a0dB too high");
        assertThat(Typeset.units("0.8 s: 0.2 s inside")).isEqualTo("0.8\u00a0s: 0.2\u00a0s inside");
    }

    @Test
    void wordsAreLeftAlone() {
        assertThat(Typeset.units("all 3 set, 4 dBm, take 2 start")).isEqualTo("all 3 set, 4 dBm, take 2 start");
    }
}
