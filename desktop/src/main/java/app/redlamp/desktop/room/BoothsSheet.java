package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.cabin.Cabin;
import app.redlamp.core.acoustics.cabin.CabinChoice;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.acoustics.spot.Wanted;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.StationParts;
import app.redlamp.words.BoothOfferWording;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Booths to buy beside cloth and wool: what each does about the noise and about the room in the voice, and what a decibel costs. */
final class BoothsSheet extends VBox implements Desk.Sheet<Study> {
    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");

    private static final double NAME = 210;

    private final StationParts<RoomStation.Models> parts;
    private final Consumer<Optional<Cabin>> change;
    private final GridPane grid = new GridPane();
    private final Label verdict = Parts.wrapped("", "order-quote");
    private Optional<Study> study = Optional.empty();

    /** @param change opens an offer to be changed; absent for a new one */
    BoothsSheet(StationParts<RoomStation.Models> parts, Consumer<Optional<Cabin>> change) {
        this.parts = parts;
        this.change = change;
        getStyleClass().add("desk-sheet");
        grid.getStyleClass().add("room-grid");
        verdict.setId("booths-verdict");
        Label care = Parts.wrapped(parts.say("booths.care"), "reading-caution");
        getChildren()
                .addAll(
                        verdict,
                        grid,
                        Parts.wrapped(parts.say("booths.line"), "secondary"),
                        Parts.line(
                                parts.bench().button("booth-add", "booths.add", () -> change.accept(Optional.empty()))),
                        care);
        parts.models().booths().choices().addListener((o, was, now) -> rows());
        parts.models().booths().want();
        rows();
    }

    @Override
    public Region node() {
        return this;
    }

    @Override
    public void show(Study now) {
        study = Optional.of(now);
        rows();
    }

    private void rows() {
        List<CabinChoice> choices = parts.models().booths().choices().get();
        grid.getChildren().clear();
        if (choices.isEmpty() || study.isEmpty()) {
            verdict.setText(parts.say("booths.computing"));
            return;
        }
        BoothOfferWording words = parts.words().boothOffers();
        Wanted wanted = study.get().wanted();
        verdict.setText(words.verdict(choices, wanted));
        int column = 0;
        for (String name : List.of("way", "price", "noise", "less", "hours", "decay", "room", "boom", "air")) {
            grid.add(parts.bench().name("booths." + name, term(name)), column++, 0);
        }
        for (int i = 0; i < choices.size(); i++) {
            row(choices.get(i), choices.get(0), i + 1, words, wanted);
        }
    }

    private static String term(String column) {
        return switch (column) {
            case "decay" -> "decay";
            case "boom" -> "mode";
            default -> "";
        };
    }

    private void row(CabinChoice choice, CabinChoice now, int row, BoothOfferWording words, Wanted wanted) {
        Label name = Parts.wrapped(words.name(choice), "order-value");
        name.setMaxWidth(NAME);
        grid.add(name, 0, row);
        grid.add(figure(words.price(choice), false), 1, row);
        grid.add(figure(words.whole(choice.noiseDbA()), choice.isTooLoud(wanted)), 2, row);
        grid.add(figure(words.noise(choice, now), false), 3, row);
        grid.add(figure(words.whole(choice.quietHours()), false), 4, row);
        grid.add(figure(parts.bench().figures().hundredths(choice.decayS()), choice.ringsTooLong(wanted)), 5, row);
        grid.add(figure(words.room(choice, now), false), 6, row);
        grid.add(figure(parts.bench().figures().whole(choice.boomDb()), choice.booms()), 7, row);
        grid.add(figure(words.air(choice), false), 8, row);
        choice.cabin()
                .ifPresent(c -> grid.add(
                        parts.bench().button("booth-" + c.id(), "booths.change", () -> change.accept(Optional.of(c))),
                        9,
                        row));
    }

    private static Label figure(String text, boolean over) {
        Label label = Parts.label(text, "treat-figure");
        label.pseudoClassStateChanged(OVER, over);
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }
}
