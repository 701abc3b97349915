package app.redlamp.core.chain.choose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.chain.Capsule;
import app.redlamp.core.chain.Converter;
import app.redlamp.core.chain.Preamp;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.chain.fit.Miss;
import app.redlamp.core.chain.fit.Stock;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.Parts;
import app.redlamp.core.chain.kit.Plug;
import app.redlamp.core.chain.kit.Seat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class ChooseTest {
    private static final Surroundings KITCHEN = Surroundings.of(34, 40, 0.8);

    private static int rank(Candidates candidates, Microphone microphone) {
        List<Candidate> all = candidates.all();
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).microphone().equals(microphone)) {
                return i;
            }
        }
        throw new AssertionError(microphone.id() + " is not there");
    }

    @Test
    void everyFamilyIsThereOnceWithItsBest() {
        Candidates candidates = Candidates.of(Parts.need(1), Parts.SHELF);
        assertThat(candidates.best().stream().map(Candidate::family))
                .doesNotHaveDuplicates()
                .contains(
                        Candidate.Family.USB_CONDENSER,
                        Candidate.Family.XLR_CONDENSER,
                        Candidate.Family.XLR_DYNAMIC,
                        Candidate.Family.TELEPHONE);
        for (Candidate best : candidates.best()) {
            assertThat(candidates.all().stream()
                            .filter(c -> c.family() == best.family())
                            .findFirst())
                    .contains(best);
        }
        assertThat(candidates.all()).isSortedAccordingTo(Candidates.order(Parts.need(1)));
    }

    @Test
    void aCondenserNeverStandsBeforeABoxWithout48Volts() {
        assertThat(Candidates.of(Parts.need(1), Parts.SHELF).all())
                .noneMatch(c -> c.microphone().power() == Microphone.Power.PHANTOM
                        && !c.kit().box().orElseThrow().phantom());
        // Two voices: no box with one input.
        assertThat(Candidates.of(Parts.need(2), Parts.SHELF).all())
                .noneMatch(c -> c.kit().box().filter(Parts.ONE::equals).isPresent());
    }

    /** A kitchen: the close dynamic has less of it than the condenser; in a dead room the condenser is as good. */
    @Test
    void theRoomDecidesBetweenCondenserAndDynamic() {
        Need kitchen = Parts.need(1, KITCHEN, Map.of());
        School inKitchen = School.of(Candidates.of(kitchen, Parts.SHELF), kitchen).stream()
                .filter(s -> s.question() == School.Question.CAPSULE)
                .findFirst()
                .orElseThrow();
        assertThat(inKitchen.side().orElseThrow().family()).isEqualTo(Candidate.Family.XLR_DYNAMIC);
        Need booth = Parts.need(1);
        School inBooth = School.of(Candidates.of(booth, Parts.SHELF), booth).stream()
                .filter(s -> s.question() == School.Question.CAPSULE)
                .findFirst()
                .orElseThrow();
        assertThat(inBooth.side().map(Candidate::family)).isNotEqualTo(Optional.of(Candidate.Family.XLR_DYNAMIC));
    }

    /** A quiet USB microphone against a hissing XLR one before a hissing box: the figures side with USB. */
    @Test
    void aGoodUsbMicrophoneBeatsABadXlrOne() {
        AudioInterface poor = new AudioInterface(
                "poor",
                "Poor",
                AudioInterface.Form.INTERFACE,
                1,
                Plug.COMBO,
                new Preamp(0, 45, -112, 6, 5, 2000),
                new Converter(16, 88),
                true,
                1,
                1,
                Optional.empty(),
                true,
                400,
                Parts.price(40),
                "");
        Need need = Parts.need(1, Surroundings.of(16, 12, 0.2), Map.of());
        Stock shelf = new Stock(List.of(Parts.USB, worse(44), poor, Parts.XLR));
        School school = School.of(Candidates.of(need, shelf), need).get(0);
        assertThat(school.question()).isEqualTo(School.Question.CONNECTION);
        assertThat(school.side().orElseThrow().microphone()).isEqualTo(Parts.USB);
        assertThat(school.first().path().snrDb())
                .isLessThan(school.second().path().snrDb() - 5);
        // And the other way round.
        Stock turned = new Stock(List.of(
                Parts.digital("bad", 46, Parts.USB.inside().orElseThrow(), 50), Parts.CONDENSER, Parts.ONE, Parts.XLR));
        assertThat(School.of(Candidates.of(need, turned), need)
                        .get(0)
                        .side()
                        .orElseThrow()
                        .microphone())
                .isEqualTo(Parts.CONDENSER);
    }

    private static Microphone worse(double selfNoise) {
        Microphone m = Parts.HISSING;
        return m.hearing(new Capsule(m.capsule().pattern(), 10, OptionalDouble.of(selfNoise), 130, 150));
    }

    @Test
    void moreNoiseNeverRaisesTheRank() {
        for (Surroundings room : List.of(Parts.quietRoom(), KITCHEN, Surroundings.of(14, 12, 0.2))) {
            int last = -1;
            for (double noise = 4; noise <= 40; noise += 4) {
                Microphone m = Parts.HISSING;
                Microphone changed =
                        m.hearing(new Capsule(m.capsule().pattern(), 10, OptionalDouble.of(noise), 130, 150));
                List<Gear> gear = new ArrayList<>(Parts.SHELF.all());
                gear.remove(m);
                gear.add(changed);
                Need need = Parts.need(1, room, Map.of());
                int rank = rank(Candidates.of(need, new Stock(gear)), changed);
                assertThat(rank).isGreaterThanOrEqualTo(last);
                last = rank;
            }
        }
    }

    @Test
    void whatIsBeyondTheBudgetOrMovesItsLevelComesLater() {
        Candidates candidates = Candidates.of(Parts.need(1), Parts.SHELF);
        List<Candidate> all = candidates.all();
        assertThat(all).isSortedAccordingTo(Comparator.comparing((Candidate c) -> c.cost() > 400));
        assertThat(rank(candidates, Parts.TELEPHONE))
                .isGreaterThan(rank(candidates, Parts.USB))
                .isGreaterThan(rank(candidates, Parts.CONDENSER));
    }

    @Test
    void whatIsThereAlreadyCostsNothing() {
        Need owning = Parts.need(1, Parts.quietRoom(), Map.of("one", 1, "condenser", 1, "short", 1));
        Candidate own = Candidates.of(owning, Parts.SHELF).all().stream()
                .filter(c -> c.kit().id().equals("condenser+one"))
                .findFirst()
                .orElseThrow();
        assertThat(own.cost()).isZero();
        // One of two is there: the other is bought.
        assertThat(Candidate.cost(
                        own.kit()
                                .seated(List.of(
                                        own.kit().seats().get(0),
                                        own.kit().seats().get(0))),
                        owning))
                .isEqualTo(120 + 8);
    }

    @Test
    void growth() {
        List<Candidate> all = Candidates.of(Parts.need(1), Parts.SHELF).all();
        assertThat(of(all, "usb").growth()).isEqualTo(Candidate.Growth.NONE);
        assertThat(of(all, "condenser+one").growth()).isEqualTo(Candidate.Growth.PARTS);
        assertThat(of(all, "condenser+two").growth()).isEqualTo(Candidate.Growth.VOICES);
        assertThat(of(all, "usb").things()).isLessThan(of(all, "condenser+one").things());
    }

    private static Candidate of(List<Candidate> all, String id) {
        return all.stream().filter(c -> c.kit().id().equals(id)).findFirst().orElseThrow();
    }

    @Test
    void anUpgradeIsToldByWhatItChanges() {
        Kit kit = Parts.with(Parts.HISSING, Optional.of(Parts.ONE));
        Need still = Parts.need(1, Surroundings.of(14, 12, 0.25), Map.of());
        List<Upgrade> upgrades = Upgrade.of(kit, still, Parts.SHELF);
        Upgrade better = upgrades.stream()
                .filter(u -> u.part().equals(Parts.CONDENSER))
                .findFirst()
                .orElseThrow();
        assertThat(better.snrDb()).isGreaterThan(8);
        assertThat(better.cost()).isEqualTo(120);
        // In a loud room no microphone helps by its noise: the room is the limit.
        Need loud = Parts.need(1, Surroundings.of(45, 12, 0.25), Map.of());
        assertThat(Upgrade.all(kit, loud, Parts.SHELF).stream()
                        .filter(u -> u.part().equals(Parts.CONDENSER))
                        .findFirst()
                        .orElseThrow()
                        .snrDb())
                .isLessThan(1);
        assertThat(Upgrade.of(Parts.with(Parts.DYNAMIC, Optional.empty()), still, Parts.SHELF))
                .isEmpty();
    }

    @Test
    void theListBeginsWithWhatNothingBeginsWithout() {
        Kit kit = Parts.with(Parts.CONDENSER, Optional.empty());
        Shopping list = Shopping.of(kit, Parts.need(1, Parts.quietRoom(), Map.of("condenser", 1)), Parts.SHELF);
        assertThat(list.today().stream().map(Purchase::part)).contains(Parts.ONE, Parts.XLR);
        assertThat(list.lines().stream().map(Purchase::part)).doesNotContain(Parts.CONDENSER);
        assertThat(list.lines()).isSortedAccordingTo(Comparator.comparing(Purchase::mark));
        assertThat(list.lines().stream().map(Purchase::part)).doesNotHaveDuplicates();
        assertThat(list.cost(Purchase.Mark.TODAY))
                .isEqualTo(list.today().stream().mapToDouble(Purchase::cost).sum());
        Purchase box = list.today().stream()
                .filter(p -> p.part().equals(Parts.ONE))
                .findFirst()
                .orElseThrow();
        assertThat(box.against().map(Miss::kind)).contains(Miss.Kind.NO_BOX);
        assertThat(box.usedCost().orElseThrow()).isCloseTo(42, within(1e-9));
    }

    /** What is enough is not bettered: in a dead quiet room with a good condenser nothing else is on the list. */
    @Test
    void nothingIsSoldThatTheJobDoesNotLack() {
        Need still = Parts.need(1, Surroundings.of(16, 12, 0.2), Map.of("condenser", 1, "one", 1, "xlr", 1));
        Shopping list = Shopping.of(Parts.complete(), still, Parts.SHELF);
        assertThat(list.lines()).noneMatch(l -> l.mark() == Purchase.Mark.LATER);
        // What belongs to the kit and is not there comes next: reading can begin without it.
        assertThat(list.lines().stream().map(Purchase::part)).contains(Parts.SCREEN, Parts.CLOSED);
        assertThat(list.today()).isEmpty();
    }

    @Test
    void ofEachSortOfPartOneBetterIsOffered() {
        Kit kit = Parts.with(Parts.HISSING, Optional.of(Parts.ONE));
        Shopping list = Shopping.of(kit, Parts.need(1, KITCHEN, Map.of("hissing", 1, "one", 1, "xlr", 1)), Parts.SHELF);
        List<Purchase> better = list.lines().stream()
                .filter(l -> l.mark() == Purchase.Mark.LATER && l.against().isEmpty())
                .toList();
        assertThat(better.stream().filter(l -> l.part() instanceof Microphone)).hasSize(1);
        assertThat(better).allMatch(l -> l.effectDb().orElseThrow() >= 1);
    }

    @Test
    void theBudgetIsSpentFromTheTopDown() {
        Kit kit = Parts.with(Parts.DYNAMIC, Optional.of(Parts.ONE));
        Need poor = new Need(
                1,
                false,
                false,
                Parts.VOICE,
                Parts.quietRoom(),
                Parts.AUDIOBOOK,
                Parts.MIDDLE,
                20,
                24,
                OptionalDouble.of(175),
                Map.of());
        Shopping list = Shopping.of(kit, poor, Parts.SHELF);
        double spent = list.lines().stream()
                .filter(Purchase::within)
                .mapToDouble(Purchase::cost)
                .sum();
        assertThat(spent).isLessThanOrEqualTo(175);
        assertThat(list.lines()).anyMatch(l -> !l.within());
    }

    @Test
    void aCompleteKitThatIsOwnedNeedsNothingToday() {
        Map<String, Integer> owned =
                Map.of("condenser", 1, "one", 1, "xlr", 1, "arm", 1, "shock", 1, "screen", 1, "closed", 1);
        Shopping list = Shopping.of(Parts.complete(), Parts.need(1, Parts.quietRoom(), owned), Parts.SHELF);
        assertThat(list.today()).isEmpty();
        assertThat(list.lines()).allMatch(l -> l.mark() == Purchase.Mark.LATER);
    }

    @Test
    void wiringGoesInTheOrderThatHurtsNobody() {
        List<WiringStep.Kind> kinds =
                WiringStep.of(Parts.complete()).stream().map(WiringStep::kind).toList();
        assertThat(kinds)
                .containsSubsequence(
                        WiringStep.Kind.ALL_DOWN,
                        WiringStep.Kind.PHANTOM_OFF,
                        WiringStep.Kind.SIDE_ADDRESS,
                        WiringStep.Kind.LEAD_MICROPHONE,
                        WiringStep.Kind.LEAD_BOX,
                        WiringStep.Kind.PHANTOM_ON,
                        WiringStep.Kind.WAIT,
                        WiringStep.Kind.GAIN);
        List<WiringStep.Kind> ribbon = WiringStep.of(Parts.with(Parts.RIBBON, Optional.of(Parts.ONE))).stream()
                .map(WiringStep::kind)
                .toList();
        assertThat(ribbon).contains(WiringStep.Kind.RIBBON).doesNotContain(WiringStep.Kind.PHANTOM_ON);
        List<WiringStep.Kind> usb = WiringStep.of(Parts.with(Parts.USB, Optional.empty())).stream()
                .map(WiringStep::kind)
                .toList();
        assertThat(usb)
                .contains(WiringStep.Kind.PORT)
                .doesNotContain(WiringStep.Kind.PHANTOM_OFF, WiringStep.Kind.LEAD_BOX);
        Seat boosted =
                Parts.with(Parts.DYNAMIC, Optional.of(Parts.ONE)).seats().get(0).boosted(Optional.of(Parts.BOOSTER));
        assertThat(WiringStep.of(Parts.complete().with(0, boosted)).stream().map(WiringStep::kind))
                .containsSubsequence(
                        WiringStep.Kind.LEAD_MICROPHONE, WiringStep.Kind.BOOSTER, WiringStep.Kind.PHANTOM_ON);
    }
}
