package app.redlamp.core.chain.placement;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.units.Decibels;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a place before the mouth does to the sound.
 *
 * @param atCapsuleDb average of the reading at the capsule, in dB SPL
 * @param bassDb lift at 100 Hz by nearness
 * @param swayDb by how much that changes when the head moves by 3 cm
 * @param trebleDb what is lost at 8 kHz by the angle
 * @param breathDb puff of a P at the capsule, against that at the lips
 * @param screenDb what the pop filter takes of it
 * @param directDb voice over the room's reverberation
 * @param zones schools that the distance suits
 */
public record Placing(
        double atCapsuleDb,
        double bassDb,
        double swayDb,
        double trebleDb,
        double breathDb,
        double screenDb,
        double directDb,
        List<Zone> zones) {
    /** Where nearness is told (ours). */
    public static final double BASS_HZ = 100;

    /** Where the loss by the angle is told (ours). */
    public static final double TREBLE_HZ = 8000;

    /** From here on nearness is boom and not warmth (common practice, no source). */
    private static final double BOOMY_DB = 9;

    /** From here on a voice that passes the capsule sounds dull (common practice, no source). */
    private static final double DULL_DB = -3;

    /** Swaying of a reader who sits well (common practice, no source). */
    private static final double SWAY_M = 0.03;

    /** Nearer than this nobody should come, not for a whisper either (common practice, no source). */
    private static final double NEAREST_M = 0.05;

    public Placing {
        zones = List.copyOf(zones);
    }

    /**
     * @param diaphragmM its diameter
     * @param screenM from the lips to a pop filter; absent for none
     */
    public static Placing of(Chain chain, double diaphragmM, OptionalDouble screenM) {
        Position position = chain.position();
        double near = bass(chain, Math.max(Position.NEAREST_M, position.distanceM() - SWAY_M));
        double far = bass(chain, position.distanceM() + SWAY_M);
        return new Placing(
                chain.atCapsuleDb(),
                bass(chain, position.distanceM()),
                near - far,
                OffAxis.db(diaphragmM, position.angleDeg(), TREBLE_HZ),
                Breath.db(position, screenM),
                Breath.screenDb(position, screenM),
                chain.room().directDb(position, chain.capsule().pattern()),
                Zone.at(position.distanceM()));
    }

    private static double bass(Chain chain, double distanceM) {
        return chain.capsule().liftDb(chain.position().angleDeg(), distanceM, BASS_HZ);
    }

    /** Whether a P would be heard as a pop. */
    public boolean pops() {
        return breathDb > Breath.POPS_DB;
    }

    /** What is wrong with a place, the worst first. */
    public enum Trouble {
        POPS,
        FAR,
        DULL,
        BASS;

        /** Name in bundles, such as {@code pops}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** The worst that is wrong here; absent where nothing is. */
    public Optional<Trouble> trouble() {
        if (pops()) {
            return Optional.of(Trouble.POPS);
        }
        if (zones.contains(Zone.TOO_FAR)) {
            return Optional.of(Trouble.FAR);
        }
        if (trebleDb < DULL_DB) {
            return Optional.of(Trouble.DULL);
        }
        return bassDb > BOOMY_DB ? Optional.of(Trouble.BASS) : Optional.empty();
    }

    /**
     * Where to go for a loud or a soft line so that it stays as loud at the capsule, in metres: further back for a loud one, and
     * nearer for a whisper, but not nearer than 5 cm and never beyond 30.
     */
    public static double distanceFor(Chain chain, VocalEffort effort) {
        double louder = effort.atOneMetreDb() - chain.voice().reading().atOneMetreDb();
        double same = chain.position().distanceM() * Decibels.toAmplitude(louder);
        return Math.max(NEAREST_M, Math.min(Zone.TOO_FAR.fromM(), same));
    }
}
