package app.redlamp.media;

import app.redlamp.core.port.Progress;

/** A job that somebody cancelled before it began. */
public final class Cancelled implements Progress {
    @Override
    public void at(double share) {}

    @Override
    public boolean cancelled() {
        return true;
    }
}
