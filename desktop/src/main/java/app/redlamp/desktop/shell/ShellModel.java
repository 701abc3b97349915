package app.redlamp.desktop.shell;

import app.redlamp.core.port.Settings;
import app.redlamp.desktop.edit.UndoHistory;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.look.Theme;
import app.redlamp.words.Lengths;
import java.util.List;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/** What belongs to the whole window: theme, size, jobs, undo. Every change of taste is saved at once. */
public final class ShellModel {
    private final Settings settings;
    private final JobService jobs;
    private final UndoHistory history;
    private final Strings strings;
    private final ReadOnlyObjectWrapper<Theme> theme = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyIntegerWrapper scalePercent = new ReadOnlyIntegerWrapper();
    private Settings.Values values;

    public ShellModel(Settings settings, JobService jobs, UndoHistory history, Strings strings) {
        this.settings = settings;
        this.jobs = jobs;
        this.history = history;
        this.strings = strings;
        values = settings.load();
        theme.set(Theme.of(values.theme()));
        scalePercent.set(values.scalePercent());
    }

    public ReadOnlyObjectProperty<Theme> theme() {
        return theme.getReadOnlyProperty();
    }

    /** Size of the interface in percent, {@value Settings.Values#SMALLEST_SCALE} and up. */
    public ReadOnlyIntegerProperty scalePercent() {
        return scalePercent.getReadOnlyProperty();
    }

    public JobService jobs() {
        return jobs;
    }

    public UndoHistory history() {
        return history;
    }

    public Strings strings() {
        return strings;
    }

    /** Specification that was chosen last. */
    public String specificationId() {
        return values.specificationId();
    }

    public void switchTheme() {
        theme.set(theme.get().other());
        keep(values.withTheme(theme.get().id()));
    }

    /** Makes everything larger (positive) or smaller (negative) by steps; 0 goes back to natural size. */
    public void scale(int steps) {
        int wanted = steps == 0 ? 100 : scalePercent.get() + steps * Settings.Values.SCALE_STEP;
        scalePercent.set(Settings.Values.nearestScale(wanted));
        keep(values.withScale(scalePercent.get()));
    }

    public void rememberSpecification(String id) {
        if (!id.equals(values.specificationId())) {
            keep(values.withSpecification(id));
        }
    }

    /** Whether lengths are in feet and inches: as the user chose, or as the country has them. */
    public boolean imperial() {
        return values.lengths().isEmpty()
                ? Lengths.imperialIn(strings.locale())
                : values.lengths().equals("imperial");
    }

    /** Changes between metres and feet; returns whether it is feet now. */
    public boolean switchLengths() {
        keep(values.withLengths(imperial() ? "metric" : "imperial"));
        return imperial();
    }

    /** Folders of the productions opened last, the newest first. */
    public List<String> recent() {
        return values.recent();
    }

    public void rememberProduction(String folder) {
        if (values.recent().isEmpty() || !values.recent().get(0).equals(folder)) {
            keep(values.opened(folder));
        }
    }

    private void keep(Settings.Values now) {
        values = now;
        jobs.start(
                "",
                List.of(progress -> {
                    settings.save(now);
                    return now;
                }),
                new JobService.Listener<Settings.Values>() {
                    @Override
                    public void done(int part, Settings.Values saved) {}

                    @Override
                    public void failed(int part, String message) {
                        jobs.notify(strings.say("settings.failed", message));
                    }

                    @Override
                    public void ended(boolean cancelled) {}
                });
    }
}
