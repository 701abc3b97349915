package app.redlamp.desktop.gradual;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

@ExtendWith(ApplicationExtension.class)
class StepsTest {
    private final OneAtATime place = new OneAtATime();
    private final List<String> done = new ArrayList<>();
    private Label seen;
    private Label hidden;

    @Start
    void start(Stage stage) {
        seen = new Label("seen");
        hidden = new Label("hidden");
        place.show(seen);
        place.keep(hidden);
        stage.setScene(new Scene(new StackPane(place), 300, 200));
        stage.show();
    }

    private Runnable step(String name) {
        return () -> done.add(name);
    }

    private void until(int steps) throws Exception {
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> WaitForAsyncUtils.waitForAsyncFx(10_000, done::size) >= steps);
    }

    @Test
    void theFirstAtOnceAndTheOthersWithPicturesOfTheirOwn(FxRobot robot) throws Exception {
        robot.interact(() -> {
            Steps.take(seen, step("a"), step("b"), step("c"));
            assertThat(done).containsExactly("a");
        });
        until(3);
        assertThat(done).containsExactly("a", "b", "c");
    }

    @Test
    void whatNobodySeesWaitsUntilItIsSeen(FxRobot robot) {
        robot.interact(() -> {
            Steps.take(hidden, step("a"), step("b"));
            assertThat(done).isEmpty();
            Piecemeal.under(hidden).orElseThrow().next();
            assertThat(done).containsExactly("a");
            place.show(hidden);
            assertThat(done).containsExactly("a", "b");
        });
    }

    @Test
    void otherStepsTakeThePlaceOfWhatWasLeft(FxRobot robot) throws Exception {
        robot.interact(() -> {
            Steps.take(seen, step("a"), step("b"));
            Steps.take(seen, step("c"), step("d"));
        });
        until(3);
        assertThat(done).containsExactly("a", "c", "d");
    }

    /** Who asks before it begins is answered by it; who asks in the middle of it, by another time. */
    @Test
    void nothingThatWasAskedIsLost(FxRobot robot) throws Exception {
        robot.interact(() -> {
            Steps.later(hidden, step("read"), step("show"));
            Steps.later(hidden, step("read"), step("show"));
            Piecemeal under = Piecemeal.under(hidden).orElseThrow();
            under.next();
            under.next();
            assertThat(done).containsExactly("read");
            Steps.later(hidden, step("read"), step("show"));
            place.show(hidden);
            assertThat(done).containsExactly("read", "show", "read", "show");
            assertThat(Piecemeal.under(hidden)).isEmpty();
        });
    }
}
