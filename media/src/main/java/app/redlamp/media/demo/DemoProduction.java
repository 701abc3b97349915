package app.redlamp.media.demo;

import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.units.Decibels;
import app.redlamp.media.AudioFiles;
import app.redlamp.media.ffmpeg.ResampledSource;
import app.redlamp.media.room.RoomShelf;
import app.redlamp.media.wav.WavWriter;
import java.io.IOException;
import java.io.InputStream;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * The demo, built afresh at every start: the audiobook <i>Borrowed Weather</i> with five recordings in {@code raw/}, made from
 * the dry voice that ships, and beside it an audio guide and a podcast that are only planned. The copy of the start before is removed unless it is still in use.
 */
public final class DemoProduction implements AutoCloseable {
    public static final String TITLE = "Borrowed Weather";

    private static final String PREFIX = "copy-";
    private static final int BLOCK = 8192;

    private final Path folder;
    private final FileChannel lockFile;
    private final FileLock lock;

    private DemoProduction(Path folder, FileChannel lockFile, FileLock lock) {
        this.folder = folder;
        this.lockFile = lockFile;
        this.lock = lock;
    }

    /** Makes a copy below {@code parent}, without recordings yet, that stays until {@link #close} and the next start. */
    public static DemoProduction in(Path parent) throws IOException {
        return in(parent, Clock.system(ZoneId.systemDefault()));
    }

    /** The same with a clock of its own, which decides when the demo's deadlines are. */
    public static DemoProduction in(Path parent, Clock clock) throws IOException {
        Files.createDirectories(parent);
        removeUnused(parent);
        Path copy = Files.createTempDirectory(parent, PREFIX);
        FileChannel file = FileChannel.open(lockPath(copy), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        Path folder = DemoBriefs.write(copy, clock);
        return new DemoProduction(folder, file, file.tryLock());
    }

    /** The audiobook's folder. */
    public Path folder() {
        return folder;
    }

    /** The folders of all three productions, the audiobook first. */
    public List<Path> folders() throws IOException {
        List<Path> all = new ArrayList<>(List.of(folder));
        try (Stream<Path> beside = Files.list(folder.getParent())) {
            beside.filter(f -> Files.isDirectory(f) && !f.equals(folder))
                    .sorted()
                    .forEach(all::add);
        }
        return all;
    }

    /** How many recordings there are. */
    public static int size() {
        return DemoTake.ALL.size();
    }

    /**
     * Builds one recording, unless it is there; it appears under its name only when it is whole. Several may be built at
     * once.
     *
     * @param index from 0, in the order of the chapters
     */
    public Path recording(int index) throws IOException {
        DemoTake take = DemoTake.ALL.get(index);
        Path raw = Files.createDirectories(folder.resolve("raw"));
        Path recording = raw.resolve(take.name() + ".wav");
        if (!Files.exists(recording)) {
            build(take, recording);
        }
        return recording;
    }

    /** Recordings of the room that go with the demo: a clap, a sentence before and after, a night. */
    public static List<String> soundNames() {
        return List.of(DemoSounds.CLAP, DemoSounds.BEFORE, DemoSounds.AFTER, DemoSounds.NIGHT);
    }

    /**
     * Builds a recording of the room in {@code tone/}, unless it is there; it appears under its name only when it is whole.
     *
     * @param name one of {@link #soundNames}
     */
    public Path sound(String name) throws IOException {
        Path tone = Files.createDirectories(folder.resolve("tone"));
        Path file = tone.resolve(name);
        if (!Files.exists(file)) {
            new DemoSounds(RoomShelf.in(folder)).write(name, file);
        }
        return file;
    }

    /** Builds all recordings, one after the other. */
    public List<Path> recordings() throws IOException {
        List<Path> made = new ArrayList<>();
        for (int i = 0; i < size(); i++) {
            made.add(recording(i));
        }
        return made;
    }

    @Override
    public void close() throws IOException {
        if (lock != null) {
            lock.release();
        }
        lockFile.close();
    }

    private static void build(DemoTake take, Path recording) throws IOException {
        Path dry = Files.createTempFile(recording.getParent(), ".dry-", ".flac");
        Path part = recording.resolveSibling(recording.getFileName() + ".part");
        try {
            try (InputStream voice = DemoProduction.class.getResourceAsStream(take.name() + ".flac")) {
                Files.copy(voice, dry, StandardCopyOption.REPLACE_EXISTING);
            }
            Files.deleteIfExists(part);
            try (AudioSource voice = ResampledSource.of(AudioFiles.open(dry).source(), take.sampleRateHz());
                    WavWriter writer = new WavWriter(part, take.sampleRateHz(), take.channels(), 24)) {
                write(take, voice, writer);
            }
            Files.move(part, recording, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(dry);
            Files.deleteIfExists(part);
        }
    }

    private static void write(DemoTake take, AudioSource voice, WavWriter writer) throws IOException {
        RoomNoise[] noises = new RoomNoise[take.channels()];
        for (int c = 0; c < noises.length; c++) {
            noises[c] = new RoomNoise(take.sampleRateHz(), take.steadyDbfs(), take.humDbfs(), take.seed(c));
        }
        float gain = (float) Decibels.toAmplitude(take.gainDb());
        float[][] dry = new float[1][BLOCK];
        float[][] wet = new float[take.channels()][BLOCK];
        silence(take.headS(), take, dry, wet, noises, writer);
        for (int n = voice.read(dry, BLOCK); n > 0; n = voice.read(dry, BLOCK)) {
            mix(dry[0], gain, n, wet, noises);
            writer.accept(wet, n);
        }
        silence(take.tailS(), take, dry, wet, noises, writer);
    }

    private static void silence(
            double seconds, DemoTake take, float[][] dry, float[][] wet, RoomNoise[] noises, WavWriter writer)
            throws IOException {
        for (long left = Math.round(seconds * take.sampleRateHz()); left > 0; left -= BLOCK) {
            int count = (int) Math.min(BLOCK, left);
            mix(dry[0], 0, count, wet, noises);
            writer.accept(wet, count);
        }
    }

    private static void mix(float[] dry, float gain, int count, float[][] wet, RoomNoise[] noises) {
        for (int c = 0; c < wet.length; c++) {
            for (int i = 0; i < count; i++) {
                double sum = dry[i] * gain + noises[c].next();
                wet[c][i] = (float) Math.max(-1, Math.min(1, sum));
            }
        }
    }

    private static void removeUnused(Path parent) throws IOException {
        try (DirectoryStream<Path> copies = Files.newDirectoryStream(parent, PREFIX + "*")) {
            for (Path copy : copies) {
                try {
                    if (!Files.isSymbolicLink(copy) && unused(copy)) {
                        removeTree(copy);
                    }
                } catch (NoSuchFileException e) {
                    // Another demo that starts at this moment removes it too.
                }
            }
        }
    }

    private static boolean unused(Path copy) throws IOException {
        Path path = lockPath(copy);
        if (!Files.exists(path)) {
            return false;
        }
        try (FileChannel file = FileChannel.open(path, StandardOpenOption.WRITE);
                FileLock free = file.tryLock()) {
            return free != null;
        } catch (java.nio.channels.OverlappingFileLockException e) {
            return false;
        }
    }

    private static void removeTree(Path copy) throws IOException {
        try (Stream<Path> tree = Files.walk(copy)) {
            for (Path path : tree.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(path);
            }
        }
    }

    private static Path lockPath(Path copy) {
        return copy.resolve("in-use.lock");
    }
}
