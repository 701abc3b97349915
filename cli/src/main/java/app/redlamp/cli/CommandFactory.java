package app.redlamp.cli;

import app.redlamp.media.FileRecordings;
import app.redlamp.media.finish.FileFinishing;
import app.redlamp.media.sheet.FileSheets;
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
            return type.cast(new CheckCommand(console, new FileRecordings(), new FileSheets()));
        } else if (type == FinishCommand.class) {
            return type.cast(new FinishCommand(console, new FileRecordings(), new FileFinishing()));
        } else if (type == SpecsCommand.class) {
            return type.cast(new SpecsCommand(console));
        }
        return CommandLine.defaultFactory().create(type);
    }
}
