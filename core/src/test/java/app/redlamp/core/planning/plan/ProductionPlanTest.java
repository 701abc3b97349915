package app.redlamp.core.planning.plan;

import static app.redlamp.core.planning.plan.Productions.MONDAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.delivery.spec.Specifications;
import app.redlamp.core.planning.plan.TakeFinder.Found;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import java.math.BigDecimal;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;

class ProductionPlanTest {
    private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");

    private static ProductionPlan plan(Production production, Found... found) {
        return ProductionPlan.of(production, TakeFinder.takes(production, List.of(found)), MONDAY, BERLIN);
    }

    @Test
    void wordsBecomeHours() {
        // 18,000 words at 150 a minute: two hours; four in the booth, four of editing and proof listening.
        ProductionPlan plan = plan(Productions.book(9000, 6000, 3000));
        assertThat(plan.words()).isEqualTo(18_000);
        assertThat(plan.finishedS()).isCloseTo(7200, within(1e-6));
        assertThat(plan.boothHours()).isCloseTo(4, within(1e-9));
        assertThat(plan.editHours()).isCloseTo(4, within(1e-9));
        assertThat(plan.schedule().readingDays()).isEqualTo(2);
        // Chapter one is whole on Monday and takes Tuesday; two and three are whole on Tuesday and take Wednesday.
        assertThat(plan.schedule().done()).contains(MONDAY.plusDays(2));
        assertThat(plan.schedule().spareDays()).hasValue(26);
        assertThat(plan.pace().own()).isFalse();
    }

    @Test
    void aPaceOfOnesOwnReplacesCommonPracticeAsSoonAsThereIsATake() {
        Production book = Productions.book(9000, 6000, 3000);
        ProductionPlan plan = plan(book, new Found("Borrowed-Weather_02_Two.wav", 3000, false));
        assertThat(plan.pace().own()).isTrue();
        assertThat(plan.pace().wordsPerMinute()).as("6,000 words in 50 minutes").isCloseTo(120, within(1e-9));
        assertThat(plan.pieces().get(1).recorded()).isTrue();
        assertThat(plan.pieces().get(1).boothMin()).isZero();
        assertThat(plan.pieces().get(0).finishedS()).isCloseTo(4500, within(1e-9));
        assertThat(plan.finishedS()).isCloseTo(4500 + 3000 + 1500, within(1e-9));
        assertThat(plan.recorded()).isEqualTo(1);
    }

    @Test
    void aSampleOfAChapterIsNoTakeOfIt() {
        ProductionPlan plan =
                plan(Productions.book(9000, 6000, 3000), new Found("Borrowed-Weather_02_Two.wav", 60, false));
        assertThat(plan.recorded()).isZero();
        assertThat(plan.pace().own()).isFalse();
    }

    @Test
    void ratiosOfOnesOwnReplaceCommonPractice() {
        Production book = Productions.book(9000, 6000)
                .spending(new Spent(MONDAY, Spent.Phase.BOOTH, 60))
                .spending(new Spent(MONDAY, Spent.Phase.BOOTH, 30))
                .spending(new Spent(MONDAY, Spent.Phase.EDIT, 25));
        ProductionPlan none = plan(book);
        assertThat(none.pace().ownBooth())
                .as("nothing recorded to hold it against")
                .isFalse();
        ProductionPlan plan = plan(book, new Found("Borrowed-Weather_02_Two.mp3", 3000, true));
        assertThat(plan.pace().booth()).as("90 minutes for 50").isCloseTo(1.8, within(1e-9));
        assertThat(plan.pace().edit()).isCloseTo(0.5, within(1e-9));
        assertThat(plan.pace().ownProof()).isFalse();
        assertThat(plan.pieces().get(1).editMin()).as("finished").isZero();
    }

