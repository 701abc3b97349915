package app.redlamp.core.acoustics.room;

import app.redlamp.core.units.Decibels;
import java.util.List;

/**
 * What a room makes of low voices on the way from mouth to microphone: the sound pressure of a point source in a box,
 * over what the same source would give in the open.
 *
 * <p>Source of the sum over modes: Kuttruff, Room Acoustics, 4th ed., eq. 3.10, with the damping δ = 3 ln 10 / T of
 * each mode. Close to the source a sum over modes converges slowly, so the static field e^(−κR)/4πR is taken off each mode
 * and put back as images, where it fades within 2 m; what is left falls with the fourth power of the mode's frequency.
 */
public final class BassField {
    /** Lowest frequency that matters for a voice: finishing takes away what is below (common practice, no source). */
    public static final double LOWEST_HZ = 60;

    /** Highest frequency at which single modes are looked at (ours). */
    public static final double HIGHEST_HZ = 300;

    /** How fast the static field fades that is taken off and put back (ours). */
    private static final double STATIC_PER_M = 5;

    /** Beyond, it is less than a ten-thousandth (ours). */
    private static final double STATIC_REACH_M = 2;

    /** A mode's damping is this over its decay (by definition). */
    private static final double DECAY = Decibels.toNepers(60);

    /** More change nothing within 0.2 dB (ours). */
    private static final int MOST_MODES = 4000;

    private final Room room;
    private final double speed;
    private final double[] wavenumberSquares;
    private final List<Mode> modes;

    /** What each mode gives at each frequency, real and imaginary, for a product of pressures of 1: the same at every place. */
    private final double[][] inPhase;

    private final double[][] lagging;

    /**
     * @param decayS of the room in each band
     * @param highestModeHz modes above it are left out: 700 or more for a quick look, 1500 to be exact within 0.2 dB
     * @param frequenciesHz where the field is looked at
     */
    public BassField(Room room, SixBands decayS, double highestModeHz, double[] frequenciesHz) {
        this.room = room;
        speed = room.air().speedMps();
        double most = Math.cbrt(MOST_MODES
                * 3
                * Math.pow(speed, 3)
                / (4 * Math.PI * room.space().volume()));
        modes = Mode.upTo(Math.max(2 * HIGHEST_HZ, Math.min(highestModeHz, most)), room.space(), speed);
        wavenumberSquares = new double[modes.size() + 1];
        double[] damping = new double[modes.size() + 1];
        damping[0] = DECAY / decayS.at(0);
        for (int i = 0; i < modes.size(); i++) {
            double hz = modes.get(i).frequencyHz();
            wavenumberSquares[i + 1] = square(2 * Math.PI * hz / speed);
            damping[i + 1] = DECAY / decayS.between(hz);
        }
        inPhase = new double[frequenciesHz.length][modes.size() + 1];
        lagging = new double[frequenciesHz.length][modes.size() + 1];
        for (int i = 0; i < frequenciesHz.length; i++) {
            double k = 2 * Math.PI * frequenciesHz[i] / speed;
            for (int n = 0; n <= modes.size(); n++) {
                double a = wavenumberSquares[n] - k * k;
                double b = 2 * k * damping[n] / speed;
                double share = 1 / (a * a + b * b);
                inPhase[i][n] = a * share;
                lagging[i][n] = b * share;
            }
        }
    }

    /** Level in dB at the microphone over that in the open, at each of the frequencies. */
    public double[] colourDb(Point mouth, Point microphone) {
        double[] products = products(mouth, microphone);
        double distance = Math.max(0.01, mouth.distance(microphone));
        double still = images(mouth, microphone) - still(products);
        double open = 1 / (4 * Math.PI * distance);
        double[] colour = new double[inPhase.length];
        for (int i = 0; i < colour.length; i++) {
            double re = still;
            double im = 0;
            for (int n = 0; n < products.length; n++) {
                re += products[n] * inPhase[i][n];
                im -= products[n] * lagging[i][n];
            }
            colour[i] = Decibels.levelOfAmplitude(Math.hypot(re, im) / open);
        }
        return colour;
    }

    /** The mode that gives most at one of the frequencies, between two points. */
    Mode strongest(Point mouth, Point microphone, int frequency) {
        double[] products = products(mouth, microphone);
        Mode best = modes.get(0);
        double most = -1;
        for (int n = 1; n < products.length; n++) {
            double size = Math.abs(products[n]) * Math.hypot(inPhase[frequency][n], lagging[frequency][n]);
            if (size > most) {
                most = size;
                best = modes.get(n - 1);
            }
        }
        return best;
    }

    /** ψ(mouth) ψ(microphone) / ΛV of each mode; the first is the room's even pressure at 0 Hz. */
    private double[] products(Point mouth, Point microphone) {
        double volume = room.space().volume();
        double[] products = new double[modes.size() + 1];
        products[0] = 1 / volume;
        double[] x = waves(mouth.x(), microphone.x(), room.space().widthM());
        double[] y = waves(mouth.y(), microphone.y(), room.space().depthM());
        double[] z = waves(mouth.z(), microphone.z(), room.space().heightM());
        for (int i = 0; i < modes.size(); i++) {
            Mode mode = modes.get(i);
            products[i + 1] = x[mode.nx()] * y[mode.ny()] * z[mode.nz()] / (mode.meanSquare() * volume);
        }
        return products;
    }

    /** Along one axis: the product of both places' pressures, each −1 to 1, for each number of half waves. */
    private double[] waves(double mouth, double microphone, double lengthM) {
        int most =
                1 + (int) (modes.isEmpty() ? 0 : 2 * modes.get(modes.size() - 1).frequencyHz() / speed * lengthM);
        double[] products = new double[most + 1];
        for (int n = 0; n <= most; n++) {
            products[n] = Math.cos(Math.PI * n * mouth / lengthM) * Math.cos(Math.PI * n * microphone / lengthM);
        }
        return products;
    }

    /** The static field of all modes, which is taken off and put back as images. */
    private double still(double[] products) {
        double sum = 0;
        for (int n = 0; n < products.length; n++) {
            sum += products[n] / (wavenumberSquares[n] + STATIC_PER_M * STATIC_PER_M);
        }
        return sum;
    }

    /** The static field of the source and its images in hard sides. */
    private double images(Point mouth, Point microphone) {
        Space space = room.space();
        double sum = 0;
        int farX = (int) Math.ceil(STATIC_REACH_M / 2 / space.widthM()) + 1;
        int farY = (int) Math.ceil(STATIC_REACH_M / 2 / space.depthM()) + 1;
        int farZ = (int) Math.ceil(STATIC_REACH_M / 2 / space.heightM()) + 1;
        for (int x = -farX; x <= farX; x++) {
            for (int y = -farY; y <= farY; y++) {
                for (int z = -farZ; z <= farZ; z++) {
                    for (int mirrors = 0; mirrors < 8; mirrors++) {
                        double dx = 2 * x * space.widthM() + sign(mirrors, 1) * mouth.x() - microphone.x();
                        double dy = 2 * y * space.depthM() + sign(mirrors, 2) * mouth.y() - microphone.y();
                        double dz = 2 * z * space.heightM() + sign(mirrors, 4) * mouth.z() - microphone.z();
                        double away = Math.max(0.01, Math.sqrt(dx * dx + dy * dy + dz * dz));
                        sum += Math.exp(-STATIC_PER_M * away) / (4 * Math.PI * away);
                    }
                }
            }
        }
        return sum;
    }

    private static double sign(int mirrors, int bit) {
        return (mirrors & bit) == 0 ? 1 : -1;
    }

    private static double square(double x) {
        return x * x;
    }
}
