package app.redlamp.desktop.gradual;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

@ExtendWith(ApplicationExtension.class)
class GradualTest {
    private final StackPane root = new StackPane();
    private final OneAtATime hidden = new OneAtATime();

    @Start
    void start(Stage stage) {
        root.getChildren().add(hidden);
        stage.setScene(new Scene(root, 300, 200));
        stage.show();
    }

    private static VBox nested() {
        VBox inner = Gradual.fill(new VBox(), new Label("b"), new Label("c"));
        return Gradual.fill(new VBox(), new Label("a"), new ScrollPane(inner));
    }

    @Test
    void outOfSightAPieceAtATime(FxRobot robot) {
        robot.interact(() -> {
            VBox column = nested();
            hidden.keep(column);
            assertThat(column.getChildren()).isEmpty();
            assertThat(Piecemeal.whole(root)).as("what is seen").isTrue();
            int pieces = 0;
            while (Piecemeal.under(column).isPresent()) {
                Piecemeal.under(column).orElseThrow().next();
                pieces++;
            }
            assertThat(pieces).isEqualTo(4);
            assertThat(column.getChildren()).hasSize(2);
            assertThat(inner(column).getChildren()).hasSize(2);
        });
    }

    @Test
    void whatIsSeenIsWhole(FxRobot robot) {
        robot.interact(() -> {
            VBox column = nested();
            root.getChildren().add(column);
            assertThat(column.getChildren()).hasSize(2);
            assertThat(inner(column).getChildren()).hasSize(2);
        });
    }

    /** Halfway, somebody looks: the rest comes at once, in its order, and nothing twice. */
    @Test
    void whatWasBegunIsFinished(FxRobot robot) {
        robot.interact(() -> {
            VBox column = nested();
            hidden.keep(column);
            Piecemeal.under(column).orElseThrow().next();
            hidden.show(column);
            assertThat(Sight.seen(column)).isTrue();
            assertThat(column.getChildren()).hasSize(2);
            assertThat(((Label) column.getChildren().get(0)).getText()).isEqualTo("a");
            assertThat(inner(column).getChildren()).hasSize(2);
        });
    }

    private static VBox inner(VBox column) {
        return (VBox) ((ScrollPane) column.getChildren().get(1)).getContent();
    }
}
