package app.redlamp.desktop.brief;

import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.planning.mail.Proposal;
import app.redlamp.desktop.bench.Overlay;
import app.redlamp.desktop.bench.Parts;
import app.redlamp.desktop.station.StationParts;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The client's mail beside what was understood of it: each figure with its words, and what has to be asked. */
final class MailPane extends Overlay {
    private final StationParts<BriefStation.Models> parts;
    private final TextArea mail = new TextArea();
    private final VBox understood = new VBox();
    private Mail.Understood understoodMail;

    MailPane(StationParts<BriefStation.Models> parts, Runnable close) {
        super(parts.bench(), "mail.heading", close);
        this.parts = parts;
        mail.setId("mail-text");
        mail.setWrapText(true);
        mail.setPromptText(parts.strings().say("mail.prompt"));
        mail.setAccessibleText(parts.strings().say("mail.heading"));
        mail.getStyleClass().add("mail-text");
        understood.getStyleClass().add("mail-understood");
        understood.setId("mail-understood");
        ScrollPane right = new ScrollPane(understood);
        right.setFitToWidth(true);
        right.getStyleClass().add("desk-page");
        HBox halves = new HBox(mail, right);
        halves.getStyleClass().add("mail-halves");
        HBox.setHgrow(right, Priority.ALWAYS);
        mail.setPrefWidth(360);
        mail.setMinWidth(240);
        VBox.setVgrow(halves, Priority.ALWAYS);
        Button take = parts.bench().button("mail-take", "mail.take", () -> {
            parts.models().brief().take(understoodMail.proposal(), understoodMail.text());
            close.run();
        });
        take.getStyleClass().setAll("button", "primary");
        Button ask =
                parts.bench().button("mail-ask", "mail.ask", () -> parts.doors().copy(letter()));
        HBox buttons = Parts.line(take, ask);
        buttons.setAlignment(Pos.CENTER_RIGHT);
        getChildren().addAll(halves, buttons);
        take.setDisable(true);
        Consumer<String> reading = parts.models().brief().reading(u -> {
            show(u);
            take.setDisable(u.text().isEmpty() || !u.text().equals(mail.getText()));
        });
        mail.textProperty().addListener((o, was, now) -> {
            // What is shown belongs to the text before this one.
            take.setDisable(true);
            reading.accept(now);
        });
        mail.setText(parts.models()
                .brief()
                .openProduction()
                .production()
                .get()
                .order()
                .mail());
        reading.accept(mail.getText());
    }

    @Override
    public void begin() {
        mail.requestFocus();
    }

    private void show(Mail.Understood now) {
        understoodMail = now;
        Proposal proposal = now.proposal();
        understood.getChildren().clear();
        if (now.text().isBlank()) {
            understood.getChildren().add(text(parts.strings().say("mail.nothing"), "secondary"));
            return;
        }
        understood
                .getChildren()
                .add(text(
                        parts.strings()
                                .say(
                                        "mail.understood",
                                        proposal.quotes().size(),
                                        proposal.base().name()),
                        "reading-heading"));
        understood.getChildren().add(figures(proposal));
        if (!proposal.questions().isEmpty()) {
            understood
                    .getChildren()
                    .add(text(
                            parts.strings()
                                    .say("mail.questions", proposal.questions().size()),
                            "reading-heading"));
            proposal.questions()
                    .forEach(q -> understood
                            .getChildren()
                            .add(text(parts.words().orders().question(q, proposal.specification()), "mail-question")));
        }
    }

    private GridPane figures(Proposal proposal) {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("order-grid");
        ColumnConstraints last = new ColumnConstraints();
        last.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints().addAll(new ColumnConstraints(88), new ColumnConstraints(150), last);
        int row = 0;
        for (Map.Entry<Asked, String> quote : new TreeMap<>(proposal.quotes()).entrySet()) {
            Asked asked = quote.getKey();
            Label name = new Label(parts.words().orders().name(asked));
            name.getStyleClass().add("order-name");
            Label value = new Label(parts.words().orders().value(asked, proposal.specification()));
            value.setId("mail-" + asked.id());
            value.setWrapText(true);
            value.setMinHeight(Region.USE_PREF_SIZE);
            value.getStyleClass().add("order-value");
            boolean other = asked.differs(proposal.base(), proposal.specification());
            Label words = text(
                    parts.strings()
                            .say(
                                    other ? "mail.quote.other" : "mail.quote",
                                    quote.getValue(),
                                    parts.words().orders().value(asked, proposal.base())),
                    "order-quote");
            grid.addRow(row++, name, value, words);
        }
        return grid;
    }

    /** A mail to the client with what has to be asked. */
    private String letter() {
        if (understoodMail == null) {
            return "";
        }
        Proposal proposal = understoodMail.proposal();
        String asked = proposal.questions().stream()
                .map(q -> "- " + parts.words().orders().mail(q, proposal.specification()))
                .collect(Collectors.joining("\n"));
        return parts.strings().say("mail.letter", asked);
    }

    private static Label text(String words, String style) {
        Label label = new Label(words);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        label.getStyleClass().add(style);
        return label;
    }
}
