package app.redlamp.core.booth;

import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import java.util.SplittableRandom;

/** Makes the sounds that readers make besides reading, each with peaks at 1. How they sound is ours. */
final class Foley {
    private final int sampleRateHz;
    private final SplittableRandom random;

    Foley(int sampleRateHz, SplittableRandom random) {
        this.sampleRateHz = sampleRateHz;
        this.random = random;
    }

    float[] make(BoothEvent.Kind kind) {
        return switch (kind) {
            case PLOSIVE -> puff();
            case SIBILANT -> noise(0.09 + 0.05 * random.nextDouble(), 6500, 1.2, 0.3, 0.3);
            case BREATH -> noise(0.3 + 0.2 * random.nextDouble(), 1800, 0.6, 0.4, 0.5);
            case CLICK -> click();
            case CREAK -> creak();
            case RUSTLE -> rustle(0.5, 4000, 9);
            case PAGE -> rustle(0.45, 3000, 25);
        };
    }

    /** A blow of air: one slow swing of the diaphragm, and the turbulence on it. */
    private float[] puff() {
        float[] out = new float[(int) (0.12 * sampleRateHz)];
        BiquadFilter rough = filter(Biquad.lowPass(90, 0.7, sampleRateHz));
        double swing = 22 + 10 * random.nextDouble();
        for (int n = 0; n < out.length; n++) {
            double t = (double) n / sampleRateHz;
            double rise = 1 - Math.exp(-t / 0.004);
            double slow = Math.sin(2 * Math.PI * swing * t) + 4 * rough.next(random.nextGaussian());
            out[n] = (float) (rise * Math.exp(-t / 0.028) * slow);
        }
        return scaled(out);
    }

    private float[] noise(double seconds, double centreHz, double q, double rise, double fall) {
        float[] out = new float[(int) (seconds * sampleRateHz)];
        BiquadFilter high =
                filter(Biquad.highPass(Math.min(centreHz / (1 + 0.5 / q), 0.4 * sampleRateHz), 0.7, sampleRateHz));
        BiquadFilter low =
                filter(Biquad.lowPass(Math.min(centreHz * (1 + 0.5 / q), 0.45 * sampleRateHz), 0.7, sampleRateHz));
        for (int n = 0; n < out.length; n++) {
            double share = (double) n / out.length;
            double shape = Math.min(1, Math.min(share / rise, (1 - share) / fall));
            out[n] = (float) (shape * shape * low.next(high.next(random.nextGaussian())));
        }
        return scaled(out);
    }

    /** Tongue and palate part: a spike that rings for a millisecond or two. */
    private float[] click() {
        float[] out = new float[(int) (0.012 * sampleRateHz)];
        double ring = Math.min(0.4 * sampleRateHz, 2200 + 1500 * random.nextDouble());
        for (int n = 0; n < out.length; n++) {
            double t = (double) n / sampleRateHz;
            out[n] = (float) (Math.sin(2 * Math.PI * ring * t) * Math.exp(-t / 0.0008));
        }
        return scaled(out);
    }

    /** Wood that sticks and slips. */
    private float[] creak() {
        float[] out = new float[(int) (0.5 * sampleRateHz)];
        double hz = 320 + 300 * random.nextDouble();
        double next = 0;
        for (int n = 0; n < out.length; n++) {
            if (n >= next) {
                double size = 0.4 + 0.6 * random.nextDouble();
                for (int m = n; m < Math.min(out.length, n + sampleRateHz / 20); m++) {
                    double t = (double) (m - n) / sampleRateHz;
                    out[m] += (float) (size * Math.sin(2 * Math.PI * hz * t) * Math.exp(-t / 0.006));
                }
                next = n + sampleRateHz * (0.008 + 0.02 * random.nextDouble());
            }
        }
        return scaled(out);
    }

    private float[] rustle(double seconds, double centreHz, double flutterHz) {
        float[] out = noise(seconds, centreHz, 0.5, 0.3, 0.5);
        double phase = random.nextDouble() * Math.PI;
        for (int n = 0; n < out.length; n++) {
            double t = (double) n / sampleRateHz;
            out[n] *= (float) (0.35 + 0.65 * Math.pow(Math.sin(Math.PI * flutterHz * t + phase), 2));
        }
        return scaled(out);
    }

    private static BiquadFilter filter(Biquad section) {
        return new BiquadFilter(section);
    }

    private static float[] scaled(float[] sound) {
        float most = 1e-9f;
        for (float x : sound) {
            most = Math.max(most, Math.abs(x));
        }
        for (int n = 0; n < sound.length; n++) {
            sound[n] /= most;
        }
        return sound;
    }
}
