package app.redlamp.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.measure.analysis.Outline;
import app.redlamp.desktop.look.Look;
import app.redlamp.desktop.look.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Two hours at the hands of a user: what is in view, what it shows, what a press tells. */
@ExtendWith(ApplicationExtension.class)
class LongSkylineTest {
    private static final double TWO_HOURS = 7200;
    private static final double FLAG_S = 3600;

    private final LongSkyline skyline = new LongSkyline();
    private final List<Double> heard = new ArrayList<>();

    @Start
    void start(Stage stage) {
        Look.loadFonts();
        skyline.setMinSize(852, 300);
        skyline.setMaxSize(852, 300);
        StackPane wall = new StackPane(skyline);
        wall.getStyleClass().add("page-root");
        Scene scene = new Scene(wall, 852, 300);
        Look.dress(scene, Theme.DUSK, 100);
        stage.setScene(scene);
        stage.show();
        skyline.onSpot(heard::add);
        skyline.show(Optional.of(twoHours()), "nothing", atS -> String.valueOf(Math.round(atS)));
    }

    /** A minute of voice, ten seconds of pause, over and over. */
    private static Course twoHours() {
        float[] squares = new float[(int) (TWO_HOURS * 100)];
        List<Course.Span> pauses = new ArrayList<>();
        for (int i = 0; i < squares.length; i++) {
            squares[i] = i / 100 % 70 < 60 ? 0.01f : 1e-6f;
        }
        for (int s = 60; s < TWO_HOURS; s += 70) {
            pauses.add(new Course.Span(s, s + 10));
        }
        return new Course(Outline.of(squares), pauses, List.of(new Course.Flag(FLAG_S, "plosive")));
    }

    @Test
    void keysZoomAndScroll(FxRobot robot) {
        robot.interact(skyline::requestFocus);
        assertThat(skyline.window().isWhole()).isTrue();
        robot.push(KeyCode.UP).push(KeyCode.UP).push(KeyCode.UP);
        assertThat(skyline.window().lengthS()).isCloseTo(TWO_HOURS * 0.512, within(1e-6));
        double from = skyline.window().fromS();
        robot.push(KeyCode.RIGHT);
        assertThat(skyline.window().fromS()).isGreaterThan(from);
        robot.push(KeyCode.HOME);
        assertThat(skyline.window().fromS()).isZero();
        robot.push(KeyCode.END);
        assertThat(skyline.window().toS()).isEqualTo(TWO_HOURS);
        for (int i = 0; i < 10; i++) {
            robot.push(KeyCode.DOWN);
        }
        assertThat(skyline.window().isWhole()).isTrue();
    }

    @Test
    void wheelScrollsAndZoomsAtThePointer(FxRobot robot) {
        robot.interact(() -> wheel(40 * 20, true));
        TimeWindow close = skyline.window();
        assertThat(close.lengthS()).isLessThan(TWO_HOURS / 50);
        assertThat(close.holds(TWO_HOURS / 4)).isTrue();
        robot.interact(() -> wheel(-40, false));
        assertThat(skyline.window().fromS()).isGreaterThan(close.fromS());
    }

    @Test
    void aPressTellsThePlaceAndAPressBelowMovesThere(FxRobot robot) {
        press(robot, 0.25, 90);
        assertThat(heard.get(0)).isCloseTo(TWO_HOURS / 4, within(100.0));
        robot.interact(() -> wheel(40 * 20, true));
        press(robot, 0.5, 285);
        assertThat(skyline.window().holds(FLAG_S)).isTrue();
        assertThat(heard).hasSize(1);
        assertThat(texts()).contains("plosive");
    }

    /** The flag is a thousandth of the width away: what is heard is the flag, to the sample. */
    @Test
    void aPressNearAFlagMeansTheFlag(FxRobot robot) {
        press(robot, 0.504, 90);
        assertThat(heard).containsExactly(FLAG_S);
    }

    @Test
    void pausesHaveTheColourOfNoiseWhereTheyCanBeSeen(FxRobot robot) {
        int far = hills("hills-noise");
        assertThat(far).isPositive();
        robot.interact(() -> wheel(40 * 18, true));
        // The large picture shows two pauses now; the small one that has come shows all of them.
        assertThat(hills("hills-noise")).isEqualTo(far + 2);
    }

    @Test
    void saysWhyThereIsNothing(FxRobot robot) {
        robot.interact(() -> skyline.show(Optional.empty(), "not measured", atS -> ""));
        assertThat(texts()).containsExactly("not measured");
        press(robot, 0.5, 90);
        assertThat(heard).isEmpty();
    }

    @Test
    void whatPlaysStaysInView(FxRobot robot) {
        robot.interact(() -> wheel(40 * 20, true));
        robot.interact(() -> skyline.playAt(OptionalDouble.of(6000)));
        assertThat(skyline.window().holds(6000)).isTrue();
        assertThat(drawn(Line.class, "skyline-hand")).hasSize(1);
        robot.interact(() -> skyline.playAt(OptionalDouble.empty()));
        assertThat(drawn(Line.class, "skyline-hand")).isEmpty();
    }

    /** Presses at a share of the width; where that is on the screen is asked on the interface thread. */
    private void press(FxRobot robot, double share, double y) {
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn(WaitForAsyncUtils.waitForAsyncFx(
                10_000, () -> skyline.localToScreen(40 + share * (852 - 52), y)));
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Turns the wheel over the first quarter of the width. */
    private void wheel(double turn, boolean zoom) {
        Point2D at = skyline.localToScene(40 + (852 - 52) / 4.0, 100);
        skyline.fireEvent(new ScrollEvent(
                ScrollEvent.SCROLL,
                at.getX(),
                at.getY(),
                at.getX(),
                at.getY(),
                false,
                zoom,
                false,
                false,
                false,
                false,
                0,
                turn,
                0,
                turn,
                ScrollEvent.HorizontalTextScrollUnits.NONE,
                0,
                ScrollEvent.VerticalTextScrollUnits.NONE,
                0,
                0,
                null));
        skyline.layout();
    }

    private List<String> texts() {
        return drawn(Text.class, "hills-note").stream()
                .map(n -> ((Text) n).getText())
                .toList();
    }

    private int hills(String styleClass) {
        return drawn(Polygon.class, styleClass).size();
    }

    private List<Node> drawn(Class<?> type, String styleClass) {
        WaitForAsyncUtils.waitForFxEvents();
        return WaitForAsyncUtils.waitForAsyncFx(10_000, () -> {
            skyline.layout();
            return skyline.lookupAll("." + styleClass).stream()
                    .filter(n ->
                            type.isInstance(n) && n.isVisible() && n.getParent().isVisible())
                    .toList();
        });
    }
}
