package app.redlamp.media.finish;

import app.redlamp.core.port.Progress;

/** Progress of work whose number of steps is not known before: every step takes two fifths of what is left. */
final class StepProgress {
    private static final double SHARE = 0.4;

    private final Progress whole;
    private double done;

    StepProgress(Progress whole) {
        this.whole = whole;
    }

    Progress next() {
        double from = done;
        done += (1 - done) * SHARE;
        return whole.part(from, done);
    }
}
