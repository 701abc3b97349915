package app.redlamp.media.wav;

import app.redlamp.core.signal.Labels;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Tags and cue points of a WAV file: the {@code LIST INFO}, {@code cue} and {@code LIST adtl} chunks of the Multimedia
 * Programming Interface and Data Specifications 1.0 (1991).
 */
final class WavLabels {
    /** More than this of a chunk is not looked at. */
    static final int MOST_BYTES = 1 << 20;

    private static final int MOST_CUES = 10_000;
    private static final int LONGEST_TEXT = 4096;
    private static final int CUE_BYTES = 24;
    private static final Map<String, String> NAMES = new TreeMap<>(Map.of(
            "INAM", "title",
            "IART", "artist",
            "IPRD", "album",
            "ICMT", "comment",
            "ICRD", "date",
            "IGNR", "genre",
            "ITRK", "track",
            "ICOP", "copyright"));

    private final Map<String, String> tags = new HashMap<>();
    private final Map<Integer, Long> cues = new TreeMap<>();
    private final Map<Integer, String> texts = new HashMap<>();

    /** Takes a chunk if it is one of these. */
    void read(String name, ByteBuffer content) {
        if (name.equals("cue ")) {
            readCues(content);
        } else if (name.equals("LIST") && content.remaining() >= 4) {
            String kind = ChunkCursor.letters(content, 0);
            content.position(4);
            readList(kind, content);
        }
    }

    Labels labels(int sampleRateHz) {
        List<Labels.Cue> marked = new ArrayList<>();
        cues.forEach(
                (id, frame) -> marked.add(new Labels.Cue((double) frame / sampleRateHz, texts.getOrDefault(id, ""))));
        marked.sort(Comparator.comparingDouble(Labels.Cue::atS));
        return new Labels(tags, marked);
    }

    private void readCues(ByteBuffer content) {
        if (content.remaining() < 4) {
            return;
        }
        long count = Math.min(MOST_CUES, content.getInt(0) & 0xFFFFFFFFL);
        for (int i = 0; i < count && 4 + (i + 1) * CUE_BYTES <= content.limit(); i++) {
            int at = 4 + i * CUE_BYTES;
            if (cues.size() < MOST_CUES) {
                cues.put(content.getInt(at), content.getInt(at + 20) & 0xFFFFFFFFL);
            }
        }
    }

    private void readList(String kind, ByteBuffer content) {
        while (content.remaining() >= 8) {
            String name = ChunkCursor.letters(content, content.position());
            int length = (int) Math.min(content.getInt(content.position() + 4) & 0xFFFFFFFFL, content.remaining() - 8L);
            int start = content.position() + 8;
            if (kind.equals("INFO") && NAMES.containsKey(name)) {
                tags.put(NAMES.get(name), text(content, start, length));
            } else if (kind.equals("adtl") && name.equals("labl") && length >= 4 && texts.size() < MOST_CUES) {
                texts.put(content.getInt(start), text(content, start + 4, length - 4));
            }
            content.position(Math.min(content.limit(), start + length + (length & 1)));
        }
    }

    private static String text(ByteBuffer content, int at, int length) {
        byte[] bytes = new byte[Math.min(LONGEST_TEXT, length)];
        content.get(at, bytes);
        int end = 0;
        while (end < bytes.length && bytes[end] != 0) {
            end++;
        }
        return new String(bytes, 0, end, StandardCharsets.UTF_8).trim();
    }

    /** The chunks that hold these labels, each with its header and padded; empty where there are none. */
    static byte[] write(Labels labels, int sampleRateHz) {
        List<byte[]> chunks = new ArrayList<>();
        List<byte[]> info = new ArrayList<>();
        NAMES.forEach((name, key) -> labels.tag(key).ifPresent(t -> info.add(chunk(name, terminated(t)))));
        if (!info.isEmpty()) {
            chunks.add(list("INFO", info));
        }
        if (!labels.cues().isEmpty()) {
            chunks.addAll(cueChunks(labels.cues(), sampleRateHz));
        }
        return joined(chunks);
    }

    private static List<byte[]> cueChunks(List<Labels.Cue> cues, int sampleRateHz) {
        byte[] points = new byte[4 + cues.size() * CUE_BYTES];
        ByteBuffer written = little(points).putInt(cues.size());
        List<byte[]> texts = new ArrayList<>();
        for (int i = 0; i < cues.size(); i++) {
            int frame = (int) Math.min(0xFFFFFFFFL, Math.round(cues.get(i).atS() * sampleRateHz));
            written.putInt(i + 1).putInt(frame).put("data".getBytes(StandardCharsets.US_ASCII));
            written.putInt(0).putInt(0).putInt(frame);
            byte[] text = terminated(cues.get(i).text());
            byte[] label = new byte[4 + text.length];
            little(label).putInt(i + 1).put(text);
            texts.add(chunk("labl", label));
        }
        return List.of(chunk("cue ", points), list("adtl", texts));
    }

    private static byte[] list(String kind, List<byte[]> chunks) {
        List<byte[]> parts = new ArrayList<>(List.of(kind.getBytes(StandardCharsets.US_ASCII)));
        parts.addAll(chunks);
        return chunk("LIST", joined(parts));
    }

    /** A chunk with its header and pad byte. */
    static byte[] chunk(String name, byte[] content) {
        byte[] chunk = new byte[8 + content.length + (content.length & 1)];
        little(chunk)
                .put(name.getBytes(StandardCharsets.US_ASCII))
                .putInt(content.length)
                .put(content);
        return chunk;
    }

    private static byte[] terminated(String text) {
        return (text + "\0").getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] joined(List<byte[]> parts) {
        byte[] all = new byte[parts.stream().mapToInt(p -> p.length).sum()];
        ByteBuffer buffer = little(all);
        parts.forEach(buffer::put);
        return all;
    }

    private static ByteBuffer little(byte[] bytes) {
        return ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
    }
}
