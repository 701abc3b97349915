package app.redlamp.desktop.deliver;

import app.redlamp.core.text.Wording;
import app.redlamp.desktop.control.Hills;
import app.redlamp.desktop.look.Strings;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The lower half of the bench: the hills of the selected recording, its name, and the button that plays it. */
final class HillsPanel extends VBox {
    private static final double LEAST_HEIGHT = 130;

    private final Strings strings;
    private final DeliverPicture picture;
    private final PlayButton play;
    private final Hills hills = new Hills();
    private final Label title = new Label();
    private DocketRow shownRow;
    private RowStatus shownStatus;
    private boolean drawn;

    HillsPanel(Strings strings, Wording wording, PlayModel player) {
        this.strings = strings;
        picture = new DeliverPicture(strings, wording);
        play = new PlayButton(player, strings, wording.figures());
        title.getStyleClass().add("heading");
        title.setMinWidth(0);
        Label line = new Label(strings.say("hills.line"));
        line.getStyleClass().add("secondary");
        line.setMinWidth(0);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(title, line, gap, play);
        head.getStyleClass().add("docket-header");
        hills.setId("hills");
        VBox.setVgrow(hills, Priority.ALWAYS);
        getChildren().addAll(head, hills);
        getStyleClass().add("hills-panel");
        setMinHeight(LEAST_HEIGHT);
        VBox.setVgrow(this, Priority.ALWAYS);
    }

    /** Shows a recording; null for none. */
    void show(DocketRow row) {
        RowStatus status = row == null ? null : row.status().get();
        if (drawn && row == shownRow && status == shownStatus) {
            return;
        }
        drawn = true;
        shownRow = row;
        shownStatus = status;
        play.follow(row);
        title.setText(row == null ? "" : row.title());
        hills.show(status == null ? Optional.empty() : picture.of(status), strings.say("hills.nothing"));
        hills.setAccessibleText(row == null ? "" : strings.say("hills.accessible", row.title()));
    }
}