    @Test
    void episodesArePlannedByTheirLength() {
        Script episodes = new Script(
                ScriptText.EMPTY,
                List.of(Piece.spoken("Bread", 2700), Piece.spoken("Salt", 1800)),
                List.of(),
                List.of());
        ProductionPlan plan = plan(Productions.of(episodes));
        assertThat(plan.finishedS()).isEqualTo(4500);
        assertThat(plan.words()).isZero();
        assertThat(plan.pieces().get(0).boothMin()).isEqualTo(90);
    }

    @Test
    void recordingsAreKnownByTheirNames() {
        Production book = Productions.book(100, 100, 100);
        List<Recorded> takes = TakeFinder.takes(
                book,
                List.of(
                        new Found("Borrowed-Weather_01_One.wav", 40, false),
                        new Found("borrowed weather 01 one.mp3", 41, true),
                        new Found("02 Two.wav", 42, false),
                        new Found("3.wav", 43, false),
                        new Found("room tone.wav", 10, false),
                        new Found("Borrowed-Weather_03_Three.wav", 0, false)));
        assertThat(takes).containsExactly(new Recorded(0, 41, true), new Recorded(1, 42, false));
    }

    @Test
    void diskIsRateTimesBytesTimesChannelsTimesTime() {
        RecordingFormat capture = new RecordingFormat(44_100, 24, 1);
        DiskNeed book = DiskNeed.of(capture, Specifications.audiobook().format(), 36_000, 1.5);
        // A ten-hour book: 44,100 × 3 × 36,000 bytes = 4.76 GB a copy; 192 kbit/s × 36,000 s = 864 MB.
        assertThat(book.working()).isEqualTo(4_762_800_000.0);
        assertThat(book.raw()).isEqualTo(7_144_200_000.0);
        assertThat(book.ready()).isEqualTo(864_000_000.0 + 4_762_800_000.0);
        assertThat(book.backup()).isEqualTo(book.here()).isEqualTo(book.raw() + book.working() + book.ready());
        DiskNeed wav = DiskNeed.of(
                new RecordingFormat(48_000, 24, 2), Specifications.broadcast().format(), 60, 1);
        assertThat(wav.ready()).isEqualTo(2 * 48_000 * 3 * 2 * 60.0);
    }

    @Test
    void warnsBeforeTheDiskIsShort() {
        assertThat(DiskRoom.of(100, 0, OptionalLong.empty())).isEqualTo(DiskRoom.UNKNOWN);
        assertThat(DiskRoom.of(100, 0, OptionalLong.of(99))).isEqualTo(DiskRoom.FULL);
        assertThat(DiskRoom.of(100, 0, OptionalLong.of(119))).isEqualTo(DiskRoom.SHORT);
        assertThat(DiskRoom.of(100, 0, OptionalLong.of(120))).isEqualTo(DiskRoom.ENOUGH);
        assertThat(DiskRoom.of(100, 90, OptionalLong.of(12)))
                .as("most of it is there")
                .isEqualTo(DiskRoom.ENOUGH);
    }

    @Test
    void moneyIsExact() {
        Production book = Productions.book(18_000);
        Money hourly = book.money().withFee(Optional.of(new Fee(Fee.Basis.FINISHED_HOUR, new BigDecimal("180"))));
        ProductionPlan plan = plan(book.with(hourly));
        assertThat(plan.income()).contains(new BigDecimal("360.00"));
        assertThat(plan.hourly()).as("two finished hours take eight").contains(new BigDecimal("45.00"));
        assertThat(new Fee(Fee.Basis.WORD, new BigDecimal("0.04")).income(0, 18_001))
                .isEqualByComparingTo("720.04");
        assertThat(new Fee(Fee.Basis.FLAT, new BigDecimal("99.5")).income(0, 0)).isEqualByComparingTo("99.5");
        assertThat(plan(book).income()).isEmpty();
        assertThat(plan(book).hourly()).isEmpty();
        assertThatThrownBy(() -> new Fee(Fee.Basis.FLAT, new BigDecimal("-1"))).hasMessageContaining("0 or more");
    }

