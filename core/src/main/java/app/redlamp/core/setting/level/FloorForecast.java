package app.redlamp.core.setting.level;

import app.redlamp.core.chain.FinishingTarget;
import java.util.OptionalDouble;

/**
 * What becomes of the noise floor when the recording is finished: the voice is brought to its level, and the noise comes up with
 * it.
 *
 * @param rawDbfs floor as recorded, behind the high-pass of finishing, RMS
 * @param makeUpDb by how much finishing lifts it
 * @param afterDbfs floor in the file
 * @param limitDbfs highest that is let pass; absent where nobody asks
 * @param measured whether the voice was measured, or only computed from the kit
 */
public record FloorForecast(
        double rawDbfs, double makeUpDb, double afterDbfs, OptionalDouble limitDbfs, boolean measured) {

    /** @param averageDbfs active level of the reading as recorded */
    public static FloorForecast of(double rawDbfs, double averageDbfs, boolean measured, FinishingTarget finishing) {
        double makeUp = finishing.levelDbfs() - averageDbfs + finishing.compressionDb();
        return new FloorForecast(rawDbfs, makeUp, rawDbfs + makeUp, finishing.floorDbfs(), measured);
    }

    /** Highest floor that may be recorded at this gain. */
    public OptionalDouble rawLimitDbfs() {
        return limitDbfs.isPresent() ? OptionalDouble.of(limitDbfs.getAsDouble() - makeUpDb) : limitDbfs;
    }

    /** From what is let pass down to the floor in the file, in dB; negative where it is too loud. Absent without a limit. */
    public OptionalDouble marginDb() {
        return limitDbfs.isPresent() ? OptionalDouble.of(limitDbfs.getAsDouble() - afterDbfs) : limitDbfs;
    }

    /** Whether the floor will be low enough in the finished file. */
    public boolean passes() {
        return marginDb().orElse(0) >= 0;
    }
}
