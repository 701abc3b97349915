package app.redlamp.media.record;

import app.redlamp.core.port.TakeRecording.News;
import app.redlamp.core.port.TakeRecording.Trouble;
import app.redlamp.core.port.TakeRecording.Watcher;
import app.redlamp.core.taking.raw.DiskReserve;

/** Says once, and again only after it went away, that the disk is slow or that little is left on it. */
final class TakeWarnings {
    /** So much that is held is said: a slow disk. */
    private static final double BEHIND_S = 5;

    private final Watcher watcher;
    private boolean behind;
    private boolean low;

    TakeWarnings(Watcher watcher) {
        this.watcher = watcher;
    }

    /** Sees how much the ring holds that is not on the disk yet. */
    void held(double seconds) {
        boolean slow = seconds > BEHIND_S;
        if (slow && !behind) {
            tell(Trouble.BEHIND, "", seconds);
        }
        behind = slow;
    }

    /** Sees how much still fits. */
    void left(DiskReserve left) {
        if (left.low() && !left.over() && !low) {
            low = true;
            tell(Trouble.DISK_LOW, "", left.leftMin());
        }
    }

    void tell(Trouble what, String detail, double figure) {
        watcher.told(new News(what, detail, figure));
    }
}
