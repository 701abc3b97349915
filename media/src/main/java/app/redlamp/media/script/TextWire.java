package app.redlamp.media.script;

import app.redlamp.core.planning.script.Block;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.media.fault.Faults;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/** What a reading process says to the one that started it: signs of life, then a text or why there is none. */
final class TextWire {
    static final byte BEGUN = 'b';
    static final byte PROGRESS = 'p';
    static final byte FAULT = 'f';
    static final byte TEXT = 't';

    private static final int LONGEST_FAULT = 2000;
    private static final int MOST_BLOCKS = ScriptText.MOST_CHARACTERS;
    private static final int MOST_BYTES = 4 * ScriptText.MOST_CHARACTERS;

    private TextWire() {}

    static void write(DataOutputStream out, ScriptText text) throws IOException {
        out.writeByte(TEXT);
        out.writeInt(text.size());
        for (Block block : text.blocks()) {
            byte[] bytes = block.text().getBytes(StandardCharsets.UTF_8);
            out.writeByte(letter(block.kind()));
            out.writeByte(block.level());
            out.writeInt(bytes.length);
            out.write(bytes);
        }
        out.flush();
    }

    static void fault(DataOutputStream out, String message) throws IOException {
        byte[] bytes = message.getBytes(StandardCharsets.UTF_8);
        out.writeByte(FAULT);
        out.writeInt(Math.min(LONGEST_FAULT, bytes.length));
        out.write(bytes, 0, Math.min(LONGEST_FAULT, bytes.length));
        out.flush();
    }

    static String fault(DataInputStream in) throws IOException {
        return new String(bytes(in, LONGEST_FAULT), StandardCharsets.UTF_8);
    }

    /** Whoever reads believes nothing: the process that writes has taken in a document of somebody else's. */
    static ScriptText text(DataInputStream in) throws IOException {
        int count = in.readInt();
        if (!(count >= 0 && count <= MOST_BLOCKS)) {
            throw new IOException(Faults.say("text-wire.blocks", count));
        }
        List<Block> blocks = new ArrayList<>();
        long left = MOST_BYTES;
        for (int i = 0; i < count; i++) {
            int kind = in.readByte();
            int level = in.readByte();
            byte[] bytes = bytes(in, left);
            left -= bytes.length;
            blocks.add(block(kind, level, new String(bytes, StandardCharsets.UTF_8)));
        }
        return new ScriptText(blocks);
    }

    private static char letter(Block.Kind kind) {
        return switch (kind) {
            case HEADING -> 'h';
            case PARAGRAPH -> 'p';
            case PAGE_BREAK -> 'b';
        };
    }

    private static Block block(int letter, int level, String text) throws IOException {
        return switch (letter) {
            case 'h' -> Block.heading(level, text);
            case 'p' -> Block.paragraph(text);
            case 'b' -> Block.PAGE;
            default -> throw new IOException(Faults.say("text-wire.kind", letter));
        };
    }

    private static byte[] bytes(DataInputStream in, long most) throws IOException {
        int length = in.readInt();
        if (!(length >= 0 && length <= most)) {
            throw new IOException(Faults.say("text-wire.bytes", length));
        }
        return in.readNBytes(length);
    }
}
