package app.redlamp.core.analysis;

import app.redlamp.core.noise.Pauses;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.LevelHistogram;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Everything measured in one pass over a recording. What is undefined is absent, never −∞ or 0.
 *
 * @param info what the file says of itself
 * @param integratedLufs gated loudness in LUFS (ITU-R BS.1770-5)
 * @param truePeakDbtp true peak in dBTP (ITU-R BS.1770-5 annex 2)
 * @param samplePeakDbfs largest sample in dBFS
 * @param rmsDbfs RMS of the whole recording in dBFS, a full-scale sine reading −3.01
 * @param pauses noise floor, voice level, head and tail
 * @param highPassed levels as they will be once finishing has taken the rumble out
 * @param clippedRuns runs of at least three samples at full scale
 * @param clipsS where clipped runs begin, in seconds; the first thousand
 * @param dcOffset mean of the samples as a share of full scale
 * @param noiseHill 50 ms levels within the pauses and in the gaps between words
 * @param voiceHill all other 50 ms levels, digital silence left out
 * @param outline course of the level
 * @param findings what else is worth knowing
 */
public record Report(
        AudioInfo info,
        OptionalDouble integratedLufs,
        OptionalDouble truePeakDbtp,
        OptionalDouble samplePeakDbfs,
        OptionalDouble rmsDbfs,
        Pauses pauses,
        HighPassed highPassed,
        int clippedRuns,
        List<Double> clipsS,
        double dcOffset,
        LevelHistogram noiseHill,
        LevelHistogram voiceHill,
        Outline outline,
        List<Finding> findings) {

    public Report {
        clipsS = List.copyOf(clipsS);
        findings = List.copyOf(findings);
    }

    /** Noise floor in dBFS RMS; absent without a pause of 0.3 s. */
    public OptionalDouble noiseFloorDbfs() {
        return pauses.noiseFloorDbfs();
    }

    /** Distance from the noise floor up to the voice in dB; absent where either is. */
    public OptionalDouble gapDb() {
        if (pauses.voiceDbfs().isEmpty() || pauses.noiseFloorDbfs().isEmpty()) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(
                pauses.voiceDbfs().getAsDouble() - pauses.noiseFloorDbfs().getAsDouble());
    }
}
