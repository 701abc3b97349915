package app.redlamp.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** The pictures of a kit, each by itself. */
@ExtendWith(ApplicationExtension.class)
class KitControlsTest {
    private final List<String> moves = new ArrayList<>();
    private RibbonView ribbon;
    private MicPlaceView place;
    private DistanceBands bands;

    @Start
    void start(Stage stage) {
        ribbon = new RibbonView();
        ribbon.show(Optional.of(new Ribbon(
                List.of(
                        stop("mouth", -55, OptionalDouble.empty(), true, false),
                        stop("capsule", -43, OptionalDouble.of(10), true, false),
                        stop("lead", -43, OptionalDouble.of(-30), false, true),
                        stop("preamp", -20, OptionalDouble.of(0), true, false)),
                -118,
                22,
                "voice",
                "noise",
                "ceiling")));
        ribbon.onMoves(new RibbonView.Moves() {
            @Override
            public void drag(String id, double db) {
                moves.add(String.format(Locale.ROOT, "drag %s %.0f", id, db));
            }

            @Override
            public void drop() {
                moves.add("drop");
            }

            @Override
            public void cancel() {
                moves.add("cancel");
            }

            @Override
            public void step(String id, double steps) {
                moves.add(String.format(Locale.ROOT, "step %s %.1f", id, steps));
            }
        });
        place = new MicPlaceView();
        MicPlace there = new MicPlace(
                0.2,
                20,
                10,
                0,
                OptionalDouble.of(0.1),
                List.of(new MicPlace.Band("near", 0.1, 0.15, false), new MicPlace.Band("hand", 0.15, 0.25, true)),
                0.4,
                false,
                "20 cm",
                "above",
                "beside");
        place.show(Optional.of(there));
        place.onMoves(new MicPlaceView.Moves() {
            @Override
            public void above(double distanceM, double sideDeg) {
                moves.add(String.format(Locale.ROOT, "above %.2f %.0f", distanceM, sideDeg));
            }

            @Override
            public void beside(double distanceM, double raisedDeg) {
                moves.add(String.format(Locale.ROOT, "beside %.2f %.0f", distanceM, raisedDeg));
            }

            @Override
            public void drop() {
                moves.add("drop");
            }
        });
        bands = new DistanceBands();
        bands.show(Optional.of(there));
        ribbon.setPrefSize(800, 260);
        place.setPrefSize(800, 260);
        bands.setPrefSize(500, 180);
        stage.setMaximized(false);
        stage.setScene(new Scene(new VBox(ribbon, place, bands), 820, 720));
        stage.show();
        stage.toFront();
    }

    private static Ribbon.Stop stop(String id, double average, OptionalDouble ceiling, boolean held, boolean clips) {
        return new Ribbon.Stop(
                id,
                id,
                "detail",
                average + 20,
                average,
                average - 50,
                ceiling,
                "50 dB",
                false,
                clips,
                id + ": all levels",
                held);
    }

    private static double middle(Node node) {
        Bounds bounds = node.localToScene(node.getBoundsInLocal());
        return (bounds.getMinX() + bounds.getMaxX()) / 2;
    }

    @Test
    void whatIsHeldIsDraggedUpAndDown(FxRobot robot) {
        robot.interact(() -> {});
        Bounds box = ribbon.localToScreen(ribbon.getBoundsInLocal());
        // The last stop stands 62 pixels before the right edge; 196 pixels of height are 140 dB.
        robot.drag(box.getMaxX() - 62, box.getMinY() + 120).dropTo(box.getMaxX() - 62, box.getMinY() + 106);

        assertThat(moves).contains("drag preamp 10").endsWith("drop");
        assertThat(ribbon.chosen()).isEqualTo("preamp");
        moves.clear();
        // Nothing is held at the lead.
        double lead = box.getMinX() + 62 + (box.getWidth() - 124) * 2 / 3;
        robot.drag(lead, box.getMinY() + 120).dropTo(lead, box.getMinY() + 90);
        assertThat(moves).isEmpty();
    }

    @Test
    void theKeysDoWhatTheMouseDoes(FxRobot robot) {
        robot.interact(ribbon::requestFocus);
        robot.push(KeyCode.UP);
        assertThat(moves).isEmpty();
        robot.push(KeyCode.RIGHT);
        robot.push(KeyCode.RIGHT);
        robot.push(KeyCode.UP);
        robot.push(KeyCode.LEFT);
        robot.push(KeyCode.LEFT);
        robot.push(KeyCode.SHIFT, KeyCode.DOWN);
        assertThat(moves).containsExactly("step capsule 1.0", "step preamp -0.2");
    }

    @Test
    void everyStopIsNamedAndWhatClipsIsMarked(FxRobot robot) {
        robot.interact(() -> {});
        assertThat(ribbon.lookupAll(".ribbon-name").stream()
                        .filter(Node::isVisible)
                        .map(n -> ((Text) n).getText()))
                .containsExactlyInAnyOrder("mouth", "capsule", "lead", "preamp");
        assertThat(ribbon.lookupAll(".ribbon-dot-clips").stream().filter(Node::isVisible))
                .hasSize(1);
        // The ceiling begins where there is one.
        assertThat(middle(ribbon.lookup(".ribbon-ceiling-word")))
                .isLessThan(middle(ribbon.lookupAll(".ribbon-post").stream()
                        .skip(1)
                        .findFirst()
                        .orElseThrow()));
    }

    @Test
    void theMicrophoneIsDraggedInBothViews(FxRobot robot) {
        robot.interact(() -> {});
        Bounds box = place.localToScreen(place.getBoundsInLocal());
        List<Bounds> microphones = place.lookupAll(".plan-microphone").stream()
                .map(n -> n.localToScreen(n.getBoundsInLocal()))
                .toList();
        Bounds above = microphones.get(0);
        robot.drag(above.getMinX() + 6, above.getCenterY()).dropTo(above.getMinX() + 26, above.getCenterY());
        assertThat(moves.get(moves.size() - 2)).startsWith("above 0.2");
        moves.clear();
        Bounds side = microphones.get(1);
        assertThat(side.getMinX()).isGreaterThan(box.getCenterX());
        robot.drag(side.getMinX() + 6, side.getCenterY()).dropTo(side.getMinX() + 6, side.getCenterY() - 40);
        assertThat(moves.get(moves.size() - 2)).startsWith("beside 0.");
        moves.clear();
        robot.push(KeyCode.RIGHT);
        robot.push(KeyCode.UP);
        robot.push(KeyCode.SHIFT, KeyCode.DOWN);
        assertThat(moves).containsExactly("above 0.21 20", "drop", "above 0.20 25", "drop", "beside 0.20 5", "drop");
    }

    @Test
    void theRulerMarksWhereItStands(FxRobot robot) {
        robot.interact(() -> {});
        Rectangle holds = (Rectangle) bands.lookup(".place-band-holds");
        Line marker = (Line) bands.lookup(".place-marker");
        assertThat(marker.getStartX()).isCloseTo(holds.getX() + holds.getWidth() / 2, within(1.0));
        assertThat(bands.lookupAll(".place-band")).hasSize(1);
    }
}
