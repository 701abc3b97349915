package app.redlamp.core.chain.compare;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.room.Reverberation;
import app.redlamp.core.measure.voice.Event;
import app.redlamp.core.measure.voice.VoiceSpectrum;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Two microphones by two takes of the same text, at equal loudness.
 *
 * @param sound levels, floors and spectra, the second raised to the loudness of the first
 * @param first what else is told of the first
 * @param second what else is told of the second
 */
public record MicrophoneComparison(Comparison sound, Side first, Side second) {
    /** Less than this is no difference (common practice, no source). */
    public static final double SAME_DB = 1;

    /** Takes of different length are compared by the minute (by definition). */
    private static final double MINUTE_S = 60;

    /**
     * One of the two.
     *
     * @param deviationsDb third octaves against the long-term average of speech; empty with too little voice
     * @param colour what stands out most, where something does
     * @param harshPerMinute hissing sounds as loud as the voice itself
     * @param hissDb hissing sounds on average over the voice; absent without any
     * @param plosivesPerMinute blows of breath
     * @param reverberation what is heard of the room
     * @param peakDb from the loudness up to the true peak
     */
    public record Side(
            List<Double> deviationsDb,
            Optional<VoiceSpectrum.Colour> colour,
            double harshPerMinute,
            OptionalDouble hissDb,
            double plosivesPerMinute,
            Reverberation reverberation,
            OptionalDouble peakDb) {

        public Side {
            deviationsDb = List.copyOf(deviationsDb);
        }
    }

    /** What speaks for one of two, the weightiest first. */
    public enum Point {
        NOISE,
        ROOM,
        PLOSIVES,
        SIBILANCE,
        COLOUR
    }

    /** @return absent where nobody speaks in one of them */
    public static Optional<MicrophoneComparison> of(Report first, Report second) {
        return Comparison.of(first, second).map(c -> new MicrophoneComparison(c, side(first), side(second)));
    }

    private static Side side(Report report) {
        double minutes = Math.max(1, report.info().durationS()) / MINUTE_S;
        OptionalDouble loud = report.integratedLufs();
        OptionalDouble peak = report.truePeakDbtp();
        return new Side(
                report.voice().spectrum().map(VoiceSpectrum::deviationsDb).orElse(List.of()),
                report.voice().spectrum().flatMap(VoiceSpectrum::colour),
                report.voice().harshSibilants().count() / minutes,
                mean(report.voice().sibilants()),
                report.voice().plosives().count() / minutes,
                report.voice().reverberation(),
                loud.isPresent() && peak.isPresent()
                        ? OptionalDouble.of(peak.getAsDouble() - loud.getAsDouble())
                        : OptionalDouble.empty());
    }

    private static OptionalDouble mean(Event.Tally events) {
        return events.worst().stream().mapToDouble(Event::amount).average();
    }

    /**
     * By how much the first is better in a point, above 0, or worse, below 0: in dB for noise, for clarity in the room, for
     * sibilance and colour, and a minute for plosives. Absent where it cannot be told; 0 where there is no difference worth a word.
     */
    public OptionalDouble better(Point point) {
        return switch (point) {
            case NOISE -> worth(minus(sound.after().floorDbfs(), sound.before().floorDbfs()), SAME_DB);
            case ROOM -> first.reverberation().clearerThan(second.reverberation());
            case PLOSIVES -> worth(OptionalDouble.of(second.plosivesPerMinute() - first.plosivesPerMinute()), 1);
            case SIBILANCE -> worth(minus(second.hissDb(), first.hissDb()), SAME_DB);
            case COLOUR -> worth(colour(), SAME_DB);
        };
    }

    /** Root mean square of the deviations from 150 Hz to 10 kHz: how far each is from speech in general. */
    private OptionalDouble colour() {
        if (first.deviationsDb().isEmpty() || second.deviationsDb().isEmpty()) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(off(second.deviationsDb()) - off(first.deviationsDb()));
    }

    private static double off(List<Double> deviations) {
        double sum = 0;
        int from = 4;
        int to = Math.min(deviations.size(), 23);
        for (int b = from; b < to; b++) {
            sum += deviations.get(b) * deviations.get(b);
        }
        return Math.sqrt(sum / (to - from));
    }

    private static OptionalDouble minus(OptionalDouble a, OptionalDouble b) {
        return a.isPresent() && b.isPresent()
                ? OptionalDouble.of(a.getAsDouble() - b.getAsDouble())
                : OptionalDouble.empty();
    }

    private static OptionalDouble worth(OptionalDouble value, double least) {
        return value.isPresent() && Math.abs(value.getAsDouble()) < least ? OptionalDouble.of(0) : value;
    }
}
