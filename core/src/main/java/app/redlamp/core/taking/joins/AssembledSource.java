package app.redlamp.core.taking.joins;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.planning.take.Assembly;
import app.redlamp.core.planning.take.Passage;
import app.redlamp.core.signal.AudioSource;
import java.io.IOException;
import java.util.List;

/**
 * A chapter as its passages make it, read from any frame on at once. Outside the overlaps every sample is that of its take. In an
 * overlap of n frames the one before sinks as cos(π/2 · (k + ½)/n) and the next rises as the sine of it: two noises that have
 * nothing to do with each other keep their power (common practice, an equal-power crossfade).
 */
public final class AssembledSource implements AudioSource {
    /** Frames of an overlap that are made at once (ours). */
    private static final int BLOCK = 1 << 12;

    private final Assembly assembly;
    private final RawSounds sounds;
    private final int sampleRateHz;
    private final int channels;
    private final float[][] other;

    private long position;
    /** Number of the passage that is read. */
    private int at;
    /** Frame of the chapter at which it begins. */
    private long start;

    private AudioSource now;
    private AudioSource next;

    private AssembledSource(Assembly assembly, RawSounds sounds, AudioSource first) {
        this.assembly = assembly;
        this.sounds = sounds;
        now = first;
        sampleRateHz = first.sampleRateHz();
        channels = first.channels();
        other = new float[channels][BLOCK];
    }

    /**
     * Opens a chapter.
     *
     * @throws IOException where it has no passages, or its first take cannot be opened; one line
     */
    public static AssembledSource open(Assembly assembly, RawSounds sounds) throws IOException {
        if (assembly.passages().isEmpty()) {
            throw new IOException(Faults.say("assembled-source.nothing", assembly.piece()));
        }
        Passage first = assembly.passages().get(0);
        return new AssembledSource(assembly, sounds, sounds.open(first.file(), first.from()));
    }

    @Override
    public int sampleRateHz() {
        return sampleRateHz;
    }

    @Override
    public int channels() {
        return channels;
    }

    @Override
    public long expectedFrames() {
        return assembly.frames();
    }

    @Override
    public int read(float[][] block, int frames) throws IOException {
        List<Passage> all = assembly.passages();
        if (at >= all.size() || frames <= 0) {
            return 0;
        }
        Passage passage = all.get(at);
        long end = start + passage.frames();
        boolean last = at + 1 == all.size();
        long fadeFrom = last ? end : end - all.get(at + 1).fadeBefore();
        if (position < fadeFrom) {
            int count = (int) Math.min(frames, fadeFrom - position);
            int got = now.read(block, count);
            check(got, passage);
            position += got;
            return advance(last && position == end, got);
        }
        if (last) {
            return 0;
        }
        return fade(block, frames, passage, all.get(at + 1), fadeFrom);
    }

    private int fade(float[][] block, int frames, Passage before, Passage after, long fadeFrom) throws IOException {
        long done = position - fadeFrom;
        if (next == null) {
            next = openChecked(after, after.from() - after.fadeBefore() + done);
        }
        int count = (int) Math.min(Math.min(frames, BLOCK), after.fade() - done);
        int got = count == 0 ? 0 : now.read(block, count);
        if (count > 0) {
            check(got, before);
            fill(other, got, after);
        }
        for (int i = 0; i < got; i++) {
            double angle = Math.PI / 2 * (done + i + 0.5) / after.fade();
            double sinking = Math.cos(angle);
            double rising = Math.sin(angle);
            for (int c = 0; c < channels; c++) {
                block[c][i] = (float) (block[c][i] * sinking + other[c][i] * rising);
            }
        }
        position += got;
        if (done + got == after.fade()) {
            now.close();
            now = next;
            next = null;
            start += before.frames();
            at++;
        }
        return got == 0 ? read(block, frames) : got;
    }

    private int advance(boolean over, int got) {
        if (over) {
            at = assembly.passages().size();
        }
        return got;
    }

    private void fill(float[][] block, int frames, Passage passage) throws IOException {
        int filled = 0;
        float[][] part = new float[channels][frames];
        while (filled < frames) {
            int got = next.read(part, frames - filled);
            check(got, passage);
            for (int c = 0; c < channels; c++) {
                System.arraycopy(part[c], 0, block[c], filled, got);
            }
            filled += got;
        }
    }

    private static void check(int got, Passage passage) throws IOException {
        if (got == 0) {
            throw new IOException(Faults.say("assembled-source.shorter", passage.file(), passage.to()));
        }
    }

    private AudioSource openChecked(Passage passage, long frame) throws IOException {
        AudioSource opened = sounds.open(passage.file(), frame);
        if (opened.sampleRateHz() != sampleRateHz || opened.channels() != channels) {
            String fault = Faults.say(
                    "assembled-source.other-format",
                    passage.file(),
                    opened.sampleRateHz(),
                    opened.channels(),
                    sampleRateHz,
                    channels);
            opened.close();
            throw new IOException(fault);
        }
        return opened;
    }

    /** Goes on so many frames later, without reading what lies between. */
    @Override
    public void skip(long frames) throws IOException {
        long to = Math.min(assembly.frames(), position + Math.max(0, frames));
        if (to == position) {
            return;
        }
        close();
        List<Passage> all = assembly.passages();
        at = assembly.passageAt(to);
        start = assembly.startOf(at);
        position = to;
        if (to == assembly.frames()) {
            at = all.size();
            return;
        }
        Passage here = all.get(at);
        if (at > 0 && to - start < here.fadeAfter()) {
            // Within the second half of an overlap the one before is heard too.
            at--;
            start -= all.get(at).frames();
        }
        Passage read = all.get(at);
        now = openChecked(read, read.from() + to - start);
    }

    @Override
    public void close() throws IOException {
        try {
            now.close();
        } finally {
            if (next != null) {
                next.close();
                next = null;
            }
        }
    }
}
