package app.redlamp.words;

import static app.redlamp.core.planning.plan.Productions.MONDAY;
import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.delivery.spec.Specifications;
import app.redlamp.core.planning.mail.Question;
import app.redlamp.core.planning.plan.DiskRoom;
import app.redlamp.core.planning.plan.Fee;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.ProductionPlan;
import app.redlamp.core.planning.plan.Productions;
import app.redlamp.core.planning.plan.Recorded;
import app.redlamp.core.planning.plan.Remedies;
import app.redlamp.core.planning.plan.Remedy;
import app.redlamp.core.planning.plan.WorkingTime;
import app.redlamp.core.planning.script.Script;
import java.math.BigDecimal;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PlanWordingTest {
    private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");
    private final PlanWording wording = new PlanWording(Locale.ENGLISH);

    private static ProductionPlan plan(Production production, Recorded... takes) {
        return ProductionPlan.of(production, List.of(takes), MONDAY, BERLIN);
    }

    private static Production due(Production production, int days) {
        return production.with(production.brief().between(MONDAY, Optional.of(MONDAY.plusDays(days))));
    }

    @Test
    void saysThePlanInOneLine() {
        Production book = Productions.book(9000, 6000, 3000);
        assertThat(wording.summary(plan(book)))
                .isEqualTo("2 h of book, 4 h in the booth, 2 evenings. Done on 4 March with 26 days to spare.");
        assertThat(wording.verdict(plan(book)))
                .isEqualTo("It fits: 2 evenings, done on 4 March with 26 days to spare.");
        assertThat(wording.verdict(plan(due(book, 2)))).endsWith("done on 4 March with no day to spare.");
        assertThat(wording.verdict(plan(due(book, 3)))).endsWith("with 1 day to spare.");
    }

    @Test
    void saysByHowMuchItDoesNotFit() {
        ProductionPlan plan = plan(due(Productions.book(9000, 6000, 3000), 1));
        assertThat(wording.verdict(plan)).isEqualTo("It does not fit: 2 h of work are left over on 3 March.");
        assertThat(wording.summary(plan)).endsWith("2 evenings. Done on 4 March, 1 day late.");
        assertThat(Remedies.of(plan, MONDAY, BERLIN).stream().map(r -> wording.remedy(r, plan)))
                .contains("Ask for 4 March");
        assertThat(wording.remedy(new Remedy(Remedy.Kind.LONGER_SESSIONS, 150), plan))
                .isEqualTo("Sessions of 2 h 30 min");
        assertThat(wording.remedy(new Remedy(Remedy.Kind.EARLIER, 1), plan)).isEqualTo("Start 1 day earlier");
        assertThat(wording.remedy(new Remedy(Remedy.Kind.FEWER_WORDS, 12_345), plan))
                .isEqualTo("12,345 words fewer");
    }

    @Test
    void saysWhatElseAPlanCanBe() {
        Production book = Productions.book(9000);
        assertThat(wording.verdict(plan(book.with(Script.NONE)))).isEqualTo("Nothing to plan yet: bring the script.");
        WorkingTime never = book.time().withQuiet(Map.of());
        assertThat(wording.verdict(plan(book.with(never)))).startsWith("It will never be done");
        assertThat(wording.summary(plan(book.with(never)))).endsWith("choose days and quiet hours.");
        Production open = book.with(book.brief().between(MONDAY, Optional.empty()));
        assertThat(wording.verdict(plan(open))).isEqualTo("1 evening, done on 3 March. There is no deadline.");
        assertThat(wording.verdict(plan(book, new Recorded(0, 3500, true))))
                .isEqualTo("Everything is recorded. Done on 2 March with 28 days to spare.");
    }

    @Test
    void saysWhereEachFigureComesFrom() {
        Production book = Productions.book(9000, 6000);
        assertThat(wording.pace(plan(book).pace())).isEqualTo("150 words a minute, common practice");
        assertThat(wording.pace(plan(book, new Recorded(1, 2400, false)).pace()))
                .isEqualTo("150 words a minute, yours from 1 take");
        assertThat(wording.booth(plan(book))).isEqualTo("3 h 20 min at 2.0 to one, common practice");
        assertThat(wording.editing(plan(book))).isEqualTo("3 h 20 min at 2.0 to one, common practice");
    }

    @Test
    void saysMoneyAndRoom() {
        Production book = Productions.book(18_000);
        Production paid =
                book.with(book.money().withFee(Optional.of(new Fee(Fee.Basis.FINISHED_HOUR, new BigDecimal("180.5")))));
        assertThat(wording.fee(plan(paid))).isEqualTo("2.00 h × €180.50 = €361; €45.12 for an hour of your time");
        assertThat(wording.fee(plan(book))).isEqualTo("–");
        assertThat(wording.bytes(4_762_800_000.0)).isEqualTo("4.8 GB");
        assertThat(wording.bytes(1_200_001)).isEqualTo("2 MB");
        assertThat(wording.seconds(45.2)).isEqualTo("45 s");
        assertThat(wording.seconds(111)).isEqualTo("1:51 min");
        assertThat(wording.seconds(40_800)).isEqualTo("11 h 20 min");
        assertThat(wording.room(DiskRoom.FULL, OptionalLong.of(2_000_000_000L))).isEqualTo("does not fit: 2.0 GB free");
        assertThat(wording.room(DiskRoom.UNKNOWN, OptionalLong.empty())).isEqualTo("–");
        assertThat(new PlanWording(Locale.GERMANY)
                        .money(new BigDecimal("1234.5"), paid.money().currency()))
                .isEqualTo("1.234,50 €");
    }

    @ParameterizedTest
    @EnumSource(JobKind.class)
    void everyKindOfJobHasItsWords(JobKind kind) {
        assertThat(wording.kind(kind)).isNotBlank();
        assertThat(wording.pieces(kind, 1)).startsWith("1 ");
        assertThat(wording.pieces(kind, 12)).startsWith("12 ");
        Production job = Productions.book(300);
        assertThat(wording.summary(plan(job.with(job.brief().as(kind))))).startsWith("2:00 min ");
    }

    @Test
    void saysWhatAClientAsksFor() {
        OrderWording order = new OrderWording(Locale.ENGLISH);
        assertThat(order.value(Asked.LOUDNESS, Specifications.audiobook())).isEqualTo("−23 to −18 dBFS RMS");
        assertThat(order.value(Asked.PEAK, Specifications.audiobook())).isEqualTo("−3 dBFS or lower");
        assertThat(order.value(Asked.NOISE_FLOOR, Specifications.audiobook())).isEqualTo("−60 dBFS RMS or lower");
        assertThat(order.value(Asked.HEAD, Specifications.audiobook())).isEqualTo("0.5 to 1 s");
        assertThat(order.value(Asked.LONGEST, Specifications.audiobook())).isEqualTo("120 min");
        assertThat(order.value(Asked.LOUDNESS, Specifications.broadcast())).isEqualTo("−23.5 to −22.5 LUFS");
        assertThat(order.value(Asked.NOISE_FLOOR, Specifications.broadcast())).isEqualTo("not asked for");
        assertThat(order.file(Specifications.audiobook())).isEqualTo("MP3 192 kbit/s, 44.1 kHz, mono or stereo");
        assertThat(order.file(Specifications.broadcast())).isEqualTo("WAV 24 bit, 48 kHz, mono or stereo");
        for (Question.Kind kind : Question.Kind.values()) {
            for (Asked asked : Asked.values()) {
                Question question = new Question(kind, asked, "their words");
                assertThat(order.question(question, Specifications.audiobook())).doesNotContain("{");
                assertThat(order.mail(question, Specifications.audiobook())).doesNotContain("{");
            }
        }
        assertThat(order.question(new Question(Question.Kind.MISSING, Asked.CHANNELS, ""), Specifications.audiobook()))
                .isEqualTo("They did not say: channels. Assumed mono or stereo.");
    }
}
