package app.redlamp.words;

import app.redlamp.core.chain.Position;
import app.redlamp.core.print.PrintedTable;
import app.redlamp.core.setting.card.GainCard;
import app.redlamp.core.setting.card.Moved;
import app.redlamp.core.signal.OctaveBands;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Puts gain cards into words: what they say, and what has moved since. */
public final class CardWording {
    private final Phrases phrases;
    private final Figures figures;
    private final Lengths lengths;

    public CardWording(Lengths lengths, Figures figures) {
        this.lengths = lengths;
        this.figures = figures;
        phrases = new Phrases("level", figures.locale());
    }

    /** When a card was written. */
    public String when(GainCard card) {
        return card.when()
                .format(DateTimeFormatter.ofLocalizedDateTime(FormatStyle.MEDIUM, FormatStyle.SHORT)
                        .withLocale(figures.locale()));
    }

    /** A card as a table, to be printed and laid beside the knobs. */
    public PrintedTable table(GainCard card) {
        List<PrintedTable.Row> rows = new ArrayList<>();
        row(rows, "card.input", input(card.input()));
        row(rows, "card.kit", card.kit());
        Position place = card.place().position();
        row(
                rows,
                "card.place",
                phrases.say(
                        "card.place.words",
                        lengths.say(place.distanceM()),
                        figures.whole(place.angleDeg()),
                        figures.whole(place.sideDeg()),
                        figures.whole(place.raisedDeg())));
        row(
                rows,
                "card.pop",
                card.place().popFilterM().isPresent()
                        ? phrases.say(
                                "card.pop.at",
                                lengths.say(card.place().popFilterM().getAsDouble()))
                        : phrases.say("card.pop.none"));
        for (GainCard.Knob knob : card.knobs()) {
            rows.add(new PrintedTable.Row(List.of(phrases.say("card.knob", knob.name()), knob.position())));
        }
        GainCard.Levels levels = card.levels();
        row(rows, "card.school", phrases.say("school." + levels.school().name().toLowerCase(Locale.ROOT)));
        row(
                rows,
                "card.floor",
                phrases.say("card.floor.words", figures.tenths(levels.floorDbfs()), figures.tenths(levels.floorDbA())));
        row(rows, "card.average", dbfs(levels.averageDbfs()));
        row(rows, "card.loudest", dbfs(levels.loudestPeakDbfs()));
        levels.excitedPeakDbfs().ifPresent(p -> row(rows, "card.excited", dbfs(p)));
        row(rows, "card.octaves", octaves(levels.floorOctavesDbfs()));
        card.photo().ifPresent(p -> row(rows, "card.photo", p));
        if (!card.note().isBlank()) {
            row(rows, "card.note", card.note());
        }
        return new PrintedTable(
                phrases.say("card.title", card.voice()),
                phrases.say("card.line", when(card), card.kit()),
                List.of(phrases.say("card.what"), phrases.say("card.how")),
                rows);
    }

    private void row(List<PrintedTable.Row> rows, String key, String words) {
        rows.add(new PrintedTable.Row(List.of(phrases.say(key), words)));
    }

    private String input(GainCard.Input input) {
        return input.simulated() ? phrases.say("card.input.simulated", input.name()) : input.name();
    }

    private String dbfs(double level) {
        return phrases.say("unit.dbfs", figures.tenths(level));
    }

    private String octaves(List<Double> levels) {
        StringBuilder all = new StringBuilder();
        for (int b = 0; b < levels.size(); b++) {
            all.append(all.isEmpty() ? "" : ", ")
                    .append(OctaveBands.OCTAVES.name(b))
                    .append(" Hz ")
                    .append(figures.whole(levels.get(b)));
        }
        return all.toString();
    }

    /** What has moved since, one sentence. */
    public String moved(GainCard card, List<Moved> moved) {
        return phrases.say(moved.isEmpty() ? "moved.none" : "moved.some", when(card));
    }

    public String moved(Moved one) {
        String key = "moved." + one.kind().id();
        return switch (one.kind()) {
            case INPUT, RATE -> phrases.say(key);
            case HUM -> phrases.say(key, figures.tenths(one.amount()));
            case ANGLE -> phrases.say(key, figures.whole(Math.abs(one.amount())));
            case DISTANCE ->
                phrases.say(key + (one.amount() > 0 ? ".more" : ".less"), lengths.say(Math.abs(one.amount())));
            default ->
                phrases.say(key + (one.amount() > 0 ? ".more" : ".less"), figures.tenths(Math.abs(one.amount())));
        };
    }
}
