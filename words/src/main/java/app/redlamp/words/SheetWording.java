package app.redlamp.words;

import app.redlamp.core.chain.compare.MicrophoneComparison;
import app.redlamp.core.chain.datasheet.DataSheetItem;
import app.redlamp.core.chain.datasheet.Doubt;
import app.redlamp.core.chain.datasheet.Entry;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Explains data sheets, and says which of two microphones is better by its takes. */
public final class SheetWording {
    private static final double LITTLE_DB = 0.5;

    private final Phrases phrases;
    private final Figures figures;

    public SheetWording(Figures figures) {
        this.figures = figures;
        phrases = new Phrases("place", figures.locale());
    }

    public String item(DataSheetItem item) {
        return phrases.say("item." + item.id());
    }

    /** "20.0 mV/Pa". */
    public String value(Entry entry) {
        return value(entry.item(), entry.value());
    }

    private String value(DataSheetItem item, double value) {
        String number = switch (item) {
            case OUTPUT_IMPEDANCE, INPUT_IMPEDANCE, HEADPHONE_IMPEDANCE, SOCKET_IMPEDANCE, BITS -> figures.whole(value);
            case WEIGHT, SOCKET_LEVEL -> figures.hundredths(value);
            default -> figures.tenths(value);
        };
        return phrases.say("value", number, item.unit());
    }

    public String how(Entry entry) {
        return phrases.say("how." + entry.how().id());
    }

    public String doubt(Doubt doubt) {
        return phrases.say(
                "doubt." + doubt.kind().id(),
                value(doubt.item(), doubt.value()),
                value(doubt.item(), doubt.other()),
                item(doubt.item()));
    }

    /** What was not said and how wide the answer becomes. */
    public String assumed(List<DataSheetItem> items, double spreadDb) {
        if (items.isEmpty()) {
            return phrases.say("assumed.none");
        }
        List<String> names =
                items.stream().map(i -> item(i).toLowerCase(Locale.ROOT)).toList();
        if (items.contains(DataSheetItem.HEADPHONE_IMPEDANCE) || items.contains(DataSheetItem.HEADPHONE_SENSITIVITY)) {
            return phrases.say("assumed.headphones", String.join(", ", names));
        }
        return spreadDb < LITTLE_DB
                ? phrases.say("assumed.little", String.join(", ", names))
                : phrases.say("assumed", String.join(", ", names), figures.tenths(spreadDb / 2));
    }

    public String nothing() {
        return phrases.say("sheet.none");
    }

    /** Which of two takes is better and by what, one sentence. */
    public String versus(MicrophoneComparison comparison, String first, String second) {
        List<String> forFirst = new ArrayList<>();
        List<String> forSecond = new ArrayList<>();
        for (MicrophoneComparison.Point point : MicrophoneComparison.Point.values()) {
            double better = comparison.better(point).orElse(0);
            if (better != 0) {
                String key = "point." + point.name().toLowerCase(Locale.ROOT);
                (better > 0 ? forFirst : forSecond).add(phrases.say(key, figures.whole(Math.abs(better))));
            }
        }
        if (forFirst.isEmpty() && forSecond.isEmpty()) {
            return phrases.say("versus.same");
        }
        if (forFirst.isEmpty() || forSecond.isEmpty()) {
            return phrases.say(
                    "versus.better",
                    forSecond.isEmpty() ? first : second,
                    String.join(", ", forSecond.isEmpty() ? forFirst : forSecond));
        }
        return phrases.say("versus.mixed", first, String.join(", ", forFirst), second, String.join(", ", forSecond));
    }
}
