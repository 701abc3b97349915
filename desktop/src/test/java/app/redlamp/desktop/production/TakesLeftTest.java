package app.redlamp.desktop.production;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.planning.plan.Brief;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.Money;
import app.redlamp.core.planning.plan.Order;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.core.planning.plan.WorkRatios;
import app.redlamp.core.planning.plan.WorkingTime;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.planning.take.Take;
import app.redlamp.core.port.TakeRecording;
import app.redlamp.core.port.TakeRecording.Kept;
import app.redlamp.core.port.TakeRecording.Running;
import app.redlamp.desktop.edit.UndoHistory;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.job.ManualExecutor;
import app.redlamp.desktop.look.Strings;
import app.redlamp.media.library.SpecificationLibrary;
import app.redlamp.media.production.ProductionFolders;
import app.redlamp.media.record.TakeRecorder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** In real folders: a take whose window was killed is there again when the production is opened. */
class TakesLeftTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path home;

    private final ManualExecutor workers = new ManualExecutor();
    private final JobService jobs = new JobService(workers, Runnable::run);
    private final Strings strings = new Strings(Locale.ENGLISH);
    private final ProductionModel model =
            new ProductionModel(new ProductionFolders(CLOCK), jobs, new UndoHistory(), strings, CLOCK);
    private final TakeRecorder recorder = new TakeRecorder(CLOCK);

    private Path made(String title) {
        Brief brief = Brief.of(JobKind.PODCAST_ALONE, title, "", model.today(), Optional.empty());
        model.create(
                home,
                new Production(
                        title,
                        brief,
                        Order.of(SpecificationLibrary.shippedOnly().get(0)),
                        new Script(ScriptText.EMPTY, List.of(Piece.spoken(title, 1800)), List.of(), List.of()),
                        WorkRatios.USUAL,
                        WorkingTime.USUAL,
                        Money.in(Currency.getInstance("EUR")),
                        List.of()));
        workers.runAll();
        return model.folder().get();
    }

    private Path cutOff(Path production) throws IOException {
        RecordingFormat mono = new RecordingFormat(8000, 24, 1);
        Running running = recorder.begin(
                new TakeRecording.Order(
                        production, Optional.empty(), "01 Salt", "Salt", mono, Optional.empty(), "Two in", false),
                news -> {});
        running.taker().take(new float[1][4000], 4000, 0);
        Kept kept = running.stop().parts().get(0);
        assertThat(kept.file().toFile().setWritable(true)).isTrue();
        Path journal = kept.file().resolveSibling(".take-" + kept.file().getFileName() + ".jsonl");
        Files.writeString(journal, Files.readString(journal).replace("{\"kind\":\"ended\"}\n", ""));
        byte[] whole = Files.readAllBytes(kept.file());
        return Files.write(kept.file(), Arrays.copyOf(whole, 80 + 3 * 2000 + 1));
    }

    @Test
    void whatAKillLeftIsGotBackWhenItIsOpened() throws IOException {
        Path salt = made("Salt");
        Path bread = made("Bread");
        Path file = cutOff(salt);
        TakesLeft.follow(model, recorder, jobs, strings);
        model.open(salt);
        workers.runAll();
        assertThat(jobs.notice().get()).contains("got back").contains("01 Salt - take 1.wav");
        Take take = model.production()
                .get()
                .takes()
                .take("raw/01 Salt - take 1.wav")
                .orElseThrow();
        assertThat(take.lengthS()).isEqualTo(0.25);
        assertThat(take.marks()).extracting(m -> m.kind()).containsExactly("cut-off");
        assertThat(file).hasSize(80 + 3 * 2000);
        // Saved, told to the log, and not offered again.
        assertThat(Files.readString(salt.resolve("production.json")))
                .contains(take.sha256().orElseThrow());
        assertThat(Files.readString(salt.resolve("log.jsonl"))).contains("\"kind\":\"recorded\"");
        assertThat(salt.resolve("raw"))
                .isDirectoryNotContaining(f -> f.toString().endsWith(".jsonl"));
        jobs.notify("");
        model.open(bread);
        workers.runAll();
        model.open(salt);
        workers.runAll();
        assertThat(jobs.notice().get()).isEmpty();
        assertThat(model.production().get().takes().all()).hasSize(1);
    }
}
