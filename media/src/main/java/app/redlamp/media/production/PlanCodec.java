package app.redlamp.media.production;

import app.redlamp.core.planning.plan.Fee;
import app.redlamp.core.planning.plan.Money;
import app.redlamp.core.planning.plan.QuietHours;
import app.redlamp.core.planning.plan.ShoppingItem;
import app.redlamp.core.planning.plan.Spent;
import app.redlamp.core.planning.plan.WorkRatios;
import app.redlamp.core.planning.plan.WorkingTime;
import app.redlamp.media.json.Codec;
import app.redlamp.media.json.Texts;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.util.Currency;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;

/** Work, time and money in {@code production.json} (docs/formats.md). */
final class PlanCodec {
    private static final int MOST_DIGITS = 15;

    /** Amounts are texts, so that no reader of JSON makes 0.1 of them that is none. */
    private static final Texts<BigDecimal> AMOUNT =
            Texts.of("plan-codec.an-amount", PlanCodec::amount, BigDecimal::toPlainString);

    private static final Texts<Currency> CURRENCY =
            Texts.of("plan-codec.a-currency", Currency::getInstance, Currency::getCurrencyCode);

    static final Codec<WorkRatios> EFFORT = Codec.of(o -> new WorkRatios(
            o.number("wordsPerMinute", WorkRatios::wordsPerMinute),
            o.number("booth", WorkRatios::booth),
            o.number("edit", WorkRatios::edit),
            o.number("proof", WorkRatios::proof),
            o.number("kept", WorkRatios::kept)));

    private static final Codec<Map.Entry<DayOfWeek, QuietHours>> QUIET = Codec.of(o -> Map.entry(
            o.named("day", DayOfWeek.class, Map.Entry::getKey),
            new QuietHours(
                    o.as("from", Texts.TIME, e -> e.getValue().from()),
                    o.as("to", Texts.TIME, e -> e.getValue().to()))));

    static final Codec<WorkingTime> TIME = Codec.of(o -> new WorkingTime(
            byDay(o.list("quiet", QUIET, t -> List.copyOf(t.quiet().entrySet()))),
            new HashSet<>(o.list(
                    "daysOff", Texts.DAY, t -> t.daysOff().stream().sorted().toList())),
            o.integer("longestSessionMin", WorkingTime::longestSessionMin),
            o.integer("stretchMin", WorkingTime::stretchMin),
            o.integer("breakMin", WorkingTime::breakMin),
            o.integer("editMin", WorkingTime::editMin),
            o.integer("correctionDays", WorkingTime::correctionDays)));

    private static final Codec<Fee> FEE =
            Codec.of(o -> new Fee(o.named("basis", Fee.Basis.class, Fee::basis), o.as("amount", AMOUNT, Fee::amount)));

    private static final Codec<ShoppingItem> ITEM = Codec.of(o -> new ShoppingItem(
            o.text("name", ShoppingItem::name),
            o.as("new", AMOUNT, ShoppingItem::newPrice),
            o.optional("used", AMOUNT, ShoppingItem::usedPrice),
            o.named("standing", ShoppingItem.Standing.class, ShoppingItem::standing)));

    static final Codec<Money> MONEY = Codec.of(o -> new Money(
            o.as("currency", CURRENCY, Money::currency),
            o.optional("fee", FEE, Money::fee),
            o.optional("budget", AMOUNT, Money::budget),
            o.list("items", ITEM, Money::items)));

    static final Codec<Spent> SPENT = Codec.of(o -> new Spent(
            o.as("day", Texts.DAY, Spent::day),
            o.named("phase", Spent.Phase.class, Spent::phase),
            o.integer("minutes", Spent::minutes)));

    private PlanCodec() {}

    /** Of two entries for a day, the later counts. */
    private static Map<DayOfWeek, QuietHours> byDay(List<Map.Entry<DayOfWeek, QuietHours>> entries) {
        Map<DayOfWeek, QuietHours> quiet = new EnumMap<>(DayOfWeek.class);
        for (Map.Entry<DayOfWeek, QuietHours> entry : entries) {
            quiet.put(entry.getKey(), entry.getValue());
        }
        return quiet;
    }

    private static BigDecimal amount(String written) {
        if (written.length() > MOST_DIGITS || !written.matches("\\d+(\\.\\d+)?")) {
            throw new IllegalArgumentException(written.length() + " signs");
        }
        return new BigDecimal(written);
    }
}
