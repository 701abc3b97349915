package app.redlamp.media.production;

import app.redlamp.core.setting.card.GainCard;
import app.redlamp.media.disk.AtomicFile;
import app.redlamp.media.disk.Disk;
import app.redlamp.media.disk.GuardedFolder;
import app.redlamp.media.disk.PassingName;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;

/** Copies of files that belong to a production, under names that are free in its folder. */
final class KeptFiles {
    private static final String SCRIPT = "script";
    private static final long MOST_PICTURE_BYTES = 30L << 20;
    private static final byte[] PNG = {(byte) 0x89, 'P', 'N', 'G'};
    private static final byte[] JPEG = {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF};

    private KeptFiles() {}

    /** Keeps a script in {@code script/}. */
    static void script(Path folder, Path file) throws IOException {
        keep(folder, SCRIPT, file);
    }

    /**
     * Keeps a picture in {@code pictures/}.
     *
     * @return its name in the production's folder, with slashes
     * @throws IOException where it is no PNG or JPEG, too large, or cannot be copied; one line
     */
    static String picture(Path folder, Path file) throws IOException {
        if (Files.size(file) > MOST_PICTURE_BYTES) {
            throw new IOException(Faults.say("kept-files.is-larger-than", file.getFileName()));
        }
        if (!isPicture(file)) {
            throw new IOException(Faults.say("kept-files.is-no-png", file.getFileName()));
        }
        Path kept = keep(folder, GainCard.PICTURES, file);
        return GainCard.PICTURES + "/" + kept.getFileName();
    }

    private static boolean isPicture(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            byte[] head = in.readNBytes(PNG.length);
            return Arrays.equals(head, PNG) || Arrays.equals(Arrays.copyOf(head, JPEG.length), JPEG);
        }
    }

    private static Path keep(Path root, String within, Path file) throws IOException {
        Path folder = new GuardedFolder(root).folder(within);
        Path wanted = folder.resolve(file.getFileName().toString().replace('\\', '_'));
        Path part = PassingName.beside(wanted);
        try {
            Files.copy(file, part);
            Disk.REAL.sync(part);
            return AtomicFile.publish(Disk.REAL, part, wanted);
        } finally {
            Files.deleteIfExists(part);
        }
    }
}
