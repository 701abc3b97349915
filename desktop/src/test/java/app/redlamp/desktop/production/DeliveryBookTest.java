package app.redlamp.desktop.production;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.delivery.finish.ChannelMix;
import app.redlamp.core.delivery.finish.FinishOutcome;
import app.redlamp.core.delivery.finish.FinishSettings;
import app.redlamp.core.delivery.finish.Obstacle;
import app.redlamp.core.delivery.process.Reduction;
import app.redlamp.core.delivery.spec.Judge;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.analysis.Reports;
import app.redlamp.core.planning.plan.Brief;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.Money;
import app.redlamp.core.planning.plan.Order;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.WorkRatios;
import app.redlamp.core.planning.plan.WorkingTime;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Finishing;
import app.redlamp.desktop.edit.UndoHistory;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.ManualExecutor;
import app.redlamp.desktop.look.Strings;
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
import java.util.OptionalDouble;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** In real folders: what was measured and delivered stands in the log of the production it belongs to, whatever was open then. */
class DeliveryBookTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);
    private static final Specification HELD = SpecificationLibrary.shippedOnly().get(0);

    @TempDir
    Path home;

    private final ManualExecutor workers = new ManualExecutor();
    private final ProductionModel model = new ProductionModel(
            new ProductionFolders(CLOCK),
            new JobService(workers, Runnable::run),
            new UndoHistory(),
            new Strings(Locale.ENGLISH),
            CLOCK);
    private final DeliveryBook book = new DeliveryBook(model, CLOCK);
    private Path bread;
    private Path salt;

    @BeforeEach
    void twoProductions() {
        salt = made("Salt");
        bread = made("Bread");
    }

    private Path made(String title) {
        Brief brief = Brief.of(JobKind.PODCAST_ALONE, title, "", model.today(), Optional.empty());
        model.create(
                home,
                new Production(
                        title,
                        brief,
                        Order.of(HELD),
                        new Script(ScriptText.EMPTY, List.of(Piece.spoken(title, 1800)), List.of(), List.of()),
                        WorkRatios.USUAL,
                        WorkingTime.USUAL,
                        Money.in(Currency.getInstance("EUR")),
                        List.of()));
        workers.runAll();
        return model.folder().get();
    }

    private void open(Path folder) {
        model.open(folder);
        workers.runAll();
    }

    private static String log(Path folder) throws IOException {
        Path log = folder.resolve("log.jsonl");
        return Files.exists(log) ? Files.readString(log) : "";
    }

    private static Finishing.Result finished(Path folder) {
        Report report = Reports.good().get();
        FinishSettings settings =
                FinishSettings.neutral(HELD, report, ChannelMix.all(1)).with(8, OptionalDouble.of(-3.6));
        return new Finishing.Result(
                new FinishOutcome.Finished(
                        settings,
                        report,
                        Judge.judge(HELD, report),
                        new Reduction(1.2, 0),
                        report,
                        Judge.judge(HELD, report)),
                List.of(folder.resolve("ready/1.wav")));
    }

    @Test
    void whatIsMeasuredAndFinishedIsWrittenDown() throws IOException {
        Report report = Reports.good().get();
        book.measured(bread.resolve("raw/1.wav"), report, Judge.judge(HELD, report));
        book.ended(bread.resolve("raw/1.wav"), HELD, finished(bread));
        book.ended(
                bread.resolve("raw/2.wav"),
                HELD,
                new Finishing.Result(new FinishOutcome.Refused(List.of(new Obstacle.Clipped(3))), List.of()));
        workers.runAll();
        assertThat(log(bread))
                .contains("\"kind\":\"measured\"", "\"kind\":\"finished\"", "\"kind\":\"refused\"", "clipped");
        assertThat(model.production().get().takes().deliveries())
                .singleElement()
                .satisfies(d -> {
                    assertThat(d.files()).containsExactly("ready/1.wav");
                    assertThat(d.gainDb()).isEqualTo(8);
                });
        assertThat(log(salt)).doesNotContain("measured", "finished");
    }

    /** Finishing goes on while somebody looks at another production: it ends in the log that it belongs to. */
    @Test
    void whatEndsWhileAnotherProductionIsOpenWaitsForItsOwn() throws IOException {
        open(salt);
        book.ended(bread.resolve("raw/1.wav"), HELD, finished(bread));
        workers.runAll();
        assertThat(log(salt)).doesNotContain("finished");
        assertThat(log(bread)).doesNotContain("finished");
        assertThat(model.production().get().takes().deliveries()).isEmpty();

        open(bread);
        assertThat(log(bread)).containsOnlyOnce("\"kind\":\"finished\"");
        assertThat(model.production().get().takes().deliveries()).hasSize(1);

        open(salt);
        open(bread);
        assertThat(log(bread)).containsOnlyOnce("\"kind\":\"finished\"");
    }

    /** A recording from anywhere belongs to no log, and harms none. */
    @Test
    void aStrayIsWrittenNowhere() throws IOException {
        for (int i = 0; i < 1200; i++) {
            book.ended(home.resolve("elsewhere/" + i + ".wav"), HELD, finished(home.resolve("elsewhere")));
        }
        open(salt);
        open(bread);
        assertThat(log(bread) + log(salt)).doesNotContain("finished");
    }
}
