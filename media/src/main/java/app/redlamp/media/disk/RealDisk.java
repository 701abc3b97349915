package app.redlamp.media.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/** The disk of this machine. */
final class RealDisk implements Disk {

    @Override
    public FileChannel create(Path file) throws IOException {
        return FileChannel.open(
                file, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE, LinkOption.NOFOLLOW_LINKS);
    }

    @Override
    public void write(FileChannel file, ByteBuffer content) throws IOException {
        while (content.hasRemaining()) {
            file.write(content);
        }
    }

    @Override
    public void sync(FileChannel file) throws IOException {
        file.force(true);
    }

    @Override
    public void sync(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE, LinkOption.NOFOLLOW_LINKS)) {
            channel.force(true);
        }
    }

    @Override
    public void replace(Path from, Path to) throws IOException {
        Files.move(from, to, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
    }

    /** A second name is given by the file system in one step; where it knows none, as on memory cards, the file is moved. */
    @Override
    public void publish(Path passing, Path name) throws IOException {
        try {
            Files.createLink(name, passing);
        } catch (FileAlreadyExistsException e) {
            throw e;
        } catch (UnsupportedOperationException | FileSystemException e) {
            Files.move(passing, name);
        }
    }

    @Override
    public void delete(Path file) throws IOException {
        Files.deleteIfExists(file);
    }

    @Override
    public void syncFolder(Path folder) {
        try (FileChannel names = FileChannel.open(folder, StandardOpenOption.READ)) {
            names.force(true);
        } catch (IOException e) {
            // Some systems do not open folders, and keep their names safe by themselves.
            return;
        }
    }

    @Override
    public long free(Path folder) throws IOException {
        return DiskSpace.free(folder);
    }
}
