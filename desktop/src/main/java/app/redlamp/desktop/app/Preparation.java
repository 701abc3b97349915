package app.redlamp.desktop.app;

import app.redlamp.core.acoustics.cabin.Cabin;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.port.Capture;
import app.redlamp.core.port.LearntControls;
import app.redlamp.core.port.Monitoring;
import app.redlamp.core.port.PartShelf;
import app.redlamp.core.port.Playback;
import app.redlamp.core.port.Settings;
import app.redlamp.core.port.Shelf;
import app.redlamp.core.port.SimulatedBooth;
import app.redlamp.core.port.Specifications;
import app.redlamp.desktop.look.Look;
import app.redlamp.media.capture.BoothCapture;
import app.redlamp.media.capture.DeviceCapture;
import app.redlamp.media.capture.Inputs;
import app.redlamp.media.kit.KitShelf;
import app.redlamp.media.library.Places;
import app.redlamp.media.library.SettingsFile;
import app.redlamp.media.library.SpecificationLibrary;
import app.redlamp.media.marks.MarksFolder;
import app.redlamp.media.monitor.BoothMonitoring;
import app.redlamp.media.monitor.DeviceMonitoring;
import app.redlamp.media.monitor.Outputs;
import app.redlamp.media.play.SilentOutput;
import app.redlamp.media.play.SourcePlayback;
import app.redlamp.media.room.BoothShelf;
import app.redlamp.media.room.RoomShelf;
import java.util.concurrent.CompletableFuture;

/**
 * What can be made ready while the window system is still starting: reading documents and fonts and looking for sound devices.
 * Begins when this class is first used.
 */
final class Preparation {
    private static final CompletableFuture<Settings> SETTINGS = CompletableFuture.supplyAsync(() -> {
        Settings settings = SettingsFile.ofUser();
        settings.load();
        return settings;
    });
    private static final CompletableFuture<Specifications> SPECIFICATIONS =
            CompletableFuture.supplyAsync(() -> new SpecificationLibrary(Places.library()));
    private static final CompletableFuture<Shelf<Material, Spot>> ROOMS =
            CompletableFuture.supplyAsync(() -> RoomShelf.in(Places.library()));
    private static final CompletableFuture<PartShelf<Cabin>> BOOTHS =
            ROOMS.thenApply(rooms -> BoothShelf.in(Places.library(), rooms.parts()));
    private static final CompletableFuture<Shelf<Gear, Kit>> EQUIPMENT =
            CompletableFuture.supplyAsync(() -> KitShelf.in(Places.library()));
    private static final CompletableFuture<LearntControls> MARKS =
            CompletableFuture.supplyAsync(() -> new MarksFolder(Places.library()));
    private static final CompletableFuture<Playback> PLAYBACK =
            CompletableFuture.supplyAsync(SourcePlayback::onThisMachine);

    /** What the simulated booth is called wherever inputs are named. */
    static final String BOOTH = "Simulated booth";

    private static final BoothCapture SIMULATED = new BoothCapture(BOOTH, SilentOutput.Pace.REAL);

    private static final CompletableFuture<Void> FONTS = CompletableFuture.runAsync(Look::loadFonts);

    private Preparation() {}

    /** Starts it; harmless when repeated. */
    static void begin() {}

    /** Waits until the fonts are there. */
    static void fonts() {
        FONTS.join();
    }

    static Settings settings() {
        return SETTINGS.join();
    }

    static Specifications specifications() {
        return SPECIFICATIONS.join();
    }

    static Shelf<Material, Spot> rooms() {
        return ROOMS.join();
    }

    static PartShelf<Cabin> offeredBooths() {
        return BOOTHS.join();
    }

    static Shelf<Gear, Kit> equipment() {
        return EQUIPMENT.join();
    }

    static LearntControls marks() {
        return MARKS.join();
    }

    /** Sound devices, and the simulated booth after them. */
    static Capture inputs() {
        return new Inputs(DeviceCapture.onThisMachine(), SIMULATED);
    }

    static SimulatedBooth booth() {
        return SIMULATED;
    }

    /** Sound devices to hear oneself through, and those of the simulated booth after them. */
    static Monitoring monitoring() {
        return new Outputs(DeviceMonitoring.onThisMachine(), new BoothMonitoring(SIMULATED));
    }

    static Playback playback() {
        return PLAYBACK.join();
    }
}
