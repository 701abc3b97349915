package app.redlamp.core.delivery.finish;

import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.SourceStep;
import java.io.IOException;

/**
 * A recording with head and tail cut or filled as an {@link EdgePlan} says. Added room tone is faded into the
 * recording's own over 20 ms, so that the seam cannot be heard.
 */
public final class EdgedSource extends SourceStep {
    /** Room tone and recording run into each other for so long (ours). */
    private static final double SEAM_S = 0.020;

    private final RoomTone tone;
    private final long headTone;
    private final long skip;
    private final long body;
    private final long tailTone;
    private final int seam;
    private long position;
    private boolean skipped;

    /**
     * @param frames length of the source in frames
     * @param tone one array a channel, the samples of the plan's pause; may be empty where no tone is added
     */
    public EdgedSource(AudioSource source, EdgePlan plan, long frames, float[][] tone) {
        super(source);
        int rate = source.sampleRateHz();
        this.tone = new RoomTone(tone, rate);
        headTone = Math.round(plan.addHeadS() * rate);
        tailTone = Math.round(plan.addTailS() * rate);
        skip = Math.min(frames, Math.round(plan.cutHeadS() * rate));
        body = Math.max(0, frames - skip - Math.round(plan.cutTailS() * rate));
        seam = (int) Math.min(body / 2, Math.round(SEAM_S * rate));
    }

    @Override
    public long expectedFrames() {
        return headTone + body + tailTone;
    }

    @Override
    public int read(float[][] block, int frames) throws IOException {
        skipHead();
        if (position < headTone) {
            return fill(block, (int) Math.min(frames, headTone - position));
        }
        if (position < headTone + body) {
            int wanted = (int) Math.min(frames, headTone + body - position);
            int count = source.read(block, wanted);
            fadeSeams(block, count);
            position = count == 0 ? headTone + body : position + count;
            return count == 0 ? read(block, frames) : count;
        }
        return fill(block, (int) Math.min(frames, headTone + body + tailTone - position));
    }

    private void skipHead() throws IOException {
        if (skipped) {
            return;
        }
        skipped = true;
        source.skip(skip);
    }

    private int fill(float[][] block, int count) {
        for (int c = 0; c < block.length; c++) {
            for (int i = 0; i < count; i++) {
                block[c][i] = tone.sample(c, position + i);
            }
        }
        position += count;
        return count;
    }

    private void fadeSeams(float[][] block, int count) {
        for (int i = 0; i < count; i++) {
            long at = position - headTone + i;
            double recording = 1;
            if (headTone > 0 && at < seam) {
                recording = (double) at / seam;
            } else if (tailTone > 0 && at >= body - seam) {
                recording = (double) (body - at) / seam;
            }
            if (recording < 1) {
                double angle = recording * Math.PI / 2;
                for (int c = 0; c < block.length; c++) {
                    block[c][i] =
                            (float) (Math.sin(angle) * block[c][i] + Math.cos(angle) * tone.sample(c, position + i));
                }
            }
        }
    }
}
