package app.redlamp.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.measure.room.Reverberation;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class HeardRoomWordingTest {
    private final HeardRoomWording words = new HeardRoomWording(new Figures(Locale.UK));

    private static Reverberation heard(double clarityDb) {
        return Reverberation.heard(
                new Reverberation.Told(clarityDb, 3.2), Optional.of(new Reverberation.Told(0.42, 0.09)));
    }

    @Test
    void eachFigureHasItsTrust() {
        assertThat(words.clarity(heard(14.3))).isEqualTo("14 dB ± 3");
        assertThat(words.decay(heard(14.3))).isEqualTo("0.42 s ± 0.09");
        assertThat(words.clarity(Reverberation.notHeard(20))).isEqualTo("over 20 dB");
        assertThat(words.clarity(Reverberation.UNKNOWN)).isEqualTo("not to be told");
        assertThat(words.decay(Reverberation.UNKNOWN)).isEqualTo("not to be told");
    }

    @Test
    void itStandsAgainstAWish() {
        assertThat(words.against(heard(25.4), 25)).isEqualTo("clarity 25 dB ± 3, wanted 25: dry enough");
        assertThat(words.against(heard(22), 25)).endsWith("on the border");
        assertThat(words.against(heard(14), 25)).endsWith("the room is heard");
        assertThat(words.against(Reverberation.notHeard(20), 25)).endsWith("dry");
        assertThat(words.against(Reverberation.UNKNOWN, 25)).startsWith("not to be told");
    }
}
