package app.redlamp.core.taking.simulated;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import app.redlamp.core.booth.Booth;
import app.redlamp.core.booth.WeekTime;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.fit.Stock;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.Parts;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.KitNeeds;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.Productions;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class JobBoothTest {
    private static final WeekTime NOON = new WeekTime(DayOfWeek.MONDAY, LocalTime.NOON);
    private static final Production BOOK = Productions.book(900, 400);

    /** Where no kit is chosen there is one from the shelf, its loudest line where the job's school wants it. */
    @Test
    void withoutAKitOfItsOwnAJobHasAUsualOne() {
        Booth booth = JobBooth.of(BOOK, Parts.SHELF, NOON, 44_100, 7);
        assertThat(booth.stands()).hasSize(1);
        assertThat(booth.sampleRateHz()).isEqualTo(44_100);
        assertThat(booth.seed()).isEqualTo(7);
        double loudest = SignalPath.of(booth.stands().get(0).chain()).loudestPeakDbfs();
        assertThat(BOOK.brief().school().fits(loudest, OptionalDouble.empty()))
                .as("%.1f dBFS", loudest)
                .isTrue();
        assertThat(booth).isEqualTo(JobBooth.of(BOOK, Parts.SHELF, NOON, 44_100, 7));
    }

    @Test
    void aChosenKitIsTheOneThatIsHeard() {
        Kit kit = Parts.complete();
        Production chosen = BOOK.with(BOOK.kits().with(kit));
        Booth booth = JobBooth.of(chosen, Parts.SHELF, NOON, 48_000, 1);
        Need need = KitNeeds.of(chosen, Optional.empty());
        Chain wanted = kit.chain(0, need.room(), need.finishing()).orElseThrow();
        assertThat(booth.stands().get(0).chain().capsule()).isEqualTo(wanted.capsule());
        assertThat(booth.stands().get(0).chain().gainDb()).isEqualTo(wanted.gainDb());
    }

    @Test
    void twoAtATableHaveAMicrophoneEach() {
        Production talk = BOOK.with(BOOK.brief().as(JobKind.PODCAST_COHOST));
        assertThat(JobBooth.of(talk, Parts.SHELF, NOON, 44_100, 1).stands()).hasSize(2);
        assertThatIllegalArgumentException()
                .isThrownBy(
                        () -> JobBooth.of(talk.with(talk.kits().with(Parts.complete())), Parts.SHELF, NOON, 44_100, 1))
                .withMessageContaining("the job has 2");
    }

    @Test
    void anEmptyShelfIsSaid() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> JobBooth.of(BOOK, new Stock(List.of()), NOON, 44_100, 1))
                .withMessageContaining("choose a kit");
    }
}
