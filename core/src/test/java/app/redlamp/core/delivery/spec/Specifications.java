package app.redlamp.core.delivery.spec;

import app.redlamp.core.units.Limits;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** Specifications for tests; those that ship are documents and are read where documents are read. */
public final class Specifications {
    private Specifications() {}

    public static Specification audiobook() {
        return new Specification(
                "audiobook-retail",
                "Audiobook, retail",
                "common practice",
                Optional.of(new LoudnessTarget(LoudnessTarget.Measure.RMS, Limits.between(-23, -18))),
                new PeakLimit(PeakLimit.Measure.SAMPLE, -3),
                OptionalDouble.of(-60),
                new TimeLimits(
                        Optional.of(Limits.between(0.5, 1)),
                        Optional.of(Limits.between(1, 5)),
                        OptionalDouble.of(7200),
                        OptionalDouble.empty()),
                SoundLimits.PLAIN,
                SetLimits.USUAL,
                Naming.FREE,
                new DeliveryFormat(
                        DeliveryFormat.Coding.MP3, 44_100, OptionalInt.empty(), OptionalInt.of(192), 1, 2, true));
    }

    /** The audiobook's, for files called by a pattern. */
    public static Specification audiobookNamed(String pattern) {
        return audiobook(new Naming(Optional.of(pattern), List.of()));
    }

    /** The audiobook's, for a delivery of certain parts. */
    public static Specification audiobookOf(Naming.Part... parts) {
        return audiobook(new Naming(Optional.empty(), List.of(), List.of(parts)));
    }

    private static Specification audiobook(Naming naming) {
        Specification book = audiobook();
        return new Specification(
                "named",
                "Named",
                "made up",
                book.loudness(),
                book.peak(),
                book.noiseFloorDbfs(),
                book.time(),
                book.sound(),
                book.set(),
                naming,
                book.format());
    }

    /** The audiobook's, for a voice so clear in its room. */
    public static Specification audiobookAsClearAs(double clarityDb) {
        Specification book = audiobook();
        return new Specification(
                "dry",
                "Dry",
                "made up",
                book.loudness(),
                book.peak(),
                book.noiseFloorDbfs(),
                book.time(),
                new SoundLimits(
                        0,
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        OptionalDouble.of(clarityDb),
                        Optional.empty(),
                        false),
                book.set(),
                book.naming(),
                book.format());
    }

    public static Specification broadcast() {
        return new Specification(
                "broadcast-r128",
                "Broadcast",
                "EBU R 128",
                Optional.of(new LoudnessTarget(LoudnessTarget.Measure.INTEGRATED, Limits.around(-23, 0.5))),
                new PeakLimit(PeakLimit.Measure.TRUE, -1),
                OptionalDouble.empty(),
                TimeLimits.NONE,
                SoundLimits.PLAIN,
                SetLimits.USUAL,
                Naming.FREE,
                new DeliveryFormat(
                        DeliveryFormat.Coding.WAV, 48_000, OptionalInt.of(24), OptionalInt.empty(), 1, 2, false));
    }

    /** As it was recorded, 24 bits at 48 kHz. */
    public static Specification raw() {
        return raw(48_000);
    }

    /** The same at another sample rate. */
    public static Specification raw(int sampleRateHz) {
        return new Specification(
                "raw",
                "Raw",
                "made up",
                Optional.empty(),
                new PeakLimit(PeakLimit.Measure.SAMPLE, OptionalDouble.of(-12), -3),
                OptionalDouble.of(-60),
                TimeLimits.NONE,
                new SoundLimits(
                        0,
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        Optional.empty(),
                        true),
                SetLimits.USUAL,
                Naming.FREE,
                new DeliveryFormat(
                        DeliveryFormat.Coding.WAV, sampleRateHz, OptionalInt.of(24), OptionalInt.empty(), 1, 2, false));
    }
}
