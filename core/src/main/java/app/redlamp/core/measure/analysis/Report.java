package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.disturbance.Disturbance;
import app.redlamp.core.measure.loudness.ActiveSpeech;
import app.redlamp.core.measure.loudness.Clipping;
import app.redlamp.core.measure.loudness.Levels;
import app.redlamp.core.measure.loudness.Loudness;
import app.redlamp.core.measure.noise.NoiseProfile;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.measure.origin.Origin;
import app.redlamp.core.measure.voice.VoiceProfile;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.LevelHistogram;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * Everything measured in one pass over a recording. What is undefined is absent, never −∞ or 0.
 *
 * @param info what the file says of itself
 * @param loudness integrated, momentary, short-term, range
 * @param levels true peak, sample peak, RMS, offset; over all channels and of each
 * @param activeSpeech level while somebody speaks, of the loudest channel
 * @param pauses noise floor, voice level, head and tail
 * @param highPassed levels as they will be once finishing has taken the rumble out
 * @param clipping where the waveform was cut off
 * @param noise what the noise is made of; absent without a pause
 * @param voice what is told about the voice
 * @param disturbances what was heard in pauses besides voice and noise, in the order of time
 * @param origin what was left out before it came into this file
 * @param relation how the first two channels go together
 * @param noiseHill 50 ms levels within the pauses and in the gaps between words
 * @param voiceHill all other 50 ms levels, digital silence left out
 * @param outline course of the level
 * @param findings what else is worth knowing, gravest first
 */
public record Report(
        AudioInfo info,
        Loudness loudness,
        Levels levels,
        ActiveSpeech activeSpeech,
        Pauses pauses,
        HighPassed highPassed,
        Clipping clipping,
        Optional<NoiseProfile> noise,
        VoiceProfile voice,
        List<Disturbance> disturbances,
        Origin origin,
        ChannelRelation relation,
        LevelHistogram noiseHill,
        LevelHistogram voiceHill,
        Outline outline,
        List<Finding> findings) {

    public Report {
        disturbances = List.copyOf(disturbances);
        findings = List.copyOf(findings);
    }

    Report with(List<Finding> found) {
        return new Report(
                info,
                loudness,
                levels,
                activeSpeech,
                pauses,
                highPassed,
                clipping,
                noise,
                voice,
                disturbances,
                origin,
                relation,
                noiseHill,
                voiceHill,
                outline,
                found);
    }

    /** Gated loudness in LUFS. */
    public OptionalDouble integratedLufs() {
        return loudness.integratedLufs();
    }

    /** True peak in dBTP. */
    public OptionalDouble truePeakDbtp() {
        return levels.truePeakDbtp();
    }

    /** Largest sample in dBFS. */
    public OptionalDouble samplePeakDbfs() {
        return levels.samplePeakDbfs();
    }

    /** RMS of the whole recording in dBFS, a full-scale sine reading −3.01. */
    public OptionalDouble rmsDbfs() {
        return levels.rmsDbfs();
    }

    /** Runs of at least three samples at full scale. */
    public int clippedRuns() {
        return clipping.runs();
    }

    /** What is broken in it, gravest first, although no specification limits it; clipping is limited. */
    public List<Finding> flaws() {
        return findings.stream()
                .filter(f -> f.severity() == Finding.Severity.FAULT && f.kind() != Finding.Kind.CLIPPING)
                .toList();
    }

    /**
     * Crest factor in dB: true peak over active speech level (ITU-T P.56) of the loudest channels. Absent without speech.
     */
    public OptionalDouble crestDb() {
        OptionalDouble voice = activeSpeech.levelDbov();
        boolean speech = voice.isPresent()
                && truePeakDbtp().isPresent()
                && this.voice.syllablesPerSecond().isPresent();
        return speech ? OptionalDouble.of(truePeakDbtp().getAsDouble() - voice.getAsDouble()) : OptionalDouble.empty();
    }

    /** Highest frequency that is there, in Hz: where it ends, or half the sample rate. */
    public double bandwidthHz() {
        return origin.bandwidthHz(info);
    }

    /** Bits a sample that are worth something; absent for lossy codings. */
    public OptionalInt bitDepth() {
        return origin.depth(info);
    }

    /** Noise floor in dBFS RMS; absent without a pause of 0.3 s. */
    public OptionalDouble noiseFloorDbfs() {
        return pauses.noiseFloorDbfs();
    }

    /** Level of the noisiest half second of the pauses in dBFS RMS, which a client's limit on the noise floor is held against. */
    public OptionalDouble noisiestDbfs() {
        return pauses.noisiestDbfs();
    }

    /**
     * Signal-to-noise ratio in dB: active speech level (ITU-T P.56) over the noise floor behind the high-pass that finishing
     * begins with. It is what the finished file will have, whatever the gain. Absent where either is.
     */
    public OptionalDouble snrDb() {
        OptionalDouble voice = activeSpeech.levelDbov();
        OptionalDouble floor = highPassed.noiseFloorDbfs();
        return voice.isPresent() && floor.isPresent()
                ? OptionalDouble.of(voice.getAsDouble() - floor.getAsDouble())
                : OptionalDouble.empty();
    }
}
