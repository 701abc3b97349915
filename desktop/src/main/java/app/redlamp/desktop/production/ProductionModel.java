package app.redlamp.desktop.production;

import app.redlamp.core.log.LogEntry;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.TakeFinder;
import app.redlamp.core.planning.take.Takes;
import app.redlamp.core.port.Productions;
import app.redlamp.core.port.Productions.Held;
import app.redlamp.core.port.Productions.Seen;
import app.redlamp.core.port.Rescues;
import app.redlamp.desktop.edit.UndoHistory;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * The production that is open in this window. Every change can be undone, is saved at once and away from the interface
 * thread, and is followed by a new plan.
 */
public final class ProductionModel {

    /** Whether the production on disk is the one in the window. */
    public enum Saved {
        YES,
        /** Being written. */
        SOON,
        /** Could not be written; the notice says why. The next change, and closing, tries again. */
        NO
    }

    private final Productions productions;
    private final JobService jobs;
    private final UndoHistory history;
    private final Strings strings;
    private final Planning planning;
    private final Saving saving;
    private final ProductionFiles files;
    private final ReadOnlyObjectWrapper<Production> production = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Path> folder = new ReadOnlyObjectWrapper<>();
    private Held held;
    private Optional<Seen> seen = Optional.empty();

    public ProductionModel(
            Productions productions,
            Rescues rescues,
            JobService jobs,
            UndoHistory history,
            Strings strings,
            Clock clock) {
        this.productions = productions;
        this.jobs = jobs;
        this.history = history;
        this.strings = strings;
        planning = new Planning(jobs, clock);
        saving = new Saving(jobs, rescues, production::get, () -> held);
        files = new ProductionFiles(productions, jobs, strings, saving, () -> held);
        saving.saved().addListener((o, was, now) -> followFolder());
    }

    /** Without rescue copies. */
    public ProductionModel(
            Productions productions, JobService jobs, UndoHistory history, Strings strings, Clock clock) {
        this(productions, Rescues.NONE, jobs, history, strings, clock);
    }

    /** The production; null for none. */
    public ReadOnlyObjectProperty<Production> production() {
        return production.getReadOnlyProperty();
    }

    /** What follows from it, as soon as that is computed; null for none. */
    public ReadOnlyObjectProperty<Planned> planned() {
        return planning.planned();
    }

    public ReadOnlyObjectProperty<Saved> saved() {
        return saving.saved();
    }

    /** Why it is not saved, one line; empty where it is. */
    public String unsavedReason() {
        return saving.reason();
    }

    /** Whether what is not saved lies in a rescue copy, which the next start offers. */
    public boolean rescued() {
        return saving.rescued();
    }

    /** Keeps a rescue copy while a save does not come to an end. */
    public void rescueBeside(Runnable then) {
        saving.rescueBeside(then);
    }

    /** Tries again to save what is not saved. */
    public void saveAgain() {
        if (held != null && saving.saved().get() == Saved.NO) {
            saving.save();
        }
    }

    /** Runs something once nothing is being saved any more. */
    public void afterSaving(Runnable then) {
        saving.afterwards(then);
    }

    /** Where it lies; null for none. */
    public ReadOnlyObjectProperty<Path> folder() {
        return folder.getReadOnlyProperty();
    }

    public LocalDate today() {
        return planning.today();
    }

    /** Why it cannot be changed, one line; empty where it can. */
    public Optional<String> readOnly() {
        return held == null ? Optional.empty() : held.readOnly();
    }

    /** Makes a production below a folder and opens it. */
    public void create(Path parent, Production made) {
        create(parent, made, () -> {});
    }

    /** The same, and runs something when it is there. */
    public void create(Path parent, Production made, Runnable then) {
        take(strings.say("job.start", made.brief().title()), () -> productions.create(parent, made), then);
    }

    /** Opens a production; the one that is moved and still open is followed to where it is now. */
    public void open(Path wanted) {
        open(wanted, () -> {});
    }

    /** The same, and runs something when it is open. */
    public void open(Path wanted, Runnable then) {
        if (saved().get() == Saved.NO) {
            follow(wanted);
            return;
        }
        take(strings.say("job.open"), () -> productions.open(wanted), then);
    }

    private interface Taking {
        Held held() throws IOException;
    }

    private void take(String title, Taking taking, Runnable then) {
        if (saved().get() == Saved.NO) {
            jobs.notify(strings.say("production.unsaved"));
            return;
        }
        jobs.soon(title, progress -> taking.held(), new Done<>() {
            @Override
            public void done(int part, Held taken) {
                saving.afterwards(() -> change(taken, then));
            }
        });
    }

    /** Goes on with another production, unless the one before could not be saved. */
    private void change(Held taken, Runnable then) {
        if (saved().get() == Saved.NO) {
            jobs.notify(strings.say("production.unsaved"));
            letGo(taken);
            return;
        }
        if (held != null) {
            letGo(held);
        }
        show(taken);
        then.run();
    }

