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
    private static final int LONGEST_VALUE = 60;
    private static final int LONGEST_LINE = 400;
    private static final Pattern CONTROL = Pattern.compile("\\p{Cntrl}");

    /** What the system calls it, and what it means to somebody at a desk; the first that fits. */
    private static final List<Map.Entry<String, String>> WORDS = List.of(
            Map.entry("No space left", "the disk is full"),
            Map.entry("not enough space", "the disk is full"),
            Map.entry("quota", "your share of the disk is used up"),
            Map.entry("Read-only file system", "the disk is write-protected"),
            Map.entry("Input/output error", "the disk reports an error"),
            Map.entry("Stale file handle", "the network disk is gone"),
            Map.entry("not connected", "the network disk is gone"),
            Map.entry("No such device", "the disk is gone"),
            Map.entry("File name too long", "its name is too long for this disk"),
            Map.entry("Too many open files", "too many files are open on this computer"),
            Map.entry("Too many levels of symbolic links", "it is a link"),
            Map.entry("Operation not permitted", "it may not be changed"),
            Map.entry("Permission denied", "it may not be used by you"),
            Map.entry("Is a directory", "it is a folder"),
            Map.entry("Not a directory", "part of its path is no folder"),
            Map.entry("File too large", "the disk takes no file of that size"),
            Map.entry("used by another process", "another program has it open"));

    private Reason() {}

    /** A few words on a fault, for the middle of a line; no path and no name of a class. */
    public static String of(Throwable e) {
        if (e instanceof AccessDeniedException) {
            return "it may not be used by you";
        }
        if (e instanceof NoSuchFileException) {
            return "it is not there";
        }
        if (e instanceof FileAlreadyExistsException) {
            return "there is something of that name already";
        }
        if (e instanceof ReadOnlyFileSystemException) {
            return "the disk is write-protected";
        }
        if (e instanceof NotDirectoryException) {
            return "it is no folder";
        }
        if (e instanceof DirectoryNotEmptyException) {
            return "it is a folder with something in it";
        }
        if (e instanceof CharacterCodingException) {
            return "its text is damaged";
        }
        String said = e instanceof FileSystemException fault ? fault.getReason() : e.getMessage();
        if (said == null || said.isBlank()) {
            return "the system gives no reason";
        }
        return WORDS.stream()
                .filter(w -> said.contains(w.getKey()))
                .findFirst()
                .map(Map.Entry::getValue)
                .orElseGet(() -> line(said));
    }

    /**
     * One whole line on a fault that nobody has put into words of its own: the file, what is wrong, what to do. A fault that
     * has its words keeps them.
     */
    public static String whole(Throwable e) {
        if (e instanceof FileSystemException fault && fault.getFile() != null) {
            return line(fault.getFile()) + ": " + of(e) + "; check the place and try again";
        }
        if (e instanceof InvalidPathException path) {
            return unreadableName(path.getInput());
        }
        if (e instanceof OutOfMemoryError) {
            return "takes more memory than there is; leave it out, or bring it in parts";
        }
        if (e instanceof IOException || e instanceof IllegalArgumentException) {
            String said = e.getMessage();
            if (said != null && !said.isBlank()) {
                return WORDS.stream().anyMatch(w -> said.equals(w.getKey()) || said.startsWith(w.getKey()))
                        ? of(e) + "; make room or check the disk, and try again"
                        : line(said);
            }
        }
        return "went wrong in a way that was not foreseen; try again, or leave this one out";
    }

    /** What to do about a name that this session's character set cannot hold. */
    public static String unreadableName(String name) {
        return "'" + shown(name)
                + "' is a name that cannot be read in this session's character set; set LC_ALL=C.UTF-8,"
                + " or give the file another name";
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
