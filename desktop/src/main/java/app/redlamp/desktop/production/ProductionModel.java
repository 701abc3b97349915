package app.redlamp.desktop.production;

import app.redlamp.core.plan.Production;
import app.redlamp.core.port.Productions;
import app.redlamp.core.port.Productions.Held;
import app.redlamp.core.port.Productions.Seen;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.shell.UndoHistory;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
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
    private final ReadOnlyObjectWrapper<Production> production = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Saved> saved = new ReadOnlyObjectWrapper<>(Saved.YES);
    private final ReadOnlyObjectWrapper<Path> folder = new ReadOnlyObjectWrapper<>();
    private Held held;
    private Optional<Seen> seen = Optional.empty();
    private boolean saving;

    public ProductionModel(
            Productions productions, JobService jobs, UndoHistory history, Strings strings, Clock clock) {
        this.productions = productions;
        this.jobs = jobs;
        this.history = history;
        this.strings = strings;
        planning = new Planning(jobs, clock);
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
        return saved.getReadOnlyProperty();
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
        take(strings.say("job.start", made.brief().title()), () -> productions.create(parent, made));
    }

    /** Opens a production; the one that is moved and still open is followed to where it is now. */
    public void open(Path wanted) {
        if (saved.get() == Saved.NO) {
            follow(wanted);
            return;
        }
        take(strings.say("job.open"), () -> productions.open(wanted));
    }

    private interface Taking {
        Held held() throws IOException;
    }

    private void take(String title, Taking taking) {
        if (saved.get() == Saved.NO) {
            jobs.notify(strings.say("production.unsaved"));
            return;
        }
        List<JobService.Work<Held>> work = List.of(progress -> taking.held());
        jobs.start(title, work, new Done<>() {
            @Override
            public void done(int part, Held taken) {
                shut();
                show(taken);
            }
        });
    }

    private void show(Held taken) {
        held = taken;
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
                save();
            }

            @Override
            public void failed(int part, String message) {
                jobs.notify(saved.get() == Saved.NO ? strings.say("production.unsaved") : message);
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
        history.perform(new UndoHistory.Edit(name, () -> put(after), () -> put(before)));
        log("change", Map.of("what", name));
    }

    /** Adds a line to the production's log. */
    public void log(String kind, Map<String, String> what) {
        Held here = held;
        chore(() -> here.log(kind, what));
    }

    /** Keeps a copy of a script in the production's folder. */
    public void keepScript(Path file) {
        Held here = held;
        chore(() -> here.keepScript(file));
    }

    /**
     * Keeps a copy of a picture in the production's folder.
     *
     * @param then told its name in there
     */
    public void keepPicture(Path file, Consumer<String> then) {
        Held here = held;
        List<JobService.Work<String>> work = List.of(progress -> here.keepPicture(file));
        jobs.start(strings.say("job.picture"), work, new Done<>() {
            @Override
            public void done(int part, String name) {
                if (here.equals(held)) {
                    then.accept(name);
                }
            }
        });
    }

    /** Writes the calendar to a file, {@code .ics} or {@code .csv}. */
    public void writeCalendar(Path file) {
        Planned now = planning.planned().get();
        if (now != null) {
            List<JobService.Work<Path>> work = List.of(progress -> {
                productions.writeCalendar(now.plan(), file);
                return file;
            });
            jobs.start(strings.say("job.calendar"), work, new Done<>() {
                @Override
                public void done(int part, Path written) {
                    jobs.notify(strings.say("calendar.written", String.valueOf(written.getFileName())));
                }
            });
        }
    }

    /** Saves what is not saved yet and lets go of the production; call when no job runs any more. */
    public void shut() {
        if (held == null) {
            return;
        }
        try {
            if (saved.get() != Saved.YES) {
                held.save(production.get());
                saved.set(Saved.YES);
            }
        } catch (IOException e) {
            jobs.notify(name() + " " + e.getMessage());
        }
        held.close();
        held = null;
    }

    private interface Chore {
        void run() throws IOException;
    }

    private void chore(Chore chore) {
        List<JobService.Work<Boolean>> work = List.of(progress -> {
            chore.run();
            return true;
        });
        jobs.start("", work, new Done<>() {});
    }

    private void put(Production now) {
        production.set(now);
        plan();
        save();
    }

    /** At most one save at a time; what changed meanwhile is saved after it. */
    private void save() {
        saved.set(Saved.SOON);
        if (saving) {
            return;
        }
        saving = true;
        Held here = held;
        Production now = production.get();
        List<JobService.Work<Optional<String>>> work = List.of(progress -> here.save(now));
        jobs.start("", work, new Done<>() {
            @Override
            public void done(int part, Optional<String> line) {
                line.ifPresent(l -> jobs.notify(name() + " " + l));
                if (here.equals(held)) {
                    folder.set(here.folder());
                    saved.set(now.equals(production.get()) ? Saved.YES : Saved.SOON);
                }
            }

            @Override
            public void failed(int part, String message) {
                jobs.notify(name() + " " + message);
                saved.set(Saved.NO);
            }

            @Override
            public void ended(boolean cancelled) {
                saving = false;
                if (saved.get() == Saved.SOON && here.equals(held)) {
                    save();
                }
            }
        });
    }

    private void plan() {
        planning.plan(production.get(), seen);
    }

    private String name() {
        return "'" + production.get().brief().title() + "'";
    }

    /** Whoever only wants to know what came out. */
    private interface Done<T> extends JobService.Listener<T> {
        @Override
        default void done(int part, T result) {}

        @Override
        default void failed(int part, String message) {}

        @Override
        default void ended(boolean cancelled) {}
    }
}
