package app.redlamp.core.booth;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.signal.AudioSource;
import java.util.List;

/** A booth in which acts follow each other; at the end of the last it ends. */
public final class Performance implements AudioSource {
    private final Booth booth;
    private final List<Act> acts;
    private final BoothStream stream;
    private int act = -1;
    private long left;

    /**
     * @param tapes speech for each stand, at the booth's sample rate
     * @throws IllegalArgumentException for an act of a voice that is not there, or where there is none
     */
    public Performance(Booth booth, List<Act> acts, List<Tape> tapes) {
        if (acts.isEmpty()
                || acts.stream().anyMatch(a -> a.stand() >= booth.stands().size())) {
            throw new IllegalArgumentException(
                    Faults.say("performance.acts-must-be", booth.stands().size()));
        }
        this.booth = booth;
        this.acts = List.copyOf(acts);
        stream = new BoothStream(booth, tapes);
    }

    /** What the readers did besides reading so far. */
    public List<BoothEvent> events() {
        return stream.events();
    }

    @Override
    public int sampleRateHz() {
        return stream.sampleRateHz();
    }

    @Override
    public int channels() {
        return stream.channels();
    }

    @Override
    public long expectedFrames() {
        return acts.stream().mapToLong(this::frames).sum();
    }

    /** Acts end with whole blocks of the booth, so that whatever reads hears the same. */
    private long frames(Act one) {
        long blocks = Math.max(1, Math.round(one.seconds() * booth.sampleRateHz() / BoothStream.BLOCK));
        return blocks * BoothStream.BLOCK;
    }

    @Override
    public int read(float[][] block, int frames) {
        if (left == 0) {
            act++;
            if (act >= acts.size()) {
                return 0;
            }
            begin(acts.get(act));
        }
        int count = (int) Math.min(left, frames);
        stream.read(block, count);
        left -= count;
        return count;
    }

    private void begin(Act now) {
        left = frames(now);
        for (int i = 0; i < booth.stands().size(); i++) {
            if (i != now.stand()) {
                stream.cue(i, Cue.STILL);
            } else if (now.effort().isPresent()) {
                stream.cue(i, now.cue(), now.effort().get());
            } else {
                stream.cue(i, now.cue());
            }
        }
    }

    @Override
    public void close() {
        stream.close();
    }
}
