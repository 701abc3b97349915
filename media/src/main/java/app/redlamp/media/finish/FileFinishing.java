package app.redlamp.media.finish;

import app.redlamp.core.finish.ConformSolver;
import app.redlamp.core.finish.FinishOutcome;
import app.redlamp.core.finish.Forecast;
import app.redlamp.core.finish.Obstacle;
import app.redlamp.core.port.Finishing;
import app.redlamp.core.port.Progress;
import app.redlamp.core.spec.DeliveryFormat;
import app.redlamp.core.spec.Naming;
import app.redlamp.media.ReadFault;
import app.redlamp.media.disk.DiskSpace;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.UUID;

/**
 * Finishes recordings on disk. Everything is written under a passing name first and gets its own name only when it has
 * been measured and found inside; a name that is taken is never taken over.
 */
public final class FileFinishing implements Finishing {
    private static final long MARGIN_BYTES = 16L << 20;
    private static final String PASSING = ".redlamp-";
    private static final String PART = ".part";

    /** Nobody works on one file for so long: what is older was left behind by a kill. */
    private static final Duration LEFT_BEHIND = Duration.ofDays(1);

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
            throw new IOException(order.into() + " cannot be made; choose another folder", e);
        }
        if (!Files.isWritable(order.into())) {
            throw new IOException(order.into() + " may not be written to; choose another folder");
        }
        DeliveryFormat format = order.specification().format();
        sweep(order.into());
        checkSpace(order);
        String passing = PASSING + UUID.randomUUID();
        Path master = order.into().resolve(passing + ".wav" + PART);
        Path coded = order.into().resolve(passing + "." + format.coding().extension() + ".coded" + PART);
        String name = Naming.stem(order.recording().getFileName().toString());
        try {
            FileBench bench = new FileBench(order.recording(), order.report(), format, name, master, coded, progress);
            FinishOutcome outcome =
                    new ConformSolver(order.specification(), bench, order.commonChannels()).solve(order.report());
            progress.check();
            List<Path> written =
                    outcome instanceof FinishOutcome.Finished ? keep(order, name, master, coded) : List.of();
            progress.at(1);
            return new Result(outcome, written);
        } catch (ReadFault | NameTaken e) {
            throw e;
        } catch (IOException e) {
            throw new IOException(
                    "cannot be written to " + order.into() + " (" + DiskSpace.reason(e)
                            + "); free some space or choose another" + " folder",
                    e);
        } finally {
            Files.deleteIfExists(master);
            Files.deleteIfExists(coded);
        }
    }

    @Override
    public long freeBytes(Path folder) throws IOException {
        return DiskSpace.free(folder);
    }

    /** Removes the parts that a kill left behind, and nothing else. */
    private static void sweep(Path folder) throws IOException {
        Instant before = Instant.now().minus(LEFT_BEHIND);
        try (DirectoryStream<Path> parts = Files.newDirectoryStream(folder, PASSING + "*" + PART)) {
            for (Path part : parts) {
                sweep(part, before);
            }
        } catch (DirectoryIteratorException e) {
            throw e.getCause();
        }
    }

    private static void sweep(Path part, Instant before) {
        try {
            if (Files.getLastModifiedTime(part).toInstant().isBefore(before)) {
                Files.deleteIfExists(part);
            }
        } catch (IOException e) {
            // Gone with the finishing beside this one that it belonged to, or not ours to remove: neither hinders
            // anybody.
            return;
        }
    }

    private void checkSpace(Order order) throws IOException {
        DeliveryFormat format = order.specification().format();
        double bytes = order.report().info().durationS() * format.sampleRateHz() * 2 * 3 * 1.5;
        long free = freeBytes(order.into());
        if (bytes + MARGIN_BYTES > free) {
            throw new IOException(String.format(
                    Locale.ROOT,
                    "needs %.0f MB in %s and %.0f MB are free; free some space or choose another folder",
                    (bytes + MARGIN_BYTES) / 1e6,
                    order.into(),
                    free / 1e6));
        }
    }

    /** Gives master and delivery the first name that is free for both. */
    private static List<Path> keep(Order order, String name, Path master, Path coded) throws IOException {
        Path folder = order.into();
        DeliveryFormat.Coding coding = order.specification().format().coding();
        boolean masterIsAll = coding == DeliveryFormat.Coding.WAV;
        String masterMark = !masterIsAll && coding.extension().equals("wav") ? ", master" : "";
        for (int n = 1; ; n++) {
            String free = n == 1 ? name : name + " (" + n + ")";
            Path masterTo = folder.resolve(free + masterMark + ".wav");
            Path codedTo = folder.resolve(free + "." + coding.extension());
            if (!order.specification().naming().allows(codedTo.getFileName().toString())) {
                throw new NameTaken(folder.resolve(name) + " is there already, and the client wants no number behind a"
                        + " name; move the earlier one away");
            }
            if (!reserve(masterTo)) {
                continue;
            }
            if (masterIsAll) {
                return List.of(moveOnto(master, masterTo));
            }
            if (!reserve(codedTo)) {
                Files.delete(masterTo);
                continue;
            }
            return List.of(moveOnto(master, masterTo), moveOnto(coded, codedTo));
        }
    }

    /** The only name that the client takes is in use. */
    private static final class NameTaken extends IOException {
        private static final long serialVersionUID = 1L;

        NameTaken(String message) {
            super(message);
        }
    }

    /** Takes a name by making an empty file of it, which no two can do at once; false where it is taken. */
    private static boolean reserve(Path path) throws IOException {
        try {
            Files.createFile(path);
            return true;
        } catch (FileAlreadyExistsException e) {
            return false;
        }
    }

    private static Path moveOnto(Path passing, Path reserved) throws IOException {
        try (FileChannel file = FileChannel.open(passing, StandardOpenOption.WRITE)) {
            file.force(true);
        }
        return Files.move(passing, reserved, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
    }
}
