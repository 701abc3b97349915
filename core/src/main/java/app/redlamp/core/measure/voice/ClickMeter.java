package app.redlamp.core.measure.voice;

import app.redlamp.core.signal.FrameClock;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.List;

/**
 * Finds clicks in one channel: a millisecond that stands out far from everything within 6 to 20 ms around it. Where the
 * pauses are is known only afterwards; what counts as a click is decided then.
 *
 * <p>How they are told is ours, by the mean squares in each millisecond of two differences of the samples:
 *
 * <ul>
 *   <li>bend, x[n] − 2x[n−1] + x[n−2], which a break of the waveform raises most
 *   <li>edge, x[n] + x[n−1] − x[n−2] − x[n−3], which passes the middle of the spectrum, where mouths click
 * </ul>
 */
public final class ClickMeter {
    /** Milliseconds that are looked at together (ours). */
    private static final int RING = 41;

    /** Which of them may be a click (by definition). */
    private static final int MIDDLE = 20;

    /** Milliseconds to each side that belong to the click itself (ours). */
    private static final int NEAR = 5;

    /** In power: an amplitude ratio of 2 (ours). */
    private static final double RATIO = 4;

    /** Bend against edge: 1.5 for a single sample, 0.33 for a step, below 0.1 for what rings below 6 kHz at 44.1 kHz (ours). */
    private static final double TICK = 0.2;

    /** More clicks are no clicks but noise (ours). */
    private static final int MOST = 20_000;

    private final double[] bends = new double[RING];
    private final double[] edges = new double[RING];
    private final List<Click> clicks = new ArrayList<>();
    private int slot;
    private long ticks;

    /**
     * A click.
     *
     * @param atS where it is, to the millisecond
     * @param ratio how many times its amplitude stands out from what is around it
     * @param tick whether it is over within a few samples, as an electrical one is; others ring
     * @param levelDbfs RMS of its millisecond in the middle of the spectrum
     */
    public record Click(double atS, double ratio, boolean tick, double levelDbfs) {}

    /** Takes the next millisecond. */
    public void tick(double bend, double edge) {
        bends[slot] = bend;
        edges[slot] = edge;
        ticks++;
        slot = slot + 1 == RING ? 0 : slot + 1;
        if (ticks >= RING && clicks.size() < MOST) {
            int middle = slot + MIDDLE;
            examine(middle >= RING ? middle - RING : middle);
        }
    }

    /** The clicks so far, in the order of time. */
    public List<Click> clicks() {
        return List.copyOf(clicks);
    }

    private void examine(int middle) {
        double bendRatio = ratio(bends, middle);
        double edgeRatio = ratio(edges, middle);
        if (bendRatio == 0 && edgeRatio == 0) {
            return;
        }
        double bend = bends[middle] + bends[(middle + 1) % RING] + bends[(middle + RING - 1) % RING];
        double edge = edges[middle] + edges[(middle + 1) % RING] + edges[(middle + RING - 1) % RING];
        double atS = (double) (ticks - RING + MIDDLE) / FrameClock.TICKS_PER_SECOND;
        clicks.add(new Click(
                atS,
                Math.sqrt(Math.max(bendRatio, edgeRatio)),
                bendRatio > 0 && bend > TICK * edge,
                Decibels.levelOfPower(edge / 4)));
    }

    /** How far a millisecond stands out; 0 where not far enough, or where a neighbour stands out more. */
    private static double ratio(double[] powers, int middle) {
        double here = powers[middle];
        double limit = here / RATIO;
        // The likeliest to be as loud first: most milliseconds are done with here.
        int before = middle - NEAR - 1;
        if (powers[before < 0 ? before + RING : before] > limit) {
            return 0;
        }
        double around = 0;
        for (int d = NEAR + 1; d <= MIDDLE; d++) {
            around = Math.max(around, Math.max(powers[(middle + d) % RING], powers[(middle + RING - d) % RING]));
            if (around > limit) {
                return 0;
            }
        }
        for (int d = 1; d <= NEAR; d++) {
            if (powers[(middle + d) % RING] >= here || powers[(middle + RING - d) % RING] > here) {
                return 0;
            }
        }
        return around > 0 ? here / around : 0;
    }
}
