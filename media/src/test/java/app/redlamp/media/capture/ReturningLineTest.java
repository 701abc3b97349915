package app.redlamp.media.capture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.port.Capture;
import app.redlamp.core.port.Capture.CaptureException;
import app.redlamp.core.port.Capture.Fault;
import app.redlamp.core.port.Capture.Format;
import app.redlamp.core.port.Capture.Input;
import app.redlamp.core.port.Capture.Line;
import app.redlamp.core.port.Capture.Taker;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

@Timeout(60)
class ReturningLineTest {
    private static final Input INPUT = new Input("device:x", "X", false, 1);
    private static final Format MONO = new Format(44_100, 24, 1);

    /** A device that is unplugged and plugged in by the test. */
    private static final class Plugged implements Capture {
        private final BlockingQueue<Taker> opened = new LinkedBlockingQueue<>();
        private final AtomicInteger tries = new AtomicInteger();
        private final AtomicInteger closed = new AtomicInteger();
        private volatile boolean there = true;

        @Override
        public List<Input> inputs() {
            return List.of(INPUT);
        }

        @Override
        public Line open(Input input, Format format, Taker taker) throws CaptureException {
            tries.incrementAndGet();
            if (!there) {
                throw new CaptureException(Fault.GONE, "not there", null);
            }
            opened.add(taker);
            return new Line() {
                @Override
                public Input input() {
                    return input;
                }

                @Override
                public Format format() {
                    return format;
                }

                @Override
                public double latencyS() {
                    return 0.01;
                }

                @Override
                public void close() {
                    closed.incrementAndGet();
                }
            };
        }

        @Override
        public void close() {}
    }

    private static Taker taker(BlockingQueue<String> told) {
        return new Taker() {
            @Override
            public void take(float[][] block, int frames, long lost) {
                told.add("took " + frames);
            }

            @Override
            public void ended(Fault fault) {
                told.add("ended " + fault.id());
            }
        };
    }

    @Test
    void itListensAgainAsSoonAsTheDeviceIsBack() throws CaptureException, InterruptedException {
        Plugged capture = new Plugged();
        BlockingQueue<String> told = new LinkedBlockingQueue<>();
        ReturningLine line = ReturningLine.open(capture, INPUT, MONO, taker(told));
        Taker first = capture.opened.take();
        first.take(new float[1][10], 10, 0);
        capture.there = false;
        first.ended(Fault.GONE);
        while (capture.tries.get() < 3) {
            TimeUnit.MILLISECONDS.sleep(1);
        }
        capture.there = true;
        Taker second = capture.opened.take();
        second.take(new float[1][20], 20, 0);
        line.close();
        assertThat(told).containsExactly("took 10", "ended gone", "took 20");
        assertThat(capture.closed.get()).isEqualTo(1);
    }

    /** Closed while the device is away: it is not opened behind anybody's back later. */
    @Test
    void whatIsClosedStaysClosed() throws CaptureException, InterruptedException {
        Plugged capture = new Plugged();
        ReturningLine line = ReturningLine.open(capture, INPUT, MONO, taker(new LinkedBlockingQueue<>()));
        Taker first = capture.opened.take();
        capture.there = false;
        first.ended(Fault.GONE);
        line.close();
        capture.there = true;
        assertThat(capture.opened.poll(1200, TimeUnit.MILLISECONDS)).isNull();
    }

    @Test
    void whatIsNotThereAtFirstIsSaidAtOnce() {
        Plugged capture = new Plugged();
        capture.there = false;
        assertThatThrownBy(() -> ReturningLine.open(capture, INPUT, MONO, taker(new LinkedBlockingQueue<>())))
                .isInstanceOf(CaptureException.class);
        assertThat(capture.tries.get()).isEqualTo(1);
    }
}
