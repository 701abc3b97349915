package app.redlamp.desktop.production;

import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.port.Productions.Held;
import app.redlamp.core.port.Rescues;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.production.ProductionModel.Saved;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * Saves the open production: at most one save at a time; what changed meanwhile is saved after it. What cannot be saved where
 * it belongs is kept as a rescue copy until it can.
 */
final class Saving {
    private final JobService jobs;
    private final Rescues rescues;
    private final Supplier<Production> production;
    private final Supplier<Held> open;
    private final ReadOnlyObjectWrapper<Saved> saved = new ReadOnlyObjectWrapper<>(Saved.YES);
    private String reason = "";
    private boolean rescued;
    private boolean copied;
    private boolean under;
    private final List<Runnable> next = new ArrayList<>();

    /**
     * @param production as it is in the window
     * @param open where it is saved
     */
    Saving(JobService jobs, Rescues rescues, Supplier<Production> production, Supplier<Held> open) {
        this.jobs = jobs;
        this.rescues = rescues;
        this.production = production;
        this.open = open;
    }

    ReadOnlyObjectProperty<Saved> saved() {
        return saved.getReadOnlyProperty();
    }

    /** Why it could not be saved, one line; empty where it could. */
    String reason() {
        return reason;
    }

    /** Whether what is not saved lies in a rescue copy. */
    boolean rescued() {
        return rescued;
    }

    /** Another production is open, as it is on the disk. */
    void begin() {
        reason = "";
        rescued = false;
        copied = false;
        saved.set(Saved.YES);
    }

    /** Runs something once nothing is being saved any more, whether it could be saved or not. */
    void afterwards(Runnable then) {
        if (under || saved.get() == Saved.SOON) {
            next.add(then);
        } else {
            then.run();
        }
    }

    /** Saves, or says that it has to be saved again as soon as the save under way has ended. */
    void save() {
        saved.set(Saved.SOON);
        if (under) {
            return;
        }
        under = true;
        Held here = open.get();
        Production now = production.get();
        jobs.save(progress -> here.save(now), new JobService.Listener<>() {
            @Override
            public void done(int part, Optional<String> line) {
                if (!here.equals(open.get())) {
                    return;
                }
                line.ifPresent(l -> jobs.notify(ProductionModel.quoted(now) + " " + l));
                reason = "";
                forgetCopy(now);
                saved.set(now.equals(production.get()) ? Saved.YES : Saved.SOON);
            }

            @Override
            public void failed(int part, String message) {
                if (!here.equals(open.get())) {
                    // Saved elsewhere meanwhile.
                    return;
                }
                reason = ProductionModel.quoted(now) + " " + message;
                jobs.notify(reason);
                saved.set(Saved.NO);
                rescue(here);
            }

            @Override
            public void ended(boolean cancelled) {
                under = false;
                if (saved.get() == Saved.SOON && here.equals(open.get())) {
                    save();
                    return;
                }
                List<Runnable> then = List.copyOf(next);
                next.clear();
                then.forEach(Runnable::run);
            }
        });
    }

    private void rescue(Held here) {
        Production now = production.get();
        copied = true;
        jobs.save(progress -> keep(now, here), new Done<>() {
            @Override
            public void done(int part, Boolean kept) {
                rescued = kept && saved.get() == Saved.NO;
            }
        });
    }

    /** A disk that does not answer holds up the thread that saves: the copy is made beside it. */
    void rescueBeside(Runnable then) {
        Production now = production.get();
        Held here = open.get();
        copied = true;
        jobs.chore(progress -> keep(now, here), kept -> {
            rescued = kept && saved.get() != Saved.YES;
            then.run();
        });
    }

    void forgetCopy(Production now) {
        rescued = false;
        if (copied) {
            copied = false;
            jobs.save(
                    progress -> {
                        rescues.forget(now.id());
                        return true;
                    },
                    new Done<>() {});
        }
    }

    private boolean keep(Production now, Held here) {
        try {
            rescues.keep(now, here.folder());
            return true;
        } catch (IOException e) {
            // As full as the disk of the production: the window still holds it, and asks before it closes.
            return false;
        }
    }

    /** Gives up what is not saved. */
    void discard() {
        Production now = production.get();
        copied = true;
        forgetCopy(now);
        begin();
    }

    /** Saves at once, on this thread, where that was not done; keeps a rescue copy where it cannot be. */
    void saveNow(Held here) {
        if (saved.get() == Saved.YES) {
            return;
        }
        try {
            here.save(production.get());
            rescues.forget(production.get().id());
        } catch (IOException e) {
            keep(production.get(), here);
        }
    }
}
