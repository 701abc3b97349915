package app.redlamp.media.cache;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.concurrent.TimeUnit;

/**
 * Stands for a file as long as nobody has touched it: its name, size and time of change, and what is in it at its beginning,
 * at its end and at places between. Size and time alone stay as they are when a disk or another program destroys a file.
 */
final class FileStamp {
    private static final int PLACES = 16;
    private static final int PLACE_BYTES = 4096;
    private static final int DIGITS = 32;

    private FileStamp() {}

    /** @throws IOException where it cannot be read */
    static String of(Path file) throws IOException {
        long size = Files.size(file);
        String text = file.toAbsolutePath().normalize() + "\n" + size + "\n"
                + Files.getLastModifiedTime(file).to(TimeUnit.NANOSECONDS) + "\n";
        Checksum sum = new Checksum();
        byte[] named = text.getBytes(StandardCharsets.UTF_8);
        sum.add(named, named.length);
        byte[] bytes = new byte[PLACE_BYTES];
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            for (int place = 0; place <= PLACES; place++) {
                long at = Math.max(0, size - PLACE_BYTES) * place / PLACES;
                int read = channel.read(ByteBuffer.wrap(bytes), at);
                sum.add(bytes, Math.max(0, read));
            }
        }
        return sum.hex().substring(0, DIGITS);
    }
}
