package app.redlamp.desktop.production;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.planning.plan.Brief;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.Money;
import app.redlamp.core.planning.plan.Order;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.WorkingTime;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Productions;
import app.redlamp.desktop.edit.UndoHistory;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.ManualExecutor;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.ProductionModel.Saved;
import app.redlamp.media.library.SpecificationLibrary;
import app.redlamp.media.production.ProductionFolders;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** On real folders; what runs beside runs when the test says so. */
class ProductionModelTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path home;

    private final Productions folders = new ProductionFolders(CLOCK);
    private final ManualExecutor workers = new ManualExecutor();
    private final JobService jobs = new JobService(workers, Runnable::run);
    private final UndoHistory history = new UndoHistory();
    private final ProductionModel model =
            new ProductionModel(folders, jobs, history, new Strings(Locale.ENGLISH), CLOCK);

    private Production made(String title) {
        Brief brief = Brief.of(JobKind.PODCAST_ALONE, title, "", model.today(), Optional.empty());
        return new Production(
                title,
                brief,
                Order.of(SpecificationLibrary.shippedOnly().get(0)),
                new Script(ScriptText.EMPTY, List.of(Piece.spoken("Bread", 1800)), List.of(), List.of()),
                app.redlamp.core.planning.plan.WorkRatios.USUAL,
                WorkingTime.USUAL,
                Money.in(Currency.getInstance("EUR")),
                List.of());
    }

    private void open(String title) {
        model.create(home, made(title));
        workers.runAll();
    }

    private void client(String name) {
        model.edit("for " + name, p -> p.with(p.brief().forClient(name)));
    }

    private String onDisk() throws IOException {
        return folders.look(model.folder().get()).production().brief().client();
    }

    @Test
    void whatIsChangedIsPlannedAndSaved() throws IOException {
        open("Second Rise");
        assertThat(model.planned().get().plan().finishedS()).isEqualTo(1800);
        model.edit(
                "more", p -> p.with(p.script().with(List.of(Piece.spoken("Bread", 1800), Piece.spoken("Salt", 600)))));
        assertThat(model.saved().get()).isEqualTo(Saved.SOON);
        workers.runAll();
        assertThat(model.saved().get()).isEqualTo(Saved.YES);
        assertThat(model.planned().get().plan().finishedS()).isEqualTo(2400);
        assertThat(folders.look(model.folder().get()).production().pieces()).hasSize(2);
        assertThat(Files.readString(model.folder().get().resolve("log.jsonl"))).contains("\"kind\":\"change\"");
    }

    @Test
    void everyChangeCanBeUndoneAndIsSavedThen() throws IOException {
        open("Second Rise");
        client("Mill House");
        client("Nine Steps");
        workers.runAll();
        assertThat(history.undoName().get()).isEqualTo("for Nine Steps");
        history.undo();
        workers.runAll();
        assertThat(onDisk()).isEqualTo("Mill House");
        history.undo();
        history.redo();
        workers.runAll();
        assertThat(onDisk()).isEqualTo("Mill House");
        assertThat(model.production().get().brief().client()).isEqualTo("Mill House");
    }

    @Test
    void aChangeThatChangesNothingIsNoStepBack() {
        open("Second Rise");
        client("");
        assertThat(history.undoName().get()).isEmpty();
    }

    @Test
    void changesWhileASaveIsUnderWayAreSavedAfterIt() throws IOException {
        open("Second Rise");
        client("a");
        client("b");
        client("c");
        workers.runAll();
        assertThat(onDisk()).isEqualTo("c");
        assertThat(model.saved().get()).isEqualTo(Saved.YES);
    }

    @Test
    void aProductionThatWasMovedAwayIsNotLostAndCanBeFollowed() throws IOException {
        open("Second Rise");
        Path elsewhere = Files.createDirectories(home.resolve("a")).resolve("moved");
        Files.move(model.folder().get(), elsewhere);
        client("Mill House");
        workers.runAll();
        assertThat(model.saved().get()).isEqualTo(Saved.NO);
        assertThat(jobs.notice().get()).contains("is no longer at").contains("nothing is lost");
        model.open(home.resolve("another"));
        workers.runAll();
        assertThat(jobs.notice().get()).as("nothing else before this is saved").contains("has not been saved yet");
        model.follow(elsewhere);
        workers.runAll();
        assertThat(model.saved().get()).isEqualTo(Saved.YES);
        assertThat(onDisk()).isEqualTo("Mill House");
        assertThat(model.folder().get()).isEqualTo(elsewhere);
    }

    @Test
    void openingWhereItIsNowFollowsTheOneThatWasMoved() throws IOException {
        open("Second Rise");
        Path elsewhere = Files.createDirectories(home.resolve("a")).resolve("moved");
        Files.move(model.folder().get(), elsewhere);
        client("Mill House");
        workers.runAll();
        model.open(elsewhere);
        workers.runAll();
        assertThat(model.saved().get()).isEqualTo(Saved.YES);
        assertThat(onDisk()).isEqualTo("Mill House");
    }

    @Test
    void closingSavesWhatIsNotSavedYet() throws IOException {
        open("Second Rise");
        client("last words");
        model.shut();
        assertThat(onDisk()).isEqualTo("last words");
        folders.open(model.folder().get()).close();
    }

    @Test
    void anotherProductionTakesThePlaceOfTheFirst() throws IOException {
        open("Second Rise");
        Path first = model.folder().get();
        client("Mill House");
        workers.runAll();
        open("Salt Mill");
        assertThat(history.undoName().get()).as("steps of the first are gone").isEmpty();
        assertThat(model.planned().get().production().brief().title()).isEqualTo("Salt Mill");
        folders.open(first).close();
        assertThat(folders.look(first).production().brief().client()).isEqualTo("Mill House");
    }

    @Test
    void oneThatIsOpenElsewhereIsRefused() throws IOException {
        open("Second Rise");
        Path other = home.resolve("Salt Mill");
        try (Productions.Held held = folders.create(home, made("Salt Mill"))) {
            model.open(other);
            workers.runAll();
            assertThat(jobs.notice().get()).contains("is open already in this window");
            assertThat(model.production().get().brief().title()).isEqualTo("Second Rise");
            assertThat(held.folder()).isEqualTo(other);
        }
    }

    @Test
    void oneThatMayNotBeWrittenCanBeLookedAt() throws IOException {
        try (Productions.Held held = folders.create(home, made("Salt Mill"))) {
            assertThat(held.readOnly()).isEmpty();
        }
        Path folder = home.resolve("Salt Mill");
        Files.delete(folder.resolve(".in-use"));
        Files.createDirectory(folder.resolve(".in-use"));
        model.open(folder);
        workers.runAll();
        assertThat(model.readOnly()).isPresent();
        client("Mill House");
        workers.runAll();
        assertThat(model.production().get().brief().client()).isEmpty();
        assertThat(jobs.notice().get()).contains("can be looked at and not changed", "'.in-use' in it is not a file");
        assertThat(history.undoName().get()).isEmpty();
    }

    @Test
    void theCalendarIsWritten() throws IOException {
        open("Second Rise");
        Path file = home.resolve("plan.ics");
        model.files().writeCalendar(model.planned().get().plan(), file);
        workers.runAll();
        assertThat(Files.readString(file)).contains("BEGIN:VEVENT").contains("Second Rise: Bread");
        assertThat(jobs.notice().get()).isEqualTo("plan.ics is written");
    }
}
