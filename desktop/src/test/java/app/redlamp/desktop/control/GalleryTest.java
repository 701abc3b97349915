package app.redlamp.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.measure.analysis.Outline;
import app.redlamp.core.signal.LevelHistogram;
import app.redlamp.core.units.Limits;
import app.redlamp.core.verdict.FigureId;
import app.redlamp.desktop.look.Glossary;
import app.redlamp.desktop.look.Look;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.look.Theme;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** Draws every control in each of its states, in both themes: each state looks different from all others. */
@ExtendWith(ApplicationExtension.class)
class GalleryTest {
    private final StackPane wall = new StackPane();
    private Scene scene;

    @Start
    void start(Stage stage) {
        Look.loadFonts();
        wall.getStyleClass().add("page-root");
        scene = new Scene(wall, 640, 400);
        stage.setScene(scene);
        stage.show();
    }

    @ParameterizedTest
    @EnumSource(Theme.class)
    void everyStateLooksDifferent(Theme theme, FxRobot robot) {
        robot.interact(() -> Look.dress(scene, theme, 100));
        assertDifferent(
                robot,
                "lamp",
                Arrays.stream(LampState.values())
                        .map(s -> (Drawing) () -> lamp(s))
                        .toList());
        assertDifferent(robot, "big lamp", List.of(() -> bigLamp(true), () -> bigLamp(false)));
        assertDifferent(
                robot,
                "window bar",
                List.of(
                        () -> bar(-20, OptionalDouble.empty(), false),
                        () -> bar(-28, OptionalDouble.empty(), false),
                        () -> bar(-12, OptionalDouble.empty(), false),
                        () -> bar(-28, OptionalDouble.empty(), true),
                        () -> bar(-20, OptionalDouble.of(-26), false),
                        WindowBar::new));
        assertDifferent(
                robot,
                "skyline",
                List.of(
                        () -> skyline(List.of(), OptionalDouble.empty()),
                        () -> skyline(List.of(0.5), OptionalDouble.empty()),
                        () -> skyline(List.of(), OptionalDouble.of(0.25)),
                        Skyline::new));
        assertDifferent(
                robot,
                "hills",
                List.of(
                        () -> hills(OptionalDouble.empty(), false, true),
                        () -> hills(OptionalDouble.of(7), false, true),
                        () -> hills(OptionalDouble.of(7), true, true),
                        () -> hills(OptionalDouble.of(-7), false, true),
                        () -> hills(OptionalDouble.empty(), false, false),
                        Hills::new));
        assertDifferent(robot, "reading", List.of(() -> reading(true), () -> reading(false)));
    }

    /** States of a lamp must differ in shape: as grey pictures too, with only drawn and not drawn left. */
    @ParameterizedTest
    @EnumSource(Theme.class)
    void lampsDifferWithoutColour(Theme theme, FxRobot robot) {
        robot.interact(() -> Look.dress(scene, theme, 100));
        Map<String, Integer> shapes = new HashMap<>();
        for (LampState state : LampState.values()) {
            int[] pixels = picture(robot, () -> lamp(state));
            int ground = pixels[0];
            StringBuilder shape = new StringBuilder();
            for (int pixel : pixels) {
                shape.append(pixel == ground ? ' ' : '#');
            }
            shapes.merge(shape.toString(), 1, Integer::sum);
        }
        assertThat(shapes).hasSize(LampState.values().length);
    }

    private interface Drawing {
        Region draw();
    }

    private void assertDifferent(FxRobot robot, String control, List<Drawing> states) {
        Map<Integer, Integer> seen = new HashMap<>();
        for (int i = 0; i < states.size(); i++) {
            int[] pixels = picture(robot, states.get(i));
            assertThat(seen.put(Arrays.hashCode(pixels), i))
                    .as(control + ", state " + i)
                    .isNull();
        }
    }

    private int[] picture(FxRobot robot, Drawing drawing) {
        int[][] result = new int[1][];
        robot.interact(() -> {
            Region node = drawing.draw();
            wall.getChildren().setAll((Node) node);
            wall.applyCss();
            wall.layout();
            WritableImage image = wall.snapshot(null, null);
            int width = (int) image.getWidth();
            int height = (int) image.getHeight();
            result[0] = new int[width * height];
            image.getPixelReader()
                    .getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), result[0], 0, width);
        });
        return result[0];
    }

    private static Region lamp(LampState state) {
        LampGlyph glyph = new LampGlyph();
        glyph.setState(state);
        return glyph;
    }

    private static Region bigLamp(boolean lit) {
        BigLamp lamp = new BigLamp();
        lamp.show(lit, "Clear to send", "all inside");
        return lamp;
    }

    private static Region bar(double value, OptionalDouble before, boolean hopeless) {
        WindowBar bar = new WindowBar();
        bar.show(Optional.of(Gauge.ofDecibels(Limits.between(-23, -18), OptionalDouble.of(value), before)), hopeless);
        return bar;
    }

    private static Region skyline(List<Double> flags, OptionalDouble hand) {
        Skyline skyline = new Skyline();
        float[] squares = new float[500];
        for (int i = 0; i < squares.length; i++) {
            squares[i] = (float) Math.pow(Math.sin(i / 30.0), 2) * 0.05f;
        }
        skyline.show(Optional.of(Outline.of(squares)), flags);
        skyline.playAt(hand);
        return skyline;
    }

    private static Region hills(OptionalDouble shift, boolean broken, boolean limits) {
        Hills hills = new Hills();
        hills.show(
                Optional.of(new HillsPicture(
                        LevelHistogram.of(-62, -61, -60, -60.5, -61.5),
                        LevelHistogram.of(-25, -24, -22, -21, -23, -30, -26),
                        shift,
                        limits ? Optional.of(Limits.between(-23, -18)) : Optional.empty(),
                        limits ? OptionalDouble.of(-60) : OptionalDouble.empty(),
                        broken,
                        new HillsPicture.Words(
                                "noise",
                                "voice",
                                "loudness",
                                "floor",
                                "+7 dB",
                                "after",
                                List.of("−90", "−80", "0 dBFS")))),
                "nothing");
        return hills;
    }

    private static Region reading(boolean full) {
        ReadingColumn column = new ReadingColumn(new Glossary(new Strings(Locale.ENGLISH)));
        column.show(
                full
                        ? Reading.plain(
                                "All is well.",
                                List.of(new Reading.Figure(FigureId.KIT_SNR, "RMS", "−20 dBFS", "dBFS")),
                                "Next",
                                List.of(new Reading.Help("Do this", "because of that", Optional.empty())),
                                Optional.of(new Reading.Action("go", "Go", () -> {})),
                                List.of("Take care."),
                                "A source.")
                        : Reading.plain("Nothing.", List.of(), "", List.of(), Optional.empty(), List.of(), ""));
        return column;
    }
}
