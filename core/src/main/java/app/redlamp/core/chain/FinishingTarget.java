package app.redlamp.core.chain;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.units.Decibels;
import java.util.OptionalDouble;

/**
 * What is made of the recording.
 *
 * @param levelDbfs RMS that the voice is brought to, −60 to 0 dBFS
 * @param ceilingDbfs where peaks end, −20 to 0 dBFS
 * @param compressionDb by how much a compressor turns the voice down, which its make-up gives back to noise too, 0 to 12 dB
 * @param bits of a sample in the file, 8 to 32
 * @param floorDbfs highest noise floor that is let pass, in dBFS RMS; absent where nobody asks
 */
public record FinishingTarget(
        double levelDbfs, double ceilingDbfs, double compressionDb, int bits, OptionalDouble floorDbfs) {

    /** From voice down to noise where nobody asks for a floor (common practice, no source). */
    public static final double USUAL_SNR_DB = 40;

    /** Dither adds to the noise of whole steps: triangular, of two steps (any handbook of digital audio). */
    private static final double DITHER_DB = Decibels.levelOfPower(3);

    /** @throws IllegalArgumentException out of range */
    public FinishingTarget {
        if (!(levelDbfs >= -60 && levelDbfs <= 0 && ceilingDbfs >= -20 && ceilingDbfs <= 0)) {
            throw new IllegalArgumentException(Faults.say("finishing-target.level-peaks-to", levelDbfs, ceilingDbfs));
        }
        if (!(compressionDb >= 0 && compressionDb <= 12 && bits >= 8 && bits <= 32)) {
            throw new IllegalArgumentException(Faults.say("finishing-target.compression-db-bits", compressionDb, bits));
        }
    }

    /** The same with peaks held back by so much, in dB. */
    public FinishingTarget compressing(double db) {
        return new FinishingTarget(levelDbfs, ceilingDbfs, db, bits, floorDbfs);
    }

    /** From voice down to noise, as it must be in the file. */
    public double wantedSnrDb() {
        return floorDbfs.isPresent() ? levelDbfs - floorDbfs.getAsDouble() : USUAL_SNR_DB;
    }

    /** Noise that writing the file adds, in dBFS RMS. */
    Noise steps() {
        return Converter.steps(bits).plus(DITHER_DB);
    }
}
