package app.redlamp.media.capture;

import app.redlamp.core.port.Capture.Fault;
import app.redlamp.core.port.Capture.Format;
import app.redlamp.core.port.Capture.Input;
import app.redlamp.core.port.Capture.Line;
import app.redlamp.core.port.Capture.Taker;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import java.util.logging.Level;
import java.util.logging.Logger;
import javax.sound.sampled.TargetDataLine;

/** A sound device that is listened to, on a thread of its own. */
final class DeviceLine implements Line {
    /** What the device keeps while nobody reads. */
    static final double BUFFER_S = 0.25;

    private static final double BLOCK_S = 0.01;
    private static final Logger LOG = Logger.getLogger(DeviceLine.class.getName());

    /** A device that gives nothing for so long is gone, or held by the operating system. */
    private static final int MOST_EMPTY_READS = 200;

    private static final long EMPTY_WAIT_MS = 5;

    private final Input input;
    private final Format format;
    private final TargetDataLine line;
    private final Taker taker;
    private final Consumer<DeviceLine> whenClosed;
    private final Thread thread;
    private final AtomicBoolean closed = new AtomicBoolean();
    private long lostSoFar;

    DeviceLine(Input input, Format format, TargetDataLine line, Taker taker, Consumer<DeviceLine> whenClosed) {
        this.input = input;
        this.format = format;
        this.line = line;
        this.taker = taker;
        this.whenClosed = whenClosed;
        thread = new Thread(this::run, "capture");
        thread.setDaemon(true);
    }

    void start() {
        thread.start();
    }

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
        return BLOCK_S;
    }

    private void run() {
        PcmDecoder decoder = new PcmDecoder(format.bits(), format.channels());
        int frames = (int) (BLOCK_S * format.sampleRateHz());
        byte[] bytes = new byte[frames * decoder.frameBytes()];
        float[][] block = new float[format.channels()][frames];
        int empty = 0;
        long taken = 0;
        try {
            while (!closed.get()) {
                int read = line.read(bytes, 0, bytes.length);
                if (closed.get()) {
                    return;
                }
                int count = Math.max(0, read) / decoder.frameBytes();
                if (count > 0) {
                    empty = 0;
                    decoder.decode(bytes, block, count);
                    taken += count;
                    taker.take(block, count, lost(taken));
                } else if (!line.isOpen() || ++empty >= MOST_EMPTY_READS) {
                    end(Fault.GONE);
                    return;
                } else {
                    Thread.sleep(EMPTY_WAIT_MS);
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (RuntimeException e) {
            // Whoever takes the samples has gone wrong, or the driver has: the device itself may be there.
            LOG.log(Level.WARNING, "what came from '" + input.name() + "' could not be taken", e);
            end(line.isOpen() ? Fault.OTHER : Fault.GONE);
        }
    }

    /** What the device has counted and nobody has got: its buffer ran over. */
    private long lost(long taken) {
        long counted = line.getLongFramePosition();
        long buffered = line.available() / (format.channels() * (format.bits() / 8));
        long missing = Math.max(0, counted - buffered - taken - lostSoFar);
        if (missing < format.sampleRateHz() * BLOCK_S) {
            return 0;
        }
        lostSoFar += missing;
        return missing;
    }

    private void end(Fault fault) {
        if (closed.compareAndSet(false, true)) {
            line.close();
            whenClosed.accept(this);
            taker.ended(fault);
        }
    }

    @Override
    public void close() {
        if (closed.compareAndSet(false, true)) {
            line.stop();
            line.close();
            thread.interrupt();
            whenClosed.accept(this);
        }
    }
}
