package app.redlamp.media.record;

import app.redlamp.media.disk.Disk;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.FileSystemException;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.function.ToLongFunction;

/** A real disk that takes nothing below some places for as long as it likes, changes what it is given, or has little room. */
final class MoodyDisk implements Disk {
    private final Map<FileChannel, Path> open = new ConcurrentHashMap<>();
    private volatile Predicate<Path> refuses = p -> false;
    private volatile String reason = "Input/output error";
    private volatile Predicate<Path> spoils = p -> false;
    private volatile ToLongFunction<Path> free = p -> Long.MAX_VALUE / 2;
    private volatile int longestName = 255;

    /** Takes nothing whose place is one of these from now on; what it has of it by half a write stays. */
    void refuse(Predicate<Path> places, String why) {
        reason = why;
        refuses = places;
    }

    void takeAll() {
        refuses = p -> false;
    }

    /** Writes something else than it is given. */
    void spoil(Predicate<Path> places) {
        spoils = places;
    }

    void leave(long bytes) {
        leave(p -> true, bytes);
    }

    /** So much is free in some places, and no end of it elsewhere. */
    void leave(Predicate<Path> places, long bytes) {
        free = p -> places.test(p) ? bytes : Long.MAX_VALUE / 2;
    }

    void longestName(int letters) {
        longestName = letters;
    }

    private void check(Path file) throws IOException {
        if (refuses.test(file)) {
            throw new FileSystemException(file.toString(), null, reason);
        }
    }

    @Override
    public FileChannel create(Path file) throws IOException {
        check(file);
        if (file.getFileName().toString().length() > longestName) {
            throw new FileSystemException(file.toString(), null, "File name too long");
        }
        FileChannel channel = REAL.create(file);
        open.put(channel, file);
        return channel;
    }

    @Override
    public void write(FileChannel file, ByteBuffer content) throws IOException {
        Path path = open.get(file);
        if (path != null && refuses.test(path)) {
            ByteBuffer half = content.duplicate();
            half.limit(half.position() + half.remaining() / 2);
            REAL.write(file, half);
            check(path);
        }
        if (path != null && spoils.test(path) && content.remaining() > 100) {
            byte[] other = new byte[content.remaining()];
            content.get(other);
            other[99] ^= 1;
            REAL.write(file, ByteBuffer.wrap(other));
            return;
        }
        REAL.write(file, content);
    }

    @Override
    public void sync(FileChannel file) throws IOException {
        if (open.containsKey(file)) {
            check(open.get(file));
        }
        REAL.sync(file);
    }

    @Override
    public void sync(Path file) throws IOException {
        check(file);
        REAL.sync(file);
    }

    @Override
    public void replace(Path from, Path to) throws IOException {
        check(to);
        REAL.replace(from, to);
    }

    @Override
    public void publish(Path passing, Path name) throws IOException {
        check(name);
        REAL.publish(passing, name);
    }

    @Override
    public void delete(Path file) throws IOException {
        check(file);
        REAL.delete(file);
    }

    @Override
    public void syncFolder(Path folder) throws IOException {
        check(folder);
        REAL.syncFolder(folder);
    }

    @Override
    public long free(Path folder) throws IOException {
        check(folder);
        return free.applyAsLong(folder);
    }
}
