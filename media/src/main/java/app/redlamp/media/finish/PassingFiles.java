package app.redlamp.media.finish;

import app.redlamp.media.disk.Disk;
import app.redlamp.media.disk.GuardedFolder;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import java.io.Closeable;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The files of one finishing under their passing names, and how they get their own: all that belong together, only when each
 * is complete and on the disk, and never over a file that is there.
 *
 * <p>A small file beside them, locked as long as the work goes on, says what is to become what. {@link Leftovers} reads it
 * after a kill: what had no name yet is taken away; where one file has its name already, the other gets its own too.
 */
final class PassingFiles implements Closeable {
    static final String PREFIX = ".redlamp-";
    static final String JOB = ".job";
    static final String PART = ".part";

    /** Jobs of this process: their files are never opened a second time, which would drop their locks. */
    private static final Set<String> RUNNING = ConcurrentHashMap.newKeySet();

    private final Disk disk;
    private final GuardedFolder folder;
    private final String id = UUID.randomUUID().toString();
    private final FileChannel job;
    private final FileLock lock;
    private final List<Path> parts = new ArrayList<>();

    /** A complete file and the name that it is to have. */
    record Pair(Path passing, Path name) {}

    PassingFiles(Path into, Disk disk) throws IOException {
        this.disk = disk;
        folder = new GuardedFolder(into);
        RUNNING.add(id);
        FileChannel opened = null;
        try {
            opened = disk.create(jobPath());
            job = opened;
            lock = opened.lock();
        } catch (IOException e) {
            RUNNING.remove(id);
            if (opened != null) {
                opened.close();
                disk.delete(jobPath());
            }
            throw e;
        }
    }

    static boolean runningHere(String id) {
        return RUNNING.contains(id);
    }

    private Path jobPath() throws IOException {
        return folder.place(PREFIX + id + JOB);
    }

    /** A passing name of this finishing, which nothing has yet. */
    Path part(String ending) throws IOException {
        Path part = folder.place(PREFIX + id + "." + ending + PART);
        parts.add(part);
        return part;
    }

    /**
     * Gives all of them their names.
     *
     * @return false where one of the names is taken; then none of them has got its own
     * @throws IOException where it cannot be done; then none of them has got its own either
     */
    boolean publish(List<Pair> pairs) throws IOException {
        if (pairs.stream().anyMatch(p -> Files.exists(p.name(), LinkOption.NOFOLLOW_LINKS))) {
            return false;
        }
        for (Pair pair : pairs) {
            disk.sync(pair.passing());
        }
        write(pairs);
        List<Pair> named = new ArrayList<>();
        try {
            for (Pair pair : pairs) {
                disk.publish(pair.passing(), pair.name());
                named.add(pair);
            }
            disk.syncFolder(folder.root());
            return true;
        } catch (IOException e) {
            for (Pair pair : named) {
                takeBack(pair, e);
            }
            if (e instanceof FileAlreadyExistsException) {
                return false;
            }
            throw e;
        }
    }

    private void takeBack(Pair pair, IOException fault) {
        try {
            if (Files.exists(pair.passing(), LinkOption.NOFOLLOW_LINKS)) {
                disk.delete(pair.name());
            } else {
                disk.replace(pair.name(), pair.passing());
            }
        } catch (IOException e) {
            fault.addSuppressed(e);
        }
    }

    private void write(List<Pair> pairs) throws IOException {
        job.truncate(0);
        job.position(0);
        disk.write(job, ByteBuffer.wrap(Plan.write(pairs)));
        disk.sync(job);
    }

    /** Takes away everything that has only a passing name; what the disk does not let go of is left for the next start. */
    @Override
    public void close() {
        try (job) {
            for (Path part : parts) {
                disk.delete(part);
            }
            disk.delete(jobPath());
            lock.release();
        } catch (IOException e) {
            // The job's file is still there, and the next one that finishes into this folder tidies up.
            return;
        } finally {
            RUNNING.remove(id);
        }
    }

    /** What a job's file says: the passing names and the names they are to have. */
    static final class Plan {
        private static final ObjectMapper MAPPER = new ObjectMapper();

        private Plan() {}

        static byte[] write(List<Pair> pairs) throws JsonProcessingException {
            ArrayNode list = MAPPER.createArrayNode();
            for (Pair pair : pairs) {
                list.addObject()
                        .put("passing", pair.passing().getFileName().toString())
                        .put("name", pair.name().getFileName().toString());
            }
            return MAPPER.writeValueAsBytes(list);
        }

        /** The pairs in a folder; none where the file was cut off, for then nothing had been named. */
        static List<Pair> read(byte[] written, GuardedFolder folder) {
            List<Pair> pairs = new ArrayList<>();
            try {
                for (var one : MAPPER.readTree(written)) {
                    pairs.add(new Pair(
                            folder.place(one.path("passing").asText()),
                            folder.place(one.path("name").asText())));
                }
                return pairs;
            } catch (IOException e) {
                return List.of();
            }
        }
    }
}
