package app.redlamp.core.spec;

import app.redlamp.core.units.Limits;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a client will check.
 *
 * @param id short name, such as {@code audiobook-retail}
 * @param name name for people
 * @param source where the figures come from: a standard, or common practice
 * @param loudness window for the loudness
 * @param peak highest peak
 * @param noiseFloorDbfs highest noise floor in dBFS RMS
 * @param headS room tone before the first word, in seconds
 * @param tailS room tone after the last word, in seconds
 * @param longestS longest file in seconds
 * @param clippedRuns how many clipped runs are let pass
 * @param format the file itself
 */
public record Specification(
        String id,
        String name,
        String source,
        LoudnessTarget loudness,
        PeakLimit peak,
        OptionalDouble noiseFloorDbfs,
        Optional<Limits> headS,
        Optional<Limits> tailS,
        OptionalDouble longestS,
        int clippedRuns,
        DeliveryFormat format) {

    /** @throws IllegalArgumentException for a blank id, name or source */
    public Specification {
        if (id.isBlank() || name.isBlank() || source.isBlank()) {
            throw new IllegalArgumentException(
                    "specification '" + id + "', '" + name + "', '" + source + "': needs an id, a name and a source");
        }
    }
}
