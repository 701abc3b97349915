package app.redlamp.desktop.kit;

import app.redlamp.core.chain.choose.Candidate;
import app.redlamp.core.chain.choose.Candidates;
import app.redlamp.core.chain.choose.School;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.RoomGuess;
import app.redlamp.desktop.bench.Choice;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.StationParts;
import app.redlamp.words.Figures;
import java.util.List;
import java.util.function.Function;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The best kit of each sort for this job in this room, and what the schools would say. */
final class ChoiceTable extends VBox {
    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");
    private static final PseudoClass FIRST = PseudoClass.getPseudoClass("first");

    private final StationParts<KitStation.Models> parts;
    private final Runnable taken;
    private final GridPane grid = new GridPane();
    private final VBox schools = new VBox();
    private final Label room = Parts.wrapped("", "secondary");
    private final Node guess;
    /** Held here, because the model only knows it weakly: panes come and go. */
    private final InvalidationListener told = o -> show();

    /** @param taken told when a kit was taken */
    ChoiceTable(StationParts<KitStation.Models> parts, Runnable taken) {
        this.parts = parts;
        this.taken = taken;
        grid.getStyleClass().addAll("room-grid", "choice-grid");
        grid.setId("choice-grid");
        schools.getStyleClass().add("kit-schools");
        schools.setId("choice-schools");
        ColumnConstraints why = new ColumnConstraints();
        why.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints().addAll(new ColumnConstraints(), why);
        guess = guess();
        VBox all = new VBox(room, guess, grid, schools);
        all.getStyleClass().add("kit-choice");
        ScrollPane page = new ScrollPane(all);
        page.setFitToWidth(true);
        page.getStyleClass().add("desk-page");
        VBox.setVgrow(page, Priority.ALWAYS);
        VBox.setVgrow(this, Priority.ALWAYS);
        getChildren().add(page);
        parts.models().kit().candidates().addListener(new WeakInvalidationListener(told));
        parts.models().kit().need().addListener(new WeakInvalidationListener(told));
        show();
    }

    /** The three quick questions, for as long as no room is drawn. */
    private Node guess() {
        return Parts.wrapping(
                parts.bench().name("guess.size", ""),
                choice(
                        "guess-size",
                        "guess.size",
                        RoomGuess.Size.values(),
                        s -> s.id(),
                        RoomGuess::size,
                        RoomGuess::sized),
                parts.bench().name("guess.softness", ""),
                choice(
                        "guess-softness",
                        "guess.softness",
                        RoomGuess.Softness.values(),
                        s -> s.id(),
                        RoomGuess::softness,
                        RoomGuess::lined),
                parts.bench().name("guess.quiet", ""),
                choice(
                        "guess-quiet",
                        "guess.quiet",
                        RoomGuess.Quiet.values(),
                        s -> s.id(),
                        RoomGuess::quiet,
                        RoomGuess::at));
    }

    private interface Answer<E> {
        RoomGuess of(RoomGuess guess, E answer);
    }

    private <E> Choice<E> choice(
            String id, String key, E[] all, Function<E, String> ids, Function<RoomGuess, E> shown, Answer<E> answer) {
        return new Choice<>(
                id,
                parts.say(key),
                List.of(all),
                e -> parts.say("guess." + ids.apply(e)),
                () -> shown.apply(parts.models().kit().kits().guess()),
                e -> parts.models().kit().change("edit.guess", k -> k.guessing(answer.of(k.guess(), e))));
    }

