package app.redlamp.desktop.brief;

import app.redlamp.core.planning.plan.ProductionPlan;
import app.redlamp.desktop.bench.Desk;
import app.redlamp.desktop.bench.Overlay;
import app.redlamp.desktop.control.BookStrip;
import app.redlamp.desktop.control.EveningsView;
import app.redlamp.desktop.gradual.Gradual;
import app.redlamp.desktop.gradual.OneAtATime;
import app.redlamp.desktop.gradual.Steps;
import app.redlamp.desktop.production.Planned;
import app.redlamp.desktop.specification.SpecificationEditor;
import app.redlamp.desktop.station.Doors;
import app.redlamp.desktop.station.StationParts;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The bench of the Brief station: the book, the evenings, and a desk with what they depend on. */
final class BriefView {
    private final StationParts<BriefStation.Models> parts;
    private final BriefPictures pictures;
    private final OneAtATime place = new OneAtATime();
    private final StackPane page = new StackPane(place);
    private final BookStrip book = new BookStrip();
    private final Label bookLine = line("book-line");
    private final Label chapterLine = line("chapter-line");
    private final EveningsView evenings = new EveningsView();
    private final Label dayLine = line("day-line");
    private final Supplier<List<Path>> recent;
    private Optional<VBox> bench = Optional.empty();
    private Optional<Desk<Planned>> desk = Optional.empty();
    private Optional<Overlay> overlay = Optional.empty();
    private boolean starting;
    private boolean opening;

    /** @param recent productions that were open before */
    BriefView(StationParts<BriefStation.Models> parts, Supplier<List<Path>> recent) {
        this.parts = parts;
        this.recent = recent;
        pictures = new BriefPictures(parts.strings(), parts.words().plans());
        book.setId("book");
        evenings.setId("evenings");
        book.onSelect(i -> parts.models().brief().script().selected().set(i));
        parts.models().brief().script().selected().addListener((o, was, now) -> showBook());
        evenings.onTurn(day -> parts.models().brief().turnDay(day.date()));
        evenings.onChoose(day -> parts.models().brief().planned().ifPresent(p -> showDay(p, day.date())));
        showStart();
    }

    Node node() {
        return page;
    }

    /** The bench, while a production is waited for. */
    Optional<Node> behind() {
        if (parts.models().brief().planned().isPresent()) {
            return Optional.empty();
        }
        place.keep(bench());
        return Optional.of(bench());
    }

    /** Whether something lies over the bench that takes the keys. */
    boolean covered() {
        return overlay.isPresent() || starting || page.getChildren().size() > 1;
    }

