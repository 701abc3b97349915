package app.redlamp.core.measure.disturbance;

import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.signal.PowerSpectrum;

/** The energies of short sounds in the octaves from 16 Hz to 8 kHz, in windows that are long enough to tell 16 Hz from 31. */
final class OctaveEnergies {
    /** Such a window lasts so long at most (ours). */
    private static final double WINDOW_S = 0.19;

    /** Octaves from 16 Hz on, counted from 1 kHz (by definition). */
    private static final int LOWEST = -6;

    /** Octaves up to 8 kHz (by definition). */
    private static final int HIGHEST = 3;

    private final PowerSpectrum spectrum;

    OctaveEnergies(int sampleRateHz) {
        spectrum = new PowerSpectrum(PowerSpectrum.lengthFor(WINDOW_S, sampleRateHz), sampleRateHz);
    }

    /** Samples of a window. */
    int window() {
        return spectrum.length();
    }

    /** Energy in each octave of a sound, as sums of the mean squares of windows that overlap by half; around it there is silence. */
    double[] of(float[] sound) {
        float[] padded = new float[sound.length + 2 * window()];
        System.arraycopy(sound, 0, padded, window() / 2, sound.length);
        spectrum.clear();
        for (int at = 0; at < sound.length + window() / 2; at += window() / 2) {
            spectrum.add(padded, at);
        }
        return octaves(spectrum.count());
    }

    /** Forgets the noise that was added. */
    void clear() {
        spectrum.clear();
    }

    /** Adds a window of noise. */
    void addNoise(float[] window) {
        spectrum.add(window, 0);
    }

    /** Mean square of the noise that was added in each octave. */
    double[] noise() {
        return octaves(1);
    }

    /** Energy in each octave that noise has in so many samples, in the unit of {@link #of}. */
    double[] noiseIn(int samples, double[] meanSquares) {
        double[] energies = meanSquares.clone();
        for (int o = 0; o < energies.length; o++) {
            energies[o] *= samples / (window() / 2.0);
        }
        return energies;
    }

    private double[] octaves(double times) {
        double[] bins = spectrum.bins();
        double[] powers = new double[HIGHEST - LOWEST + 1];
        for (int o = 0; o < powers.length; o++) {
            double centre = OctaveBands.octaveHz(LOWEST + o);
            powers[o] = times
                    * OctaveBands.between(
                            bins, spectrum.binHz(), centre / OctaveBands.HALF_OCTAVE, centre * OctaveBands.HALF_OCTAVE);
        }
        return powers;
    }
}
