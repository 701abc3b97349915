package app.redlamp.core.chain.placement;

import app.redlamp.core.acoustics.room.Mouth;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.Noise;
import app.redlamp.core.chain.Position;
import app.redlamp.core.units.Decibels;
import java.util.Locale;

/**
 * What a microphone hears of somebody else's voice, or of a loudspeaker.
 *
 * @param ratio distance to the other over distance to one's own mouth
 * @param directDb straight from the other, against one's own voice
 * @param roomDb by way of the room, against one's own voice
 */
public record Bleed(double ratio, double directDb, double roomDb) {
    /** Rule of three to one (common practice, no source; 20 log10(1/3) is −9.5 dB). */
    public static final double RULE = 3;

    /** What is further down than this can be cut out of a track (common practice, no source). */
    private static final double HARMLESS_DB = -30;

    /** Guests are listened to at about this level (common practice, no source), in dB SPL. */
    private static final double LISTENING_DB = 65;

    /** How two people sit. */
    public enum Seats {
        /** Opposite each other: the other speaks into the back of the microphone. */
        ACROSS(180, 0),
        /** At a corner of the table. */
        CORNER(135, 45),
        /** Side by side. */
        BESIDE(90, 90);

        private final double offMicrophoneDeg;
        private final double offMouthDeg;

        Seats(double offMicrophoneDeg, double offMouthDeg) {
            this.offMicrophoneDeg = offMicrophoneDeg;
            this.offMouthDeg = offMouthDeg;
        }

        /** Name in reports, such as {@code across}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * Two people who speak equally loud.
     *
     * @param apartM between their mouths, more than the distance to one's own microphone
     */
    public static Bleed of(Chain own, Seats seats, double apartM) {
        double distance = own.position().distanceM();
        double other = seats == Seats.BESIDE
                ? Math.hypot(apartM, distance)
                : Math.max(distance, apartM - distance * Math.cos(Math.toRadians(180 - seats.offMicrophoneDeg)));
        Position away = new Position(Math.min(Position.FURTHEST_M, other), seats.offMicrophoneDeg, 0, 0);
        double direct = away.distanceDb()
                + away.offAxisDb(own.capsule().pattern())
                + Decibels.levelOfAmplitude(Mouth.gain(Math.cos(Math.toRadians(seats.offMouthDeg))))
                - mine(own);
        return new Bleed(other / distance, direct, -direct(own));
    }

    /**
     * A guest's voice out of loudspeakers.
     *
     * @param listenerM from the loudspeaker to the listener
     * @param offMicrophoneDeg by how much it stands off the microphone's axis
     */
    public static Bleed ofSpeaker(Chain own, double listenerM, double offMicrophoneDeg) {
        double distance = own.position().distanceM();
        double other = Math.max(0.1, listenerM - distance);
        double atOneMetre = LISTENING_DB + Decibels.levelOfAmplitude(listenerM);
        double louder = atOneMetre - own.voice().reading().atOneMetreDb();
        Position away = new Position(Math.min(Position.FURTHEST_M, other), offMicrophoneDeg, 0, 0);
        double direct =
                louder + away.distanceDb() + away.offAxisDb(own.capsule().pattern()) - mine(own);
        return new Bleed(other / distance, direct, louder - direct(own));
    }

    private static double mine(Chain own) {
        return own.position().distanceDb()
                + own.position().offAxisDb(own.capsule().pattern());
    }

    private static double direct(Chain own) {
        return own.room().directDb(own.position(), own.capsule().pattern());
    }

    /** Both ways together, against one's own voice, in dB. */
    public double totalDb() {
        return Noise.sum(directDb, roomDb);
    }

    /** Whether it is so far down that it can be cut out of a track. */
    public boolean harmless() {
        return totalDb() <= HARMLESS_DB;
    }

    /** Whether the other microphone is three times as far as one's own, or more. */
    public boolean keepsTheRule() {
        return ratio >= RULE;
    }
}
