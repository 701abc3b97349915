package app.redlamp.media.capture;

import app.redlamp.core.port.Capture;
import app.redlamp.core.port.Capture.CaptureException;
import app.redlamp.core.port.Capture.Fault;
import app.redlamp.core.port.Capture.Format;
import app.redlamp.core.port.Capture.Input;
import app.redlamp.core.port.Capture.Line;
import app.redlamp.core.port.Capture.Taker;
import java.util.Optional;

/**
 * An input that is listened to again as soon as it is there again. Its taker is told each time that it has ended, and is given what comes
 * after that.
 */
public final class ReturningLine implements AutoCloseable {
    /** Between two tries. */
    private static final long AGAIN_MS = 500;

    private final Capture capture;
    private final Input input;
    private final Format format;
    private final Taker taker;
    private Optional<Line> line = Optional.empty();
    private boolean closed;

    private ReturningLine(Capture capture, Input input, Format format, Taker taker) {
        this.capture = capture;
        this.input = input;
        this.format = format;
        this.taker = taker;
    }

    /**
     * Listens.
     *
     * @throws CaptureException where it cannot be listened to now; that is not tried again
     */
    public static ReturningLine open(Capture capture, Input input, Format format, Taker taker) throws CaptureException {
        ReturningLine line = new ReturningLine(capture, input, format, taker);
        line.listen();
        return line;
    }

    private synchronized void listen() throws CaptureException {
        if (!closed) {
            line = Optional.of(capture.open(input, format, new Taker() {
                @Override
                public void take(float[][] block, int frames, long lost) {
                    taker.take(block, frames, lost);
                }

                @Override
                public void ended(Fault fault) {
                    taker.ended(fault);
                    Thread again = new Thread(ReturningLine.this::returning, "input returning");
                    again.setDaemon(true);
                    again.start();
                }
            }));
        }
    }

    private void returning() {
        boolean back = false;
        while (!back && !isClosed()) {
            back = isBack();
        }
    }

    private boolean isBack() {
        try {
            Thread.sleep(AGAIN_MS);
            listen();
            return true;
        } catch (CaptureException e) {
            return false;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return true;
        }
    }

    private synchronized boolean isClosed() {
        return closed;
    }

    @Override
    public synchronized void close() {
        closed = true;
        line.ifPresent(Line::close);
    }
}
