package app.redlamp.media.booth;

import app.redlamp.core.booth.Tape;
import app.redlamp.media.demo.DryVoice;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** The dry demo speech that ships, as tapes for simulated readers. A tape takes a moment to make and is kept. */
public final class DemoVoice {
    private final Map<Key, Tape> tapes = new ConcurrentHashMap<>();
    private final Map<Integer, List<float[]>> dry = new ConcurrentHashMap<>();

    private record Key(int sampleRateHz, int voice, double crestDb) {}

    /**
     * A tape.
     *
     * @param voice which reader: each begins with another chapter
     * @param crestDb from the average up to the peaks
     * @throws IOException where it cannot be read
     */
    public Tape tape(int sampleRateHz, int voice, double crestDb) throws IOException {
        Key key = new Key(sampleRateHz, voice, crestDb);
        Tape known = tapes.get(key);
        if (known == null) {
            known = Tape.of(joined(chapters(sampleRateHz), voice), sampleRateHz, crestDb);
            tapes.put(key, known);
        }
        return known;
    }

    private List<float[]> chapters(int sampleRateHz) throws IOException {
        List<float[]> known = dry.get(sampleRateHz);
        if (known == null) {
            known = new ArrayList<>();
            for (int i = 0; i < DryVoice.count(); i++) {
                known.add(DryVoice.samples(i, sampleRateHz));
            }
            dry.put(sampleRateHz, known);
        }
        return known;
    }

    private static float[] joined(List<float[]> chapters, int voice) {
        int length = chapters.stream().mapToInt(c -> c.length).sum();
        float[] all = new float[length];
        int at = 0;
        for (int i = 0; i < chapters.size(); i++) {
            float[] chapter = chapters.get((i + voice) % chapters.size());
            System.arraycopy(chapter, 0, all, at, chapter.length);
            at += chapter.length;
        }
        return all;
    }
}
