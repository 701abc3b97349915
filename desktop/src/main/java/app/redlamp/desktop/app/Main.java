package app.redlamp.desktop.app;

import app.redlamp.media.disk.PrivateFolder;
import app.redlamp.media.disk.Scratch;
import app.redlamp.media.library.Places;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.logging.Level;
import java.util.logging.Logger;
import javafx.application.Application;

/**
 * Starts the application: {@code demo}, {@code shots DIR}, or recordings to open. Does not extend {@link Application},
 * so that the class path needs no modules.
 */
public final class Main {
    private static final String NO_DISPLAY =
            "redlamp: there is no display here; './redlamp shots DIR' draws the views to"
                    + " files, and measure, check, finish, plan, room and decay work on the command line";

    /** Held, so that the level stays set: running on the class path is meant, and no warning is due. */
    private static final Logger FX_LOG = Logger.getLogger("javafx");

    private Main() {}

    public static void main(String[] arguments) {
        FX_LOG.setLevel(Level.SEVERE);
        List<String> given = List.of(arguments);
        if (!given.isEmpty() && given.get(0).equals("shots")) {
            if (given.size() != 2) {
                fail("redlamp: shots needs one folder: './redlamp shots DIR'");
            }
            withoutDisplay();
            prepare();
            Application.launch(ShotsApp.class, given.get(1));
            System.exit(ShotsApp.failed() ? 2 : 0);
        }
        if (displayMissing()) {
            fail(NO_DISPLAY);
        }
        prepare();
        Preparation.begin();
        try {
            Application.launch(RedLampApp.class, arguments);
        } catch (UnsupportedOperationException e) {
            fail(NO_DISPLAY);
        }
    }

    /** Draws into memory, with software, whatever the machine has. */
    static void withoutDisplay() {
        System.setProperty("glass.platform", "Monocle");
        System.setProperty("monocle.platform", "Headless");
        System.setProperty("prism.order", "sw");
        System.setProperty("prism.lcdtext", "false");
        System.setProperty("headless.geometry", "1280x800-32");
    }

    /**
     * Before anything else: where temporary files go, and where the window's own programs are unpacked and loaded from. Only
     * the user may have laid there what is loaded.
     */
    private static void prepare() {
        Scratch.begin(Places.cache());
        try {
            System.setProperty(
                    "javafx.cachedir",
                    PrivateFolder.of(Places.cache(), "window").toString());
        } catch (IOException e) {
            fail("redlamp: " + e.getMessage());
        }
    }

    private static boolean displayMissing() {
        boolean linux = System.getProperty("os.name").toLowerCase(Locale.ROOT).contains("linux");
        String display = System.getenv("DISPLAY");
        boolean offscreen = "Monocle".equals(System.getProperty("glass.platform"));
        return linux && !offscreen && (display == null || display.isBlank());
    }

    private static void fail(String line) {
        System.err.println(line);
        System.exit(2);
    }
}
