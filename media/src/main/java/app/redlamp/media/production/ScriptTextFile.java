package app.redlamp.media.production;

import app.redlamp.core.fault.Reason;
import app.redlamp.core.planning.script.Block;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;

/**
 * The text of a script as a file that anybody can read: UTF-8, a line a block with an empty line after it; headings begin with
 * number signs, a form feed is the end of a page, and a backslash at the beginning of a line stands before what would
 * otherwise be read as one of these (docs/formats.md).
 */
final class ScriptTextFile {
    private static final String PAGE = "\f";
    private static final int NAME_DIGITS = 16;

    private ScriptTextFile() {}

    static byte[] write(ScriptText text) {
        StringBuilder file = new StringBuilder();
        for (Block block : text.blocks()) {
            file.append(
                            switch (block.kind()) {
                                case HEADING -> "#".repeat(block.level()) + " " + block.text();
                                case PAGE_BREAK -> PAGE;
                                case PARAGRAPH -> escaped(block.text());
                            })
                    .append("\n\n");
        }
        return file.toString().getBytes(StandardCharsets.UTF_8);
    }

    static ScriptText read(byte[] file) {
        List<Block> blocks = new ArrayList<>();
        for (String line : new String(file, StandardCharsets.UTF_8).split("\n", -1)) {
            if (line.equals(PAGE)) {
                blocks.add(Block.PAGE);
            } else if (!line.isEmpty()) {
                blocks.add(block(line));
            }
        }
        return new ScriptText(blocks);
    }

    /** Its name follows from what is in it, so that no text is ever written over another. */
    static String name(byte[] file) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(file);
            return "text-" + HexFormat.of().formatHex(digest).substring(0, NAME_DIGITS) + ".txt";
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** @throws IOException where the name is none that this version gives */
    static String checkedName(String name) throws IOException {
        if (!name.matches("text-[0-9a-f]{" + NAME_DIGITS + "}\\.txt")) {
            throw new IOException(Faults.say("script-text-file.script-text-is", Reason.shown(name)));
        }
        return name;
    }

    private static Block block(String line) {
        int level = 0;
        while (level < line.length() && line.charAt(level) == '#') {
            level++;
        }
        boolean heading = level >= 1 && level <= 6 && level + 1 < line.length() && line.charAt(level) == ' ';
        if (heading) {
            return Block.heading(level, line.substring(level + 1));
        }
        return Block.paragraph(line.startsWith("\\") && line.length() > 1 ? line.substring(1) : line);
    }

    private static String escaped(String text) {
        return text.startsWith("#") || text.startsWith("\\") || text.startsWith(PAGE) ? "\\" + text : text;
    }
}
