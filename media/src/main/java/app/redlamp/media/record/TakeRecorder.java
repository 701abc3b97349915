package app.redlamp.media.record;

import app.redlamp.core.fault.Reason;
import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.core.port.Capture;
import app.redlamp.core.port.Capture.Fault;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.TakeRecording;
import app.redlamp.core.taking.raw.DiskReserve;
import app.redlamp.core.taking.raw.RawTake;
import app.redlamp.core.taking.raw.TakeHead;
import app.redlamp.media.disk.Disk;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Records takes into folders of this machine. */
public final class TakeRecorder implements TakeRecording {
    /** What is held while the disk takes nothing, and a second that is not settled yet. */
    private static final int RING_S = 66;

    private final Disk disk;
    private final TakeTiming timing;
    private final Clock clock;
    private final TakeKeeper keeper;

    /** @param clock that takes are dated by */
    public TakeRecorder(Clock clock) {
        this(Disk.REAL, TakeTiming.USUAL, clock);
    }

    /** On a disk of one's own, more or less patient with it. */
    TakeRecorder(Disk disk, TakeTiming timing, Clock clock) {
        this.disk = disk;
        this.timing = timing;
        this.clock = clock;
        keeper = new TakeKeeper(disk);
    }

    @Override
    public Running begin(Order order, Watcher watcher) throws IOException {
        Path raw = Places.raw(order.production());
        if (new DiskReserve(disk.free(raw), order.format().bytesASecond()).over()) {
            throw new IOException(Faults.say("take-recorder.disk-is-full"));
        }
        return new Taking(order, first(order, raw), watcher);
    }

    /** The first part; under a short name where its place takes no long one. */
    private TakePart first(Order order, Path raw) throws IOException {
        try {
            return part(order, raw, order.stem());
        } catch (FileSystemException e) {
            try {
                return part(order, raw, order.stem().split(" ", 2)[0]);
            } catch (FileSystemException also) {
                e.addSuppressed(also);
                throw new IOException(Faults.say("take-recorder.cannot-begin", Reason.of(e)), e);
            }
        }
    }

    private TakePart part(Order order, Path raw, String stem) throws IOException {
        TakeHead head = new TakeHead(
                Places.next(raw, stem),
                order.piece(),
                LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS),
                order.format(),
                order.card(),
                order.input(),
                order.simulated());
        return TakePart.begin(disk, raw, head);
    }

    @Override
    public void settled(Path production, List<Kept> takes) {
        takes.forEach(k -> forget(TakeJournal.of(k.file())));
    }

    private void forget(Path file) {
        try {
            disk.delete(file);
        } catch (IOException e) {
            // It is offered once more at the next start, and is known or empty then.
            return;
        }
    }

    @Override
    public Recovered recover(Path production, Optional<Path> backup, Progress progress) throws IOException {
        return new Recovery(disk, keeper).recover(production, backup, progress);
    }

    /** A take that is being recorded. */
    private final class Taking implements Running {
        private final Order order;
        private final SampleRing ring;
        private final TakeWriter writer;
        private final Thread thread;
        /** A device may still be giving its last block when it is closed. */
        private volatile boolean closed;

        Taking(Order order, TakePart first, Watcher watcher) {
            this.order = order;
            RecordingFormat format = order.format();
            ring = new SampleRing(format.channels(), RING_S * format.sampleRateHz());
            writer = new TakeWriter(
                    ring, disk, timing, clock, Places.all(order.production(), order.backup()), first, watcher);
            thread = new Thread(writer, "take");
            thread.setDaemon(true);
            thread.start();
        }

        @Override
        public Capture.Taker taker() {
            return new Capture.Taker() {
                @Override
                public void take(float[][] block, int frames, long lost) {
                    if (!closed && !writer.over()) {
                        ring.put(block, frames, lost);
                    }
                }

                @Override
                public void ended(Fault fault) {
                    ring.putBreak();
                }
            };
        }

        @Override
        public long frames() {
            return ring.heard();
        }

        @Override
        public double behindS() {
            return (double) ring.held() / order.format().sampleRateHz();
        }

        @Override
        public long lostFrames() {
            return ring.lost();
        }

        @Override
        public void mark(String kind, String note) {
            writer.mark(kind, note);
        }

        @Override
        public boolean over() {
            return writer.over();
        }

        @Override
        public Ended stop() {
            closed = true;
            writer.stop();
            boolean interrupted = false;
            while (thread.isAlive()) {
                try {
                    thread.join();
                } catch (InterruptedException e) {
                    // What was heard is written first, whoever does not want to wait.
                    interrupted = true;
                }
            }
            if (interrupted) {
                Thread.currentThread().interrupt();
            }
            return ended();
        }

        private Ended ended() {
            long unwritten = writer.unwritten();
            List<TakePart> parts =
                    writer.done().stream().filter(p -> p.frames() > 0).toList();
            List<Kept> kept = new ArrayList<>();
            for (int i = 0; i < parts.size(); i++) {
                boolean last = i == parts.size() - 1;
                kept.add(keep(parts.get(i), !last || writer.over() || unwritten > 0));
            }
            // Where nothing was heard neither file nor journal is of use to anybody.
            writer.done().stream().filter(p -> p.frames() == 0).forEach(p -> {
                forget(p.file());
                forget(TakeJournal.of(p.file()));
            });
            return new Ended(kept, unwritten);
        }

        private Kept keep(TakePart part, boolean cutOff) {
            Path file = part.file();
            try {
                String sha256 = TakeKeeper.sha256(file, Progress.NONE);
                TakeKeeper.close(file);
                return keeper.kept(
                        new RawTake(part.head(), part.marks(), part.lost(), part.frames(), cutOff, sha256),
                        file,
                        order.production(),
                        order.backup());
            } catch (IOException e) {
                // Its place is gone: what was written there is got back when it is there again.
                RawTake take = new RawTake(part.head(), part.marks(), part.lost(), part.frames(), true, "");
                return new Kept(
                        take, file, false, Optional.of(Faults.say("take-recorder.place-is-gone", file, Reason.of(e))));
            }
        }
    }
}
