package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.noise.NoiseAnalyzer;
import app.redlamp.core.measure.voice.VoiceSpectrum;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Levels of a recording behind a high-pass of 80 Hz, measured in the same pass: what finishing will start from. Rumble
 * that nobody hears must not make a recording look hopeless.
 *
 * @param rmsDbfs RMS of the whole recording in dBFS; absent for digital silence
 * @param noiseFloorDbfs noise floor in dBFS RMS; absent without a pause of 0.3 s
 * @param noisiestDbfs the noisiest half second of the pauses in dBFS RMS, taken to have the spectrum of all of them, which it makes
 *     the most of; absent without a pause
 * @param steeper what a steeper one would leave; absent without a pause or a voice
 */
public record HighPassed(
        OptionalDouble rmsDbfs, OptionalDouble noiseFloorDbfs, OptionalDouble noisiestDbfs, Optional<Steeper> steeper) {
    /** Corner of the high-pass: below every voice, above desk and traffic (common practice, no source). */
    public static final double CORNER_HZ = NoiseAnalyzer.HIGH_PASS_HZ;

    /** The corner of a steep high-pass stays so far below where the voice begins (ours). */
    private static final double BELOW_VOICE = 0.85;

    /**
     * A high-pass of 36 dB an octave, for rumble that the usual one of 12 leaves.
     *
     * @param cornerHz its corner: that of the usual one, or lower where the voice is
     * @param noisiestDbfs as behind the usual one
     */
    public record Steeper(double cornerHz, double noisiestDbfs) {}

    /** Corner of a steep high-pass that leaves this voice alone, in Hz. */
    static double steepCornerHz(VoiceSpectrum voice) {
        return Math.min(CORNER_HZ, BELOW_VOICE * voice.lowestHz());
    }
}
