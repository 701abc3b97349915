package app.redlamp.media.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.FileSystemException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** A real disk on which one step fails, or nothing works any more from one step on, as after a kill. */
public final class FaultyDisk implements Disk {
    private final int fails;
    private final boolean forGood;
    private final String reason;
    private final List<String> steps = new ArrayList<>();

    private FaultyDisk(int fails, boolean forGood, String reason) {
        this.fails = fails;
        this.forGood = forGood;
        this.reason = reason;
    }

    /** Nothing fails; the steps are counted. */
    public static FaultyDisk counting() {
        return new FaultyDisk(-1, false, "");
    }

    /** One step fails, counted from 0. */
    public static FaultyDisk failing(int step, String reason) {
        return new FaultyDisk(step, false, reason);
    }

    /** From a step on nothing happens any more, not even tidying: what is on the disk then is what a kill leaves. */
    public static FaultyDisk deadFrom(int step) {
        return new FaultyDisk(step, true, "dead");
    }

    public List<String> steps() {
        return steps;
    }

    private void step(String name) throws IOException {
        int now = steps.size();
        steps.add(name);
        if (now == fails || (forGood && now > fails)) {
            throw new FileSystemException(name, null, reason);
        }
    }

    @Override
    public FileChannel create(Path file) throws IOException {
        step("create");
        return REAL.create(file);
    }

    /** Half of it is written before it fails. */
    @Override
    public void write(FileChannel file, ByteBuffer content) throws IOException {
        if (steps.size() == fails) {
            ByteBuffer half = content.duplicate();
            half.limit(half.position() + half.remaining() / 2);
            REAL.write(file, half);
        }
        step("write");
        REAL.write(file, content);
    }

    @Override
    public void sync(FileChannel file) throws IOException {
        step("sync");
        REAL.sync(file);
    }

    @Override
    public void sync(Path file) throws IOException {
        step("sync");
        REAL.sync(file);
    }

    @Override
    public void replace(Path from, Path to) throws IOException {
        step("replace");
        REAL.replace(from, to);
    }

    @Override
    public void publish(Path passing, Path name) throws IOException {
        step("publish");
        REAL.publish(passing, name);
    }

    @Override
    public void delete(Path file) throws IOException {
        step("delete");
        REAL.delete(file);
    }

    @Override
    public void syncFolder(Path folder) throws IOException {
        step("syncFolder");
        REAL.syncFolder(folder);
    }

    @Override
    public long free(Path folder) throws IOException {
        return REAL.free(folder);
    }
}
