package app.redlamp.media.demo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.delivery.finish.Forecast;
import app.redlamp.core.delivery.finish.Obstacle;
import app.redlamp.core.delivery.spec.Check;
import app.redlamp.core.delivery.spec.CheckId;
import app.redlamp.core.delivery.spec.DeliveryFormat;
import app.redlamp.core.delivery.spec.Judge;
import app.redlamp.core.delivery.spec.Judgement;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.planning.plan.ProductionPlan;
import app.redlamp.core.planning.plan.Recorded;
import app.redlamp.core.planning.plan.TakeFinder;
import app.redlamp.core.planning.script.Count;
import app.redlamp.core.port.Productions;
import app.redlamp.core.port.Progress;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.library.SpecificationLibrary;
import app.redlamp.media.production.ProductionFolders;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The truth about every demo recording is how it was made; what is measured must agree. */
class DemoProductionTest {
    @TempDir
    Path folder;

    @Test
    void everyRecordingMeasuresAsItWasMade() throws IOException {
        List<Report> reports = reports();
        for (int i = 0; i < reports.size(); i++) {
            DemoTake take = DemoTake.ALL.get(i);
            Report report = reports.get(i);
            double noise = 10
                    * Math.log10(Math.pow(10, take.steadyDbfs() / 10)
                            + Math.pow(10, take.humDbfs().orElse(-200) / 10));
            assertThat(report.noiseFloorDbfs().orElseThrow()).as(take.name()).isCloseTo(noise, within(0.5));
            assertThat(report.pauses().headS().orElseThrow()).as(take.name()).isCloseTo(take.headS(), within(0.1));
            assertThat(report.pauses().tailS().orElseThrow()).as(take.name()).isCloseTo(take.tailS(), within(0.1));
            assertThat(report.info().sampleRateHz()).isEqualTo(take.sampleRateHz());
            assertThat(report.info().channels()).isEqualTo(take.channels());
            // The dry voice peaks at −3 dBFS; noise and resampling move that by tenths.
            double peak = Math.min(0, -3 + take.gainDb());
            assertThat(report.samplePeakDbfs().orElseThrow()).as(take.name()).isCloseTo(peak, within(0.3));
        }
    }

    @Test
    void eachShowsWhatItIsThereToShow() throws IOException {
        Specification audiobook = new SpecificationLibrary(Path.of("no", "library"))
                .byId("audiobook-retail")
                .orElseThrow();
        List<Report> reports = reports();
        int common = Judge.commonChannels(reports);
        List<Judgement> judged =
                reports.stream().map(r -> Judge.judge(audiobook, r, common)).toList();
        assertThat(judged.get(0).pass()).isTrue();
        assertThat(judged.get(1).faults()).extracting(Check::id).containsExactly(CheckId.LOUDNESS);
        assertThat(judged.get(2).faults())
                .extracting(Check::id)
                .containsExactly(CheckId.LOUDNESS, CheckId.PEAK, CheckId.CLIPPING);
        assertThat(judged.get(3).faults()).extracting(Check::id).contains(CheckId.NOISE_FLOOR);
        assertThat(Forecast.of(audiobook, reports.get(3), common).obstacles())
                .singleElement()
                .isInstanceOf(Obstacle.Noise.class);
        assertThat(judged.get(4).faults()).extracting(Check::id).contains(CheckId.CHANNELS, CheckId.SAMPLE_RATE);
        for (int finishable : new int[] {0, 1, 4}) {
            assertThat(Forecast.of(audiobook, reports.get(finishable), common).finishable())
                    .isTrue();
        }
    }

    @Test
    void everyStartGetsAFreshCopyAndTheLastOneGoes() throws IOException {
        Path first;
        try (DemoProduction demo = DemoProduction.in(folder)) {
            first = demo.folder();
            Files.writeString(first.resolve("changed.txt"), "by the user");
        }
        try (DemoProduction second = DemoProduction.in(folder)) {
            assertThat(second.folder()).isNotEqualTo(first);
            assertThat(second.folder().resolve("changed.txt")).doesNotExist();
            assertThat(second.folder().resolve("raw")).isEmptyDirectory();
            assertThat(first).doesNotExist();
        }
    }

    @Test
    void aCopyInUseStays() throws IOException {
        try (DemoProduction one = DemoProduction.in(folder);
                DemoProduction two = DemoProduction.in(folder)) {
            assertThat(one.folder()).exists();
            assertThat(two.folder()).exists();
        }
    }

    @Test
    void foreignFoldersBesideTheCopiesAreNeverTouched() throws IOException {
        Path precious = Files.writeString(
                Files.createDirectory(folder.resolve("copy-of-my-work")).resolve("a.wav"), "x");
        DemoProduction.in(folder).close();
        DemoProduction.in(folder).close();
        assertThat(precious).exists();
    }

    private List<Report> reports() throws IOException {
        List<Report> reports = new ArrayList<>();
        try (DemoProduction demo = DemoProduction.in(folder)) {
            for (Path recording : demo.recordings()) {
                reports.add(new FileRecordings().measure(recording, Progress.NONE));
            }
        }
        return reports;
    }

    /**
     * Words as GNU coreutils' {@code wc -w} counts them: 3267 in the book, 13 of which are the signs of its headings; 856 in
     * the guide, one of which is a sign of per cent and 24 of which are said to the reader.
     */
    @Test
    void itsScriptsAreCountedLikeAnIndependentToolCountsThem() throws IOException {
        try (DemoProduction demo = DemoProduction.in(folder)) {
            assertThat(demo.folders().stream().map(f -> f.getFileName().toString()))
                    .containsExactly("Borrowed Weather", "Second Rise", "The Salt Mill");
            ProductionPlan book = plan(demo.folder());
            assertThat(book.production().pieces()).hasSize(12);
            assertThat(book.words()).isEqualTo(3267 - 13);
            // wc -w on each chapter cut out by hand, title included; the first with the two words of the book's title.
            assertThat(book.counts().stream().map(Count::words))
                    .containsExactly(286, 267, 299, 270, 242, 257, 268, 274, 247, 269, 275, 300);
            assertThat(book.production().pieces().get(0).title()).isEqualTo("The cellar barometer");
            assertThat(book.production().order().specification().format().coding())
                    .isEqualTo(DeliveryFormat.Coding.MP3);
            assertThat(book.production().order().quotes()).hasSizeGreaterThanOrEqualTo(6);
            assertThat(book.schedule().fits()).isTrue();
            ProductionPlan guide = plan(demo.folder().resolveSibling("The Salt Mill"));
            assertThat(guide.words())
                    .as("without the 24 that are said to the reader")
                    .isEqualTo(856 - 1 - 24);
            assertThat(guide.production().pieces()).hasSize(20);
            ProductionPlan podcast = plan(demo.folder().resolveSibling("Second Rise"));
            assertThat(podcast.finishedS()).isEqualTo(7200);
        }
    }

    private static ProductionPlan plan(Path production) throws IOException {
        Productions.Seen seen = new ProductionFolders(Clock.system(ZoneId.systemDefault())).look(production);
        List<Recorded> takes = TakeFinder.takes(seen.production(), seen.found());
        return ProductionPlan.of(
                seen.production(), takes, LocalDate.now(ZoneId.systemDefault()), ZoneId.systemDefault());
    }
}
