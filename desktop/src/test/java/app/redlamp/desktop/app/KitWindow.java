package app.redlamp.desktop.app;

import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Kits;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.desktop.station.StationId;
import app.redlamp.media.demo.DemoProduction;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import javafx.application.Platform;

/** The Kit station in a window, on the demo. */
record KitWindow(Window window) {

    /** @param index 0 the audiobook, 1 the podcast of two hosts, 2 the audio guide */
    void openDemo(Path folder, int index) throws IOException {
        List<Path> demo;
        try (DemoProduction made = DemoProduction.in(folder)) {
            demo = made.folders();
        }
        Platform.runLater(() -> {
            window.wiring.production().open(demo.get(index));
            window.wiring.go(StationId.KIT);
        });
        advised();
    }

    /** Waits until there is advice on what is shown. */
    void advised() {
        window.settle();
        Window.until(() -> window.wiring.kit().advice().get() != null
                && window.wiring.kit().advice().get().kit().equals(kit()));
        window.settle();
    }

    Kits kits() {
        return window.wiring.production().production().get().kits();
    }

    Kit kit() {
        return kits().current().orElseThrow();
    }

    Seat seat() {
        return kit().seats().get(0);
    }
}
