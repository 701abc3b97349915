package app.redlamp.media.record;

import java.time.Duration;

/**
 * How often a file that is recorded into is looked to, and how long a disk that refuses is borne with; all ours.
 *
 * @param settle the file is true at least so often
 * @param idle between two looks for samples
 * @param retry between two tries of what was refused
 * @param look between two looks at what still fits
 * @param file a file that refuses for so long is left: a drive that came back takes new files and not what was open before
 * @param place a place that refuses for so long is left for the next
 * @param end after the end, what is refused for so long is given up
 */
record TakeTiming(
        Duration settle, Duration idle, Duration retry, Duration look, Duration file, Duration place, Duration end) {
    static final TakeTiming USUAL = new TakeTiming(
            Duration.ofMillis(900),
            Duration.ofMillis(5),
            Duration.ofMillis(100),
            Duration.ofSeconds(5),
            Duration.ofSeconds(1),
            Duration.ofSeconds(5),
            Duration.ofSeconds(30));

    long settleNs() {
        return settle.toNanos();
    }

    long idleNs() {
        return idle.toNanos();
    }

    long retryNs() {
        return retry.toNanos();
    }

    long lookNs() {
        return look.toNanos();
    }

    long fileNs() {
        return file.toNanos();
    }

    long placeNs() {
        return place.toNanos();
    }

    long endNs() {
        return end.toNanos();
    }
}
