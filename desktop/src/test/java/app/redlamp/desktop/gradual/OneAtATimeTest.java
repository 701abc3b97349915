package app.redlamp.desktop.gradual;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

@ExtendWith(ApplicationExtension.class)
class OneAtATimeTest {
    private final OneAtATime place = new OneAtATime();
    private Button before;
    private Button first;
    private Button second;
    private Button after;

    @Start
    void start(Stage stage) {
        before = new Button("before");
        first = new Button("first");
        second = new Button("second");
        after = new Button("after");
        place.setPrefSize(200, 100);
        place.setMinSize(200, 100);
        stage.setScene(new Scene(new HBox(before, place, after), 400, 200));
        stage.show();
    }

    @Test
    void whatIsKeptIsLaidOutAndNotSeen(FxRobot robot) {
        VBox second = new VBox(new Label("a line"));
        robot.interact(() -> {
            place.show(first);
            place.keep(second);
        });
        robot.interact(() -> second.getScene().getRoot().layout());
        assertThat(second.getWidth()).isEqualTo(200);
        assertThat(second.getChildren().get(0).getLayoutBounds().getWidth()).isGreaterThan(10);
        assertThat(Sight.seen(second)).isFalse();
        assertThat(Sight.hidden(second.getChildren().get(0))).isTrue();
        assertThat(Sight.seen(first)).isTrue();
    }

    /** The tabulator goes past what nobody sees. */
    @Test
    void noKeyReachesWhatIsHidden(FxRobot robot) {
        robot.interact(() -> {
            place.show(first);
            place.show(second);
            before.requestFocus();
        });
        robot.push(KeyCode.TAB);
        assertThat(second.isFocused()).isTrue();
        robot.push(KeyCode.TAB);
        assertThat(after.isFocused()).isTrue();
    }

    @Test
    void shownAgainItIsTheSameAndFits(FxRobot robot) {
        VBox bench = new VBox();
        robot.interact(() -> {
            place.show(bench);
            place.show(first);
            place.setMinSize(250, 120);
            place.show(bench);
        });
        robot.interact(() -> place.getScene().getRoot().layout());
        assertThat(bench.getWidth()).isEqualTo(250);
        assertThat(place.getChildren()).hasSize(2);
        assertThat(place.shown()).contains(bench);
        robot.interact(place::clear);
        assertThat(place.getChildren()).containsExactly(bench);
    }

    @Test
    void comingIntoSightAndLeavingItIsToldOnce(FxRobot robot) {
        List<Boolean> told = new ArrayList<>();
        Label deep = new Label("deep");
        VBox bench = new VBox(deep);
        robot.interact(() -> {
            Sight.follow(deep, told::add);
            place.show(first);
            place.keep(bench);
            assertThat(told).isEmpty();
            place.show(bench);
            place.show(bench);
            assertThat(told).containsExactly(true);
            place.show(first);
            assertThat(told).containsExactly(true, false);
            place.clear();
            place.show(bench);
            assertThat(told).containsExactly(true, false, true);
            place.getChildren().clear();
        });
        assertThat(told).containsExactly(true, false, true, false);
    }
}
