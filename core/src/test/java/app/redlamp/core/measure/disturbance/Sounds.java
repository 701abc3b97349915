package app.redlamp.core.measure.disturbance;

import java.util.SplittableRandom;

/**
 * Sounds besides the voice, made from what makes them: blows of some milliseconds on what resonates, strokes of wood that sticks and
 * slips, cracks of paper. Frequencies and losses are estimates: a plate of a table from 50 Hz on, a floor at 10 to 30 Hz, a stand at
 * 20 to 300 Hz. Peaks at 1.
 */
final class Sounds {
    private final int rate;
    private final SplittableRandom random;

    Sounds(int rate, long seed) {
        this.rate = rate;
        random = new SplittableRandom(seed);
    }

    /** One or two knuckles on the top of a desk. */
    float[] knock() {
        float[] out = new float[samples(1.1)];
        double[][] plate = plate();
        int knocks = random.nextInt(1, 3);
        for (int k = 0; k < knocks; k++) {
            strike(
                    out,
                    k * random.nextDouble(0.2, 0.3),
                    random.nextDouble(0.002, 0.009),
                    random.nextDouble(0.5, 1),
                    plate);
        }
        scrape(out, 0, 0.02, 300, 1200, 0.1);
        return scaled(out);
    }

    /** Two to four steps on a wooden floor. */
    float[] steps() {
        float[] out = new float[samples(2.8)];
        double first = random.nextDouble(12, 24);
        double[][] floor = {{first, 9, 1}, {1.6 * first, 8, 0.5}};
        double gap = random.nextDouble(0.48, 0.62);
        int steps = random.nextInt(2, 5);
        for (int k = 0; k < steps; k++) {
            strike(out, k * gap, random.nextDouble(0.015, 0.03), random.nextDouble(0.6, 1), floor);
        }
        return scaled(out);
    }

    /** A hand that moves along a stand. */
    float[] hand() {
        double seconds = random.nextDouble(0.6, 1.6);
        float[] out = new float[samples(seconds + 0.3)];
        double[][] stand = {{random.nextDouble(20, 36), 14, 1}, {random.nextDouble(70, 95), 12, 0.8}, {230, 20, 0.5}};
        int knocks = random.nextInt(3, 7);
        for (int k = 0; k < knocks; k++) {
            strike(
                    out,
                    random.nextDouble(seconds * 0.9),
                    random.nextDouble(0.004, 0.012),
                    random.nextDouble(0.4, 1),
                    stand);
        }
        float[] rub = new float[out.length];
        scrape(rub, 0, seconds, 40, 350, 1);
        scrape(rub, 0, seconds, 800, 3500, 0.08);
        return scaled(added(scaled(out), scaled(rub), 0.6));
    }

    /** Four to nine keys, down and up again. */
    float[] keys(boolean throughDesk) {
        float[] out = new float[samples(3.2)];
        double[][] plate = plate();
        int keys = random.nextInt(4, 10);
        double at = 0;
        float[] desk = new float[out.length];
        for (int k = 0; k < keys && at < 2.6; k++) {
            double down = random.nextDouble(0.6, 1);
            scrape(out, at, 0.012, 1300, 6500, down);
            scrape(out, at + random.nextDouble(0.06, 0.12), 0.008, 1500, 7000, 0.4 * down);
            strike(desk, at, 0.004, down, plate);
            at += random.nextDouble(0.15, 0.3);
        }
        return throughDesk ? scaled(added(scaled(out), scaled(desk), 1)) : scaled(out);
    }

    /** A chair of wood. */
    float[] creak() {
        double seconds = random.nextDouble(0.3, 0.8);
        float[] out = new float[samples(seconds + 0.1)];
        double[][] wood = {{random.nextDouble(450, 800), 16, 1}, {random.nextDouble(850, 1300), 14, 0.5}};
        double at = 0;
        double rate = random.nextDouble(22, 55);
        while (at < seconds) {
            strike(out, at, 0.0006, random.nextDouble(0.4, 1) * Math.sin(Math.PI * (at / seconds + 0.05) / 1.1), wood);
            at += random.nextDouble(0.75, 1.25) / rate;
        }
        return scaled(out);
    }

    /** A page that is turned: hundreds of cracks. */
    float[] page() {
        double seconds = random.nextDouble(0.35, 0.8);
        float[] cracks = new float[samples(seconds)];
        double slow = random.nextDouble(5, 11);
        for (int n = 0; n < cracks.length; n++) {
            double swell = Math.pow(Math.sin(Math.PI * slow * n / rate), 2) * Math.sin(Math.PI * n / cracks.length);
            if (random.nextDouble() < 350.0 / rate) {
                cracks[n] = (float) (swell * random.nextGaussian() * Math.abs(random.nextGaussian()));
            }
        }
        return scaled(band(cracks, 1100, 8000));
    }

