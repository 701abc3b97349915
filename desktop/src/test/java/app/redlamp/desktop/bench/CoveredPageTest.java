package app.redlamp.desktop.bench;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.desktop.look.Strings;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

@ExtendWith(ApplicationExtension.class)
class CoveredPageTest {
    private final Parts parts = Parts.of(new Strings(Locale.ENGLISH), Locale.ENGLISH);
    private final List<String> told = new ArrayList<>();
    /** Made when the toolkit has begun: whichever test is the first. */
    private Button bench;

    private final IntegerProperty followed = new SimpleIntegerProperty();
    private CoveredPage page;

    /** Something that counts what it is told. */
    private final class Sheet extends Overlay {
        private final Label label = new Label("sheet");

        Sheet(Runnable close) {
            super(parts, "versus.heading", close);
            getChildren().add(label);
            follow(followed);
        }

        @Override
        public void begin() {
            told.add("begin");
            lookup("#overlay-close").requestFocus();
        }

        @Override
        public void refresh() {
            told.add("refresh " + followed.get());
        }
    }

    @Start
    void start(Stage stage) {
        bench = new Button("bench");
        page = new CoveredPage(
                () -> {
                    told.add("bench");
                    return bench;
                },
                () -> told.add("uncovered"));
        stage.setScene(new Scene(page, 500, 300));
        stage.show();
        stage.toFront();
    }

    @Test
    void anOverlayLiesOverTheBenchUntilItIsClosed(FxRobot robot) {
        robot.interact(() -> {
            page.showBench();
            page.cover(Sheet::new);
        });
        assertThat(page.covered()).isTrue();
        assertThat(page.getChildren()).hasSize(2);
        robot.interact(page::showBench);
        robot.push(KeyCode.ESCAPE);
        assertThat(page.covered()).isFalse();
        assertThat(page.getChildren()).containsExactly(bench);
        assertThat(told).containsExactly("bench", "begin", "refresh 0", "bench", "uncovered");
    }

    @Test
    void anOverlayFollowsWhatItShows(FxRobot robot) {
        robot.interact(() -> {
            page.showBench();
            page.cover(Sheet::new);
            followed.set(7);
            followed.set(8);
        });
        assertThat(told).endsWith("refresh 7", "refresh 8");
    }

    @Test
    void thereIsOneOverlayAtATimeAndNoneOverSomethingElse(FxRobot robot) {
        Label other = new Label("nothing yet");
        robot.interact(() -> {
            page.showBench();
            page.cover(Sheet::new);
            page.cover(Sheet::new);
        });
        assertThat(page.getChildren()).hasSize(2);
        robot.interact(() -> page.showInstead(other));
        assertThat(page.overlay()).isEmpty();
        assertThat(page.getChildren()).containsExactly(other);
    }

    /** A change that is shown does not take the bench out of its scene: it would be styled from the beginning. */
    @Test
    void aBenchThatIsShownStaysWhereItIs(FxRobot robot) {
        robot.interact(() -> {
            page.showBench();
            List<Scene> scenes = new ArrayList<>();
            bench.sceneProperty().addListener((o, was, now) -> scenes.add(now));
            page.showBench();
            page.showBench();
            assertThat(scenes).isEmpty();
            page.showInstead(new Label("instead"));
            page.showBench();
            assertThat(scenes).hasSize(2);
            assertThat(bench.getParent()).isEqualTo(page);
        });
    }
}
