package app.redlamp.desktop.app;

import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.redlamp.core.port.Settings;
import app.redlamp.core.print.PrintedTable;
import app.redlamp.desktop.gradual.Sight;
import app.redlamp.desktop.look.Look;
import app.redlamp.desktop.station.StationId;
import app.redlamp.media.play.SilentOutput;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Queue;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import javafx.application.Platform;
import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.DragEvent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.robot.Robot;
import javafx.stage.Stage;
import org.testfx.api.FxRobot;
import org.testfx.service.query.NodeQuery;
import org.testfx.util.WaitForAsyncUtils;

/** The real application in a real window for a test, with settings of its own and the silent stand-in. */
final class Window {
    private static final long PATIENCE_S = 120;
    private static final int LAID_OUT = 2;
    private static final long KEYS_COME_WITHIN_S = 5;

    final Wiring wiring;
    final List<Path> shownFolders = new ArrayList<>();
    final List<Settings.Values> saved = new ArrayList<>();
    /** How many times faster than a real one the simulated booth is. */
    private static final int HASTE = 40;

    private static final Path LIBRARIES = DemoRecordings.passing("redlamp-libraries-");

    final List<String> copied = new ArrayList<>();
    final List<PrintedTable> printed = new ArrayList<>();
    int chooserOpened;
    int left;
    final Path rescued = library();
    Path chosenFile;
    Path chosenFolder;
    Path chosenCalendar;
    final Queue<Path> chosenRecordings = new ArrayDeque<>();

    /** Shows the application; call on the interface thread. */
    Window(Stage stage, SilentOutput.Pace pace) {
        Look.loadFonts();
        Clock clock = Clock.fixed(Instant.parse("2026-02-16T17:00:00Z"), ZoneOffset.UTC);
        Settings settings = new Settings() {
            @Override
            public Values load() {
                return Values.DEFAULT;
            }

            @Override
            public void save(Values values) {
                saved.add(values);
            }
        };
        wiring = new Wiring(
                StandIns.ports(settings, new MeasuredOnce(), rescued, pace, HASTE, clock),
                Locale.ENGLISH,
                Platform::runLater,
                new TestDoors());
        stage.setMaximized(false);
        stage.setScene(wiring.scene());
        stage.setWidth(Wiring.WIDTH);
        stage.setHeight(Wiring.HEIGHT);
        stage.show();
        stage.toFront();
    }

    /** What a person would choose was chosen beforehand, and what goes out is kept to be looked at. */
    private final class TestDoors extends ClosedDoors {
        private final Path library = library();

        @Override
        public Path home() {
            return library;
        }

        @Override
        public Optional<Path> open(Kind kind) {
            return Optional.ofNullable(kind == Kind.RECORDING ? chosenRecordings.poll() : chosenFile);
        }

        @Override
        public List<Path> openSeveral(Kind kind) {
            chooserOpened++;
            return List.of();
        }

        @Override
        public Optional<Path> save(Kind kind) {
            return Optional.ofNullable(kind == Kind.CALENDAR ? chosenCalendar : null);
        }

        @Override
        public Optional<Path> folder() {
            return Optional.ofNullable(chosenFolder);
        }

        @Override
        public void print(PrintedTable table) {
            printed.add(table);
        }

        @Override
        public void copy(String text) {
            copied.add(text);
        }

        @Override
        public void show(Path folder) {
            shownFolders.add(folder);
        }

        @Override
        public void leave() {
            left++;
        }
    }

    /** What is seen of that name: stations that are not open have the same. */
    static NodeQuery find(FxRobot robot, String query) {
        return robot.lookup(query).match((Predicate<Node>) Sight::seen);
    }

    /** Presses a button, without the mouse. */
    void fire(FxRobot robot, String id) {
        robot.interact(() -> find(robot, id).queryAs(ButtonBase.class).fire());
        settle();
    }

    /** Pushes keys together and lets them go. Without a monitor they need no way through a window system, and no waiting for it. */
    void push(FxRobot robot, KeyCode... keys) {
        if (System.getProperty("glass.platform", "").equals("Monocle")) {
            look(() -> {
                Robot hand = new Robot();
                for (KeyCode key : keys) {
                    hand.keyPress(key);
                }
                for (int i = keys.length - 1; i >= 0; i--) {
                    hand.keyRelease(keys[i]);
                }
                return true;
            });
        } else {
            pushThroughTheSystem(robot, keys);
        }
        settle();
    }

