package app.redlamp.core.planning.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.spot.Wanted;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class RoomNeedsTest {

    /**
     * Hand arithmetic for a book: −20.5 dBFS down to −60 is a signal-to-noise ratio of 39.5 dB; a voice of 62.35 dB at 1 m (ANSI S3.5-1997, from
     * memory) is 78.8 dB at 15 cm; 6 dB in hand leave 33.3 dB(A).
     */
    @Test
    void aBookAsksForADeadAndQuietRoom() {
        Wanted wanted = RoomNeeds.of(Productions.book(100), 0.15);

        assertThat(wanted.decayS()).isEqualTo(0.25);
        assertThat(wanted.noiseDbA()).isCloseTo(33.3, within(0.1));
        assertThat(RoomNeeds.of(Productions.book(100), 0.30).noiseDbA()).isCloseTo(33.3 - 6.02, within(0.1));
        assertThat(wanted.decays().at(0)).isEqualTo(0.5);
    }

    /** Common practice, no source: whoever talks freely may ring longer than whoever narrates. */
    @ParameterizedTest
    @EnumSource(JobKind.class)
    void everyKindOfJobHasItsDecay(JobKind kind) {
        assertThat(RoomNeeds.decayS(kind)).isBetween(0.25, 0.4);
        assertThat(RoomNeeds.decayS(JobKind.LIVE_STREAM)).isGreaterThan(RoomNeeds.decayS(JobKind.PODCAST_ALONE));
    }
}
