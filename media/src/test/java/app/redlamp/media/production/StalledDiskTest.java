package app.redlamp.media.production;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.log.LogEntry;
import app.redlamp.core.port.Productions.Held;
import app.redlamp.media.disk.Disk;
import java.io.IOException;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Proxy;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A disk that falls asleep in the middle of a save: whoever only asks how things stand is answered all the same. */
class StalledDiskTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);
    private static final int PATIENCE_S = 60;

    @TempDir
    Path home;

    private final CountDownLatch asleep = new CountDownLatch(1);
    private final CountDownLatch awake = new CountDownLatch(1);
    private final AtomicBoolean sleepy = new AtomicBoolean();

    /** The real disk, which sleeps before it syncs, once it is told to. */
    private Disk disk() {
        return (Disk) Proxy.newProxyInstance(
                Disk.class.getClassLoader(), new Class<?>[] {Disk.class}, (self, step, of) -> {
                    if (step.getName().equals("sync") && sleepy.get()) {
                        asleep.countDown();
                        awake.await();
                    }
                    try {
                        return step.invoke(Disk.REAL, of);
                    } catch (InvocationTargetException e) {
                        throw e.getCause();
                    }
                });
    }

    @Test
    void nobodyWaitsForASaveToAskHowThingsStand()
            throws IOException, InterruptedException, ExecutionException, TimeoutException {
        try (Held held = new ProductionFolders(CLOCK, disk()).create(home, FullProduction.full())) {
            sleepy.set(true);
            CompletableFuture<Void> saving = CompletableFuture.runAsync(() -> {
                try {
                    held.save(held.production().with(held.production().brief().forClient("Mill House")));
                } catch (IOException e) {
                    throw new java.io.UncheckedIOException(e);
                }
            });
            asleep.await();
            CompletableFuture<String> asking = CompletableFuture.supplyAsync(() -> held.folder() + " " + held.readOnly()
                    + held.notice() + held.production().id());
            assertThat(asking.get(PATIENCE_S, TimeUnit.SECONDS)).contains("Borrowed Weather");
            // What is noted in the log meanwhile does not wait either.
            CompletableFuture<Boolean> noting = CompletableFuture.supplyAsync(() -> {
                try {
                    held.log(new LogEntry.Change(java.util.List.of("brief")));
                    return true;
                } catch (IOException e) {
                    return false;
                }
            });
            assertThat(noting.get(PATIENCE_S, TimeUnit.SECONDS)).isTrue();
            assertThat(saving).isNotDone();
            sleepy.set(false);
            awake.countDown();
            saving.get(PATIENCE_S, TimeUnit.SECONDS);
        }
        assertThat(new ProductionFolders(CLOCK)
                        .look(home.resolve("Borrowed Weather"))
                        .production()
                        .brief()
                        .client())
                .isEqualTo("Mill House");
    }
}
