package app.redlamp.media.script;

import app.redlamp.core.planning.script.PlainText;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Progress;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/** Plain text: UTF-8 or UTF-16 where it says or is so, else the code page that older programs write. */
final class TextScript {
    private static final Charset OLD = Charset.forName("windows-1252");
    /** A text of that many characters takes at most so many bytes. */
    private static final long MOST_BYTES = 4L * BlockList.MOST_CHARACTERS;

    private TextScript() {}

    static ScriptText read(Path file, Progress progress) throws IOException {
        String text = string(file);
        progress.check();
        ScriptText read = PlainText.read(text);
        progress.at(1);
        return read;
    }

    /** The whole text of a file. */
    static String string(Path file) throws IOException {
        if (Files.size(file) > MOST_BYTES) {
            throw BlockList.tooLong();
        }
        byte[] bytes = Files.readAllBytes(file);
        String text = decode(bytes);
        if (text.length() > BlockList.MOST_CHARACTERS) {
            throw BlockList.tooLong();
        }
        return text;
    }

    /** Whether bytes are no text in any of the encodings. */
    static boolean isBinary(byte[] head) {
        if (wide(head) != null) {
            return false;
        }
        int strange = 0;
        for (byte b : head) {
            boolean usual = b < 0 || b >= ' ' || b == '\n' || b == '\r' || b == '\t' || b == '\f' || b == 0x1b;
            strange += usual ? 0 : 1;
            if (b == 0) {
                return true;
            }
        }
        return strange * 50 > head.length;
    }

    private static String decode(byte[] bytes) {
        Charset wide = wide(bytes);
        if (wide != null) {
            return new String(bytes, 2, bytes.length - 2, wide);
        }
        int from = bytes.length >= 3 && bytes[0] == (byte) 0xef && bytes[1] == (byte) 0xbb && bytes[2] == (byte) 0xbf
                ? 3
                : 0;
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes, from, bytes.length - from))
                    .toString();
        } catch (CharacterCodingException e) {
            return new String(bytes, OLD);
        }
    }

    /** The encoding that a mark at the beginning says; null where there is none. */
    private static Charset wide(byte[] bytes) {
        if (bytes.length < 2) {
            return null;
        }
        boolean big = bytes[0] == (byte) 0xfe && bytes[1] == (byte) 0xff;
        boolean little = bytes[0] == (byte) 0xff && bytes[1] == (byte) 0xfe;
        return big ? StandardCharsets.UTF_16BE : little ? StandardCharsets.UTF_16LE : null;
    }
}
