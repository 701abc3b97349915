package app.redlamp.core.delivery.finish;

import app.redlamp.core.delivery.spec.Check;
import app.redlamp.core.units.Decibels;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** Why a recording cannot be finished to its specification, with the figures that prove it. */
public sealed interface Obstacle {

    /** Name in the log and in reports, such as {@code too-long}; it stands in files and never changes. */
    String id();

    /**
     * The loudness needs more gain than the noise allows.
     *
     * @param gainDb the least gain that brings the loudness into its window
     * @param floorDbfs where the noise floor would then be
     * @param limitDbfs where it may be
     */
    record Noise(double gainDb, double floorDbfs, double limitDbfs) implements Obstacle {
        /** Nobody comes nearer than a quarter of the distance (ours). */
        private static final double CLOSEST_GAIN_DB = 12;

        @Override
        public String id() {
            return "noise";
        }

        /** By how much the floor would be too high, in dB. */
        public double excessDb() {
            return floorDbfs - limitDbfs;
        }

        /** Share of the distance to the microphone from which that would be heard no more; absent where nobody comes so near. */
        public OptionalDouble nearer() {
            return excessDb() <= CLOSEST_GAIN_DB
                    ? OptionalDouble.of(Decibels.toAmplitude(-excessDb()))
                    : OptionalDouble.empty();
        }
    }

    /** The recording is clipped, which nothing downstream repairs; {@code runs} above 0. */
    record Clipped(int runs) implements Obstacle {
        @Override
        public String id() {
            return "clipped";
        }
    }

    /** The file is shorter than it says, and nobody sends half a chapter; {@code missingS} above 0. */
    record CutOff(double missingS) implements Obstacle {
        @Override
        public String id() {
            return "cut-off";
        }
    }

    /**
     * The client wants all of it, and something left part of it out before; nothing brings that back.
     *
     * @param coding what people call the lossy coding that it is in; absent for one that is lossless and was made from less
     * @param bandwidthHz above it there is nothing
     * @param blockSamples samples of the blocks that a lossy coding left in one that is lossless now
     */
    record NotWhole(Optional<String> coding, double bandwidthHz, OptionalInt blockSamples) implements Obstacle {
        @Override
        public String id() {
            return "not-whole";
        }
    }

    /** The client wants it unprocessed, with more bits than it was recorded with. */
    record FewBits(int bits, int wanted) implements Obstacle {
        @Override
        public String id() {
            return "few-bits";
        }
    }

    /** There is nothing to bring to a loudness: silence. */
    record Silent() implements Obstacle {
        @Override
        public String id() {
            return "silent";
        }
    }

    /** The recording is longer than one file may be. */
    record TooLong(double durationS, double longestS) implements Obstacle {
        @Override
        public String id() {
            return "too-long";
        }
    }

    /**
     * The client wants other names, and finishing gives none of its own.
     *
     * @param name what the delivery would be called
     * @param pattern what names must be like
     */
    record Misnamed(String name, String pattern) implements Obstacle {
        @Override
        public String id() {
            return "misnamed";
        }
    }

    /** What came out was measured and one check is still outside. */
    record StillOutside(Check check) implements Obstacle {
        @Override
        public String id() {
            return "still-outside";
        }
    }
}
