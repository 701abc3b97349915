package app.redlamp.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.acoustics.cabin.CabinChoice;
import app.redlamp.core.acoustics.spot.Wanted;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class BoothOfferWordingTest {
    private static final Wanted WANTED = new Wanted(0.25, 32);

    private final BoothOfferWording wording = new BoothOfferWording(Locale.ENGLISH);

    private static CabinChoice choice(CabinChoice.Way way, double price, OptionalDouble noise, OptionalDouble hours) {
        return new CabinChoice(
                way,
                Optional.empty(),
                price,
                noise,
                hours,
                0.4,
                way == CabinChoice.Way.TREATED ? 6 : 0,
                5,
                true,
                way == CabinChoice.Way.TREATED ? OptionalDouble.empty() : OptionalDouble.of(24));
    }

    private static CabinChoice now(double dbA, double hours) {
        return choice(CabinChoice.Way.AS_IT_IS, 0, OptionalDouble.of(dbA), OptionalDouble.of(hours));
    }

    @Test
    void whatItBringsIsSaidWithItsPrice() {
        CabinChoice now = now(40, 20);
        CabinChoice hung = choice(CabinChoice.Way.TREATED, 90, OptionalDouble.of(38), OptionalDouble.of(30));
        assertThat(wording.noise(hung, now)).isEqualTo("2 dB, 45 each");
        assertThat(wording.room(hung, now)).isEqualTo("6 dB, 15 each");
        assertThat(wording.noise(now, now)).isEqualTo("–");
        assertThat(wording.noise(now, hung)).isEqualTo("2 dB worse");
        assertThat(wording.price(now)).isEqualTo("–");
        assertThat(wording.price(hung)).isEqualTo("90");
        assertThat(wording.air(now)).isEqualTo("24 min");
        assertThat(wording.air(hung)).isEqualTo("fresh");
        assertThat(wording.name(hung)).contains("Worst first");
        assertThat(wording.whole(OptionalDouble.empty())).isEqualTo("–");
    }

    @Test
    void octavesAreCalledAsTheyAreSold() {
        assertThat(List.of(wording.octave(0), wording.octave(1), wording.octave(4), wording.octave(7)))
                .containsExactly("63", "125", "1 k", "8 k");
    }

    @Test
    void theVerdictDoesNotSellWhatNobodyNeeds() {
        assertThat(wording.verdict(List.of(now(22, 112)), WANTED)).contains("quiet enough");
        assertThat(wording.verdict(
                        List.of(choice(CabinChoice.Way.AS_IT_IS, 0, OptionalDouble.empty(), OptionalDouble.empty())),
                        WANTED))
                .contains("Nothing is known of the noise");
        assertThat(wording.verdict(List.of(now(50, 12)), WANTED))
                .startsWith("12 hours a week are quiet as it is, and cost nothing.")
                .contains("none of these");
        assertThat(wording.verdict(List.of(now(50, 0)), WANTED)).startsWith("With everything on");
    }
}