    /** Air drawn in, in two resonances of the mouth. */
    float[] breath() {
        float[] out = new float[samples(random.nextDouble(0.3, 0.6))];
        for (double hz : new double[] {random.nextDouble(1000, 1600), random.nextDouble(2300, 3300)}) {
            float[] air = band(white(out.length), 0.75 * hz, 1.3 * hz);
            for (int n = 0; n < out.length; n++) {
                out[n] += (float) (air[n] * Math.sin(Math.PI * (n + 0.5) / out.length));
            }
        }
        return scaled(out);
    }

    /** A cough. */
    float[] cough() {
        float[] out = band(white(samples(0.35)), 350, 3000);
        for (int n = 0; n < out.length; n++) {
            out[n] *= (float) Math.exp(-n / (0.08 * rate));
        }
        return scaled(out);
    }

    /** A lorry that passes: it swells and goes for seconds. */
    float[] lorry() {
        float[] out = band(white(samples(3)), 25, 90);
        for (int n = 0; n < out.length; n++) {
            out[n] *= (float) Math.pow(Math.sin(Math.PI * n / out.length), 2);
        }
        return scaled(out);
    }

    private double[][] plate() {
        double hz = random.nextDouble(55, 80);
        double[][] modes = new double[6][];
        for (int m = 0; m < modes.length; m++) {
            modes[m] = new double[] {hz, random.nextDouble(6, 16), random.nextDouble(0.4, 1)};
            hz *= random.nextDouble(1.2, 1.5);
        }
        return modes;
    }

    /** Adds a blow of so many seconds on modes (frequency in Hz, quality, share). */
    private void strike(float[] out, double atS, double blowS, double size, double[][] modes) {
        int from = samples(atS);
        int blow = Math.max(2, samples(blowS));
        for (double[] mode : modes) {
            double decay = Math.exp(-Math.PI * mode[0] / (mode[1] * rate));
            double turn = 2 * decay * Math.cos(2 * Math.PI * mode[0] / rate);
            double y1 = 0;
            double y2 = 0;
            for (int n = 0; from + n < out.length; n++) {
                double force = n < blow ? Math.sin(Math.PI * (n + 0.5) / blow) / blow : 0;
                double y = force + turn * y1 - decay * decay * y2;
                y2 = y1;
                y1 = y;
                out[from + n] += (float) (size * mode[2] * mode[0] / 100 * y * Math.sin(2 * Math.PI * mode[0] / rate));
            }
        }
    }

    /** Adds noise of a band that swells and goes, the shorter the sharper. */
    private void scrape(float[] out, double atS, double seconds, double lowHz, double highHz, double size) {
        int length = samples(seconds);
        int from = samples(atS);
        float[] noise = scaled(band(white(length), lowHz, highHz));
        double wander = random.nextDouble(4, 9);
        for (int n = 0; n < length && from + n < out.length; n++) {
            double shape = seconds < 0.05
                    ? Math.exp(-6.0 * n / length)
                    : Math.sin(Math.PI * n / length)
                            * (0.35 + 0.65 * Math.pow(Math.sin(Math.PI * wander * n / rate), 2));
            out[from + n] += (float) (size * shape * noise[n]);
        }
    }

    private float[] white(int length) {
        float[] noise = new float[length];
        for (int n = 0; n < length; n++) {
            noise[n] = (float) random.nextGaussian();
        }
        return noise;
    }

    /** One pole to each side, twice. */
    private float[] band(float[] in, double lowHz, double highHz) {
        double up = 1 - Math.exp(-2 * Math.PI * Math.min(highHz, 0.4 * rate) / rate);
        double down = 1 - Math.exp(-2 * Math.PI * lowHz / rate);
        float[] out = in.clone();
        for (int pass = 0; pass < 2; pass++) {
            double high = 0;
            double low = 0;
            for (int n = 0; n < out.length; n++) {
                high += up * (out[n] - high);
                low += down * (high - low);
                out[n] = (float) (high - low);
            }
        }
        return out;
    }

    private static float[] added(float[] one, float[] other, double size) {
        float[] sum = one.clone();
        for (int n = 0; n < sum.length; n++) {
            sum[n] += (float) (size * other[n]);
        }
        return sum;
    }

    private static float[] scaled(float[] sound) {
        float most = 1e-9f;
        for (float x : sound) {
            most = Math.max(most, Math.abs(x));
        }
        float[] scaled = new float[sound.length];
        for (int n = 0; n < sound.length; n++) {
            scaled[n] = sound[n] / most;
        }
        return scaled;
    }

    private int samples(double seconds) {
        return (int) (seconds * rate);
    }
}
