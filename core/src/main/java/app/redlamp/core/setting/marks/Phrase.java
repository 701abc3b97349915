package app.redlamp.core.setting.marks;

import app.redlamp.core.chain.Volts;
import app.redlamp.core.fault.Faults;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.loudness.Clipping;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;

/**
 * What the loudest line gave with the controls at one place.
 *
 * @param at where they stood
 * @param heard what became of it
 * @param averageDbfs active level of the voice (ITU-T P.56) without the noise in it; counts where it was heard plainly
 * @param peakDbfs largest sample
 * @param floorDbfs noise in its pauses, rumble left out; absent where it left none
 */
public record Phrase(Positions at, Heard heard, double averageDbfs, double peakDbfs, OptionalDouble floorDbfs) {
    /** Less over the noise, and the level is the noise's as much as the voice's (ours). */
    private static final double DROWNED_DB = 6;

    /** What stands for no level at all (ours). */
    private static final double SILENCE_DBFS = -140;

    /** What became of a line. */
    public enum Heard {
        /** It can be measured. */
        PLAINLY,
        /** Its peaks were cut off: too loud for here, and nothing else is known. */
        CUT,
        /** It is not told from the noise. */
        DROWNED;

        /** Name in files and sentences, such as {@code plainly}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** @throws IllegalArgumentException for figures that cannot be */
    public Phrase {
        boolean levels = averageDbfs >= SILENCE_DBFS && averageDbfs <= 0 && peakDbfs >= SILENCE_DBFS && peakDbfs <= 20;
        if (!levels || !Double.isFinite(at.knob()) || !Double.isFinite(at.slider())) {
            throw new IllegalArgumentException(Faults.say("phrase.levels-must", averageDbfs, peakDbfs));
        }
    }

    /**
     * What a take of it tells.
     *
     * @param quiet what was heard while nobody spoke; whoever began too early has the noise from the pauses of the line
     */
    public static Phrase of(Positions at, Report quiet, Report line) {
        OptionalDouble average = line.activeSpeech().levelDbov();
        OptionalDouble noise = lower(quiet.noiseFloorDbfs(), line.noiseFloorDbfs());
        double peak = Math.max(SILENCE_DBFS, line.samplePeakDbfs().orElse(SILENCE_DBFS));
        OptionalDouble floor =
                lower(quiet.highPassed().noiseFloorDbfs(), line.highPassed().noiseFloorDbfs());
        Clipping clipping = line.clipping();
        if (clipping.runs() > 0 || clipping.flatTopDbfs().isPresent()) {
            return new Phrase(at, Heard.CUT, within(average), peak, floor);
        }
        if (average.isEmpty() || average.getAsDouble() < noise.orElse(SILENCE_DBFS) + DROWNED_DB) {
            return new Phrase(at, Heard.DROWNED, within(average), peak, floor);
        }
        return new Phrase(at, Heard.PLAINLY, within(voiceAlone(average.getAsDouble(), noise)), peak, floor);
    }

    private static OptionalDouble lower(OptionalDouble one, OptionalDouble other) {
        return DoubleStream.concat(one.stream(), other.stream()).min();
    }

    private static double voiceAlone(double allDbfs, OptionalDouble noiseDbfs) {
        return noiseDbfs.isPresent() ? Volts.without(allDbfs, noiseDbfs.getAsDouble()) : allDbfs;
    }

    private static double within(OptionalDouble level) {
        return within(level.orElse(SILENCE_DBFS));
    }

    private static double within(double level) {
        return Math.max(SILENCE_DBFS, Math.min(0, level));
    }

    /** Whether it can be measured. */
    public boolean plain() {
        return heard == Heard.PLAINLY;
    }
}
