package app.redlamp.media.record;

import java.util.concurrent.atomic.AtomicLong;

/**
 * Samples on their way from the thread that captures to the one that writes. There is one of each at a time; neither waits for the
 * other, and the capturing one takes no lock and makes no object. What finds no room is counted, and so is what the device has lost:
 * the place where it is missing comes out again where it went in. What was taken out stays in it until it is released, and can be had
 * again.
 */
final class SampleRing {
    /** Places that can be on their way at once. */
    private static final int MOST_PLACES = 1 << 10;

    private static final long BREAK = 0;

    private final int channels;
    private final int capacity;
    private final float[] samples;
    private final AtomicLong written = new AtomicLong();
    private final AtomicLong read = new AtomicLong();
    private final long[] placeAt = new long[MOST_PLACES];
    private final long[] placeFrames = new long[MOST_PLACES];
    private final AtomicLong placesWritten = new AtomicLong();
    private final AtomicLong placesRead = new AtomicLong();
    private final AtomicLong lost = new AtomicLong();
    /** Frames that are missing before the next that finds room; of the capturing thread alone. */
    private long owed;
    /** How far frames and places were taken; of the writing thread alone. */
    private long taken;

    private long placesTaken;

    /** @param capacity frames that it holds */
    SampleRing(int channels, int capacity) {
        this.channels = channels;
        this.capacity = capacity;
        samples = new float[Math.multiplyExact(channels, capacity)];
    }

    /**
     * Puts frames in; for the capturing thread.
     *
     * @param missing frames that were lost just before these
     */
    void put(float[][] block, int frames, long missing) {
        long at = written.getPlain();
        owed += missing;
        boolean room = at - read.getAcquire() + frames <= capacity;
        if (!room || (owed > 0 && !place(at, owed))) {
            owed += frames;
            lost.setRelease(lost.getPlain() + missing + frames);
            return;
        }
        owed = 0;
        lost.setRelease(lost.getPlain() + missing);
        int slot = (int) (at % capacity) * channels;
        for (int n = 0; n < frames; n++) {
            for (int c = 0; c < channels; c++) {
                samples[slot++] = block[c][n];
            }
            if (slot == samples.length) {
                slot = 0;
            }
        }
        written.setRelease(at + frames);
    }

    /** Nothing more comes for a while, and what comes then is something new; for the capturing thread. */
    void putBreak() {
        long at = written.getPlain();
        if (owed > 0 && place(at, owed)) {
            owed = 0;
        }
        place(at, BREAK);
    }

    private boolean place(long at, long frames) {
        long place = placesWritten.getPlain();
        if (place - placesRead.getAcquire() == MOST_PLACES) {
            return false;
        }
        int slot = (int) (place % MOST_PLACES);
        placeAt[slot] = at;
        placeFrames[slot] = frames;
        placesWritten.setRelease(place + 1);
        return true;
    }

    /**
     * Takes frames out, as many as there are before the next place; for the writing thread.
     *
     * @param into interleaved
     */
    int take(float[] into, int most) {
        // In this order: every place before what is written then is seen.
        long end = written.getAcquire();
        if (atPlace()) {
            end = Math.min(end, placeAt[slot()]);
        }
        int count = (int) Math.min(end - taken, most);
        int start = (int) (taken % capacity);
        int first = Math.min(count, capacity - start);
        System.arraycopy(samples, start * channels, into, 0, first * channels);
        System.arraycopy(samples, 0, into, first * channels, (count - first) * channels);
        taken += count;
        return count;
    }

    private boolean atPlace() {
        return placesTaken < placesWritten.getAcquire();
    }

    private int slot() {
        return (int) (placesTaken % MOST_PLACES);
    }

    private boolean here() {
        return atPlace() && placeAt[slot()] == taken;
    }

    /** Frames that are missing just here; 0 for none. For the writing thread. */
    long missing() {
        return here() ? placeFrames[slot()] : 0;
    }

    /** Whether something new begins just here. For the writing thread. */
    boolean breaks() {
        return here() && placeFrames[slot()] == BREAK;
    }

    /** Goes on after a place. For the writing thread. */
    void pass() {
        placesTaken++;
    }

    /** What was taken is safe, and gives room. For the writing thread. */
    void release() {
        placesRead.setRelease(placesTaken);
        read.setRelease(taken);
    }

    /** What was taken since the last release comes once more. For the writing thread. */
    void rewind() {
        placesTaken = placesRead.getPlain();
        taken = read.getPlain();
    }

    /** Frames that are not taken yet. For the writing thread. */
    long waiting() {
        return written.getAcquire() - taken;
    }

    /** Whether there is nothing to take, and no place either. For the writing thread. */
    boolean isEmpty() {
        return waiting() == 0 && !atPlace();
    }

    /** Frames that are held, taken or not. */
    long held() {
        return written.getAcquire() - read.getAcquire();
    }

    /** Share that is full, 0 to 1. */
    double fullness() {
        return (double) held() / capacity;
    }

    /** Frames that were lost so far: by the device, or because nobody took them in time. */
    long lost() {
        return lost.getAcquire();
    }

    /** Frames that came in so far, and those that were lost. */
    long heard() {
        return written.getAcquire() + lost();
    }
}
