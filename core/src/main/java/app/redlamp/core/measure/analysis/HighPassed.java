package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.noise.NoiseAnalyzer;
import java.util.OptionalDouble;

/**
 * Levels of a recording behind a high-pass of 80 Hz, measured in the same pass: what finishing will start from. Rumble
 * that nobody hears must not make a recording look hopeless.
 *
 * @param rmsDbfs RMS of the whole recording in dBFS; absent for digital silence
 * @param noiseFloorDbfs noise floor in dBFS RMS; absent without a pause of 0.3 s
 */
public record HighPassed(OptionalDouble rmsDbfs, OptionalDouble noiseFloorDbfs) {
    /** Corner of the high-pass: below every voice, above desk and traffic (common practice, no source). */
    public static final double CORNER_HZ = NoiseAnalyzer.HIGH_PASS_HZ;
}
