package app.redlamp.desktop.deliver;

import app.redlamp.desktop.gradual.Sight;
import app.redlamp.desktop.look.Glossary;
import app.redlamp.desktop.look.Soon;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.specification.SpecificationEditor;
import app.redlamp.desktop.station.StationParts;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.collections.ListChangeListener;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The bench of the Deliver station: what is delivered against, and the recordings. */
final class DeliverView {
    private final StationParts<DeliverStation.Models> parts;
    private final DeliverModel model;
    private final Strings strings;
    private final Glossary glossary;
    private final SpecificationMenu specification;
    private final VBox bench = new VBox();
    private final StackPane page = new StackPane(bench);
    private final VBox nothing;
    private RecordingsPane recordings;

    DeliverView(StationParts<DeliverStation.Models> parts) {
        this.parts = parts;
        model = parts.models().deliver();
        strings = parts.strings();
        glossary = parts.bench().glossary();
        specification = new SpecificationMenu(model, strings);
        bench.getStyleClass().add("bench");
        nothing = empty();
        bench.getChildren().addAll(header(), nothing);
        model.rows().addListener((ListChangeListener<DocketRow>) c -> {
            if (Sight.seen(page)) {
                showRows();
            }
        });
        Soon refresh = new Soon(this::refresh);
        model.changes().addListener((o, was, now) -> refresh.ask());
        model.selected().addListener((o, was, now) -> refresh());
    }

    Node node() {
        return page;
    }

    /** The list of recordings; absent while there is none. */
    Optional<Node> docket() {
        return Optional.ofNullable(recordings).map(RecordingsPane::list);
    }

    void focusSpecification() {
        specification.requestFocus();
        specification.show();
    }

    /** Opens the editor in place of docket and hills; it goes when saved or cancelled. */
    void editSpecification() {
        if (editing()) {
            return;
        }
        SpecificationEditor editor = new SpecificationEditor(model.edit(), model::choose, strings, glossary, () -> {
            page.getChildren().setAll(bench);
            if (recordings != null) {
                recordings.docket().focus();
            }
        });
        page.getChildren().add(editor);
        editor.focus();
    }

    /** Whether the editor lies over the bench. */
    boolean editing() {
        return page.getChildren().size() > 1;
    }

    /** The selected recording's picture; empty as long as there was none. */
    Optional<SelectedPanel> selected() {
        return Optional.ofNullable(recordings).map(RecordingsPane::selected);
    }

    /** Docket and picture are built when there is a recording for them: the first window need not wait for them. */
    void showRows() {
        if (!model.rows().isEmpty() && recordings == null) {
            recordings = new RecordingsPane(parts);
            recordings.refresh();
        }
        Node wanted = model.rows().isEmpty() ? nothing : recordings;
        // Put there again, it would be styled again with every result that arrives.
        if (!bench.getChildren().get(1).equals(wanted)) {
            bench.getChildren().set(1, wanted);
        }
    }

    private VBox empty() {
        Label first = new Label(strings.say("docket.empty"));
        first.getStyleClass().add("docket-empty-title");
        VBox empty = new VBox(first, new Label(strings.say("docket.empty.detail")));
        empty.getStyleClass().add("docket-empty");
        VBox.setVgrow(empty, Priority.ALWAYS);
        return empty;
    }

    private HBox header() {
        Label name = new Label(strings.say("docket.name"));
        name.getStyleClass().add("heading");
        glossary.explain(specification, "specification");
        Button edit = new Button(strings.say("specification.edit"));
        edit.setId("edit-specification");
        edit.getStyleClass().add("quiet");
        edit.setOnAction(e -> editSpecification());
        glossary.explain(edit, "specification");
        Button sheet = new Button(strings.say("sheet.write"));
        sheet.setId("write-sheet");
        sheet.getStyleClass().add("quiet");
        sheet.setOnAction(e -> new DeliverFiles(parts).report());
        sheet.disableProperty().bind(Bindings.isEmpty(model.rows()));
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        HBox header = new HBox(name, new Label(strings.say("docket.against")), specification, edit, between, sheet);
        header.getStyleClass().add("docket-header");
        return header;
    }

    private void refresh() {
        if (recordings != null) {
            recordings.refresh();
        }
    }
}
