package app.redlamp.media.record;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** What goes in comes out, once and in its order, or is counted where it is missing. */
class SampleRingTest {

    private static float[][] block(long from, int count, int channels) {
        float[][] block = new float[channels][count];
        for (int c = 0; c < channels; c++) {
            for (int n = 0; n < count; n++) {
                block[c][n] = 10 * (from + n) + c;
            }
        }
        return block;
    }

    @Test
    void twoThreadsAtTheirOwnPaceLoseNothing() throws InterruptedException {
        SampleRing ring = new SampleRing(2, 10_000);
        long all = 1_000_000;
        Thread capture = new Thread(() -> {
            SplittableRandom random = new SplittableRandom(1);
            for (long at = 0; at < all; ) {
                int count = (int) Math.min(all - at, random.nextInt(1, 500));
                if (ring.held() + count <= 10_000) {
                    ring.put(block(at, count, 2), count, 0);
                    at += count;
                } else {
                    Thread.onSpinWait();
                }
            }
        });
        capture.start();
        SplittableRandom random = new SplittableRandom(2);
        float[] into = new float[2 * 700];
        long at = 0;
        while (at < all) {
            int count = ring.take(into, random.nextInt(1, 700));
            for (int n = 0; n < count; n++) {
                // Floats hold these exactly up to 2^24; beyond, both sides round alike.
                if (into[2 * n] != (float) (10 * (at + n)) || into[2 * n + 1] != (float) (10 * (at + n) + 1)) {
                    assertThat(into[2 * n]).as("frame %d", at + n).isEqualTo((float) (10 * (at + n)));
                }
            }
            at += count;
            ring.release();
        }
        capture.join();
        assertThat(ring.lost()).isZero();
        assertThat(ring.heard()).isEqualTo(all);
        assertThat(ring.isEmpty()).isTrue();
    }

    /** Nobody takes anything: what finds no room is counted, and its place is where it went missing. */
    @Test
    void whatFindsNoRoomIsCountedWhereItIsMissing() {
        SampleRing ring = new SampleRing(1, 1000);
        for (int i = 0; i < 15; i++) {
            ring.put(block(100L * i, 100, 1), 100, 0);
        }
        assertThat(ring.lost()).isEqualTo(500);
        assertThat(ring.heard()).isEqualTo(1500);
        float[] into = new float[2000];
        assertThat(ring.take(into, 2000)).isEqualTo(1000);
        ring.release();
        ring.put(block(1500, 100, 1), 100, 0);
        assertThat(ring.take(into, 2000)).isZero();
        assertThat(ring.missing()).isEqualTo(500);
        ring.pass();
        assertThat(ring.missing()).isZero();
        assertThat(ring.take(into, 2000)).isEqualTo(100);
        assertThat(into[0]).isEqualTo(15_000);
    }

    @Test
    void whatTheDeviceLostAndWhereItCameBackComeOutAtTheirPlaces() {
        SampleRing ring = new SampleRing(1, 1000);
        ring.put(block(0, 100, 1), 100, 0);
        ring.put(block(150, 100, 1), 100, 50);
        ring.putBreak();
        ring.put(block(1000, 10, 1), 10, 0);
        float[] into = new float[1000];
        assertThat(ring.take(into, 1000)).isEqualTo(100);
        assertThat(ring.missing()).isEqualTo(50);
        assertThat(ring.breaks()).isFalse();
        ring.pass();
        assertThat(ring.take(into, 1000)).isEqualTo(100);
        assertThat(ring.breaks()).isTrue();
        assertThat(ring.isEmpty()).isFalse();
        ring.pass();
        assertThat(ring.take(into, 1000)).isEqualTo(10);
        assertThat(ring.isEmpty()).isTrue();
        assertThat(ring.lost()).isEqualTo(50);
    }

    /** What was taken and is not released yet comes once more, with its places. */
    @Test
    void whatIsNotReleasedCanBeHadAgain() {
        SampleRing ring = new SampleRing(1, 1000);
        ring.put(block(0, 100, 1), 100, 0);
        ring.put(block(130, 100, 1), 100, 30);
        float[] into = new float[1000];
        ring.take(into, 60);
        ring.release();
        ring.take(into, 1000);
        ring.pass();
        ring.take(into, 1000);
        ring.rewind();
        assertThat(ring.waiting()).isEqualTo(140);
        assertThat(ring.take(into, 1000)).isEqualTo(40);
        assertThat(into[0]).isEqualTo(600);
        assertThat(ring.missing()).isEqualTo(30);
    }

    /** The capturing thread makes no object, so that no collection of memory waits for it or makes it wait. */
    @Test
    void puttingMakesNoObject() {
        ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        SampleRing ring = new SampleRing(3, 96_000);
        float[][] block = block(0, 960, 3);
        for (int i = 0; i < 20_000; i++) {
            ring.put(block, 960, i % 7);
        }
        long before = threads.getCurrentThreadAllocatedBytes();
        for (int i = 0; i < 20_000; i++) {
            ring.put(block, 960, i % 7);
            if (i % 100 == 0) {
                ring.putBreak();
            }
        }
        // The figure itself is an object of the bean on some runtimes.
        assertThat(threads.getCurrentThreadAllocatedBytes() - before).isLessThan(1000);
        assertThat(ring.lost()).isGreaterThan(30_000_000);
    }
}
