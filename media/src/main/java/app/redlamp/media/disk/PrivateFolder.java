package app.redlamp.media.disk;

import app.redlamp.core.fault.Reason;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.nio.file.attribute.UserPrincipal;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * Folders for what is loaded and run: programs that were unpacked, and what else nobody but the user may have laid there.
 * Owned by the user, closed to others, and no link; nor may others put another in its place.
 */
public final class PrivateFolder {
    private static final Set<PosixFilePermission> MINE = PosixFilePermissions.fromString("rwx------");
    private static final Set<PosixFilePermission> OTHERS_WRITE =
            Set.of(PosixFilePermission.GROUP_WRITE, PosixFilePermission.OTHERS_WRITE);

    /** The bit by which everybody may write (POSIX.1, S_IWOTH). */
    private static final int OTHERS = 02;

    /** In a folder with this bit only whoever owns a thing may take it away (POSIX.1, S_ISVTX). */
    private static final int STICKY = 01000;

    private PrivateFolder() {}

    /**
     * A private folder inside another, which is made where it is missing. Where the one in the cache cannot be had, a new one
     * is made in this process's own folder for temporary files, or with a name that nobody can foresee in the system's.
     *
     * @param cache the platform's place for what can be made again
     * @throws IOException where neither can be had; one line that says what to do
     */
    public static Path of(Path cache, String name) throws IOException {
        try {
            return in(cache, name);
        } catch (IOException e) {
            try {
                Optional<Path> scratch = Scratch.current();
                return scratch.isPresent()
                        ? Files.createDirectories(scratch.get().resolve(name))
                        : Files.createTempDirectory("redlamp-" + name + "-");
            } catch (IOException also) {
                also.addSuppressed(e);
                throw new IOException(Faults.say("private-folder.there-is-no", cache, Reason.of(e)), also);
            }
        }
    }

    /**
     * A private folder inside another, and nowhere else.
     *
     * @throws IOException where it belongs to somebody else, is a link, or cannot be made
     */
    public static Path in(Path cache, String name) throws IOException {
        Files.createDirectories(cache);
        Path parent = cache.toRealPath();
        safeAbove(parent);
        own(parent, false);
        Path folder = parent.resolve(name);
        try {
            Files.createDirectory(folder);
        } catch (FileAlreadyExistsException e) {
            // Whose it is, is looked at below.
        }
        own(folder, true);
        return folder;
    }

    /** Whoever may write to a folder further above could put another one in the place of what lies in it. */
    private static void safeAbove(Path parent) throws IOException {
        for (Path above = parent.getParent(); above != null; above = above.getParent()) {
            if (above.getFileSystem().supportedFileAttributeViews().contains("unix")) {
                int mode = (int) Files.getAttribute(above, "unix:mode");
                boolean open = (mode & OTHERS) != 0 && (mode & STICKY) == 0;
                if (open) {
                    throw new IOException(Faults.say("private-folder.others-may-write", above));
                }
            }
        }
    }

    private static void own(Path folder, boolean close) throws IOException {
        if (!Files.isDirectory(folder, LinkOption.NOFOLLOW_LINKS)) {
            throw new IOException(Faults.say("private-folder.is-link-no"));
        }
        PosixFileAttributeView view =
                Files.getFileAttributeView(folder, PosixFileAttributeView.class, LinkOption.NOFOLLOW_LINKS);
        if (view == null) {
            // Windows: the user's own folders are closed to others by what they lie in.
            return;
        }
        PosixFileAttributes found = view.readAttributes();
        if (!found.owner().equals(me(folder))) {
            throw new IOException(Faults.say("private-folder.belongs-to-somebody"));
        }
        Set<PosixFilePermission> wanted = EnumSet.copyOf(found.permissions());
        wanted.removeAll(OTHERS_WRITE);
        if (close) {
            view.setPermissions(MINE);
            if (!wanted.equals(found.permissions())) {
                // Whatever lies in it may have been laid there by others while it was open.
                Scratch.empty(folder);
            }
        } else if (!wanted.equals(found.permissions())) {
            // Some systems let a user's group write to everything by default: what is ours is closed to it.
            view.setPermissions(wanted);
        }
    }

    /** Who we are, told by a file that we make: names of users are not known everywhere. */
    private static UserPrincipal me(Path folder) throws IOException {
        Path probe = Files.createFile(PassingName.beside(folder.resolve("probe")));
        try {
            return Files.getOwner(probe, LinkOption.NOFOLLOW_LINKS);
        } finally {
            Files.delete(probe);
        }
    }
}
