package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.noise.NoiseAnalyzer;
import java.util.OptionalDouble;

/**
 * Levels of a recording behind a high-pass of 80 Hz, measured in the same pass: what finishing will start from. Rumble
 * that nobody hears must not make a recording look hopeless.
 *
 * @param rmsDbfs RMS of the whole recording in dBFS; absent for digital silence
 * @param noiseFloorDbfs noise floor in dBFS RMS; absent without a pause of 0.3 s
 * @param noisiestDbfs the noisiest half second of the pauses in dBFS RMS, taken to have the spectrum of all of them, which it makes
 *     the most of; absent without a pause
 */
public record HighPassed(OptionalDouble rmsDbfs, OptionalDouble noiseFloorDbfs, OptionalDouble noisiestDbfs) {
    /** Corner of the high-pass: below every voice, above desk and traffic (common practice, no source). */
    public static final double CORNER_HZ = NoiseAnalyzer.HIGH_PASS_HZ;
}
