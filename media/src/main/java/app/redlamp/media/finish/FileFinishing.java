package app.redlamp.media.finish;

import app.redlamp.core.delivery.finish.ConformSolver;
import app.redlamp.core.delivery.finish.FinishOutcome;
import app.redlamp.core.delivery.finish.Forecast;
import app.redlamp.core.delivery.finish.Obstacle;
import app.redlamp.core.delivery.spec.DeliveryFormat;
import app.redlamp.core.delivery.spec.Naming;
import app.redlamp.core.fault.Reason;
import app.redlamp.core.port.Finishing;
import app.redlamp.core.port.Progress;
import app.redlamp.media.ReadFault;
import app.redlamp.media.disk.Disk;
import app.redlamp.media.disk.DiskSpace;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/**
 * Finishes recordings on disk. Everything is written under a passing name first and gets its own name only when it has
 * been measured and found inside; a name that is taken is never taken over.
 */
public final class FileFinishing implements Finishing {
    private static final long MARGIN_BYTES = 16L << 20;

    private final Disk disk;

    public FileFinishing() {
        this(Disk.REAL);
    }

    /** On a disk of one's own. */
    FileFinishing(Disk disk) {
        this.disk = disk;
    }

    @Override
    public Result finish(Order order, Progress progress) throws IOException {
        List<Obstacle> byName = Forecast.byName(
                order.specification(),
                order.report(),
                order.recording().getFileName().toString());
        if (!byName.isEmpty()) {
            return new Result(new FinishOutcome.Refused(byName), List.of());
        }
        try {
            Files.createDirectories(order.into());
        } catch (IOException e) {
            throw new IOException(Faults.say("file-finishing.cannot-be-made", order.into()), e);
        }
        if (!Files.isWritable(order.into())) {
            throw new IOException(Faults.say("file-finishing.may-not-be", order.into()));
        }
        if (Files.isSymbolicLink(order.into())) {
            throw new IOException(Faults.say("file-finishing.is-link-nothing", order.into()));
        }
        Leftovers.tidy(order.into(), disk);
        checkSpace(order);
        try (PassingFiles files = new PassingFiles(order.into(), disk)) {
            return finish(order, files, progress);
        } catch (ReadFault | NameTaken e) {
            throw e;
        } catch (IOException e) {
            throw new IOException(Faults.say("file-finishing.cannot-be-written", order.into(), Reason.of(e)), e);
        }
    }

    private static Result finish(Order order, PassingFiles files, Progress progress) throws IOException {
        DeliveryFormat format = order.specification().format();
        Path master = files.part("wav");
        Path coded = files.part(format.coding().extension() + ".coded");
        String name = Naming.stem(order.recording().getFileName().toString());
        FileBench bench = new FileBench(order.recording(), order.report(), format, name, master, coded, progress);
        FinishOutcome outcome =
                new ConformSolver(order.specification(), bench, order.commonChannels()).solve(order.report());
        progress.check();
        List<Path> written =
                outcome instanceof FinishOutcome.Finished ? keep(order, name, files, master, coded) : List.of();
        progress.at(1);
        return new Result(outcome, written);
    }

    @Override
    public long freeBytes(Path folder) throws IOException {
        return DiskSpace.free(folder);
    }

    private void checkSpace(Order order) throws IOException {
        DeliveryFormat format = order.specification().format();
        double bytes = order.report().info().durationS() * format.sampleRateHz() * 2 * 3 * 1.5;
        long free = freeBytes(order.into());
        if (bytes + MARGIN_BYTES > free) {
            throw new IOException(String.format(
                    Locale.ROOT,
                    Faults.say("file-finishing.needs-in-and"),
                    (bytes + MARGIN_BYTES) / 1e6,
                    order.into(),
                    free / 1e6));
        }
    }

    /** Gives master and delivery the first name that is free for both. */
    private static List<Path> keep(Order order, String name, PassingFiles files, Path master, Path coded)
            throws IOException {
        Path folder = order.into();
        DeliveryFormat.Coding coding = order.specification().format().coding();
        boolean masterIsAll = coding == DeliveryFormat.Coding.WAV;
        String masterMark = !masterIsAll && coding.extension().equals("wav") ? ", master" : "";
        for (int n = 1; ; n++) {
            String free = n == 1 ? name : name + " (" + n + ")";
            Path masterTo = folder.resolve(free + masterMark + ".wav");
            Path codedTo = folder.resolve(free + "." + coding.extension());
            if (!order.specification().naming().allows(codedTo.getFileName().toString())) {
                throw new NameTaken(Faults.say("file-finishing.is-there-already", folder.resolve(name)));
            }
            List<PassingFiles.Pair> pairs = masterIsAll
                    ? List.of(new PassingFiles.Pair(master, masterTo))
                    : List.of(new PassingFiles.Pair(master, masterTo), new PassingFiles.Pair(coded, codedTo));
            // Where a name is taken, perhaps in this moment, the next number is tried.
            if (files.publish(pairs)) {
                return pairs.stream().map(PassingFiles.Pair::name).toList();
            }
        }
    }

    /** The only name that the client takes is in use. */
    private static final class NameTaken extends IOException {
        private static final long serialVersionUID = 1L;

        NameTaken(String message) {
            super(message);
        }
    }
}
