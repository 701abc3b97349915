package app.redlamp.core.chain;

import app.redlamp.core.units.Decibels;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * A place on the way from the mouth to the file.
 *
 * @param stage which
 * @param averageDb average of the reading, in the unit of the stage
 * @param peakDb its peaks
 * @param loudestPeakDb peaks of the loudest line
 * @param noises every noise that has come in so far
 * @param ceilingDb where peaks are cut off or badly distorted; absent in the open air
 */
public record Node(
        Stage stage,
        double averageDb,
        double peakDb,
        double loudestPeakDb,
        Map<Source, Noise> noises,
        OptionalDouble ceilingDb) {

    /** The places, in their order. */
    public enum Stage {
        /** One metre in front of the mouth, as an ear would hear it there. */
        MOUTH("dB SPL"),
        /** Before the microphone's diaphragm, as much as its pattern lets in. */
        CAPSULE("dB SPL"),
        MICROPHONE("dBu"),
        LEAD("dBu"),
        BOOSTER("dBu"),
        PREAMP("dBu"),
        CONVERTER("dBFS"),
        FINISHED("dBFS");

        private final String unit;

        Stage(String unit) {
            this.unit = unit;
        }

        /** Unit of its levels: dB SPL, dBu or dBFS. */
        public String unit() {
            return unit;
        }

        /** Name in reports, such as {@code preamp}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public Node {
        noises = Collections.unmodifiableMap(new EnumMap<>(noises));
    }

    /** All noise together. */
    public Noise noise() {
        return noises.values().stream().reduce(Noise::and).orElse(Noise.NONE);
    }

    /** From the average of the voice down to the noise, in dB. */
    public double snrDb() {
        return averageDb - noise().flatDb();
    }

    /** From the peaks of the loudest line up to the ceiling, in dB; negative where they do not fit. */
    public OptionalDouble headroomDb() {
        return ceilingDb.isPresent()
                ? OptionalDouble.of(ceilingDb.getAsDouble() - loudestPeakDb)
                : OptionalDouble.empty();
    }

    /** The loudest noise. */
    public Source dominant() {
        Source loudest = Source.ROOM;
        for (Source source : noises.keySet()) {
            if (level(source) > level(loudest)) {
                loudest = source;
            }
        }
        return loudest;
    }

    private double level(Source source) {
        return noises.getOrDefault(source, Noise.NONE).flatDb();
    }

    /** Share of one noise in the power of all, 0 to 1. */
    public double share(Source source) {
        return Decibels.toPower(level(source) - noise().flatDb());
    }

    /** By how much the signal-to-noise ratio would grow if a noise were not there, in dB; 60 at most. */
    public double without(Source source) {
        double rest = 1 - share(source);
        return rest > 1e-6 ? -Decibels.levelOfPower(rest) : 60;
    }
}
