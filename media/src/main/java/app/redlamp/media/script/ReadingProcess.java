package app.redlamp.media.script;

import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Progress;
import java.io.BufferedOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.logging.Level;
import java.util.logging.LogManager;
import java.util.logging.Logger;

/** Reads one document and says what is in it; started by {@link ReadElsewhere}, which stops it where it takes too long. */
public final class ReadingProcess {
    private static final int CANNOT = 2;
    private static final double STEP = 0.005;

    private ReadingProcess() {}

    /** @param arguments the document */
    public static void main(String[] arguments) throws IOException {
        // Nothing but our own words goes out: libraries print what they like.
        DataOutputStream out = new DataOutputStream(new BufferedOutputStream(System.out));
        System.setOut(new PrintStream(PrintStream.nullOutputStream()));
        System.setErr(new PrintStream(PrintStream.nullOutputStream()));
        LogManager.getLogManager().reset();
        Logger.getLogger("").setLevel(Level.OFF);
        endWithParent();
        say(out, TextWire.BEGUN);
        try {
            ScriptText text = DocumentReaders.read(Path.of(arguments[0]), telling(out));
            TextWire.write(out, text);
        } catch (IOException e) {
            TextWire.fault(out, String.valueOf(e.getMessage()));
        }
        // Threads of libraries hold nobody up.
        Runtime.getRuntime().halt(0);
    }

    private static Progress telling(DataOutputStream out) {
        return new Progress() {
            private double told = -1;

            @Override
            public void at(double share) {
                if (share - told >= STEP) {
                    told = share;
                    try {
                        out.writeByte(TextWire.PROGRESS);
                        out.writeDouble(share);
                        out.flush();
                    } catch (IOException e) {
                        Runtime.getRuntime().halt(CANNOT);
                    }
                }
            }

            @Override
            public boolean cancelled() {
                return false;
            }
        };
    }

    private static void say(DataOutputStream out, byte what) throws IOException {
        out.writeByte(what);
        out.flush();
    }

    /** Nobody reads for a window that is gone. */
    private static void endWithParent() {
        Thread watch = new Thread(
                () -> {
                    try {
                        while (System.in.read() >= 0) {
                            // Whatever comes means that there is still somebody.
                        }
                    } catch (IOException e) {
                        Runtime.getRuntime().halt(CANNOT);
                    }
                    Runtime.getRuntime().halt(CANNOT);
                },
                "parent");
        watch.setDaemon(true);
        watch.start();
    }
}
