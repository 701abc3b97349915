package app.redlamp.core.acoustics.room;

import app.redlamp.core.units.Decibels;

/**
 * How much of what the microphone hears comes straight from the mouth.
 *
 * @param overRoomDb level of the voice itself over that of the whole room's reverberation, in each band
 * @param criticalM distance at which both are equally loud at 500 Hz, for this mouth and this microphone
 */
public record DirectSound(SixBands overRoomDb, double criticalM) {

    /** Source: 0.057 √(Q V / T), in any acoustics handbook, with the directivity of both ends in Q. */
    static final double CRITICAL = 0.057;

    /**
     * Critical distance in metres.
     *
     * @param directivity 1 for what sends and hears all round
     */
    public static double criticalM(double directivity, double volumeM3, double decayS) {
        return CRITICAL * Math.sqrt(directivity * volumeM3 / decayS);
    }

    /** The reverberation at a distance of r from its source is 20 log(r / critical distance) over the direct sound. */
    public static DirectSound of(Room room, SixBands decayS) {
        double directivity = Mouth.directivity() * room.pattern().directivity();
        double volume = room.space().volume();
        double distance = Math.max(0.01, room.distanceM());
        SixBands over = decayS.map(t -> Decibels.levelOfAmplitude(criticalM(directivity, volume, t) / distance));
        return new DirectSound(over, criticalM(directivity, volume, decayS.at(SixBands.MIDDLE)));
    }

    /** What counts for speech: mean of 500 Hz to 2 kHz in dB. */
    public double speechDb() {
        return overRoomDb.mean(SixBands.MIDDLE, SixBands.MIDDLE + 2);
    }
}
