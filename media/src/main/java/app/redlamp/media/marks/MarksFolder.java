package app.redlamp.media.marks;

import app.redlamp.core.port.LearntControls;
import app.redlamp.core.setting.marks.Learnt;
import app.redlamp.core.setting.marks.Phrase;
import app.redlamp.core.setting.marks.Positions;
import app.redlamp.core.setting.marks.Scale;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.json.Codec;
import app.redlamp.media.json.DocumentFolder;
import app.redlamp.media.json.Texts;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** What was learnt of knobs and sliders: {@code marks/} of the library, a document for each device (docs/formats.md). */
public final class MarksFolder implements LearntControls {
    private static final int FORMAT = 1;

    private static final Texts<Scale> SCALE = Texts.named(Scale.class);

    private static final Codec<Phrase> PHRASE = Codec.strict(o -> new Phrase(
            new Positions(o.number("knob", p -> p.at().knob()), o.number("slider", p -> p.at().slider())),
            o.named("heard", Phrase.Heard.class, Phrase::heard),
            o.number("averageDbfs", p -> rounded(p.averageDbfs())),
            o.number("peakDbfs", p -> rounded(p.peakDbfs())),
            o.optionalNumber("floorDbfs", Phrase::floorDbfs)));

    private static final Codec<Learnt> LEARNT = Codec.strict(o -> {
        int format = o.integer("format", FORMAT, l -> FORMAT);
        if (format > FORMAT) {
            throw new IOException(Faults.say("booth-document.is-format-this", format, FORMAT));
        }
        return new Learnt(
                o.text("device", Learnt::device),
                o.named("knobScale", Scale.class, Learnt::knob),
                o.optional("sliderScale", SCALE, Learnt::slider),
                o.list("lines", PHRASE, Learnt::phrases));
    });

    private final DocumentFolder folder;
    private final Map<String, Learnt> all = new LinkedHashMap<>();
    private final Map<String, String> faults = new LinkedHashMap<>();

    /** @param library folder of the library; made at the first save */
    public MarksFolder(Path library) {
        folder = new DocumentFolder(library, "marks");
        folder.all(LEARNT::read, faults).forEach(l -> all.put(l.device(), l));
    }

    @Override
    public synchronized Optional<Learnt> of(String device) {
        return Optional.ofNullable(all.get(device));
    }

    @Override
    public synchronized void keep(Learnt learnt) throws IOException {
        String id = id(learnt.device());
        // What cannot be read may be mended by hand: nothing is written over it.
        if (faults.containsKey(id)) {
            throw new IOException(faults.get(id));
        }
        folder.write(id, LEARNT, learnt);
        all.put(learnt.device(), learnt);
    }

    @Override
    public synchronized List<String> faults() {
        return List.copyOf(faults.values());
    }

    /** Names of devices hold what no file name may: the document is called by a number that is made of the name. */
    private static String id(String device) {
        return UUID.nameUUIDFromBytes(device.getBytes(StandardCharsets.UTF_8)).toString();
    }

    /** To the hundredth of a decibel. */
    private static double rounded(double db) {
        return Math.rint(db * 100) / 100;
    }
}
