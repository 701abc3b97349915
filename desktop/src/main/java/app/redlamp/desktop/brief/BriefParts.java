package app.redlamp.desktop.brief;

import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.look.Glossary;
import app.redlamp.desktop.look.Strings;
import app.redlamp.words.Figures;
import app.redlamp.words.OrderWording;
import app.redlamp.words.PlanWording;
import java.util.Locale;
import javafx.scene.control.Button;
import javafx.scene.control.Label;

/** What every part of the bench needs. */
record BriefParts(BriefModel model, Parts bench, PlanWording plans, OrderWording orders, BriefStation.Doors doors) {

    static BriefParts of(BriefModel model, Strings strings, Locale locale, BriefStation.Doors doors) {
        return new BriefParts(
                model, Parts.of(strings, locale), new PlanWording(locale), new OrderWording(locale), doors);
    }

    Strings strings() {
        return bench.strings();
    }

    Figures figures() {
        return bench.figures();
    }

    Glossary glossary() {
        return bench.glossary();
    }

    Label heading(String key) {
        return bench.heading(key);
    }

    Label name(String key, String term) {
        return bench.name(key, term);
    }

    Button button(String id, String key, Runnable action) {
        return bench.button(id, key, action);
    }

    double number(String written) {
        return bench.number(written);
    }

    String plain(double value) {
        return bench.plain(value);
    }
}
