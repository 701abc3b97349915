package app.redlamp.media.finish;

import app.redlamp.media.disk.Disk;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;

/** A disk on which a file has one name at a time. */
final class MovingDisk implements Disk {

    @Override
    public FileChannel create(Path file) throws IOException {
        return REAL.create(file);
    }

    @Override
    public void write(FileChannel file, ByteBuffer content) throws IOException {
        REAL.write(file, content);
    }

    @Override
    public void sync(FileChannel file) throws IOException {
        REAL.sync(file);
    }

    @Override
    public void sync(Path file) throws IOException {
        REAL.sync(file);
    }

    @Override
    public void replace(Path from, Path to) throws IOException {
        REAL.replace(from, to);
    }

    @Override
    public void publish(Path passing, Path name) throws IOException {
        Files.move(passing, name);
    }

    @Override
    public void delete(Path file) throws IOException {
        REAL.delete(file);
    }

    @Override
    public void syncFolder(Path folder) throws IOException {
        REAL.syncFolder(folder);
    }

    @Override
    public long free(Path folder) throws IOException {
        return REAL.free(folder);
    }
}