    @Test
    void theShoppingListCountsWhatIsStillToPay() {
        Money money = Productions.book(10)
                .money()
                .withBudget(Optional.of(new BigDecimal("300")))
                .withItems(List.of(
                        new ShoppingItem(
                                "dynamic microphone",
                                new BigDecimal("110"),
                                Optional.of(new BigDecimal("60.50")),
                                ShoppingItem.Standing.USED),
                        new ShoppingItem(
                                "interface", new BigDecimal("150"), Optional.empty(), ShoppingItem.Standing.NEW),
                        new ShoppingItem(
                                "stand", new BigDecimal("40"), Optional.empty(), ShoppingItem.Standing.OWNED)));
        assertThat(money.toPay()).isEqualByComparingTo("210.50");
        assertThat(money.left()).hasValueSatisfying(left -> assertThat(left).isEqualByComparingTo("89.50"));
        assertThatThrownBy(() -> new ShoppingItem("lead", BigDecimal.TEN, Optional.empty(), ShoppingItem.Standing.USED))
                .hasMessageContaining("used price");
    }

    @Test
    void deviationsFromTheLibraryAreKnownFigureByFigure() {
        Order order = Order.of(Specifications.audiobook());
        assertThat(order.deviates()).isFalse();
        Order changed = new Order(Specifications.broadcast(), Specifications.audiobook(), Map.of(), "");
        assertThat(changed.deviates(Asked.LOUDNESS)).isTrue();
        assertThat(changed.deviates(Asked.CHANNELS)).isFalse();
        assertThat(changed.deviates()).isTrue();
        Order named = new Order(Specifications.audiobookNamed("###-*.mp3"), Specifications.audiobook(), Map.of(), "");
        assertThat(named.deviatesOtherwise()).as("no figure of its own").isTrue();
        assertThat(named.deviates()).isTrue();
        assertThat(order.deviatesOtherwise()).isFalse();
    }

    @Test
    void whatMakesItFitIsTheLeastThatDoes() {
        // Ten hours in the booth, ten of editing: five evenings. Due on Friday, it would be done on Saturday.
        Production book = Productions.book(22_500, 22_500);
        Brief brief = book.brief().between(MONDAY, Optional.of(MONDAY.plusDays(4)));
        Production tight = book.with(brief).with(Productions.evenings(0).withEditing(480));
        ProductionPlan plan = plan(tight);
        assertThat(plan.schedule().fits()).isFalse();
        List<Remedy> remedies = Remedies.of(plan, MONDAY, BERLIN);
        assertThat(remedies).contains(new Remedy(Remedy.Kind.LATER, 1));
        for (Remedy remedy : remedies) {
            if (remedy.kind() == Remedy.Kind.LONGER_SESSIONS) {
                assertThat(fits(tight.with(tight.time().withLongestSession((int) remedy.amount()))))
                        .isTrue();
                assertThat(fits(tight.with(tight.time().withLongestSession((int) remedy.amount() - 15))))
                        .isFalse();
            }
        }
        assertThat(remedies.stream().map(Remedy::kind)).contains(Remedy.Kind.LONGER_SESSIONS, Remedy.Kind.FEWER_WORDS);
        assertThat(Remedies.of(plan(book), MONDAY, BERLIN)).as("fits already").isEmpty();
    }

    @Test
    void startingEarlierHelpsWhereTheBriefBeginsLater() {
        Production book = Productions.book(9000);
        Production late = book.with(book.brief().between(MONDAY.plusDays(10), Optional.of(MONDAY.plusDays(10))));
        List<Remedy> remedies = Remedies.of(plan(late), MONDAY, BERLIN);
        // The tenth day is a Thursday: two hours of reading on Wednesday, two of editing on Thursday.
        assertThat(remedies.get(0)).isEqualTo(new Remedy(Remedy.Kind.EARLIER, 1));
    }

    private static boolean fits(Production production) {
        return plan(production).schedule().fits();
    }
}
