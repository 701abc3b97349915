package app.redlamp.core.fault;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.AccessDeniedException;
import java.nio.file.DirectoryNotEmptyException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.InvalidPathException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.nio.file.ReadOnlyFileSystemException;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** Says in plain words what the system says in its own. */
public final class Reason {
    /** A longer value would fill the line (ours). */
    private static final int LONGEST_VALUE = 60;

    /** A longer line is no line (ours). */
    private static final int LONGEST_LINE = 400;

    private static final Pattern CONTROL = Pattern.compile("\\p{Cntrl}");

    /** What the system calls it, and the key of what it means to somebody at a desk; the first that fits. */
    private static final List<Map.Entry<String, String>> KEYS = List.of(
            Map.entry("No space left", "disk-full"),
            Map.entry("not enough space", "disk-full"),
            Map.entry("quota", "quota"),
            Map.entry("Read-only file system", "write-protected"),
            Map.entry("Input/output error", "disk-error"),
            Map.entry("Stale file handle", "network-disk-gone"),
            Map.entry("not connected", "network-disk-gone"),
            Map.entry("No such device", "disk-gone"),
            Map.entry("File name too long", "name-too-long"),
            Map.entry("Too many open files", "too-many-files"),
            Map.entry("Too many levels of symbolic links", "link"),
            Map.entry("Operation not permitted", "not-permitted"),
            Map.entry("Permission denied", "denied"),
            Map.entry("Is a directory", "folder"),
            Map.entry("Not a directory", "path-no-folder"),
            Map.entry("File too large", "file-too-large"),
            Map.entry("used by another process", "in-use"));

    private Reason() {}

    /** A few words on a fault, for the middle of a line; no path and no name of a class. */
    public static String of(Throwable e) {
        if (e instanceof AccessDeniedException) {
            return Faults.say("reason.denied");
        }
        if (e instanceof NoSuchFileException) {
            return Faults.say("reason.not-there");
        }
        if (e instanceof FileAlreadyExistsException) {
            return Faults.say("reason.there-already");
        }
        if (e instanceof ReadOnlyFileSystemException) {
            return Faults.say("reason.write-protected");
        }
        if (e instanceof NotDirectoryException) {
            return Faults.say("reason.no-folder");
        }
        if (e instanceof DirectoryNotEmptyException) {
            return Faults.say("reason.folder-not-empty");
        }
        if (e instanceof CharacterCodingException) {
            return Faults.say("reason.text-damaged");
        }
        String said = e instanceof FileSystemException fault ? fault.getReason() : e.getMessage();
        if (said == null || said.isBlank()) {
            return Faults.say("reason.none-given");
        }
        return KEYS.stream()
                .filter(w -> said.contains(w.getKey()))
                .findFirst()
                .map(w -> Faults.say("reason." + w.getValue()))
                .orElseGet(() -> line(said));
    }

    /**
     * One whole line on a fault that nobody has put into words of its own: the file, what is wrong, what to do. A fault that
     * has its words keeps them.
     */
    public static String whole(Throwable e) {
        if (e instanceof FileSystemException fault && fault.getFile() != null) {
            return Faults.say("reason.check-the-place", line(fault.getFile()), of(e));
        }
        if (e instanceof InvalidPathException path) {
            return unreadableName(path.getInput());
        }
        if (e instanceof OutOfMemoryError) {
            return Faults.say("reason.takes-more-memory");
        }
        if (e instanceof IOException || e instanceof IllegalArgumentException) {
            String said = e.getMessage();
            if (said != null && !said.isBlank()) {
                return KEYS.stream().anyMatch(w -> said.equals(w.getKey()) || said.startsWith(w.getKey()))
                        ? Faults.say("reason.make-room-check", of(e))
                        : line(said);
            }
        }
        return Faults.say("reason.went-wrong-in");
    }

    /** What to do about a name that this session's character set cannot hold. */
    public static String unreadableName(String name) {
        return Faults.say("reason.is-name-that", shown(name));
    }

    /** A value that somebody else wrote, for the middle of a line: short, and without what commands a terminal. */
    public static String shown(String value) {
        String clean = value.length() > 4 * LONGEST_VALUE ? value.substring(0, 4 * LONGEST_VALUE) : value;
        clean = CONTROL.matcher(clean).replaceAll(" ");
        return clean.length() <= LONGEST_VALUE && value.length() <= 4 * LONGEST_VALUE
                ? clean
                : clean.substring(0, Math.min(LONGEST_VALUE, clean.length())) + "…";
    }

    /** The first line of a message, not too long. */
    public static String line(String message) {
        String first = message.lines().findFirst().orElse("").strip();
        return first.length() <= LONGEST_LINE ? first : first.substring(0, LONGEST_LINE) + "…";
    }
}
