package app.redlamp.media.production;

import app.redlamp.core.planning.plan.TakeFinder.Found;
import app.redlamp.core.port.Progress;
import app.redlamp.media.AudioFiles;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/** Looks at the recordings of a production and at what they take on disk; a file that has not changed is not opened again.
 * Several looks may go on at once. */
final class FolderSight {
    private static final Set<String> ENDINGS =
            Set.of("wav", "w64", "rf64", "flac", "aif", "aiff", "mp3", "m4a", "ogg", "opus");
    private static final int MOST_FILES = 5_000;

    private final Map<String, Double> lengths = new ConcurrentHashMap<>();

    List<Found> recordings(Path folder, Progress progress) throws IOException {
        List<Path> raw = files(folder.resolve("raw"));
        List<Path> ready = files(folder.resolve("ready"));
        List<Found> found = new ArrayList<>();
        int count = raw.size() + ready.size();
        for (int i = 0; i < count; i++) {
            progress.check();
            progress.at((double) i / count);
            boolean isReady = i >= raw.size();
            Path file = isReady ? ready.get(i - raw.size()) : raw.get(i);
            double lengthS = lengthS(file);
            if (lengthS > 0) {
                found.add(new Found(file.getFileName().toString(), lengthS, isReady));
            }
        }
        return found;
    }

    /** Bytes in a folder and all that is below it. */
    static long usedBytes(Path folder) throws IOException {
        long[] sum = {0, 0};
        Files.walkFileTree(folder, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) {
                sum[0] += attributes.isRegularFile() ? attributes.size() : 0;
                return ++sum[1] > 20L * MOST_FILES ? FileVisitResult.TERMINATE : FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult visitFileFailed(Path file, IOException e) {
                // A file that is gone or may not be seen takes nothing that could be counted.
                return FileVisitResult.CONTINUE;
            }
        });
        return sum[0];
    }

    private static List<Path> files(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(FolderSight::isRecording)
                    .sorted()
                    .limit(MOST_FILES)
                    .toList();
        } catch (UncheckedIOException e) {
            throw e.getCause();
        }
    }

    private static boolean isRecording(Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        return !name.startsWith(".") && ENDINGS.contains(name.substring(name.lastIndexOf('.') + 1));
    }

    private double lengthS(Path file) {
        try {
            String key = file + " " + Files.size(file) + " "
                    + Files.getLastModifiedTime(file).toMillis();
            Double known = lengths.get(key);
            if (known == null) {
                AudioFiles.Opened opened = AudioFiles.open(file);
                known = opened.info().durationS();
                opened.source().close();
                lengths.put(key, known);
            }
            return known;
        } catch (IOException e) {
            // No recording, or none that can be read: the Deliver station says so when it is delivered.
            return 0;
        }
    }
}
