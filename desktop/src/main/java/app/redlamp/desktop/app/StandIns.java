package app.redlamp.desktop.app;

import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.port.Recordings;
import app.redlamp.core.port.Settings;
import app.redlamp.core.port.Shelf;
import app.redlamp.media.FileListening;
import app.redlamp.media.capture.BoothCapture;
import app.redlamp.media.finish.FileFinishing;
import app.redlamp.media.kit.KitShelf;
import app.redlamp.media.library.SpecificationLibrary;
import app.redlamp.media.marks.MarksFolder;
import app.redlamp.media.monitor.BoothMonitoring;
import app.redlamp.media.play.SilentOutput;
import app.redlamp.media.play.SourcePlayback;
import app.redlamp.media.print.FilePrinting;
import app.redlamp.media.production.ProductionFolders;
import app.redlamp.media.production.RescueFolder;
import app.redlamp.media.record.TakeRecorder;
import app.redlamp.media.room.BoothShelf;
import app.redlamp.media.room.RoomShelf;
import app.redlamp.media.script.ScriptFiles;
import java.nio.file.Path;
import java.time.Clock;

/** The application's ports without any device: real files in a folder of their own, a simulated booth, a silent output. */
final class StandIns {
    private StandIns() {}

    /**
     * @param recordings what measures
     * @param library folder for what the user keeps; nothing outside it is read or written
     * @param pace of the silent output
     * @param haste how many times faster than a real one the simulated booth is, above 0
     */
    static Ports ports(
            Settings settings, Recordings recordings, Path library, SilentOutput.Pace pace, double haste, Clock clock) {
        BoothCapture booth = new BoothCapture(Preparation.BOOTH, SilentOutput.Pace.REAL, haste);
        Shelf<Material, Spot> rooms = RoomShelf.in(library);
        return new Ports(
                settings,
                recordings,
                new FileFinishing(),
                new FilePrinting(),
                new SpecificationLibrary(library),
                new SourcePlayback(new SilentOutput(pace)),
                new ProductionFolders(clock),
                new ScriptFiles(),
                rooms,
                BoothShelf.in(library, rooms.parts()),
                new FileListening(),
                KitShelf.in(library),
                new MarksFolder(library),
                booth,
                booth,
                new BoothMonitoring(booth),
                new TakeRecorder(clock),
                new RescueFolder(library, clock),
                clock);
    }
}
