package app.redlamp.cli;

import app.redlamp.media.FileListening;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.finish.FileFinishing;
import app.redlamp.media.kit.KitShelf;
import app.redlamp.media.print.FilePrinting;
import app.redlamp.media.production.ProductionFolders;
import app.redlamp.media.room.BoothShelf;
import app.redlamp.media.room.RoomShelf;
import java.time.Clock;
import java.time.ZoneId;
import picocli.CommandLine;

/** Makes the commands with what they work on. */
final class CommandFactory implements CommandLine.IFactory {
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
            Clock clock = Clock.system(ZoneId.systemDefault());
            return type.cast(new PlanCommand(console, new ProductionFolders(clock), clock));
        } else if (type == RoomCommand.class) {
            return type.cast(new RoomCommand(console, RoomShelf::in, BoothShelf::in));
        } else if (type == ChainCommand.class) {
            return type.cast(new ChainCommand(console, KitShelf::in, RoomShelf::in));
        } else if (type == SimulateCommand.class) {
            return type.cast(new SimulateCommand(console, KitShelf::in, RoomShelf::in));
        } else if (type == DecayCommand.class) {
            return type.cast(new DecayCommand(console, new FileListening()));
        }
        return CommandLine.defaultFactory().create(type);
    }
}
