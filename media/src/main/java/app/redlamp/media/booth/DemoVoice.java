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
    /** Half a minute and more, so that nothing is heard twice in one reading. */
    private static final int CHAPTERS = 2;

    private static final Map<Key, Tape> TAPES = new ConcurrentHashMap<>();
    private static final Map<Dry, float[]> DRY = new ConcurrentHashMap<>();

    private record Dry(int sampleRateHz, int chapter) {}

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
        Tape known = TAPES.get(key);
        if (known == null) {
            known = Tape.of(joined(sampleRateHz, voice), sampleRateHz, crestDb);
            TAPES.put(key, known);
        }
        return known;
    }

    private static float[] joined(int sampleRateHz, int voice) throws IOException {
        List<float[]> chapters = new ArrayList<>();
        for (int i = 0; i < CHAPTERS; i++) {
            chapters.add(chapter(sampleRateHz, (i + voice * CHAPTERS) % DryVoice.count()));
        }
        float[] all = new float[chapters.stream().mapToInt(c -> c.length).sum()];
        int at = 0;
        for (float[] chapter : chapters) {
            System.arraycopy(chapter, 0, all, at, chapter.length);
            at += chapter.length;
        }
        return all;
    }

    private static float[] chapter(int sampleRateHz, int chapter) throws IOException {
        Dry key = new Dry(sampleRateHz, chapter);
        float[] known = DRY.get(key);
        if (known == null) {
            known = DryVoice.samples(chapter, sampleRateHz);
            DRY.put(key, known);
        }
        return known;
    }
}
