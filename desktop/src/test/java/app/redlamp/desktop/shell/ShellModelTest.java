package app.redlamp.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.redlamp.core.port.Settings;
import app.redlamp.desktop.edit.UndoHistory;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.look.Theme;
import java.io.IOException;
import java.util.Locale;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class ShellModelTest {
    private final Settings settings = mock(Settings.class);
    private final JobService jobs = new JobService(Runnable::run, Runnable::run);

    @BeforeEach
    void prepare() {
        when(settings.load()).thenReturn(new Settings.Values("daylight", 125, "podcast-mono"));
    }

    @Test
    void whatWasChosenLastTimeIsThere() {
        ShellModel model = model();
        assertThat(model.theme().get()).isEqualTo(Theme.DAYLIGHT);
        assertThat(model.scalePercent().get()).isEqualTo(125);
        assertThat(model.specificationId()).isEqualTo("podcast-mono");
    }

    @Test
    void everyChangeOfTasteIsSavedAtOnce() throws IOException {
        ShellModel model = model();
        model.switchTheme();
        verify(settings).save(new Settings.Values("dusk", 125, "podcast-mono"));
        model.scale(1);
        verify(settings).save(new Settings.Values("dusk", 130, "podcast-mono"));
        model.rememberSpecification("broadcast-r128");
        verify(settings).save(new Settings.Values("dusk", 130, "broadcast-r128"));
    }

    @Test
    void theSizeStaysWithinItsBounds() {
        ShellModel model = model();
        for (int i = 0; i < 30; i++) {
            model.scale(1);
        }
        assertThat(model.scalePercent().get()).isEqualTo(150);
        for (int i = 0; i < 30; i++) {
            model.scale(-1);
        }
        assertThat(model.scalePercent().get()).isEqualTo(90);
        model.scale(0);
        assertThat(model.scalePercent().get()).isEqualTo(100);
    }

    @Test
    void settingsThatCannotBeSavedAreToldAndNothingElseSuffers() throws IOException {
        doThrow(new IOException("read-only")).when(settings).save(any());
        ShellModel model = model();
        model.switchTheme();
        assertThat(model.theme().get()).isEqualTo(Theme.DUSK);
        assertThat(jobs.notice().get()).isEqualTo("The settings could not be saved: read-only");
    }

    @Test
    void theSameSpecificationIsNotSavedAgain() throws IOException {
        model().rememberSpecification("podcast-mono");
        verify(settings, never()).save(any());
    }

    private ShellModel model() {
        return new ShellModel(settings, jobs, new UndoHistory(), new Strings(Locale.ENGLISH));
    }
}
