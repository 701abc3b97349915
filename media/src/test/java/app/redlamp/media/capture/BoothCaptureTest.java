package app.redlamp.media.capture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.booth.Booth;
import app.redlamp.core.booth.Cue;
import app.redlamp.core.booth.Defect;
import app.redlamp.core.booth.Habits;
import app.redlamp.core.booth.Mains;
import app.redlamp.core.booth.Scene;
import app.redlamp.core.booth.Stand;
import app.redlamp.core.booth.WeekTime;
import app.redlamp.core.chain.kit.Parts;
import app.redlamp.core.chain.placement.Bleed;
import app.redlamp.core.port.Capture.CaptureException;
import app.redlamp.core.port.Capture.Fault;
import app.redlamp.core.port.Capture.Format;
import app.redlamp.core.port.Capture.Line;
import app.redlamp.core.port.Capture.Taker;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.DoubleAdder;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** The simulated booth as an input; time passes as fast as it can. */
class BoothCaptureTest {
    private static final Format MONO = new Format(44_100, 24, 1);
    private final BoothCapture capture = new BoothCapture("Simulated booth", nanoseconds -> {});

    @AfterEach
    void close() {
        capture.close();
    }

    private static Booth booth() {
        Stand stand = new Stand(
                "Reader",
                Parts.complete().chain(0, Parts.quietRoom(), Parts.AUDIOBOOK).orElseThrow(),
                OptionalDouble.empty(),
                0.02,
                true,
                Habits.NONE);
        return new Booth(
                List.of(stand),
                Scene.of(24, 12, 0.25),
                Bleed.Seats.ACROSS,
                1,
                Mains.EUROPEAN,
                new WeekTime(DayOfWeek.MONDAY, LocalTime.NOON),
                44_100,
                1);
    }

    /** Waits for so many frames and keeps their loudness. */
    private static final class Heard implements Taker {
        final CountDownLatch enough;
        final CountDownLatch over = new CountDownLatch(1);
        final AtomicLong frames = new AtomicLong();
        final DoubleAdder squares = new DoubleAdder();
        volatile Fault fault;
        private final long wanted;

        Heard(long wanted) {
            this.wanted = wanted;
            enough = new CountDownLatch(1);
        }

        @Override
        public void take(float[][] block, int count, long lost) {
            for (int n = 0; n < count; n++) {
                squares.add(block[0][n] * block[0][n]);
            }
            if (frames.addAndGet(count) >= wanted) {
                enough.countDown();
            }
        }

        @Override
        public void ended(Fault why) {
            fault = why;
            over.countDown();
        }
    }

    @Test
    void itIsShownAsSimulated() {
        assertThat(capture.inputs()).singleElement().satisfies(i -> {
            assertThat(i.simulated()).isTrue();
            assertThat(i.name()).isEqualTo("Simulated booth");
        });
    }

    @Test
    void aReaderSpeaksWhenCued() throws Exception {
        capture.prepare(booth());
        Heard still = new Heard(44_100);
        try (Line line = capture.open(capture.inputs().get(0), MONO, still)) {
            assertThat(still.enough.await(30, TimeUnit.SECONDS)).isTrue();
            assertThat(line.format()).isEqualTo(MONO);
        }
        Heard spoken = new Heard(4 * 44_100);
        try (Line line = capture.open(capture.inputs().get(0), MONO, spoken)) {
            capture.cue(0, Cue.LOUDEST);
            assertThat(line.input().simulated()).isTrue();
            assertThat(spoken.enough.await(30, TimeUnit.SECONDS)).isTrue();
        }
        assertThat(spoken.squares.sum() / spoken.frames.get())
                .isGreaterThan(50 * still.squares.sum() / still.frames.get());
    }

    @Test
    void itIsOpenOnceAtATime() throws Exception {
        capture.prepare(booth());
        try (Line line = capture.open(capture.inputs().get(0), MONO, new Heard(1))) {
            assertThat(line.latencyS()).isLessThan(0.05);
            assertThatThrownBy(() -> capture.open(capture.inputs().get(0), MONO, new Heard(1)))
                    .isInstanceOfSatisfying(
                            CaptureException.class, e -> assertThat(e.fault()).isEqualTo(Fault.IN_USE));
        }
        capture.open(capture.inputs().get(0), MONO, new Heard(1)).close();
    }

    @Test
    void withoutABoothNothingIsOpened() {
        assertThatThrownBy(() -> capture.open(capture.inputs().get(0), MONO, new Heard(1)))
                .isInstanceOf(CaptureException.class);
    }

    @Test
    void moreChannelsThanMicrophonesAreRefused() throws Exception {
        capture.prepare(booth());
        assertThatThrownBy(() -> capture.open(capture.inputs().get(0), new Format(44_100, 24, 2), new Heard(1)))
                .isInstanceOfSatisfying(
                        CaptureException.class, e -> assertThat(e.fault()).isEqualTo(Fault.WRONG_FORMAT));
    }

    @Test
    void aDeviceThatVanishesIsTold() throws Exception {
        capture.prepare(booth());
        capture.spoil(Optional.of(Defect.GONE));
        Heard heard = new Heard(Long.MAX_VALUE);
        capture.open(capture.inputs().get(0), MONO, heard);
        assertThat(heard.over.await(30, TimeUnit.SECONDS)).isTrue();
        assertThat(heard.fault).isEqualTo(Fault.GONE);
    }
}
