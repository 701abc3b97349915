package app.redlamp.core.setting.card;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.chain.GainSchool;
import java.time.LocalDateTime;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class CardsTest {
    @Test
    void theLastCardOfEachVoice() {
        Cards cards = Cards.NONE
                .with(GainCards.card("a", "Ada"))
                .with(GainCards.card("b", "Ben"))
                .with(GainCards.card("c", "Ada"));
        assertThat(cards.last("Ada").orElseThrow().id()).isEqualTo("c");
        assertThat(cards.last("Ben").orElseThrow().id()).isEqualTo("b");
        assertThat(cards.last("Cy")).isEmpty();
        assertThat(cards.without("c").last("Ada").orElseThrow().id()).isEqualTo("a");
        assertThat(cards.with(GainCards.card("b", "Ben").noting("window open")).cards())
                .hasSize(3);
    }

    @Test
    void theOldestGoWhereThereAreTooMany() {
        Cards cards = Cards.NONE;
        for (int i = 0; i < Cards.MOST + 5; i++) {
            cards = cards.with(GainCards.card("card-" + i, "Ada"));
        }
        assertThat(cards.cards()).hasSize(Cards.MOST);
        assertThat(cards.cards().get(0).id()).isEqualTo("card-5");
    }

    @Test
    void aVerdictIsOverruledOnceAndTrustedAgain() {
        LocalDateTime now = LocalDateTime.of(2026, 2, 16, 10, 0);
        Cards cards = Cards.NONE
                .overruling(new Overrule(Overrule.Station.ROOM, "only a demo", now))
                .overruling(new Overrule(Overrule.Station.ROOM, "the client likes it", now));
        assertThat(cards.overrules()).hasSize(1);
        assertThat(cards.overruled(Overrule.Station.ROOM).orElseThrow().reason())
                .isEqualTo("the client likes it");
        assertThat(cards.overruled(Overrule.Station.KIT)).isEmpty();
        assertThat(cards.trusting(Overrule.Station.ROOM).overrules()).isEmpty();
    }

    @Test
    void aReasonIsNeeded() {
        LocalDateTime now = LocalDateTime.of(2026, 2, 16, 10, 0);
        assertThatThrownBy(() -> new Overrule(Overrule.Station.KIT, " ", now)).hasMessageContaining("say why");
        assertThatThrownBy(() -> GainCards.card("", "Ada")).hasMessageContaining("an id and a voice");
        assertThatThrownBy(() -> GainCards.card("a", "Ada").noting("x".repeat(3000)))
                .hasMessageContaining("2000 characters");
        assertThatThrownBy(() -> new GainCard.Levels(
                        GainSchool.HOT, -60, -70, -20, -6, OptionalDouble.empty(), List.of(1.0), List.of()))
                .hasMessageContaining("10 octaves");
    }
}
