package app.redlamp.media.production;

import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.delivery.spec.Specifications;
import app.redlamp.core.planning.plan.Fee;
import app.redlamp.core.planning.plan.Order;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.Productions;
import app.redlamp.core.planning.plan.ShoppingItem;
import app.redlamp.core.planning.plan.Spent;
import app.redlamp.core.planning.script.Block;
import app.redlamp.core.planning.script.CharacterVoice;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Saying;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.planning.script.Span;
import app.redlamp.core.planning.take.Delivery;
import app.redlamp.core.planning.take.Mark;
import app.redlamp.core.planning.take.Take;
import app.redlamp.core.planning.take.Takes;
import app.redlamp.core.setting.card.Cards;
import app.redlamp.core.setting.card.GainCards;
import app.redlamp.core.setting.card.Overrule;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** What every test of what is kept begins with. */
final class FullProduction {
    private FullProduction() {}

    /** A production with something in every field. */
    static Production full() {
        Script script = new Script(
                new ScriptText(List.of(
                        Block.heading(1, "One"),
                        Block.paragraph("# no heading"),
                        Block.paragraph("\\ a backslash"),
                        Block.PAGE,
                        Block.heading(6, "# odd"),
                        Block.paragraph("“Rain,” said Ysolde—Zoë’s cwm."))),
                List.of(
                        Piece.read("One", List.of(new Span(0, 2), new Span(4, 6))),
                        new Piece("Talk", List.of(), OptionalDouble.of(1500.5))),
                List.of(new Saying("cwm", "koom", "heard at the mill")),
                List.of(new CharacterVoice("Ysolde", "low, slow")));
        Production book = Productions.of(script).with(takes());
        return book.with(new Order(
                        Specifications.broadcast(),
                        Specifications.audiobook(),
                        Map.of(Asked.PEAK, "peaks “under” −3", Asked.LOUDNESS, "loud"),
                        "Hello,\nkeep it \"under\" −3."))
                .with(book.money()
                        .withFee(Optional.of(new Fee(Fee.Basis.FINISHED_HOUR, new BigDecimal("180.10"))))
                        .withBudget(Optional.of(new BigDecimal("300")))
                        .withItems(List.of(
                                new ShoppingItem(
                                        "stand",
                                        new BigDecimal("40"),
                                        Optional.of(new BigDecimal("0.1")),
                                        ShoppingItem.Standing.USED),
                                new ShoppingItem(
                                        "lead",
                                        new BigDecimal("9.99"),
                                        Optional.empty(),
                                        ShoppingItem.Standing.OWNED))))
                .with(book.time().withDaysOff(Set.of(LocalDate.of(2028, 2, 29))))
                .with(Cards.NONE
                        .with(GainCards.card("card-1", "Narrator"))
                        .with(GainCards.card("card-2", "Ada")
                                .noting("window “open”")
                                .pictured(Optional.of("pictures/knobs.jpg")))
                        .overruling(new Overrule(
                                Overrule.Station.ROOM, "the client likes it", LocalDateTime.of(2026, 2, 16, 10, 0))))
                .spending(new Spent(LocalDate.of(2026, 3, 1), Spent.Phase.PROOF, 45));
    }

    private static Takes takes() {
        Take known = new Take(
                "raw/1 One.wav",
                "One",
                Optional.of(LocalDateTime.of(2026, 3, 3, 19, 4, 30)),
                361.25,
                Optional.of("ab".repeat(32)),
                Optional.of("card-1"),
                List.of(new Mark(12.5, "clipped", "the “shout”"), new Mark(20, 0.25, "lost", "")),
                Take.State.CHOSEN);
        return Takes.NONE
                .adopting(List.of(known, Take.found("raw/deep/2.wav", "", 12)))
                .delivering(new Delivery(
                        "raw/1 One.wav",
                        "audiobook-retail",
                        LocalDateTime.of(2026, 3, 9, 20, 15),
                        List.of("ready/1 One.wav", "ready/1 One.mp3"),
                        6.25));
    }
}
