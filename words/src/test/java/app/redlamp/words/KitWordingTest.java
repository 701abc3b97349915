package app.redlamp.words;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.Capsule;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.GainFit;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Source;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.Voice;
import app.redlamp.core.chain.choose.Candidate;
import app.redlamp.core.chain.choose.Candidates;
import app.redlamp.core.chain.choose.Purchase;
import app.redlamp.core.chain.choose.School;
import app.redlamp.core.chain.choose.Shopping;
import app.redlamp.core.chain.choose.Upgrade;
import app.redlamp.core.chain.choose.WiringStep;
import app.redlamp.core.chain.datasheet.DataSheet;
import app.redlamp.core.chain.datasheet.DataSheetItem;
import app.redlamp.core.chain.datasheet.DataSheetMicrophone;
import app.redlamp.core.chain.datasheet.Doubt;
import app.redlamp.core.chain.datasheet.Entry;
import app.redlamp.core.chain.fit.Fit;
import app.redlamp.core.chain.fit.KitVerdict;
import app.redlamp.core.chain.fit.Miss;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.Parts;
import app.redlamp.core.chain.placement.Bleed;
import app.redlamp.core.chain.placement.Placing;
import app.redlamp.core.chain.placement.Zone;
import app.redlamp.core.verdict.Severity;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class KitWordingTest {
    private static final Lengths METRIC = new Lengths(Locale.UK, false);
    private static final Figures FIGURES = new Figures(Locale.UK);
    private final ChainWording chains = new ChainWording(METRIC, FIGURES);
    private final FitWording fits = new FitWording(METRIC, FIGURES);
    private final ChoiceWording choices = new ChoiceWording(METRIC, FIGURES);
    private final PlaceWording places = new PlaceWording(METRIC, FIGURES);
    private final SheetWording sheets = new SheetWording(FIGURES);

    private static Chain chain(Microphone microphone, Surroundings room) {
        return Parts.with(microphone, Optional.of(Parts.ONE))
                .chain(0, room, Parts.AUDIOBOOK)
                .orElseThrow();
    }

    private final KitWording kits = new KitWording(METRIC, FIGURES);

    private String sentence(Kit kit, Surroundings room) {
        Need need = Parts.need(1, room, Map.of());
        Fit fit = Fit.of(kit, need, Parts.SHELF);
        return kits.sentence(KitVerdict.of(kit, need, fit, 0), kit, need, 0);
    }

    private static Kit complete(Microphone microphone, Surroundings room) {
        Kit kit = Parts.with(microphone, Optional.of(Parts.ONE))
                .with(List.of(Parts.CLOSED, Parts.ARM, Parts.SHOCK, Parts.SCREEN));
        kit = kit.with(0, kit.seats().get(0).screened(OptionalDouble.of(0.09)));
        return kit.set(room, Parts.AUDIOBOOK, Parts.MIDDLE);
    }

    private static Kit gained(Kit kit, double db) {
        return kit.with(0, kit.seats().get(0).gained(db));
    }

    @Test
    void theVerdictNamesTheLimit() {
        Surroundings quiet = Parts.quietRoom();
        Kit good = complete(Parts.CONDENSER, quiet);
        assertThat(sentence(good, quiet)).startsWith("Enough: ");
        assertThat(sentence(good, Surroundings.of(45, 12, 0.25)))
                .startsWith("The room is the limit, not your kit: ")
                .endsWith("dB of signal-to-noise are missing.");
        Microphone hissing = Parts.HISSING.hearing(new Capsule(Pattern.CARDIOID, 10, OptionalDouble.of(50), 130, 150));
        assertThat(sentence(complete(hissing, quiet), quiet)).startsWith("Your microphone is the limit, not the room");
        assertThat(sentence(gained(good, 10), quiet)).startsWith("The gain is too low: it should stand at +");
        assertThat(sentence(gained(good, 40), quiet)).startsWith("The gain is too high for your loudest line");
        Surroundings ringing = Surroundings.of(20, 40, 0.9);
        assertThat(sentence(complete(Parts.CONDENSER, ringing), ringing))
                .startsWith("Quiet enough, but too much room: ");
        Microphone deaf = Parts.CONDENSER.hearing(new Capsule(Pattern.CARDIOID, 2, OptionalDouble.of(20), 100, 150));
        Kit shouting = good.with(
                0,
                good.seats()
                        .get(0)
                        .with(deaf)
                        .spoken(new Voice(VocalEffort.SHOUT, VocalEffort.SHOUT, 18))
                        .gained(0));
        assertThat(sentence(shouting, quiet)).isEqualTo("Your loudest line clips the microphone itself.");
        assertThat(chains.noWay("Hob")).isEqualTo("Hob has no way into a file yet.");
    }

    /** What will be heard is told however good the figures are. */
    @Test
    void whatIsMissingIsSaidThoughTheFiguresAreEnough() {
        Surroundings quiet = Parts.quietRoom();
        Kit good = complete(Parts.CONDENSER, quiet);
        Kit popping = good.with(List.of(Parts.CLOSED, Parts.ARM, Parts.SHOCK))
                .with(0, good.seats().get(0).screened(OptionalDouble.empty()));
        assertThat(sentence(popping, quiet))
                .startsWith("The figures are enough, but one thing will be heard. The breath of every P");
        Kit silent = good.through(Optional.empty());
        assertThat(sentence(silent, quiet)).startsWith("One thing stops you");
    }

    @Test
    void everyPlaceAndSourceHasWords() {
        Chain chain = chain(Parts.DYNAMIC, Parts.quietRoom())
                .through(Optional.of(Parts.BOOSTER.booster()))
                .set(Parts.MIDDLE);
        SignalPath path = SignalPath.of(chain);
        for (Node node : path.nodes()) {
            assertThat(chains.stage(node.stage())).isNotBlank();
            assertThat(chains.detail(node.stage(), chain)).isNotBlank();
            assertThat(chains.levels(node)).contains(node.stage().unit());
            assertThat(chains.snr(node)).endsWith("dB over the noise");
        }
        for (Source source : Source.values()) {
            assertThat(chains.source(source)).isNotBlank();
            assertThat(chains.part(source)).isNotBlank();
        }
        path.file()
                .noises()
                .keySet()
                .forEach(s -> assertThat(chains.share(path, s)).contains("% of the noise"));
        for (VocalEffort effort : VocalEffort.values()) {
            assertThat(chains.effort(effort)).isNotBlank();
        }
        for (Pattern pattern : Pattern.values()) {
            assertThat(chains.pattern(pattern)).isNotBlank();
        }
        assertThat(chains.snrInFile(path)).contains("wanted 40 or more");
        assertThat(chains.floor(path)).endsWith("−60 allowed");
        assertThat(chains.ceiling(path)).contains("dB under");
        assertThat(chains.makeUp(path)).startsWith("lifted by");
        assertThat(chains.betterMicrophone(path)).contains("dB");
        assertThat(chains.clarity(path, Parts.need(1))).contains("of clarity, wanted 26");
        Node capsule = path.node(Node.Stage.CAPSULE).orElseThrow();
        assertThat(chains.snrAfter(capsule, path.node(Node.Stage.PREAMP).orElseThrow()))
                .contains("dB");
        for (GainFit.Verdict gain : GainFit.Verdict.values()) {
            assertThat(chains.gain(new GainFit(42, gain, 3), Parts.PREAMP)).startsWith("needs 42 dB");
        }
    }

    @Test
    void everyMissHasWordsWithoutHoles() {
        for (Miss.Kind kind : Miss.Kind.values()) {
            for (Severity severity : Severity.values()) {
                Miss miss = new Miss(kind, severity, "Ada", "Hob 1", 2, Optional.of(Parts.ONE), 2);
                String words = fits.miss(miss, true);
                assertThat(words).as(kind.id()).doesNotContain("{").endsWith(".");
                assertThat(fits.cost(miss)).isEqualTo("2 × Box one: 140, used 84");
                assertThat(fits.severity(severity)).isNotBlank();
            }
        }
        Miss gain = new Miss(Miss.Kind.GAIN_SHORT, Severity.SPOILS, "Ada", "Hob", 7.3, Optional.empty(), 0);
        assertThat(fits.miss(gain, true))
                .isEqualTo("Ada: 7 dB of gain are missing: the recording stays low, and its noise comes up with it.");
        assertThat(fits.miss(gain, false)).startsWith("7 dB");
        assertThat(fits.cost(gain)).isEqualTo("costs nothing");
    }

    @Test
    void theFitInOneSentence() {
        assertThat(fits.verdict(Fit.of(Parts.complete(), Parts.need(1), Parts.SHELF)))
                .isEqualTo("It all fits together.");
        assertThat(fits.verdict(Fit.of(Parts.with(Parts.CONDENSER, Optional.empty()), Parts.need(1), Parts.SHELF)))
                .isEqualTo("One thing stops you from recording.");
        assertThat(fits.verdict(Fit.of(Parts.with(Parts.DYNAMIC, Optional.of(Parts.ONE)), Parts.need(1), Parts.SHELF)))
                .endsWith("will be heard.");
    }

    @Test
    void everyStepHasWords() {
        for (WiringStep.Kind kind : WiringStep.Kind.values()) {
            assertThat(fits.step(new WiringStep(kind, "", "Hob 1", 41), false))
                    .as(kind.id())
                    .doesNotContain("{")
                    .endsWith(".");
        }
        List<String> steps = fits.steps(WiringStep.of(Parts.complete()), true);
        assertThat(steps).anyMatch(s -> s.startsWith("Reader: "));
        assertThat(String.join(" ", steps))
                .contains("Never lift a safety earth")
                .contains("48 V");
    }

    @Test
    void candidatesAndSchoolsExplainThemselves() {
        Need need = Parts.need(1, Surroundings.of(34, 40, 0.8), Map.of());
        Candidates candidates = Candidates.of(need, Parts.SHELF);
        Candidate first = candidates.best().get(0);
        for (Candidate candidate : candidates.best()) {
            assertThat(choices.reason(candidate, need)).endsWith(".").doesNotContain("{");
            assertThat(choices.family(candidate.family())).isNotBlank();
            assertThat(choices.growth(candidate)).isNotBlank();
            assertThat(choices.effort(candidate)).contains("to plug");
            assertThat(choices.perDecibel(candidate, first)).isNotBlank();
        }
        for (Candidate.Family family : Candidate.Family.values()) {
            assertThat(choices.family(family)).isNotBlank();
        }
        for (School school : School.of(candidates, need)) {
            assertThat(choices.schoolSays(school, true, need)).contains("would take");
            assertThat(choices.schoolSays(school, false, need)).contains("would take");
            assertThat(choices.side(school, need)).startsWith("The figures side with");
        }
    }

    @Test
    void upgradesAndTheListSayWhatTheyBuy() {
        Need need = Parts.need(1, Surroundings.of(14, 12, 0.25), Map.of("hissing", 1));
        Kit kit = Parts.with(Parts.HISSING, Optional.of(Parts.ONE));
        List<Upgrade> upgrades = Upgrade.all(kit, need, Parts.SHELF);
        upgrades.forEach(u -> assertThat(choices.buys(u)).contains("dB"));
        Shopping list = Shopping.of(kit, need, Parts.SHELF);
        for (Purchase line : list.lines()) {
            assertThat(choices.why(line, fits, false)).isNotBlank();
            assertThat(choices.effect(line)).isNotBlank();
        }
        assertThat(choices.sum(list, OptionalDouble.of(400))).endsWith("The budget is 400.");
        assertThat(choices.sum(list, OptionalDouble.empty())).startsWith("To start today: ");
        assertThat(choices.sum(new Shopping(List.of()), OptionalDouble.empty())).startsWith("Nothing has to be bought");
        for (Purchase.Mark mark : Purchase.Mark.values()) {
            assertThat(choices.mark(mark)).isNotBlank();
        }
        assertThat(choices.overBudget()).isNotBlank();
    }

    @Test
    void aPlaceExplainsItself() {
        Chain chain = chain(Parts.CONDENSER, Parts.quietRoom());
        assertThat(places.verdict(at(chain, Position.straight(0.08)))).startsWith("Every P will pop");
        assertThat(places.verdict(at(chain, new Position(0.06, 0, 30, 0)))).startsWith("Boomy: ");
        assertThat(places.verdict(at(chain, new Position(0.45, 0, 30, 0)))).startsWith("Too far");
        assertThat(places.verdict(at(chain, new Position(0.2, 70, 30, 0)))).startsWith("Turned too far away");
        Placing good = at(chain, new Position(0.18, 0, 25, 0));
        assertThat(places.verdict(good)).startsWith("A good place");
        assertThat(places.level(good)).isEqualTo("78 dB SPL at the capsule");
        assertThat(places.bass(good)).startsWith("+5 dB at 100 Hz");
        assertThat(places.treble(good)).isEqualTo("nothing lost");
        assertThat(places.breath(good)).endsWith("soft enough");
        assertThat(places.room(good)).contains("over the room");
        assertThat(places.zones(good)).isEqualTo("suits: narration, close up, a hand’s span");
        assertThat(places.at(new Position(0.18, 0, 25, -5))).isEqualTo("18 cm, 25° beside, −5° above, turned 0°");
        assertThat(places.lineOf(VocalEffort.RAISED, 0.3)).isEqualTo("For a raised line: 30 cm.");
        for (Zone zone : Zone.values()) {
            assertThat(places.zone(zone)).isNotBlank();
        }
        for (Bleed.Seats seats : Bleed.Seats.values()) {
            assertThat(places.bleed(Bleed.of(chain, seats, 1.2), seats, 1.2)).contains("the rule is 3 : 1");
        }
        assertThat(places.speaker(Bleed.ofSpeaker(chain, 0.8, 120))).contains("headphones");
    }

    private static Placing at(Chain chain, Position position) {
        return Placing.of(chain.at(position), 0.025, OptionalDouble.empty());
    }

    @Test
    void dataSheetsAreExplained() {
        assertThat(sheets.assumed(List.of(DataSheetItem.HEADPHONE_SENSITIVITY), 0))
                .contains("guess");
        for (DataSheetItem item : DataSheetItem.values()) {
            Entry entry = new Entry(item, 12, "12", Entry.How.AS_IT_IS);
            assertThat(sheets.item(item)).isNotBlank();
            assertThat(sheets.value(entry)).endsWith(item.unit());
            for (Doubt.Kind kind : Doubt.Kind.values()) {
                assertThat(sheets.doubt(new Doubt(kind, item, 3, 4))).doesNotContain("{");
            }
        }
        for (Entry.How how : Entry.How.values()) {
            assertThat(sheets.how(new Entry(DataSheetItem.BITS, 1, "", how))).isNotBlank();
        }
        DataSheetMicrophone nothing = DataSheetMicrophone.of(DataSheet.EMPTY, Microphone.Kind.LARGE_CONDENSER);
        assertThat(sheets.assumed(nothing.assumed(), 8))
                .isEqualTo(
                        "Not stated, so the usual figure is used: sensitivity, self-noise, highest level, output impedance."
                                + " Signal-to-noise may be off by 4.0 dB either way.");
        assertThat(sheets.nothing()).isNotBlank();
    }
}
