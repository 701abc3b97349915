package app.redlamp.media.record;

import app.redlamp.core.fault.Reason;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.TakeRecording.Kept;
import app.redlamp.core.taking.raw.RawTake;
import app.redlamp.media.disk.AtomicFile;
import app.redlamp.media.disk.Disk;
import app.redlamp.media.disk.PassingName;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;

/** Closes files of takes to changes, and copies them to a second place, where what was written is read again. */
final class TakeKeeper {
    private static final int BUFFER_BYTES = 1 << 18;

    private final Disk disk;

    TakeKeeper(Disk disk) {
        this.disk = disk;
    }

    /**
     * SHA-256 of a file, in hexadecimal digits (FIPS 180-4).
     *
     * @throws java.util.concurrent.CancellationException if cancelled
     */
    static String sha256(Path file, Progress progress) throws IOException {
        try (FileChannel in = FileChannel.open(file, StandardOpenOption.READ, LinkOption.NOFOLLOW_LINKS)) {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            ByteBuffer buffer = ByteBuffer.allocateDirect(BUFFER_BYTES);
            long size = Math.max(1, in.size());
            while (in.read(buffer.clear()) >= 0) {
                digest.update(buffer.flip());
                progress.check();
                progress.at(Math.min(1, (double) in.position() / size));
            }
            return HexFormat.of().formatHex(digest.digest());
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
    }

    /** Closes a file to changes, by anybody who does not mean to; whether its file system knows such a thing. */
    static boolean close(Path file) {
        return file.toFile().setReadOnly();
    }

    /**
     * Copies a file to another folder and reads it again there.
     *
     * @param sha256 of the file
     * @return what the user should know, one line; empty for nothing
     */
    Optional<String> copy(Path file, String sha256, Path folder) {
        Path wanted = folder.resolve(file.getFileName());
        Path part = PassingName.beside(wanted);
        try {
            if (Files.exists(wanted) && sha256(wanted, Progress.NONE).equals(sha256)) {
                return Optional.empty();
            }
            try {
                write(file, part);
                if (!sha256(part, Progress.NONE).equals(sha256)) {
                    return Optional.of(Faults.say("take-keeper.copy-differs", wanted));
                }
                Path copy = AtomicFile.publish(disk, part, wanted);
                disk.syncFolder(folder);
                close(copy);
                return Optional.empty();
            } finally {
                disk.delete(part);
            }
        } catch (IOException e) {
            return Optional.of(Faults.say("take-keeper.no-copy", file.getFileName(), folder, Reason.of(e)));
        }
    }

    /**
     * A file that is closed, with its copy: of one in the production's folder in the second place, of one in the second place at home.
     *
     * @param file in one of the two
     * @param backup the second place; absent for none
     */
    Kept kept(RawTake take, Path file, Path production, Optional<Path> backup) {
        try {
            Path raw = Places.raw(production);
            boolean home = Files.isSameFile(file.getParent(), raw);
            if (!home) {
                Optional<String> fault = copy(file, take.sha256(), raw);
                return new Kept(take, file, fault.isEmpty(), fault);
            }
            Optional<String> fault = Optional.empty();
            if (backup.isPresent()) {
                fault = copy(file, take.sha256(), Places.raw(production, backup.get()));
            }
            return new Kept(take, file, true, fault);
        } catch (IOException e) {
            boolean home = file.startsWith(production);
            return new Kept(
                    take,
                    file,
                    home,
                    Optional.of(Faults.say(
                            "take-keeper.no-copy",
                            file.getFileName(),
                            home ? backup.map(Path::toString).orElse("") : production,
                            Reason.of(e))));
        }
    }

    private void write(Path file, Path part) throws IOException {
        try (FileChannel in = FileChannel.open(file, StandardOpenOption.READ, LinkOption.NOFOLLOW_LINKS);
                FileChannel out = disk.create(part)) {
            ByteBuffer buffer = ByteBuffer.allocateDirect(BUFFER_BYTES);
            while (in.read(buffer.clear()) >= 0) {
                disk.write(out, buffer.flip());
            }
            disk.sync(out);
        }
    }
}
