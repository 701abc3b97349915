package app.redlamp.core.delivery.spec;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.measure.origin.Edge;
import app.redlamp.core.units.Limits;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;

/**
 * What a client will check.
 *
 * @param id short name, such as {@code audiobook-retail}
 * @param name name for people
 * @param source where the figures come from: a standard, or common practice
 * @param loudness window for the loudness; absent where the client asks for peaks only
 * @param peak window for the peak
 * @param noiseFloorDbfs highest noise floor in dBFS RMS
 * @param time how long things may be
 * @param sound what else is asked of the sound
 * @param set how far the files of one delivery may lie apart
 * @param naming how files must be called
 * @param format the file itself
 */
public record Specification(
        String id,
        String name,
        String source,
        Optional<LoudnessTarget> loudness,
        PeakLimit peak,
        OptionalDouble noiseFloorDbfs,
        TimeLimits time,
        SoundLimits sound,
        SetLimits set,
        Naming naming,
        DeliveryFormat format) {

    /** @throws IllegalArgumentException for a blank id, name or source, or where nothing says how loud it must be */
    public Specification {
        if (id.isBlank() || name.isBlank() || source.isBlank()) {
            throw new IllegalArgumentException(Faults.say("specification.specification-needs-id", id, name, source));
        }
        if (loudness.isEmpty() && peak.lowest().isEmpty()) {
            throw new IllegalArgumentException(Faults.say("specification.specification-needs-loudness", id));
        }
    }

    /** What finishing brings into its window by gain: the loudness, or the peak where no loudness is asked for. */
    public LoudnessTarget aim() {
        return loudness.orElseGet(() -> new LoudnessTarget(
                peak.measure() == PeakLimit.Measure.SAMPLE
                        ? LoudnessTarget.Measure.SAMPLE_PEAK
                        : LoudnessTarget.Measure.TRUE_PEAK,
                peak.limits()));
    }

    /** The same under another id and name. */
    public Specification as(String newId, String newName) {
        return new Specification(
                newId, newName, source, loudness, peak, noiseFloorDbfs, time, sound, set, naming, format);
    }

    /** Room tone before the first word, in seconds; absent where nothing is asked. */
    public Optional<Limits> headS() {
        return time.headS();
    }

    /** Room tone after the last word, in seconds; absent where nothing is asked. */
    public Optional<Limits> tailS() {
        return time.tailS();
    }

    /** Longest file in seconds; absent where nothing is asked. */
    public OptionalDouble longestS() {
        return time.longestS();
    }

    /** Longest that a file of this name may be, in seconds: by itself and as the part that it is. */
    public OptionalDouble longestS(Optional<String> fileName) {
        return DoubleStream.concat(
                        time.longestS().stream(),
                        fileName.map(naming::longestS).orElse(OptionalDouble.empty()).stream())
                .min();
    }

    /** Whether the client keeps or works on the samples, and so wants nothing left out of them: as recorded, or lossless of 24 bits. */
    public boolean wantsWhole() {
        return format.coding().lossless()
                && (sound.unprocessed() || format.bitDepth().orElse(0) >= 24);
    }

    /** Up to where a recording has to reach where all is wanted of it, in Hz. */
    public double bandwidthHz() {
        return Edge.wholeHz(format.sampleRateHz());
    }

    /** Most runs of clipped samples that are let through. */
    public int clippedRuns() {
        return sound.clippedRuns();
    }
}
