package app.redlamp.media.record;

import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.core.planning.take.Mark;
import app.redlamp.core.taking.raw.LostStretch;
import app.redlamp.core.taking.raw.TakeHead;
import app.redlamp.media.disk.Disk;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.Codec;
import app.redlamp.media.json.JsonDocument;
import app.redlamp.media.json.JsonObject;
import app.redlamp.media.json.Texts;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayOutputStream;
import java.io.Closeable;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is known of a take while it is recorded, a JSON object a line, beside its file (docs/formats.md): whoever finds one finds a take
 * that was not ended. Lines are only added; a step that the disk refuses can be tried again.
 */
final class TakeJournal implements Closeable {
    private static final String PREFIX = ".take-";
    private static final String ENDING = ".jsonl";
    private static final String ENDED = "ended";

    /** A take of many hours with a mark each second has less. */
    private static final long MOST_BYTES = 16 << 20;

    private static final ObjectMapper MAPPER = new ObjectMapper();

    private static final Codec<RecordingFormat> FORMAT = Codec.of(o -> new RecordingFormat(
            o.integer("sampleRateHz", RecordingFormat::sampleRateHz),
            o.integer("bitDepth", RecordingFormat::bitDepth),
            o.integer("channels", RecordingFormat::channels)));

    private static final Codec<TakeHead> HEAD = Codec.of(o -> new TakeHead(
            o.text("name", TakeHead::name),
            o.text("piece", TakeHead::piece),
            o.as("begun", Texts.MOMENT, TakeHead::begun),
            o.object("format", FORMAT, TakeHead::format),
            o.optionalText("card", TakeHead::card),
            o.text("input", TakeHead::input),
            o.flag("simulated", TakeHead::simulated)));

    private static final Codec<LostStretch> LOST =
            Codec.of(o -> new LostStretch((long) o.number("atFrame", l -> (double) l.atFrame()), (long)
                    o.number("frames", l -> (double) l.frames())));

    private static final Codec<Mark> MARK = Codec.of(o -> new Mark(
            o.number("atS", Mark::atS),
            o.number("lengthS", Mark::lengthS),
            o.text("mark", Mark::kind),
            o.text("note", Mark::note)));

    private final Disk disk;
    private final FileChannel file;
    private final ByteArrayOutputStream pending = new ByteArrayOutputStream();
    private final List<Mark> marks = new ArrayList<>();
    private final List<LostStretch> lost = new ArrayList<>();
    private boolean ended;
    private long end;

    private TakeJournal(Disk disk, FileChannel file) {
        this.disk = disk;
        this.file = file;
    }

    /**
     * What stands in a journal.
     *
     * @param marks those that were written whole, as are the stretches
     * @param ended whether the file was ended and not cut off
     */
    record Read(TakeHead head, List<Mark> marks, List<LostStretch> lost, boolean ended) {}

    /** Where the journal of a take lies. */
    static Path of(Path wav) {
        return wav.resolveSibling(PREFIX + wav.getFileName() + ENDING);
    }

    static boolean isOne(Path file) {
        String name = file.getFileName().toString();
        return name.startsWith(PREFIX) && name.endsWith(ENDING);
    }

    /** Name of the take that a journal belongs to. */
    static String takeOf(Path journal) {
        String name = journal.getFileName().toString();
        return name.substring(PREFIX.length(), name.length() - ENDING.length());
    }

    /**
     * Begins one.
     *
     * @throws IOException where it cannot be written, or is there already
     */
    static TakeJournal begin(Disk disk, Path wav, TakeHead head) throws IOException {
        TakeJournal journal = new TakeJournal(disk, disk.create(of(wav)));
        try {
            journal.add("take", HEAD, head);
            journal.settle();
            return journal;
        } catch (IOException e) {
            journal.close();
            disk.delete(of(wav));
            throw e;
        }
    }

    private synchronized <T> void add(String kind, Codec<T> codec, T thing) throws IOException {
        ObjectNode line = MAPPER.createObjectNode().put("kind", kind);
        codec.write(thing, line);
        pending.writeBytes((MAPPER.writeValueAsString(line) + "\n").getBytes(StandardCharsets.UTF_8));
    }

    /** Notes a mark; it is on the disk when the journal is settled next. */
    synchronized void mark(Mark mark) throws IOException {
        add("mark", MARK, mark);
        marks.add(mark);
    }

    /** Notes what was lost; it is on the disk when the journal is settled next. */
    synchronized void lost(LostStretch stretch) throws IOException {
        add("lost", LOST, stretch);
        lost.add(stretch);
    }

    /** Notes that the file is ended; it is on the disk when the journal is settled next. */
    synchronized void ended() {
        if (!ended) {
            pending.writeBytes((MAPPER.createObjectNode().put("kind", ENDED) + "\n").getBytes(StandardCharsets.UTF_8));
            ended = true;
        }
    }

    synchronized List<Mark> marks() {
        return List.copyOf(marks);
    }

    synchronized List<LostStretch> lost() {
        return List.copyOf(lost);
    }

    /** @throws IOException where the disk does not take it; it is kept, and can be tried again */
    synchronized void settle() throws IOException {
        if (pending.size() > 0) {
            file.position(end);
            disk.write(file, ByteBuffer.wrap(pending.toByteArray()));
            disk.sync(file);
            end += pending.size();
            pending.reset();
        }
    }

    @Override
    public synchronized void close() throws IOException {
        file.close();
    }

    /**
     * Reads one.
     *
     * @throws IOException where it has no head; a line that was cut off and what is not known is passed over
     */
    static Read read(Path journal) throws IOException {
        if (Files.size(journal) > MOST_BYTES) {
            throw new IOException(Faults.say("take-journal.is-none"));
        }
        List<TakeHead> heads = new ArrayList<>();
        List<Mark> marks = new ArrayList<>();
        List<LostStretch> lost = new ArrayList<>();
        boolean whole = false;
        String text = new String(Files.readAllBytes(journal), StandardCharsets.UTF_8);
        for (String line : text.split("\n", -1)) {
            Optional<JsonObject> object = object(line);
            if (object.isPresent()) {
                add(object.get(), heads, marks, lost);
                whole |= object.get().optionalText("kind").filter(ENDED::equals).isPresent();
            }
        }
        if (heads.isEmpty()) {
            throw new IOException(Faults.say("take-journal.is-none"));
        }
        return new Read(heads.get(0), marks, lost, whole);
    }

    /** Absent for the last line of a take that was cut off. */
    private static Optional<JsonObject> object(String line) {
        try {
            return Optional.of(JsonDocument.readTolerant(line.getBytes(StandardCharsets.UTF_8)));
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /** Adds what a line tells; nothing for one that a newer version wrote. */
    private static void add(JsonObject line, List<TakeHead> heads, List<Mark> marks, List<LostStretch> lost) {
        try {
            switch (line.text("kind")) {
                case "take" -> heads.add(HEAD.read(line));
                case "mark" -> marks.add(MARK.read(line));
                case "lost" -> lost.add(LOST.read(line));
                default -> {}
            }
        } catch (IOException e) {
            // What it tells is not known here.
            return;
        }
    }
}
