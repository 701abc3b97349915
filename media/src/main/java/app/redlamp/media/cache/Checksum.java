package app.redlamp.media.cache;

import java.nio.ByteBuffer;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.Optional;

/** SHA-256 (FIPS 180-4) over what is kept, so that what a disk has changed is not taken for what was written. */
final class Checksum {
    private static final int BYTES = 32;

    private final MessageDigest digest = sha256();

    void add(byte[] bytes, int count) {
        digest.update(bytes, 0, count);
    }

    /** The sum of all that was added, 64 digits; begins anew. */
    String hex() {
        return HexFormat.of().formatHex(digest.digest());
    }

    /** Content with its sum before it. */
    static byte[] sealed(byte[] content) {
        return ByteBuffer.allocate(BYTES + content.length)
                .put(sha256().digest(content))
                .put(content)
                .array();
    }

    /** Content without its sum; absent where they do not go together. */
    static Optional<byte[]> content(byte[] sealed) {
        if (sealed.length < BYTES) {
            return Optional.empty();
        }
        byte[] content = Arrays.copyOfRange(sealed, BYTES, sealed.length);
        return MessageDigest.isEqual(sha256().digest(content), Arrays.copyOf(sealed, BYTES))
                ? Optional.of(content)
                : Optional.empty();
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
