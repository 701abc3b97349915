package app.redlamp.media.disk;

import app.redlamp.core.fault.Reason;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;

/**
 * A folder of ours that may have come from somebody else: a production, a library, a cache. What is written or deleted below
 * it lies below it: no link is followed, whatever it is called, and no name leads out. Only the way to the folder itself may
 * have links, for the user chose it.
 */
public final class GuardedFolder {
    private final Path root;

    /** @param root the folder; need not be there yet */
    public GuardedFolder(Path root) {
        this.root = root.toAbsolutePath();
    }

    /** The folder itself. */
    public Path root() {
        return root;
    }

    /**
     * Where a file is to be written, replaced or deleted.
     *
     * @param steps names of the folders that lead to it, and its own
     * @throws Refused where one of them is a link, where the file's name is taken by something that is no file, or a name leads out
     */
    public Path place(String... steps) throws IOException {
        Path at = root;
        for (int i = 0; i < steps.length; i++) {
            at = at.resolve(checked(steps[i]));
            check(at, i == steps.length - 1);
        }
        return at;
    }

    /**
     * A folder to write in, made where it is missing.
     *
     * @throws Refused where there is a link on the way to it, or something that is no folder
     */
    public Path folder(String... steps) throws IOException {
        Files.createDirectories(root);
        Path at = root;
        for (String step : steps) {
            at = at.resolve(checked(step));
            check(at, false);
            try {
                Files.createDirectory(at);
            } catch (FileAlreadyExistsException e) {
                check(at, false);
            }
        }
        return at;
    }

    private void check(Path at, boolean file) throws Refused {
        String shown = root.relativize(at).toString();
        if (Files.isSymbolicLink(at)) {
            throw new Refused(Faults.say("guarded-folder.in-it-is", shown));
        }
        if (Files.exists(at, LinkOption.NOFOLLOW_LINKS)
                && (file ? !Files.isRegularFile(at, LinkOption.NOFOLLOW_LINKS) : !Files.isDirectory(at))) {
            throw new Refused(Faults.say(file ? "guarded-folder.no-file" : "guarded-folder.no-folder", shown));
        }
    }

    /** A single name, and not a way to somewhere else. */
    private static String checked(String step) throws Refused {
        boolean single = !step.isEmpty()
                && !step.equals(".")
                && !step.equals("..")
                && step.indexOf('/') < 0
                && step.indexOf('\\') < 0
                && step.indexOf('\0') < 0;
        if (!single) {
            throw new Refused(Faults.say("guarded-folder.is-no-name", Reason.shown(step)));
        }
        return step;
    }

    /** Something in the folder stands in the way of writing. The message is one line that says what to do. */
    public static final class Refused extends IOException {
        private static final long serialVersionUID = 1;

        public Refused(String message) {
            super(message);
        }
    }
}
