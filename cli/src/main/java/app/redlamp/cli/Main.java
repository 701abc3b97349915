package app.redlamp.cli;

import app.redlamp.core.fault.Reason;
import app.redlamp.media.disk.Scratch;
import app.redlamp.media.library.Places;
import java.io.OutputStreamWriter;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command line: scripts and people without a display. Starts without any interface code. */
@Command(
        name = "redlamp",
        description = "Plans, records, measures, checks and finishes speech.",
        subcommands = {
            MeasureCommand.class,
            CheckCommand.class,
            FinishCommand.class,
            SpecsCommand.class,
            PlanCommand.class,
            RoomCommand.class,
            ChainCommand.class,
            SimulateCommand.class,
            DecayCommand.class,
            NewCommand.class,
            RecordCommand.class,
            RecoverCommand.class,
            AssembleCommand.class,
            SalvageCommand.class
        },
        footer = {
            "",
            "Without a command the application starts; 'demo' starts it on the demo audiobook,",
            "'shots DIR' draws its views to PNG files, no monitor needed."
        },
        mixinStandardHelpOptions = true,
        version = "Red Lamp 0.1.0")
public final class Main {

    private Main() {}

    /** Ends the process with the exit code of the command. */
    public static void main(String[] arguments) {
        Scratch.begin(Places.cache());
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
        System.exit(run(new Console(out, err, Locale.getDefault()), arguments));
    }

    /** Runs one command; exit code 0 all well, 1 something fails its specification, 2 it could not be done. */
    static int run(Console console, String... arguments) {
        CommandLine line = new CommandLine(new Main(), new CommandFactory(console));
        line.setOut(writer(console.out()));
        line.setErr(writer(console.err()));
        line.setParameterExceptionHandler((problem, given) -> {
            console.error(Reason.line(String.valueOf(problem.getMessage())) + "; see redlamp --help");
            return Console.CANNOT;
        });
        line.setExecutionExceptionHandler((problem, command, parsed) -> {
            console.error(Reason.whole(problem));
            return Console.CANNOT;
        });
        if (arguments.length == 0) {
            line.usage(console.out());
            return Console.CANNOT;
        }
        return line.execute(arguments);
    }

    private static PrintWriter writer(PrintStream stream) {
        return new PrintWriter(new OutputStreamWriter(stream, StandardCharsets.UTF_8), true);
    }
}
