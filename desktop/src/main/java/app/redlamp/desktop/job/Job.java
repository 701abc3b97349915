package app.redlamp.desktop.job;

import app.redlamp.core.port.Progress;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLongArray;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;

/** Long work under way: one title, one or more parts that run side by side, one progress, one cancel. */
public final class Job {
    private final String title;
    private final Executor interfaceThread;
    private final AtomicLongArray shares;
    private final AtomicBoolean updating = new AtomicBoolean();
    private final ReadOnlyDoubleWrapper progress = new ReadOnlyDoubleWrapper(0);
    private volatile boolean cancelled;

    Job(String title, int parts, Executor interfaceThread) {
        this.title = title;
        this.interfaceThread = interfaceThread;
        shares = new AtomicLongArray(parts);
    }

    public String title() {
        return title;
    }

    /** Mean progress of the parts, 0 to 1; changes on the interface thread. */
    public ReadOnlyDoubleProperty progress() {
        return progress.getReadOnlyProperty();
    }

    /** Asks every part to stop soon. */
    public void cancel() {
        cancelled = true;
    }

    public boolean cancelled() {
        return cancelled;
    }

    /** Progress of one part, for the thread that works on it. */
    Progress part(int index) {
        return new Progress() {
            @Override
            public void at(double share) {
                shares.set(index, Double.doubleToRawLongBits(share));
                show();
            }

            @Override
            public boolean cancelled() {
                return cancelled;
            }
        };
    }

    /** However often parts report, at most one update at a time waits for the interface thread. */
    private void show() {
        if (updating.compareAndSet(false, true)) {
            interfaceThread.execute(() -> {
                updating.set(false);
                progress.set(mean());
            });
        }
    }

    private double mean() {
        double sum = 0;
        for (int i = 0; i < shares.length(); i++) {
            sum += Double.longBitsToDouble(shares.get(i));
        }
        return shares.length() == 0 ? 1 : sum / shares.length();
    }
}
