package app.redlamp.core.planning.plan;

import app.redlamp.core.delivery.spec.Specifications;
import app.redlamp.core.planning.script.Block;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.planning.script.Span;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Currency;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Made-up productions for tests. */
public final class Productions {
    /** A Monday. */
    public static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

    private Productions() {}

    /** A book with so many words a chapter, called "One", "Two" and so on, due in four weeks. */
    public static Production book(int... words) {
        List<Block> blocks = new ArrayList<>();
        List<Piece> pieces = new ArrayList<>();
        String[] names = {"One", "Two", "Three", "Four", "Five", "Six", "Seven", "Eight"};
        for (int i = 0; i < words.length; i++) {
            blocks.add(Block.paragraph("rain ".repeat(words[i]).strip() + "."));
            pieces.add(Piece.read(names[i], List.of(new Span(i, i + 1))));
        }
        return of(new Script(new ScriptText(blocks), pieces, List.of(), List.of()));
    }

    public static Production of(Script script) {
        Brief brief = Brief.of(
                JobKind.AUDIOBOOK, "Borrowed Weather", "Harrow House", MONDAY, Optional.of(MONDAY.plusDays(28)));
        return new Production(
                "made-up",
                brief,
                Order.of(Specifications.audiobook()),
                script,
                new WorkRatios(150, 2, 1, 1, 1),
                evenings(0),
                Money.in(Currency.getInstance("EUR")),
                List.of());
    }

    /** Two hours without a break from 19:00 on weekdays, two hours of editing a day. */
    public static WorkingTime evenings(int corrections) {
        return new WorkingTime(
                days(
                        LocalTime.of(19, 0),
                        LocalTime.of(22, 0),
                        DayOfWeek.MONDAY,
                        DayOfWeek.TUESDAY,
                        DayOfWeek.WEDNESDAY,
                        DayOfWeek.THURSDAY,
                        DayOfWeek.FRIDAY),
                Set.of(),
                120,
                120,
                0,
                120,
                corrections);
    }

    public static Map<DayOfWeek, QuietHours> days(LocalTime from, LocalTime to, DayOfWeek... days) {
        Map<DayOfWeek, QuietHours> quiet = new EnumMap<>(DayOfWeek.class);
        for (DayOfWeek day : days) {
            quiet.put(day, new QuietHours(from, to));
        }
        return quiet;
    }
}
