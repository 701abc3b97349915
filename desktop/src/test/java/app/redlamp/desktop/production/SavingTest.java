package app.redlamp.desktop.production;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.planning.plan.Brief;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.Money;
import app.redlamp.core.planning.plan.Order;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.WorkRatios;
import app.redlamp.core.planning.plan.WorkingTime;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.port.Productions;
import app.redlamp.core.port.Rescues;
import app.redlamp.desktop.edit.Question;
import app.redlamp.desktop.edit.UndoHistory;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.ManualExecutor;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.ProductionModel.Saved;
import app.redlamp.media.library.SpecificationLibrary;
import app.redlamp.media.production.ProductionFolders;
import app.redlamp.media.production.RescueFolder;
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

/** What is changed reaches the disk whatever else goes on, and what cannot reach it is not lost when the window closes. */
class SavingTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path home;

    private final Productions folders = new ProductionFolders(CLOCK);
    private final ManualExecutor work = new ManualExecutor();
    private final ManualExecutor chores = new ManualExecutor();
    private final ManualExecutor saver = new ManualExecutor();
    private final JobService jobs = new JobService(new JobService.Lanes(work, chores, saver), Runnable::run);
    private final UndoHistory history = new UndoHistory();
    private final Strings strings = new Strings(Locale.ENGLISH);
    private int left;
    private Optional<Path> chosen = Optional.empty();

    private Rescues rescues() {
        return new RescueFolder(home.resolve("library"), CLOCK);
    }

    private final class Session {
        final ProductionModel model = new ProductionModel(folders, rescues(), jobs, history, strings, CLOCK);
        final ClosingModel closing = new ClosingModel(model, rescues(), jobs, strings, () -> chosen, () -> left++);

        void open(Path folder) {
            model.open(folder);
            all();
        }

        void client(String name) {
            model.edit("for " + name, p -> p.with(p.brief().forClient(name)));
        }

        void answer(String id) {
            Question asked = closing.question().get();
            closing.answered();
            asked.answers().stream()
                    .filter(a -> a.id().equals(id))
                    .findFirst()
                    .orElseThrow()
                    .action()
                    .run();
            all();
        }
    }

    private void all() {
        for (int i = 0; i < 5; i++) {
            work.runAll();
            chores.runAll();
            saver.runAll();
        }
    }

    private static Production made(String title) {
        return new Production(
                title,
                Brief.of(JobKind.PODCAST_ALONE, title, "", java.time.LocalDate.of(2026, 3, 2), Optional.empty()),
                Order.of(SpecificationLibrary.shippedOnly().get(0)),
                Script.NONE,
                WorkRatios.USUAL,
                WorkingTime.USUAL,
                Money.in(Currency.getInstance("EUR")),
                List.of());
    }

    private Session session() throws IOException {
        Session session = new Session();
        if (!Files.exists(home.resolve("Second Rise"))) {
            folders.create(home, made("Second Rise")).close();
        }
        session.open(home.resolve("Second Rise"));
        return session;
    }

    private String onDisk(Path folder) throws IOException {
        return folders.look(folder).production().brief().client();
    }

    /** A folder that is gone is the simplest of all reasons for which nothing can be saved. */
    private void takeAway() throws IOException {
        Files.createDirectories(home.resolve("away/deep"));
        Files.move(home.resolve("Second Rise"), home.resolve("away/deep/Second Rise"));
    }

    private void putBack() throws IOException {
        Files.move(home.resolve("away/deep/Second Rise"), home.resolve("Second Rise"));
    }

    /** Six recordings of ten hours are under way, none of them ends, and chores wait behind one another: it is saved first. */
    @Test
    void savingWaitsForNothing() throws IOException {
        Session session = session();
        JobService.Work<String> never = progress -> {
            throw new AssertionError("nothing of this is run here");
        };
        jobs.start("measuring", List.of(never, never, never, never, never, never), new JobService.Listener<String>() {
            @Override
            public void done(int part, String result) {}

            @Override
            public void failed(int part, String message) {}

            @Override
            public void ended(boolean cancelled) {}
        });
        session.client("Mill House");
        assertThat(session.model.saved().get()).isEqualTo(Saved.SOON);
        saver.runAll();
        assertThat(session.model.saved().get()).isEqualTo(Saved.YES);
        assertThat(onDisk(home.resolve("Second Rise"))).isEqualTo("Mill House");
    }

    @Test
    void aWindowWithEverythingSavedClosesAtOnce() throws IOException {
        Session session = session();
        assertThat(session.closing.mayLeave()).isTrue();
        assertThat(new Session().closing.mayLeave()).as("nothing is open").isTrue();
    }

    @Test
    void aWindowThatIsStillSavingClosesWhenItHas() throws IOException {
        Session session = session();
        session.client("Mill House");
        assertThat(session.closing.mayLeave()).isFalse();
        assertThat(left).isZero();
        saver.runAll();
        assertThat(left).isEqualTo(1);
        assertThat(session.closing.question().get()).isNull();
        assertThat(onDisk(home.resolve("Second Rise"))).isEqualTo("Mill House");
    }

    /** A disk that does not answer: closing a second time asks. */
    @Test
    void whoCannotWaitIsAsked() throws IOException {
        Session session = session();
        session.client("Mill House");
        session.closing.mayLeave();
        assertThat(session.closing.mayLeave()).isFalse();
        assertThat(session.closing.question().get().lines()).first().asString().contains("does not answer");
        assertThat(session.closing.question().get().lines()).last().asString().contains("only in this window");
        chores.runAll();
        assertThat(session.closing.question().get().lines()).last().asString().contains("the next start offers it");
        assertThat(rescues().all())
                .singleElement()
                .extracting(c -> c.production().brief().client())
                .isEqualTo("Mill House");
        session.answer("closing-stay");
        assertThat(left).as("whoever stays is not thrown out when it is saved").isZero();
        assertThat(rescues().all()).as("saved after all").isEmpty();
    }

    @Test
    void whatCouldNotBeSavedIsAskedAboutAndSavedWhenItCanBe() throws IOException {
        Session session = session();
        takeAway();
        session.client("Mill House");
        all();
        assertThat(session.model.saved().get()).isEqualTo(Saved.NO);
        assertThat(session.closing.mayLeave()).isFalse();
        Question asked = session.closing.question().get();
        assertThat(asked.heading()).isEqualTo("“Second Rise” is not saved");
        assertThat(asked.lines()).hasSize(2);
        assertThat(asked.lines().get(0)).contains("is no longer at");
        assertThat(asked.lines().get(1)).contains("the next start offers it");
        session.answer("closing-again");
        assertThat(session.closing.question().get())
                .as("still gone: asked again")
                .isNotNull();
        assertThat(left).isZero();
        putBack();
        session.answer("closing-again");
        assertThat(left).isEqualTo(1);
        assertThat(onDisk(home.resolve("Second Rise"))).isEqualTo("Mill House");
        assertThat(rescues().all()).as("nothing to rescue any more").isEmpty();
    }

    @Test
    void itCanBeSavedElsewhere() throws IOException {
        Session session = session();
        takeAway();
        session.client("Mill House");
        all();
        session.closing.mayLeave();
        session.answer("closing-elsewhere");
        assertThat(session.closing.question().get())
                .as("no folder was chosen: asked again")
                .isNotNull();
        chosen = Optional.of(home.resolve("other"));
        session.answer("closing-elsewhere");
        assertThat(left).isEqualTo(1);
        assertThat(session.model.saved().get()).isEqualTo(Saved.YES);
        assertThat(onDisk(home.resolve("other/Second Rise"))).isEqualTo("Mill House");
        assertThat(rescues().all()).as("nothing to rescue any more").isEmpty();
    }

    /** Where it cannot be saved elsewhere either, the question is asked again; and it waits for no long work. */
    @Test
    void whereItCannotBeSavedElsewhereItIsAskedAgain() throws IOException {
        Session session = session();
        takeAway();
        session.client("Mill House");
        all();
        session.closing.mayLeave();
        chosen = Optional.of(Files.writeString(home.resolve("a file"), "in the way"));
        Question asked = session.closing.question().get();
        session.closing.answered();
        asked.answers().get(1).action().run();
        chores.runAll();
        assertThat(jobs.notice().get()).contains("choose another place");
        assertThat(session.closing.question().get()).isNotNull();
        assertThat(left).isZero();
    }

    /** A production that can only be looked at takes nothing in: the copy stays. */
    @Test
    void aCopyIsKeptAsLongAsItsProductionCanOnlyBeLookedAt() throws IOException {
        folders.create(home, made("Second Rise")).close();
        Path folder = home.resolve("Second Rise");
        Production changed = made("Second Rise");
        rescues().keep(changed.with(changed.brief().forClient("Mill House")), folder);
        Files.delete(folder.resolve("log.jsonl"));
        Files.createSymbolicLink(folder.resolve("log.jsonl"), home.resolve("theirs"));
        Session session = new Session();
        session.closing.offer();
        all();
        session.answer("rescue-take");
        assertThat(session.model.readOnly()).isPresent();
        assertThat(rescues().all()).hasSize(1);
        assertThat(home.resolve("theirs")).doesNotExist();
    }

    @Test
    void itCanBeGivenUp() throws IOException {
        Session session = session();
        takeAway();
        session.client("Mill House");
        all();
        assertThat(rescues().all()).hasSize(1);
        session.closing.mayLeave();
        session.answer("closing-discard");
        assertThat(left).isEqualTo(1);
        assertThat(rescues().all()).isEmpty();
        putBack();
        session.model.shut();
        assertThat(onDisk(home.resolve("Second Rise"))).isEmpty();
    }

    /** The window is killed while nothing can be saved: the next start offers what was changed, and it can be undone. */
    @Test
    void theNextStartOffersWhatCouldNotBeSaved() throws IOException {
        Session first = session();
        takeAway();
        first.client("Mill House");
        first.client("Nine Steps");
        all();
        putBack();
        first.model.discardUnsaved();
        // As after a kill: nothing of the copy was given up.
        rescues().keep(first.model.production().get(), home.resolve("Second Rise"));
        saver.runAll();
        rescues().keep(first.model.production().get(), home.resolve("Second Rise"));
        first.model.shut();

        Session next = new Session();
        next.closing.offer();
        all();
        Question offered = next.closing.question().get();
        assertThat(offered.heading()).contains("Second Rise").contains("could not be saved last time");
        assertThat(offered.lines())
                .anyMatch(l -> l.contains(home.resolve("Second Rise").toString()));
        next.answer("rescue-take");
        assertThat(next.model.production().get().brief().client()).isEqualTo("Nine Steps");
        assertThat(onDisk(home.resolve("Second Rise"))).isEqualTo("Nine Steps");
        assertThat(rescues().all()).isEmpty();
        history.undo();
        all();
        assertThat(onDisk(home.resolve("Second Rise"))).isEmpty();
    }

    /** The next start opens the production itself, as it does with the one that was open last; then it offers the copy. */
    @Test
    void theOfferIsTakenIntoTheProductionThatIsOpen() throws IOException {
        Session session = session();
        Production now = session.model.production().get();
        rescues().keep(now.with(now.brief().forClient("Nine Steps")), home.resolve("Second Rise"));
        session.closing.offer();
        all();
        session.answer("rescue-take");
        assertThat(onDisk(home.resolve("Second Rise"))).isEqualTo("Nine Steps");
        assertThat(rescues().all()).isEmpty();
        history.undo();
        all();
        assertThat(onDisk(home.resolve("Second Rise"))).isEmpty();
    }

    @Test
    void anOfferCanWaitOrBeDiscarded() throws IOException {
        Session session = new Session();
        rescues().keep(made("Salt Mill"), home.resolve("Salt Mill"));
        session.closing.offer();
        all();
        session.answer("rescue-later");
        assertThat(rescues().all()).hasSize(1);
        session.closing.offer();
        all();
        session.answer("rescue-discard");
        assertThat(rescues().all()).isEmpty();
    }

    /** Where the folder is gone for good, the copy becomes a production of its own. */
    @Test
    void anOfferCanBeSavedElsewhere() throws IOException {
        Session session = new Session();
        rescues().keep(made("Salt Mill"), home.resolve("gone/Salt Mill"));
        session.closing.offer();
        all();
        chosen = Optional.of(home.resolve("other"));
        session.answer("rescue-elsewhere");
        assertThat(session.model.folder().get()).isEqualTo(home.resolve("other/Salt Mill"));
        assertThat(rescues().all()).isEmpty();
    }

    /** Whoever opens another production while a change is on its way to the disk loses neither. */
    @Test
    void anotherProductionWaitsUntilTheFirstIsSaved() throws IOException {
        Session session = session();
        folders.create(home, made("Salt Mill")).close();
        session.client("Mill House");
        session.model.open(home.resolve("Salt Mill"));
        chores.runAll();
        assertThat(session.model.production().get().brief().title()).isEqualTo("Second Rise");
        all();
        assertThat(session.model.production().get().brief().title()).isEqualTo("Salt Mill");
        assertThat(onDisk(home.resolve("Second Rise"))).isEqualTo("Mill House");
        folders.open(home.resolve("Second Rise")).close();
    }
}