    private void letGo(Held one) {
        jobs.save(
                progress -> {
                    one.close();
                    return true;
                },
                new Done<>() {});
    }

    /** Gives up what is not saved, and its rescue copy. */
    public void discardUnsaved() {
        saving.discard();
    }

    /**
     * Saves what is in the window as a new production elsewhere, and goes on there.
     *
     * @param parent folder below which it is made
     * @param then run when it is saved there
     * @param otherwise run when that fails; the notice says why
     */
    public void saveElsewhere(Path parent, Runnable then, Runnable otherwise) {
        Production now = production.get();
        Held before = held;
        JobService.Work<Held> work = progress -> productions.create(parent, now);
        jobs.soon(strings.say("job.save.elsewhere"), work, new Done<>() {
            @Override
            public void failed(int part, String message) {
                otherwise.run();
            }

            @Override
            public void done(int part, Held taken) {
                letGo(before);
                held = taken;
                saving.forgetCopy(now);
                saving.begin();
                folder.set(taken.folder());
                jobs.notify(strings.say("production.elsewhere", taken.folder()));
                if (!now.equals(production.get())) {
                    saving.save();
                }
                look();
                then.run();
            }
        });
    }

    /** Puts back what a rescue copy holds, as a change that can be undone. */
    public void takeBack(Production rescued) {
        edit(strings.say("edit.rescued"), p -> rescued);
    }

    private void show(Held taken) {
        held = taken;
        saving.begin();
        history.forget();
        seen = Optional.empty();
        planning.forget(taken.production().id());
        folder.set(taken.folder());
        production.set(taken.production());
        taken.readOnly().or(taken::notice).ifPresent(line -> jobs.notify(name() + " " + line));
        plan();
        look();
    }

    /** Goes on in the folder to which the production was moved. */
    public void follow(Path moved) {
        Held here = held;
        List<JobService.Work<Path>> work = List.of(progress -> {
            here.follow(moved);
            return here.folder();
        });
        jobs.start("", work, new Done<>() {
            @Override
            public void done(int part, Path now) {
                folder.set(now);
                saving.save();
            }

            @Override
            public void failed(int part, String message) {
                jobs.notify(saved().get() == Saved.NO ? strings.say("production.unsaved") : message);
            }
        });
    }

    /** Looks at recordings and room again. */
    public void look() {
        Held here = held;
        if (here == null) {
            return;
        }
        List<JobService.Work<Seen>> work = List.of(here::look);
        jobs.start("", work, new Done<>() {
            @Override
            public void done(int part, Seen now) {
                if (here.equals(held)) {
                    seen = Optional.of(now);
                    adopt(now);
                    plan();
                }
            }
        });
    }

    /**
     * Changes the production; nothing happens where the change changes nothing.
     *
     * @param name what is changed, for the button that undoes it
     * @throws IllegalArgumentException with one line, where the change cannot be
     */
    public void edit(String name, UnaryOperator<Production> change) {
        Production before = production.get();
        Production after = change.apply(before);
        if (after.equals(before)) {
            return;
        }
        if (held.readOnly().isPresent()) {
            jobs.notify(name() + " " + held.readOnly().get());
            return;
        }
        history.perform(new UndoHistory.Edit(
                name, () -> put(after.keeping(production.get())), () -> put(before.keeping(production.get()))));
        files.log(new LogEntry.Change(before.differences(after)));
    }

    /** What lies beside the document in the production's folder: log, scripts, pictures; and the calendar. */
    public ProductionFiles files() {
        return files;
    }

    /**
     * Saves what is not saved yet, keeps a rescue copy of what cannot be, and lets go of the production; call when no job runs
     * any more, on a thread that may wait for the disk.
     */
    public void shut() {
        if (held == null) {
            return;
        }
        saving.saveNow(held);
        held.close();
        held = null;
    }

    /** Takes that lie in the folder and are not known yet belong to it from now on; they are written with the next change. */
    private void adopt(Seen now) {
        Production known = production.get();
        Takes takes = known.takes().adopting(TakeFinder.raw(known, now.found()));
        if (!takes.equals(known.takes())) {
            production.set(known.with(takes));
        }
    }

    /** Notes what was recorded or delivered: a fact, and nothing that could be undone. */
    public void note(UnaryOperator<Takes> fact) {
        Production now = production.get();
        if (now != null && held.readOnly().isEmpty()) {
            Takes after = fact.apply(now.takes());
            if (!after.equals(now.takes())) {
                put(now.with(after));
            }
        }
    }

    private void put(Production now) {
        production.set(now);
        plan();
        saving.save();
    }

    /** A folder that was renamed while it is open is found by whoever saves into it. */
    private void followFolder() {
        if (held != null && saved().get() == Saved.YES) {
            folder.set(held.folder());
        }
    }

    private void plan() {
        planning.plan(production.get(), seen);
    }

    private String name() {
        return quoted(production.get());
    }

    static String quoted(Production production) {
        return "'" + production.brief().title() + "'";
    }
}