    /** A busy window system brings keys late: what follows waits until the last one has been let go here too. */
    private void pushThroughTheSystem(FxRobot robot, KeyCode... keys) {
        CountDownLatch arrived = new CountDownLatch(1);
        EventHandler<KeyEvent> watch = e -> {
            if (e.getCode() == keys[0]) {
                arrived.countDown();
            }
        };
        robot.interact(() -> wiring.scene().addEventFilter(KeyEvent.KEY_RELEASED, watch));
        robot.push(keys);
        try {
            // What has a window of its own, such as an open list, may keep it to itself.
            arrived.await(KEYS_COME_WITHIN_S, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new AssertionError("interrupted", e);
        } finally {
            robot.interact(() -> wiring.scene().removeEventFilter(KeyEvent.KEY_RELEASED, watch));
        }
    }

    /** Writes into a field and commits it. */
    void write(FxRobot robot, String id, String text) {
        robot.interact(() -> {
            TextInputControl field = find(robot, id).queryAs(TextInputControl.class);
            field.requestFocus();
            field.setText(text);
        });
        push(robot, KeyCode.ENTER);
    }

    /** Drops files on the window, as a file manager would. */
    void drop(FxRobot robot, List<Path> files) {
        Dragboard board = mock(Dragboard.class);
        when(board.getFiles()).thenReturn(files.stream().map(Path::toFile).toList());
        DragEvent event = mock(DragEvent.class);
        when(event.getDragboard()).thenReturn(board);
        robot.interact(() -> find(robot, ".page").query().getOnDragDropped().handle(event));
        settle();
    }

    /** What a label or button says, with plain spaces. */
    static String text(FxRobot robot, String query) {
        return look(() -> find(robot, query).queryAs(Labeled.class).getText()).replace('\u00a0', ' ');
    }

    /** What stands beside the recordings in the docket, from the top. */
    static List<String> notes(FxRobot robot) {
        return look(() -> find(robot, ".docket-note").queryAllAs(Label.class).stream()
                .filter(l -> l.getScene() != null && l.getParent().getParent().isVisible())
                .sorted(Comparator.comparingDouble(
                        l -> l.localToScene(l.getBoundsInLocal()).getMinY()))
                .map(Label::getText)
                .toList());
    }

    /** Builds the demo recordings in a folder. */
    static List<Path> demo(Path folder) throws IOException {
        return DemoRecordings.in(folder);
    }

    void open(List<Path> files) {
        Platform.runLater(() -> {
            wiring.go(StationId.DELIVER);
            wiring.deliver().open(files);
        });
        settle();
    }

    /** Waits until no job runs and everything that follows from it has been shown and laid out. */
    void settle() {
        drawn();
        until(() -> wiring.jobs().running().isEmpty());
        drawn();
        until(wiring::drawn);
    }

    /** Waits until what was asked of the interface thread is done, and has been laid out twice. */
    private void drawn() {
        for (int i = 0; i < LAID_OUT; i++) {
            CountDownLatch laidOut = new CountDownLatch(1);
            Platform.runLater(() -> {
                Scene scene = wiring.scene();
                Runnable listener = new Runnable() {
                    @Override
                    public void run() {
                        scene.removePostLayoutPulseListener(this);
                        Platform.runLater(laidOut::countDown);
                    }
                };
                scene.addPostLayoutPulseListener(listener);
                Platform.requestNextPulse();
            });
            try {
                if (!laidOut.await(PATIENCE_S, TimeUnit.SECONDS)) {
                    throw new AssertionError("nothing was drawn");
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new AssertionError("interrupted", e);
            }
        }
    }

    /** Looks at the window on its own thread, where nothing changes meanwhile. */
    static <T> T look(Callable<T> question) {
        return WaitForAsyncUtils.waitForAsyncFx(60_000, question);
    }

    /** Waits for something, however long it takes within reason. */
    static void until(BooleanSupplier condition) {
        try {
            WaitForAsyncUtils.waitFor(
                    PATIENCE_S,
                    TimeUnit.SECONDS,
                    () -> WaitForAsyncUtils.waitForAsyncFx(10_000, condition::getAsBoolean));
        } catch (TimeoutException e) {
            throw new AssertionError("waited in vain", e);
        }
    }

    /** A library that is empty and goes with the process. */
    private static Path library() {
        try {
            return Files.createTempDirectory(LIBRARIES, "library-");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
