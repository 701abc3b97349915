package app.redlamp.desktop.production;

import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.port.Rescues;
import app.redlamp.desktop.edit.Question;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.ProductionModel.Saved;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** Sees to it that nothing unsaved is lost when the window closes, and offers at the start what could not be saved. */
public final class ClosingModel {
    private final ProductionModel open;
    private final Rescues rescues;
    private final JobService jobs;
    private final Strings strings;
    private final Supplier<Optional<Path>> chooseFolder;
    private final Runnable leave;
    private final ReadOnlyObjectWrapper<Question> question = new ReadOnlyObjectWrapper<>();
    private boolean waiting;

    /**
     * @param chooseFolder asks where to save
     * @param leave closes the window
     */
    public ClosingModel(
            ProductionModel open,
            Rescues rescues,
            JobService jobs,
            Strings strings,
            Supplier<Optional<Path>> chooseFolder,
            Runnable leave) {
        this.open = open;
        this.rescues = rescues;
        this.jobs = jobs;
        this.strings = strings;
        this.chooseFolder = chooseFolder;
        this.leave = leave;
    }

    /** What has to be answered now; null for nothing. */
    public ReadOnlyObjectProperty<Question> question() {
        return question.getReadOnlyProperty();
    }

    /** Takes the question off the page. */
    public void answered() {
        question.set(null);
    }

    /**
     * The user wants to close the window.
     *
     * @return whether it may close at once; if not, it closes as soon as all is saved, or there is a question
     */
    public boolean mayLeave() {
        boolean safe = open.production().get() == null || open.saved().get() == Saved.YES;
        if (safe) {
            return true;
        }
        if (open.saved().get() == Saved.SOON && !waiting) {
            waiting = true;
            jobs.notify(strings.say("closing.saving"));
            open.afterSaving(this::leaveOrAsk);
        } else if (open.saved().get() == Saved.SOON) {
            // Asked for the second time: the disk does not answer.
            open.rescueBeside(this::askAgain);
            ask();
        } else {
            ask();
        }
        return false;
    }

    private void leaveOrAsk() {
        if (!waiting) {
            return;
        }
        waiting = false;
        if (open.saved().get() == Saved.YES) {
            question.set(null);
            leave.run();
        } else {
            ask();
        }
    }

    /** What is known by now, unless it was answered meanwhile. */
    private void askAgain() {
        if (question.get() != null && open.saved().get() != Saved.YES) {
            ask();
        }
    }

    private void ask() {
        List<String> lines = new ArrayList<>();
        lines.add(open.unsavedReason().isEmpty() ? strings.say("closing.slow") : open.unsavedReason());
        lines.add(strings.say(open.rescued() ? "closing.rescued" : "closing.only.here"));
        question.set(new Question(
                "closing",
                strings.say("closing.heading", open.production().get().brief().title()),
                lines,
                List.of(
                        new Question.Answer("closing-again", strings.say("closing.again"), this::again),
                        new Question.Answer("closing-elsewhere", strings.say("closing.elsewhere"), this::elsewhere),
                        new Question.Answer("closing-discard", strings.say("closing.discard"), this::discard),
                        new Question.Answer("closing-stay", strings.say("closing.stay"), this::stay))));
    }

    private void again() {
        waiting = true;
        open.saveAgain();
        open.afterSaving(this::leaveOrAsk);
    }

    private void elsewhere() {
        chooseFolder.get().ifPresentOrElse(parent -> open.saveElsewhere(parent, leave, this::ask), this::ask);
    }

    private void discard() {
        open.discardUnsaved();
        leave.run();
    }

    private void stay() {
        waiting = false;
    }

    /** Offers what could not be saved the last time; looks for it away from the interface thread. */
    public void offer() {
        jobs.chore(
                progress -> rescues.all(), copies -> copies.stream().findFirst().ifPresent(this::offer));
    }

    private void offer(Rescues.Copy copy) {
        Production rescued = copy.production();
        String when = DateTimeFormatter.ofLocalizedDateTime(FormatStyle.MEDIUM, FormatStyle.SHORT)
                .withLocale(strings.locale())
                .withZone(ZoneId.systemDefault())
                .format(copy.at());
        question.set(new Question(
                "rescue",
                strings.say("rescue.heading", rescued.brief().title()),
                List.of(strings.say("rescue.what", when), strings.say("rescue.where", copy.folder())),
                List.of(
                        new Question.Answer("rescue-take", strings.say("rescue.take"), () -> takeBack(copy)),
                        new Question.Answer("rescue-elsewhere", strings.say("rescue.elsewhere"), () -> makeNew(copy)),
                        new Question.Answer("rescue-discard", strings.say("rescue.discard"), () -> forget(copy)),
                        new Question.Answer("rescue-later", strings.say("rescue.later"), () -> {}))));
    }

    /** The production that was open last is open again already; any other is opened first. */
    private void takeBack(Rescues.Copy copy) {
        Production now = open.production().get();
        if (now != null && now.id().equals(copy.production().id())) {
            putBack(copy);
        } else {
            open.open(copy.folder(), () -> putBack(copy));
        }
    }

    private void putBack(Rescues.Copy copy) {
        open.takeBack(copy.production());
        open.afterSaving(() -> {
            // One that can only be looked at has not taken the changes in.
            boolean taken = copy.production().equals(open.production().get());
            if (taken && open.saved().get() == Saved.YES) {
                forget(copy);
            }
        });
    }

    private void makeNew(Rescues.Copy copy) {
        chooseFolder
                .get()
                .ifPresentOrElse(
                        parent -> open.create(parent, copy.production(), () -> forget(copy)), () -> offer(copy));
    }

    private void forget(Rescues.Copy copy) {
        jobs.chore(
                progress -> {
                    rescues.forget(copy.production().id());
                    return true;
                },
                done -> {});
    }
}
