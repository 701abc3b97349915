package app.redlamp.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** The pictures of a room, each by itself. */
@ExtendWith(ApplicationExtension.class)
class RoomControlsTest {
    private final List<String> moves = new ArrayList<>();
    private final List<WeekView.Chosen> halfHours = new ArrayList<>();
    private final List<Integer> rows = new ArrayList<>();
    private RoomPlanView plan;
    private WeekView week;
    private NightView night;
    private BandsView bands;

    @Start
    void start(Stage stage) {
        plan = new RoomPlanView();
        plan.show(Optional.of(new RoomPlan(
                2,
                2,
                List.of(new RoomPlan.Shape("desk", "desk", RoomPlan.Look.THING, 0.5, 0.2, 1, 0.4)),
                List.of(new RoomPlan.Ray(0, 1, "6 ms", false, 0.2)),
                1,
                1.2,
                1,
                1,
                "@reader",
                "@microphone",
                List.of(new RoomPlan.Note("a noise with a name that is far too long", "always", "20 dB(A)", true)),
                "1 m",
                1)));
        plan.onMoves(new RoomPlanView.Moves() {
            @Override
            public void select(String id) {
                moves.add("select " + id);
                plan.select(id);
            }

            @Override
            public void drag(String id, double x, double y) {
                moves.add(String.format(java.util.Locale.ROOT, "drag %s %.2f %.2f", id, x, y));
            }

            @Override
            public void drop() {
                moves.add("drop");
            }

            @Override
            public void remove() {
                moves.add("remove");
            }
        });
        week = new WeekView();
        List<Double> steps = new ArrayList<>(Collections.nCopies(336, 0.0));
        Collections.fill(steps.subList(8, 16), 1.0);
        week.show(Optional.of(new WeekView.Week(
                List.of("Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"),
                steps,
                List.of(new WeekView.Frame(1, 40, 46)))));
        week.onChoose(halfHours::add);
        night = new NightView();
        night.show(Optional.of(new NightView.Night(
                List.of(-70.0, -60.0, -70.0),
                List.of(-68.0, -55.0, -69.0),
                -71,
                180,
                List.of(
                        new NightView.Row("1", List.of(new NightView.Bar(60, 120))),
                        new NightView.Row("2", List.of(new NightView.Bar(0, 0.4)))),
                List.of("22:00", "22:03"))));
        night.onChoose(rows::add);
        bands = new BandsView();
        stage.setScene(new Scene(new VBox(plan, week, night, bands), 700, 760));
        stage.show();
    }

    @Test
    void thePlanIsWorkedWithKeys(FxRobot robot) {
        robot.interact(plan::requestFocus);
        robot.push(KeyCode.PAGE_DOWN).push(KeyCode.PAGE_DOWN).push(KeyCode.PAGE_DOWN);
        robot.push(KeyCode.RIGHT).push(KeyCode.SHIFT, KeyCode.UP).push(KeyCode.DELETE);

        assertThat(moves)
                .containsExactly(
                        "select @reader",
                        "select @microphone",
                        "select desk",
                        "drag desk 0.55 0.20",
                        "drop",
                        "drag desk 0.50 0.19",
                        "drop",
                        "remove");
    }

    @Test
    void theWeekIsWorkedWithKeysAndStaysInTheWeek(FxRobot robot) {
        robot.interact(week::requestFocus);
        robot.push(KeyCode.RIGHT).push(KeyCode.DOWN).push(KeyCode.UP).push(KeyCode.UP);

        assertThat(halfHours)
                .containsExactly(new WeekView.Chosen(0, 0), new WeekView.Chosen(1, 0), new WeekView.Chosen(0, 0));
    }

    /** Eight loud half hours are one piece; each day without them is another. */
    @Test
    void halfHoursThatAreAlikeAreOnePiece(FxRobot robot) {
        List<Rectangle> cells = robot.lookup(".week-cell").queryAllAs(Rectangle.class).stream()
                .filter(Rectangle::isVisible)
                .toList();

        assertThat(cells).hasSize(3 + 6);
        assertThat(robot.lookup(".week-quiet").queryAll()).hasSize(1);
    }

    @Test
    void aThingOfTheNightIsChosen(FxRobot robot) {
        robot.interact(night::requestFocus);
        robot.push(KeyCode.DOWN).push(KeyCode.DOWN).push(KeyCode.UP);

        assertThat(rows).containsExactly(1, 0);
        assertThat(robot.lookup(".night-bar").queryAllAs(Rectangle.class))
                .allSatisfy(bar -> assertThat(bar.getWidth()).isGreaterThanOrEqualTo(3));
    }

    @Test
    void aLongNameIsShortenedBesideThePlan(FxRobot robot) {
        assertThat(robot.lookup(".plan-note").queryAs(Text.class).getText())
                .endsWith("…")
                .hasSizeLessThanOrEqualTo(23);
    }

    @Test
    void theScaleOfTheBandsHoldsTheLongest(FxRobot robot) {
        BandsView.Bands six = new BandsView.Bands(
                List.of("125", "250", "500", "1k", "2k", "4k"),
                List.of(0.2, 0.4, 0.6, 0.8, Double.NaN, 0.3),
                List.of(),
                List.of(0.5, 0.4, 0.3, 0.25, 0.25, 0.25),
                List.of("", "", "", "", "", ""),
                Collections.nCopies(6, false));
        robot.interact(() -> {
            bands.show(Optional.of(six));
            bands.layout();
        });

        assertThat(six.highest()).isCloseTo(0.8 * 1.12, within(1e-9));
        assertThat(robot.lookup(".bands-over").queryAll()).hasSize(3);
        assertThat(robot.lookup(".bands-now").queryAll()).hasSize(2);
    }
}
