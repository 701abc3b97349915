package app.redlamp.cli;

import app.redlamp.media.FileListening;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.capture.BoothCapture;
import app.redlamp.media.capture.DeviceCapture;
import app.redlamp.media.finish.FileFinishing;
import app.redlamp.media.kit.KitShelf;
import app.redlamp.media.play.SilentOutput;
import app.redlamp.media.print.FilePrinting;
import app.redlamp.media.production.ProductionFolders;
import app.redlamp.media.record.TakeRecorder;
import app.redlamp.media.room.BoothShelf;
import app.redlamp.media.room.RoomShelf;
import app.redlamp.media.script.ScriptFiles;
import java.time.Clock;
import java.time.ZoneId;
import picocli.CommandLine;

/** Makes the commands with what they work on. */
final class CommandFactory implements CommandLine.IFactory {
    private static final Clock CLOCK = Clock.system(ZoneId.systemDefault());

    /** Name of the simulated booth among the inputs. */
    private static final String BOOTH = "simulated";

    private final Console console;

    CommandFactory(Console console) {
        this.console = console;
    }

    @Override
    public <K> K create(Class<K> type) throws Exception {
        if (type == MeasureCommand.class) {
            return type.cast(new MeasureCommand(console, new FileRecordings()));
        } else if (type == CheckCommand.class) {
            return type.cast(new CheckCommand(console, new FileRecordings(), new FilePrinting()));
        } else if (type == FinishCommand.class) {
            return type.cast(new FinishCommand(console, new FileRecordings(), new FileFinishing()));
        } else if (type == SpecsCommand.class) {
            return type.cast(new SpecsCommand(console));
        } else if (type == PlanCommand.class) {
            return type.cast(new PlanCommand(console, new ProductionFolders(CLOCK), CLOCK));
        } else if (type == RoomCommand.class) {
            return type.cast(new RoomCommand(console, RoomShelf::in, BoothShelf::in));
        } else if (type == ChainCommand.class) {
            return type.cast(new ChainCommand(console, KitShelf::in, RoomShelf::in));
        } else if (type == SimulateCommand.class) {
            return type.cast(new SimulateCommand(console, KitShelf::in, RoomShelf::in));
        } else if (type == NewCommand.class) {
            return type.cast(new NewCommand(console, new ProductionFolders(CLOCK), new ScriptFiles(), CLOCK));
        } else if (type == RecordCommand.class) {
            return type.cast(new RecordCommand(
                    console,
                    new ProductionFolders(CLOCK),
                    new TakeRecorder(CLOCK),
                    DeviceCapture.onThisMachine(),
                    new BoothCapture(BOOTH, SilentOutput.Pace.REAL),
                    KitShelf::in,
                    CLOCK));
        } else if (type == RecoverCommand.class) {
            return type.cast(new RecoverCommand(console, new ProductionFolders(CLOCK), new TakeRecorder(CLOCK)));
        } else if (type == AssembleCommand.class) {
            return type.cast(new AssembleCommand(console, new ProductionFolders(CLOCK)));
        } else if (type == SalvageCommand.class) {
            return type.cast(new SalvageCommand(console));
        } else if (type == DecayCommand.class) {
            return type.cast(new DecayCommand(console, new FileListening()));
        }
        return CommandLine.defaultFactory().create(type);
    }
}
