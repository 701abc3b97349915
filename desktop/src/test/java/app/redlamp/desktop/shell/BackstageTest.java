package app.redlamp.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.redlamp.desktop.gradual.Gradual;
import app.redlamp.desktop.gradual.OneAtATime;
import app.redlamp.desktop.gradual.Sight;
import app.redlamp.desktop.station.Station;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

@ExtendWith(ApplicationExtension.class)
class BackstageTest {
    private final OneAtATime benches = new OneAtATime();
    private final OneAtATime readings = new OneAtATime();
    private boolean idle = true;

    @Start
    void start(Stage stage) {
        stage.setScene(new Scene(new HBox(benches, readings), 300, 200));
        stage.show();
    }

    private static Station station(Node bench) {
        return station(bench, new SimpleBooleanProperty(true));
    }

    private static Station station(Node bench, SimpleBooleanProperty stale) {
        Station station = mock(Station.class);
        when(station.bench()).thenReturn(bench);
        when(station.reading()).thenReturn(new Label("reading"));
        when(station.stale()).thenReturn(stale);
        doAnswer(i -> {
                    stale.set(false);
                    return null;
                })
                .when(station)
                .attend();
        return station;
    }

    private static int pieces(Backstage backstage) {
        int pieces = 0;
        while (!backstage.done()) {
            backstage.piece();
            pieces++;
        }
        return pieces;
    }

    @Test
    void everyStationIsMadeReadyAndLeftAlone(FxRobot robot) {
        VBox bench = new VBox();
        robot.interact(() -> {
            Gradual.fill(bench, new Label("a"), new Label("b"));
            Station one = station(bench);
            Station two = station(new Label("another"));
            Backstage backstage = new Backstage(List.of(one, two), benches, readings, () -> idle);
            backstage.begin();
            int pieces = pieces(backstage);
            verify(one).attend();
            verify(two).attend();
            // Attended, reading, bench, two parts, left; attended, reading, bench, left.
            assertThat(pieces).isEqualTo(10);
            assertThat(bench.getChildren()).hasSize(2);
            assertThat(Sight.hidden(bench)).isTrue();
        });
    }

    /** Opened while it was made ready: it stays where it is. */
    @Test
    void aStationThatIsOpenedMeanwhileIsLetGo(FxRobot robot) {
        robot.interact(() -> {
            Label bench = new Label("bench");
            Backstage backstage = new Backstage(List.of(station(bench)), benches, readings, () -> idle);
            backstage.begin();
            backstage.piece();
            backstage.piece();
            benches.show(bench);
            backstage.piece();
            assertThat(backstage.done()).isTrue();
            assertThat(Sight.seen(bench)).isTrue();
        });
    }

    /** What changes while nobody looks is drawn again, and laid out again. */
    @Test
    void whatChangesUnseenIsMadeReadyAgain(FxRobot robot) {
        robot.interact(() -> {
            SimpleBooleanProperty stale = new SimpleBooleanProperty(true);
            Station one = station(new Label("bench"), stale);
            Backstage backstage = new Backstage(List.of(one), benches, readings, () -> idle);
            backstage.begin();
            assertThat(pieces(backstage)).isEqualTo(4);
            stale.set(true);
            assertThat(backstage.done()).isFalse();
            // Attended, left: it is where it was.
            assertThat(pieces(backstage)).isEqualTo(2);
            verify(one, times(2)).attend();
        });
    }

    /** Another theme: what nobody sees is put in again piece by piece, and what is seen stays. */
    @Test
    void whatNobodySeesIsStyledAgainPieceByPiece(FxRobot robot) {
        robot.interact(() -> {
            Label open = new Label("open");
            Label bench = new Label("bench");
            Station seen = station(open, new SimpleBooleanProperty(false));
            Station one = station(bench);
            benches.show(open);
            Backstage backstage = new Backstage(List.of(seen, one), benches, readings, () -> idle);
            backstage.begin();
            pieces(backstage);
            backstage.again();
            assertThat(bench.getParent()).isNull();
            assertThat(backstage.done()).isFalse();
            // Begun, reading, bench, left.
            assertThat(pieces(backstage)).isEqualTo(4);
            assertThat(bench.getParent()).isEqualTo(benches);
            assertThat(Sight.seen(open)).isTrue();
        });
    }

    /** What will stand in place of a bench that is seen is made ready behind it, once. */
    @Test
    void whatComesNextIsMadeReadyBehindWhatIsSeen(FxRobot robot) {
        robot.interact(() -> {
            Label start = new Label("start");
            VBox behind = new VBox();
            Gradual.fill(behind, new Label("a"), new Label("b"));
            Station one = station(start, new SimpleBooleanProperty(false));
            when(one.behind()).thenReturn(Optional.of(behind));
            benches.show(start);
            benches.keep(behind);
            Backstage backstage = new Backstage(List.of(one), benches, readings, () -> idle);
            backstage.begin();
            // Attended, two parts, left.
            assertThat(pieces(backstage)).isEqualTo(4);
            assertThat(behind.getChildren()).hasSize(2);
            assertThat(Sight.seen(start)).isTrue();
            assertThat(backstage.done()).isTrue();
        });
    }
}