    /** Shows where to start a production, in place of the bench. */
    void showStart() {
        starting = true;
        overlay = Optional.empty();
        StartPane start = new StartPane(parts, recent.get(), parts.doors().home());
        page.getChildren().retainAll(place);
        place.show(start);
        start.addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE
                    && parts.models().brief().planned().isPresent()) {
                e.consume();
                close();
            }
        });
    }

    void focusStart() {
        place.shown()
                .filter(StartPane.class::isInstance)
                .map(StartPane.class::cast)
                .ifPresent(StartPane::focus);
    }

    /** What lay over the bench is gone. */
    private void opened() {
        overlay = Optional.empty();
        starting = false;
        page.getChildren().retainAll(place);
        place.show(bench());
        place.clear();
    }

    void show(Planned planned) {
        if (opening) {
            draw();
            return;
        }
        desk.ifPresent(d -> d.show(planned));
        overlay.ifPresent(Overlay::refresh);
        showEvenings(planned);
        showBook();
    }

    /** Another production was opened: what lay over the bench is gone, and the bench is drawn step by step. */
    void showOpened() {
        opened();
        opening = true;
        draw();
    }

    private void draw() {
        Steps.take(page, this::showBook, () -> parts.models().brief().planned().ifPresent(this::showEvenings), () -> {
            parts.models().brief().planned().ifPresent(p -> desk.ifPresent(d -> d.show(p)));
            opening = false;
        });
    }

    private void showEvenings(Planned planned) {
        ProductionPlan plan = planned.plan();
        evenings.show(Optional.of(pictures.evenings(plan)));
        evenings.setAccessibleText(parts.words().plans().summary(plan));
        showDay(planned, parts.models().brief().openProduction().today());
    }

    private void showBook() {
        parts.models().brief().planned().ifPresent(planned -> {
            ProductionPlan plan = planned.plan();
            int at = parts.models().brief().script().selected().get();
            book.show(pictures.book(plan), at);
            int count = plan.pieces().size();
            bookLine.setText(
                    count == 0
                            ? parts.strings().say("book.empty")
                            : parts.strings()
                                    .say(
                                            plan.words() > 0 ? "book.line" : "book.line.spoken",
                                            parts.words()
                                                    .plans()
                                                    .pieces(
                                                            planned.production()
                                                                    .brief()
                                                                    .kind(),
                                                            count),
                                            parts.words().plans().whole(plan.words()),
                                            parts.words().plans().seconds(plan.finishedS())));
            boolean chosen = at >= 0 && at < count;
            chapterLine.setText(
                    chosen
                            ? parts.strings()
                                    .say(
                                            plan.counts().get(at).words() > 0 ? "book.chapter" : "book.chapter.spoken",
                                            at + 1,
                                            planned.production()
                                                    .pieces()
                                                    .get(at)
                                                    .title(),
                                            parts.words()
                                                    .plans()
                                                    .whole(plan.counts().get(at).words()),
                                            Math.round(
                                                    100 * plan.counts().get(at).dialogueShare()),
                                            parts.words()
                                                    .plans()
                                                    .seconds(plan.pieces()
                                                            .get(at)
                                                            .finishedS()))
                            : parts.strings().say("book.hint"));
        });
    }

    private void showDay(Planned planned, LocalDate day) {
        dayLine.setText(pictures.about(planned.plan(), day));
    }

    private VBox bench() {
        if (bench.isEmpty()) {
            bench = Optional.of(build());
        }
        return bench.get();
    }

    private VBox build() {
        Desk<Planned> made =
                new Desk<>(parts.bench(), sheets(), parts.models().brief().fault());
        made.setId("brief-desk");
        desk = Optional.of(made);
        VBox bookPart = Gradual.fill(
                new VBox(),
                head(
                        "book.heading",
                        bookLine,
                        parts.bench().button("chapters-open", "book.chapters", this::openChapters),
                        parts.bench().button("words-open-pane", "book.words", this::openWords),
                        parts.bench().button("script-bring", "book.bring", this::bring),
                        parts.bench().button("script-paste", "book.paste", this::openPaste)),
                book,
                chapterLine);
        bookPart.getStyleClass().add("brief-part");
        VBox eveningsPart = Gradual.fill(new VBox(), head("evenings.heading", dayLine), evenings);
        eveningsPart.getStyleClass().add("brief-part");
        VBox.setVgrow(evenings, Priority.ALWAYS);
        VBox.setVgrow(eveningsPart, Priority.ALWAYS);
        VBox all = Gradual.fill(new VBox(), bookPart, eveningsPart, made);
        all.getStyleClass().addAll("bench", "brief-bench");
        return all;
    }

    private Map<String, Supplier<Desk.Sheet<Planned>>> sheets() {
        Map<String, Supplier<Desk.Sheet<Planned>>> sheets = new LinkedHashMap<>();
        sheets.put("order", () -> new OrderPane(parts, this::openMail, this::editOrder));
        sheets.put("days", () -> new DaysPane(parts));
        sheets.put("job", () -> new JobPane(parts));
        sheets.put("money", () -> new MoneyPane(parts));
        return sheets;
    }

    private HBox head(String heading, Label line, Node... tools) {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(parts.bench().heading(heading), line, gap);
        head.getChildren().addAll(tools);
        head.getStyleClass().add("docket-header");
        return head;
    }

    void openDesk(String sheet) {
        if (!covered()) {
            desk.ifPresent(d -> d.open(sheet));
        }
    }

    void openChapters() {
        cover(close -> new ChaptersPane(parts, close));
    }

    void openWords() {
        cover(close -> new WordsPane(parts, close));
    }

    void openMail() {
        cover(close -> new MailPane(parts, close));
    }

    void openPaste() {
        cover(close -> new PastePane(parts, close));
    }

    void bring() {
        if (parts.models().brief().planned().isPresent()) {
            parts.doors()
                    .open(Doors.Kind.SCRIPT)
                    .ifPresent(parts.models().brief().script()::bring);
        }
    }

    void editOrder() {
        if (covered() || parts.models().brief().planned().isEmpty()) {
            return;
        }
        SpecificationEditor editor = new SpecificationEditor(
                parts.models().brief().editOrder(),
                parts.models().brief()::keepOrder,
                parts.strings(),
                parts.bench().glossary(),
                this::close);
        page.getChildren().add(editor);
        editor.focus();
    }

    private void cover(Function<Runnable, Overlay> maker) {
        if (covered() || parts.models().brief().planned().isEmpty()) {
            return;
        }
        Overlay made = maker.apply(this::close);
        overlay = Optional.of(made);
        page.getChildren().add(made);
        made.begin();
    }

    private void close() {
        opened();
        book.requestFocus();
        parts.models().brief().planned().ifPresent(this::show);
    }

    private static Label line(String id) {
        Label label = new Label();
        label.setId(id);
        label.getStyleClass().add("secondary");
        label.setMinWidth(0);
        return label;
    }
}
