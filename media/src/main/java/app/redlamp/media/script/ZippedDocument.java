package app.redlamp.media.script;

import app.redlamp.core.fault.Reason;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;

/**
 * A document that is an archive. Entries are found by name and never written anywhere; each is read up to a limit,
 * whatever the archive says of its size, and so are all of them together.
 */
final class ZippedDocument implements AutoCloseable {
    private static final int MOST_ENTRIES = 20_000;
    private static final int MOST_BYTES = 32 << 20;
    private static final long MOST_IN_ALL = 128L << 20;
    /** Text packs better than this, pictures do not. */
    private static final long MOST_PACKING = 3;

    private final ZipFile zip;
    private long read;

    ZippedDocument(Path file) throws IOException {
        try {
            zip = new ZipFile(file.toFile());
        } catch (ZipException e) {
            throw new DocumentFault(Faults.say("zipped-document.is-cut-off"), e);
        }
        if (zip.size() > MOST_ENTRIES) {
            zip.close();
            throw new DocumentFault(Faults.say("zipped-document.holds-parts-more", zip.size()));
        }
    }

    boolean has(String name) {
        return zip.getEntry(name) != null;
    }

    /** @throws DocumentFault where it is missing or unpacks to more than any chapter has */
    byte[] bytes(String name) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw new DocumentFault(Faults.say("zipped-document.lacks-its-part", Reason.shown(name)));
        }
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] bytes = in.readNBytes(MOST_BYTES + 1);
            read += bytes.length;
            if (bytes.length > MOST_BYTES || read > MOST_IN_ALL) {
                throw tooLarge();
            }
            return bytes;
        }
    }

    /**
     * Unpacks every entry without keeping it, whatever it is called, and refuses a document that unpacks to more than it may.
     * Pictures and sounds, which hardly pack, may be as large as they are.
     */
    void checkSizes() throws IOException {
        byte[] buffer = new byte[1 << 16];
        long all = 0;
        for (var entries = zip.entries(); entries.hasMoreElements(); ) {
            ZipEntry entry = entries.nextElement();
            long dense = MOST_PACKING * Math.max(0, entry.getCompressedSize());
            try (InputStream in = zip.getInputStream(entry)) {
                long size = 0;
                for (int n = in.read(buffer); n > 0; n = in.read(buffer)) {
                    size += n;
                    all += size > dense ? n : 0;
                    if ((size > MOST_BYTES && size > dense) || all > MOST_IN_ALL) {
                        throw tooLarge();
                    }
                }
            }
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }

    static DocumentFault tooLarge() {
        return new DocumentFault(Faults.say("zipped-document.unpacks-to-far"));
    }
}
