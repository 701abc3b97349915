package app.redlamp.desktop.brief;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.planning.mail.Proposal;
import app.redlamp.core.planning.mail.Question;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.Remedy;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.planning.script.SplitRule;
import app.redlamp.desktop.control.Evenings;
import app.redlamp.desktop.control.Reading;
import app.redlamp.desktop.edit.UndoHistory;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.ProductionModel;
import app.redlamp.media.library.SpecificationLibrary;
import app.redlamp.media.production.ProductionFolders;
import app.redlamp.media.script.ScriptFiles;
import app.redlamp.words.OrderWording;
import app.redlamp.words.PlanWording;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** On real folders, with everything that runs beside run at once. */
class BriefModelTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);
    private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

    @TempDir
    Path home;

    private final Strings strings = new Strings(Locale.ENGLISH);
    private final UndoHistory history = new UndoHistory();
    private final JobService jobs = new JobService(Runnable::run, Runnable::run);
    private final ProductionModel open =
            new ProductionModel(new ProductionFolders(CLOCK), jobs, history, strings, CLOCK);
    private final BriefModel model =
            new BriefModel(open, new ScriptFiles(), new SpecificationLibrary(Path.of("no", "library")), jobs, strings);

    private void start(JobKind kind) {
        model.start(kind, "Borrowed Weather", "Nine Steps", Optional.of(MONDAY.plusDays(20)), home);
    }

    private Production production() {
        return open.production().get();
    }

    private List<String> titles() {
        return production().pieces().stream().map(Piece::title).toList();
    }

    private void book() {
        start(JobKind.AUDIOBOOK);
        model.script()
                .paste(
                        "Chapter 1\n\nIt rained on Ysolde Bight. " + "Rain fell. ".repeat(2000)
                                + "\n\nChapter 2\n\nShe saw the cwm, said Ysolde Bight.\n\nIt was shut.",
                        false);
    }

    private Reading reading() {
        Runnable none = () -> {};
        return new BriefReading(
                        model,
                        strings,
                        new PlanWording(Locale.ENGLISH),
                        new OrderWording(Locale.ENGLISH),
                        new BriefReading.Ways(none, none, none, none, none, none))
                .now();
    }

    @ParameterizedTest
    @EnumSource(JobKind.class)
    void aKindOfJobBringsWhatGoesWithIt(JobKind kind) {
        start(kind);
        assertThat(production().order().specification().id()).isEqualTo(kind.specificationId());
        assertThat(production().brief().capture()).isEqualTo(kind.capture());
        assertThat(production().brief().school()).isEqualTo(kind.school());
        assertThat(production().brief().pattern()).isEqualTo(kind.pattern());
        assertThat(strings.say("why." + kind.id())).isNotBlank();
        assertThat(home.resolve("Borrowed Weather/production.json")).exists();
    }

    @Test
    void whatCannotBeIsSaidAndChangesNothing() {
        model.start(JobKind.AUDIOBOOK, "x", "", Optional.of(MONDAY.minusDays(1)), home);
        assertThat(model.fault().get()).contains("lies before the start");
        assertThat(open.production().get()).isNull();
        start(JobKind.AUDIOBOOK);
        assertThat(model.fault().get()).isEmpty();
        model.changeTime(t -> t.withLongestSession(5));
        assertThat(model.fault().get()).contains("must lie between 15 and 480");
        assertThat(history.undoName().get()).isEmpty();
    }

    @Test
    void anotherKindTakesItsOwnOrderUnlessTheClientHasSaidSomething() {
        start(JobKind.AUDIOBOOK);
        model.become(JobKind.PHONE_PROMPTS);
        assertThat(production().order().specification().id()).isEqualTo("phone-prompt");
        assertThat(production().brief().pattern()).isEqualTo("{production}_{nnn}");
        String mail = "-16 LUFS ±1, please.";
        model.take(understood(mail), mail);
        model.become(JobKind.AUDIOBOOK);
        assertThat(production().order().mail()).isEqualTo(mail);
        history.undo();
        assertThat(production().brief().kind()).isEqualTo(JobKind.PHONE_PROMPTS);
    }

    private Proposal understood(String mail) {
        List<Mail.Understood> all = new ArrayList<>();
        model.reading(all::add).accept(mail);
        assertThat(all).singleElement().extracting(Mail.Understood::text).isEqualTo(mail);
        return all.get(0).proposal();
    }

    @Test
    void aMailBecomesAnOrderWithItsWords() {
        book();
        String mail = "Peaks no higher than -4 dB, please, and the noise floor under -65. WAV, 24 bit, 48 kHz, mono.";
        Proposal proposal = understood(mail);
        model.take(proposal, mail);
        assertThat(production().order().quotes()).containsEntry(Asked.PEAK, "Peaks no higher than -4 dB");
        assertThat(production().order().deviates(Asked.NOISE_FLOOR)).isTrue();
        assertThat(model.questions().get()).extracting(Question::asked).contains(Asked.LOUDNESS);
        Specification edited =
                understood("Peaks no higher than -4 dB. Noise floor under -62.").specification();
        model.keepOrder(edited);
        assertThat(production().order().quotes())
                .as("a figure that was changed by hand loses its words")
                .containsKey(Asked.PEAK)
                .doesNotContainKey(Asked.NOISE_FLOOR);
        assertThat(production().order().specification().noiseFloorDbfs()).hasValue(-62);
    }

    @Test
    void aScriptIsBroughtSplitAndKept() throws IOException {
        start(JobKind.AUDIO_GUIDE);
        Path file = Files.writeString(home.resolve("guide.txt"), "1. The mill. Hello.\n2. The wheel.\n3. The bed.\n");
        model.script().bring(file);
        assertThat(titles()).containsExactly("The mill", "The wheel", "The bed");
        assertThat(open.folder().get().resolve("script/guide.txt")).hasSameBinaryContentAs(file);
        model.script().split(SplitRule.WHOLE);
        assertThat(titles()).hasSize(1);
        history.undo();
        assertThat(titles()).hasSize(3);
        model.script().bring(home.resolve("gone.txt"));
        assertThat(jobs.notice().get()).isEqualTo("gone.txt is not there; check the name");
        assertThat(titles()).hasSize(3);
    }

    @Test
    void theSplitIsCorrectedByHand() {
        book();
        ScriptModel script = model.script();
        assertThat(titles()).containsExactly("Chapter 1", "Chapter 2");
        script.splitBefore(1, 4);
        assertThat(titles()).containsExactly("Chapter 1", "Chapter 2", "It was shut.");
        script.splitBefore(1, 2);
        assertThat(titles()).as("not before its first paragraph").hasSize(3);
        script.rename(2, "  Epilogue ");
        script.move(2, -1);
        assertThat(titles()).containsExactly("Chapter 1", "Epilogue", "Chapter 2");
        assertThat(script.selected().get()).isEqualTo(1);
        script.merge(1);
        script.merge(1);
        assertThat(titles()).containsExactly("Chapter 1", "Epilogue");
        script.remove(0);
        script.remove(7);
        assertThat(titles()).containsExactly("Epilogue");
        assertThat(script.selected().get()).isZero();
        script.paste("Chapter 3\n\nNew.\n\nChapter 4\n\nNewer.", true);
        assertThat(titles()).containsExactly("Epilogue", "Chapter 3", "Chapter 4");
        script.addSpoken("Afterword", 2.5);
        assertThat(production().pieces().get(3).plannedS()).hasValue(150);
        for (int i = 0; i < 20; i++) {
            history.undo();
        }
        assertThat(titles()).isEmpty();
    }

    @Test
    void pronunciationsAndVoicesAreDecidedOnce() {
        book();
        assertThat(open.planned().get().undecided()).extracting(m -> m.term()).contains("cwm", "Ysolde Bight");
        model.script().say("cwm", "koom");
        model.script().say("cwm", "coom");
        model.script().voice("Ysolde Bight", "low");
        assertThat(production().script().sayings()).hasSize(1);
        assertThat(production().script().sayings().get(0).said()).isEqualTo("coom");
        assertThat(production().script().voices()).hasSize(1);
        assertThat(open.planned().get().undecided()).extracting(m -> m.term()).doesNotContain("cwm");
        model.script().say("cwm", " ");
        assertThat(production().script().sayings()).isEmpty();
    }

    @Test
    void theReadingSaysThePlanAndWhatComesNext() {
        assertThat(reading().verdict()).contains("for whom and by when");
        start(JobKind.AUDIOBOOK);
        assertThat(reading().verdict()).isEqualTo("Borrowed Weather has no script yet.");
        assertThat(reading().primary().orElseThrow().id()).isEqualTo("bring");
        book2();
        assertThat(reading().verdict()).startsWith("26 min of book, 52 min in the booth, 1 evening. Done on ");
        assertThat(reading().help().get(0).title()).isEqualTo("2 names to decide how to say");
        assertThat(reading().cautions().get(0)).contains("Voices tire: at most 2 h");
    }

    /** More text than can be saved and opened again is refused when it is brought, in one line, and changes nothing. */
    @Test
    void moreTextThanCanBeKeptIsRefused() {
        start(JobKind.AUDIOBOOK);
        String half = "Rain fell on the bakery. ".repeat(200_000);
        model.script().paste(half.repeat(2), false);
        assertThat(jobs.notice().get()).isEqualTo("the pasted text " + ScriptText.tooLong());
        assertThat(production().script().text().size()).isZero();
        model.script().paste(half, false);
        model.script().paste(half, true);
        assertThat(jobs.notice().get()).isEqualTo("the script " + ScriptText.tooLong());
        assertThat(production().script().text().size()).isEqualTo(1);
    }

    private void book2() {
        model.script()
                .paste(
                        "Chapter 1\n\nIt rained on Ysolde Bight. " + "Rain fell. ".repeat(2000)
                                + "\n\nChapter 2\n\nShe saw the cwm, said Ysolde Bight.\n\nIt was shut.",
                        false);
    }

    @Test
    void whatMakesItFitCanBeDoneAtOnce() {
        book();
        model.changeBrief("edit.days", b -> b.between(MONDAY, Optional.of(MONDAY.plusDays(2))));
        assertThat(open.planned().get().plan().schedule().fits()).isFalse();
        assertThat(reading().verdict()).startsWith("It does not fit");
        Remedy later = open.planned().get().remedies().stream()
                .filter(r -> r.kind() == Remedy.Kind.LATER)
                .findFirst()
                .orElseThrow();
        model.apply(later);
        assertThat(open.planned().get().plan().schedule().fits()).isTrue();
        history.undo();
        assertThat(open.planned().get().plan().schedule().fits()).isFalse();
    }

    @Test
    void aDayThatIsTakenOffIsPlannedAround() {
        book();
        LocalDate first =
                open.planned().get().plan().schedule().sessions().get(0).day();
        model.turnDay(first);
        assertThat(open.planned().get().plan().schedule().sessions().get(0).day())
                .isAfter(first);
        BriefPictures pictures = new BriefPictures(strings, new PlanWording(Locale.ENGLISH));
        Evenings evenings = pictures.evenings(open.planned().get().plan());
        assertThat(evenings.days().get(0).off()).isTrue();
        assertThat(evenings.days().get(0).work()).isEmpty();
        assertThat(evenings.days().size() % 7).isZero();
        assertThat(evenings.due()).hasValue(20);
        assertThat(pictures.about(open.planned().get().plan(), first)).contains("taken off");
        model.turnDay(first);
        assertThat(open.planned().get().plan().schedule().sessions().get(0).day())
                .isEqualTo(first);
    }

    @Test
    void filesWithoutNamesAreSaidFirst() {
        book();
        model.changeBrief("edit.brief", b -> b.named("{production}"));
        assertThat(open.planned().get().nameFault()).contains("put {nn} into the pattern");
        assertThat(reading().help().get(0).title()).isEqualTo("The files have no names");
    }
}
