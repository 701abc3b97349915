package app.redlamp.core.setting.monitor;

import app.redlamp.core.measure.voice.Echo;
import app.redlamp.core.signal.Hann;
import app.redlamp.core.units.Decibels;
import java.util.Optional;

/**
 * Hears whether what is monitored comes back into the microphone: a loudspeaker is on. What is sent out comes back after a fixed
 * time, softer; in the cepstrum that is one narrow line at this time, as high as the echo is against the voice (B. P. Bogert and
 * others, The Quefrency Alanysis of Time Series for Echoes, 1963, from memory). Speech has its lines at periods of the voice, which
 * wander and are averaged away; reflections of a small room come sooner than any device gives back.
 */
public final class EchoDetector {
    /** Later than this nothing is looked for (ours). */
    public static final double LATEST_S = 0.15;

    /** What is softer against the voice does not matter: a closed headphone lets out less (ours). */
    public static final double FROM_DB = -26;

    /** Longer than twice the latest echo (ours). */
    private static final double WINDOW_S = 0.342;

    /** Older spectra fade from the mean (ours). */
    private static final double REMEMBERS_S = 5;

    /** Before that, lines of the voice are not averaged away (ours). */
    private static final double LISTENS_S = 2.5;
    /** Below, the lines of a voice are strongest (ours). */
    private static final double LOWEST_HZ = 1000;

    /** Above, a loudspeaker on a desk gives little (ours). */
    private static final double HIGHEST_HZ = 7000;
    /** Power of silence, −120 dBFS, and what keeps the logarithm of nothing from being infinite (ours). */
    private static final double SILENT = 1e-12;

    /** Keeps the logarithm of nothing finite (ours). */
    private static final double NOTHING = 1e-24;

    /** Times the spread of the lines beside it (ours). */
    private static final double OVER_NOISE = 7;

    /** How far beside it they are looked for (ours). */
    private static final double NEIGHBOURS_S = 0.0015;

    private final int sampleRateHz;
    private final Frames frames;
    private final float[] work;
    private final double[] cepstrum;
    private final int lowest;
    private final int highest;
    private final double remember;
    private double heardS;

    public EchoDetector(int sampleRateHz) {
        this.sampleRateHz = sampleRateHz;
        frames = new Frames(WINDOW_S, sampleRateHz);
        int size = frames.size();
        work = new float[size];
        cepstrum = new double[size / 2];
        lowest = (int) (LOWEST_HZ * size / sampleRateHz);
        highest = (int) (Math.min(HIGHEST_HZ, 0.45 * sampleRateHz) * size / sampleRateHz);
        remember = Math.exp(-size / 2.0 / (REMEMBERS_S * sampleRateHz));
    }

    /** Takes the next samples of the microphone. */
    public void accept(float[] samples, int count) {
        for (int n = 0; n < count; n++) {
            if (frames.add(samples[n])) {
                add(frames.powers());
            }
        }
    }

    private void add(double[] powers) {
        double mean = 0;
        double sum = 0;
        for (int k = lowest; k < highest; k++) {
            sum += powers[k];
            mean += Math.log(powers[k] + NOTHING);
        }
        if (sum < SILENT) {
            return;
        }
        mean /= highest - lowest;
        for (int n = 0; n < work.length; n++) {
            work[n] = 0;
        }
        for (int k = lowest; k < highest; k++) {
            work[2 * k] = (float) (Math.log(powers[k] + NOTHING) - mean);
        }
        frames.back(work);
        // Only so much of the whole band is looked at.
        double share = (highest - lowest) / (work.length / 2.0);
        for (int n = 0; n < cepstrum.length; n++) {
            cepstrum[n] += (1 - remember) * (work[n] / share - cepstrum[n]);
        }
        heardS += work.length / 2.0 / sampleRateHz;
    }

    /**
     * What comes back, as far as it was heard long enough.
     *
     * @param soonestS the least that the devices need from the microphone to the ear and the air back, in seconds
     */
    public Optional<Echo> echo(double soonestS) {
        int from = (int) (Math.max(2 * NEIGHBOURS_S, soonestS) * sampleRateHz);
        int to = Math.min(cepstrum.length, (int) (LATEST_S * sampleRateHz));
        if (heardS < LISTENS_S || from >= to) {
            return Optional.empty();
        }
        double settled = 1 - Math.exp(-heardS / REMEMBERS_S);
        int best = from;
        double squares = 0;
        for (int n = from; n < to; n++) {
            best = standing(n) > standing(best) ? n : best;
            squares += standing(n) * standing(n);
        }
        int near = (int) (NEIGHBOURS_S * sampleRateHz);
        for (int n = Math.max(from, best - near); n < Math.min(to, best + near + 1); n++) {
            squares -= standing(n) * standing(n);
        }
        double noise = Math.sqrt(Math.max(0, squares) / Math.max(1, to - from - 2 * near));
        double amplitude = standing(best) / settled / Hann.overlap((double) best / frames.size());
        double db = Decibels.levelOfAmplitude(Math.max(1e-6, amplitude));
        return standing(best) > OVER_NOISE * noise && db > FROM_DB
                ? Optional.of(new Echo((double) best / sampleRateHz, Math.min(0, db)))
                : Optional.empty();
    }

    /** How high a line stands over its surroundings. */
    private double standing(int n) {
        int near = (int) (NEIGHBOURS_S * sampleRateHz / 2);
        double around = 0;
        int count = 0;
        for (int k = Math.max(0, n - near); k <= n + near && k < cepstrum.length; k += Math.max(1, near / 4)) {
            if (Math.abs(k - n) >= near / 4) {
                around += cepstrum[k];
                count++;
            }
        }
        return cepstrum[n] - (count == 0 ? 0 : around / count);
    }
}
