package app.redlamp.desktop.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import javafx.event.Event;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Terms of the trade are explained where the pointer comes to them. */
@ExtendWith(ApplicationExtension.class)
class GlossaryTest {
    private final Strings strings = new Strings(Locale.ENGLISH);
    private final Glossary glossary = new Glossary(strings);
    private Label node;

    @Start
    void start(Stage stage) {
        node = new Label("Loudness");
        stage.setScene(new Scene(new StackPane(node), 300, 200));
        stage.show();
    }

    @Test
    void thePointerFindsTheMeaning(FxRobot robot) {
        robot.interact(() -> glossary.explain(node, "specification"));
        assertThat(node.getAccessibleHelp()).isEqualTo(strings.say("glossary.specification"));
        assertThat(node.getProperties().get(Tooltip.class)).isNull();
        assertThat(entered(robot).getText()).isEqualTo(strings.say("glossary.specification"));
    }

    @Test
    void aNewMeaningReplacesTheOldOne(FxRobot robot) {
        robot.interact(() -> glossary.explain(node, "specification"));
        Tooltip first = entered(robot);
        robot.interact(() -> glossary.explain(node, "dBTP-peak"));
        assertThat(entered(robot)).isSameAs(first);
        assertThat(first.getText()).isEqualTo(strings.say("glossary.dBTP-peak"));
    }

    @Test
    void anUnknownTermLeavesTheNodeAlone(FxRobot robot) {
        robot.interact(() -> glossary.explain(node, "no such term"));
        assertThat(node.getAccessibleHelp()).isNull();
        assertThat(node.getProperties()).doesNotContainKey(Glossary.class);
    }

    private Tooltip entered(FxRobot robot) {
        robot.interact(() -> Event.fireEvent(
                node,
                new MouseEvent(
                        MouseEvent.MOUSE_ENTERED,
                        1,
                        1,
                        1,
                        1,
                        MouseButton.NONE,
                        0,
                        false,
                        false,
                        false,
                        false,
                        false,
                        false,
                        false,
                        false,
                        false,
                        true,
                        null)));
        return (Tooltip) node.getProperties().get(Tooltip.class);
    }
}
