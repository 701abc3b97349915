package app.redlamp.media.record;

import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.core.port.TakeRecording.News;
import app.redlamp.core.port.TakeRecording.Order;
import app.redlamp.core.port.TakeRecording.Trouble;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;

/** Recordings for tests, with little patience. */
final class Takings {
    static final Clock CLOCK = Clock.fixed(Instant.parse("2026-03-02T18:00:00Z"), ZoneOffset.UTC);

    /** Mono, 24 bits, slow: a minute is soon full. */
    static final RecordingFormat MONO = new RecordingFormat(8000, 24, 1);

    /** A disk that refuses is borne with for fractions of a second. */
    static final TakeTiming HASTY = new TakeTiming(
            Duration.ofMillis(20),
            Duration.ofMillis(1),
            Duration.ofMillis(2),
            Duration.ofMillis(10),
            Duration.ofMillis(60),
            Duration.ofMillis(200),
            Duration.ofMillis(400));

    private Takings() {}

    static Order order(Path production, RecordingFormat format, Optional<Path> backup) {
        return new Order(production, backup, "03 Rain", "Rain", format, Optional.of("card-1"), "Booth", true);
    }

    /** What a recording told. */
    static final class Told {
        private final List<News> all = new CopyOnWriteArrayList<>();

        void add(News news) {
            all.add(news);
        }

        boolean has(Trouble what) {
            return count(what) > 0;
        }

        long count(Trouble what) {
            return all.stream().filter(n -> n.what() == what).count();
        }

        News first(Trouble what) {
            return all.stream().filter(n -> n.what() == what).findFirst().orElseThrow();
        }
    }

    /** Waits until something is so; the test's own time limit ends what never is. */
    static void until(BooleanSupplier so) {
        while (!so.getAsBoolean()) {
            LockSupport.parkNanos(1_000_000);
        }
    }
}
