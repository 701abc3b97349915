package app.redlamp.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.redlamp.desktop.bench.Gradual;
import app.redlamp.desktop.station.Station;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

@ExtendWith(ApplicationExtension.class)
class BackstageTest {
    private final StackPane layers = new StackPane();
    private boolean idle = true;

    @Start
    void start(Stage stage) {
        stage.setScene(new Scene(layers, 300, 200));
        stage.show();
    }

    private static Station station(Node bench) {
        Station station = mock(Station.class);
        when(station.bench()).thenReturn(bench);
        when(station.reading()).thenReturn(new Label("reading"));
        return station;
    }

    @Test
    void everyStationIsMadeReadyAndLeftAlone(FxRobot robot) {
        VBox bench = new VBox();
        robot.interact(() -> {
            Gradual.fill(bench, new Label("a"), new Label("b"));
            Station one = station(bench);
            Station two = station(new Label("another"));
            Backstage backstage = new Backstage(List.of(one, two), layers, () -> idle);
            backstage.begin();
            int pieces = 0;
            while (!backstage.done()) {
                backstage.piece();
                pieces++;
            }
            verify(one).attend();
            verify(two).attend();
            // Attended, reading, bench, two parts, left; attended, reading, bench, left.
            assertThat(pieces).isEqualTo(10);
            assertThat(bench.getChildren()).hasSize(2);
            assertThat(bench.getParent()).as("nothing is kept in the scene").isNull();
        });
    }

    /** Opened while it was made ready: it stays where it is. */
    @Test
    void aStationThatIsOpenedMeanwhileIsLetGo(FxRobot robot) {
        robot.interact(() -> {
            Label bench = new Label("bench");
            Backstage backstage = new Backstage(List.of(station(bench)), layers, () -> idle);
            backstage.begin();
            backstage.piece();
            backstage.piece();
            layers.getChildren().add(bench);
            backstage.piece();
            assertThat(backstage.done()).isTrue();
            assertThat(bench.getParent()).isEqualTo(layers);
        });
    }
}