    private void show() {
        boolean drawn = parts.models().kit().openProduction().production().get() != null
                && parts.models()
                        .kit()
                        .openProduction()
                        .production()
                        .get()
                        .spots()
                        .current()
                        .isPresent();
        guess.setVisible(!drawn);
        guess.setManaged(!drawn);
        Need need = parts.models().kit().need().get();
        Candidates candidates = parts.models().kit().candidates().get();
        grid.getChildren().clear();
        schools.getChildren().clear();
        if (need == null) {
            room.setText(parts.say("kit.counting"));
            return;
        }
        room.setText(parts.say(
                drawn ? "choice.room" : "choice.guess",
                parts.bench().figures().whole(need.room().noise().dbA()),
                parts.bench().figures().hundredths(need.room().decayS()),
                need.voices(),
                parts.bench().figures().whole(need.finishing().wantedSnrDb())));
        if (candidates == null) {
            return;
        }
        rows(candidates, need);
        for (School school : School.of(candidates, need)) {
            schools.getChildren()
                    .addAll(
                            Parts.label(parts.say("school." + school.question().id()), "room-title"),
                            Parts.wrapped(parts.words().choices().schoolSays(school, true, need), "order-value"),
                            Parts.wrapped(parts.words().choices().schoolSays(school, false, need), "order-value"),
                            Parts.wrapped(parts.words().choices().side(school, need), "order-quote"));
        }
    }

    private void rows(Candidates candidates, Need need) {
        String[] heads = {
            "choice.sort",
            "choice.why",
            "choice.snr",
            "choice.headroom",
            "choice.clarity",
            "choice.price",
            "choice.perdb",
            "choice.growth"
        };
        for (int c = 0; c < heads.length; c++) {
            grid.add(parts.bench().name(heads[c], c == 4 ? "clarity" : ""), c, 0);
        }
        Candidate cheapest = candidates.best().stream()
                .min((a, b) -> Double.compare(a.cost(), b.cost()))
                .orElseThrow();
        int row = 1;
        for (Candidate candidate : candidates.best()) {
            row(row++, candidate, cheapest, need);
        }
    }

    private void row(int row, Candidate c, Candidate cheapest, Need need) {
        Figures figures = parts.bench().figures();
        Label family = Parts.label(parts.words().choices().family(c.family()), "order-name");
        family.setMinWidth(Region.USE_PREF_SIZE);
        family.pseudoClassStateChanged(FIRST, row == 1);
        VBox why = new VBox(
                Parts.wrapped(
                        parts.say(
                                "choice.kit",
                                c.kit().name(),
                                parts.words()
                                        .chains()
                                        .pattern(c.microphone().capsule().pattern())),
                        "order-source"),
                Parts.wrapped(parts.words().choices().reason(c, need), "order-value"));
        why.setAlignment(Pos.CENTER_LEFT);
        grid.addRow(
                row,
                family,
                why,
                figure(figures.whole(c.path().snrDb()), c.lacks().signalToNoiseDb() > 0),
                figure(figures.whole(c.path().headroomDb()), c.lacks().headroomDb() > 0),
                figure(figures.whole(c.path().clarityDb()), c.lacks().clarityDb() > 0),
                figure(parts.bench().plain(c.cost()), !c.within(need)),
                figure(parts.words().choices().perDecibel(c, cheapest), false),
                later(c),
                parts.bench().button("take-" + c.family().id(), "choice.take", () -> take(c.kit())));
    }

    private VBox later(Candidate c) {
        Label growth = Parts.label(parts.words().choices().growth(c), "order-source");
        growth.setMinWidth(Region.USE_PREF_SIZE);
        VBox box = new VBox(growth, Parts.label(parts.words().choices().effort(c), "order-source"));
        box.setAlignment(Pos.CENTER_LEFT);
        return box;
    }

    private static Label figure(String text, boolean wrong) {
        Label label = Parts.label(text, "treat-figure");
        label.setMinWidth(Region.USE_PREF_SIZE);
        label.pseudoClassStateChanged(OVER, wrong);
        return label;
    }

    /** A kit of its own name; what is numbered gets names that can be changed. */
    private void take(Kit made) {
        Kit named = made;
        for (int i = 0; i < made.seats().size(); i++) {
            named = named.with(i, named.seats().get(i).called(parts.say("parts.voice.new", i + 1)));
        }
        Kit kit = named.as(safe(made.id()));
        parts.models().kit().change("edit.kit", k -> k.with(kit));
        taken.run();
    }

    private static String safe(String id) {
        String plain = id.replaceAll("[^a-z0-9-]", "-");
        return plain.substring(0, Math.min(56, plain.length()));
    }
}
