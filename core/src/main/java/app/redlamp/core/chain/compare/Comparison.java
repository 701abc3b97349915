package app.redlamp.core.chain.compare;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.noise.NoiseProfile;
import app.redlamp.core.measure.room.Reverberation;
import app.redlamp.core.measure.voice.VoiceSpectrum;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The same sentence before and after a change, at equal loudness: the second is counted as if it had been made as loud as the
 * first, because what is louder seems better.
 *
 * @param gainDb by how much the second was raised
 * @param before the first
 * @param after the second, raised
 */
public record Comparison(double gainDb, Side before, Side after) {

    /**
     * One of the two.
     *
     * @param voiceDbfs level of the voice
     * @param floorDbfs noise floor; absent without a pause
     * @param noiseDbfs noise in each octave of {@link OctaveBands#OCTAVES}; empty without a pause
     * @param voiceDb voice in each third octave of {@link OctaveBands#THIRDS}, all together 0 dB; empty with too little
     *     voice
     * @param reverberation what is heard of the room
     * @param boxHz third octave that sticks out most between 125 and 400 Hz; absent with too little voice
     * @param boxDb how far, over the mean of the second and third on each side
     */
    public record Side(
            double voiceDbfs,
            OptionalDouble floorDbfs,
            List<Double> noiseDbfs,
            List<Double> voiceDb,
            Reverberation reverberation,
            OptionalDouble boxHz,
            OptionalDouble boxDb) {

        public Side {
            noiseDbfs = List.copyOf(noiseDbfs);
            voiceDb = List.copyOf(voiceDb);
        }

        /** Voice in each octave from 63 Hz to 8 kHz in dBFS, three thirds together; empty with too little voice. */
        public List<Double> voiceOctavesDbfs() {
            List<Double> octaves = new ArrayList<>();
            for (int b = 1; b + 1 < voiceDb.size(); b += THIRDS) {
                double sum = 0;
                for (int third = Math.max(0, b - 1 - 1); third <= b - 1 + 1; third++) {
                    sum += Decibels.toPower(voiceDb.get(third));
                }
                octaves.add(voiceDbfs + Decibels.levelOfPower(sum));
            }
            return octaves;
        }
    }

    /** The least difference of level that one hears in speech (common practice, no source). */
    private static final double HEARD_DB = 1;

    /** Where small rooms and desks sound boxy (common practice, no source). */
    private static final double BOX_FROM_HZ = 120;

    /** As above (common practice, no source). */
    private static final double BOX_TO_HZ = 400;
    /** Neighbours at this distance and one less are compared with; the nearest share what a short window smears (ours). */
    private static final int SIDE = 3;

    /** Thirds of an octave (by definition). */
    private static final int THIRDS = 3;

    /** @return absent where nobody speaks in one of them */
    public static Optional<Comparison> of(Report before, Report after) {
        OptionalDouble loud = loudness(before);
        OptionalDouble loudAfter = loudness(after);
        boolean voices = before.pauses().voiceDbfs().isPresent()
                && after.pauses().voiceDbfs().isPresent();
        if (loud.isEmpty() || loudAfter.isEmpty() || !voices) {
            return Optional.empty();
        }
        double gain = loud.getAsDouble() - loudAfter.getAsDouble();
        return Optional.of(new Comparison(gain, side(before, 0), side(after, gain)));
    }

    /** Loudness in LUFS; the voice's level where it is too short for that. */
    private static OptionalDouble loudness(Report report) {
        return report.integratedLufs().isPresent()
                ? report.integratedLufs()
                : report.pauses().voiceDbfs();
    }

    private static Side side(Report report, double gainDb) {
        List<Double> voice =
                report.voice().spectrum().map(VoiceSpectrum::levelsDb).orElse(List.of());
        int box = box(voice);
        return new Side(
                report.pauses().voiceDbfs().orElseThrow() + gainDb,
                raised(report.noiseFloorDbfs(), gainDb),
                report.noise().map(NoiseProfile::octavesDbfs).orElse(List.of()).stream()
                        .map(l -> l + gainDb)
                        .toList(),
                voice,
                report.voice().reverberation(),
                box < 0 ? OptionalDouble.empty() : OptionalDouble.of(OctaveBands.THIRDS.nominalHz(box)),
                box < 0 ? OptionalDouble.empty() : OptionalDouble.of(over(voice, box)));
    }

    private static OptionalDouble raised(OptionalDouble level, double gainDb) {
        return level.isPresent() ? OptionalDouble.of(level.getAsDouble() + gainDb) : level;
    }

    private static int box(List<Double> voice) {
        int best = -1;
        for (int b = SIDE; b + SIDE < voice.size(); b++) {
            double hz = OctaveBands.THIRDS.nominalHz(b);
            if (hz >= BOX_FROM_HZ && hz <= BOX_TO_HZ && (best < 0 || over(voice, b) > over(voice, best))) {
                best = b;
            }
        }
        return best;
    }

    private static double over(List<Double> voice, int band) {
        double sum = 0;
        for (int away = SIDE - 1; away <= SIDE; away++) {
            sum += voice.get(band - away) + voice.get(band + away);
        }
        return voice.get(band) - sum / 4;
    }

    /** How far the third octave that stuck out before sticks out now, in dB; absent with too little voice. */
    public OptionalDouble boxNowDb() {
        if (before.boxHz().isEmpty() || after.voiceDb().isEmpty()) {
            return OptionalDouble.empty();
        }
        for (int b = SIDE; b + SIDE < after.voiceDb().size(); b++) {
            if (OctaveBands.THIRDS.nominalHz(b) == before.boxHz().getAsDouble()) {
                return OptionalDouble.of(over(after.voiceDb(), b));
            }
        }
        return OptionalDouble.empty();
    }

    /** By how much the noise fell, positive for less noise, in dB; absent without a pause in one of them. */
    public OptionalDouble lessNoiseDb() {
        return before.floorDbfs().isPresent() && after.floorDbfs().isPresent()
                ? OptionalDouble.of(
                        before.floorDbfs().getAsDouble() - after.floorDbfs().getAsDouble())
                : OptionalDouble.empty();
    }

    /** The same where it is heard; absent where it is not. */
    public OptionalDouble heardLessNoiseDb() {
        return heard(lessNoiseDb());
    }

    /** By how much less the third octave that stuck out before sticks out now, in dB; absent where that is not heard. */
    public OptionalDouble heardLessBoxDb() {
        OptionalDouble now = boxNowDb();
        return now.isPresent() && before.boxDb().isPresent()
                ? heard(OptionalDouble.of(before.boxDb().getAsDouble() - now.getAsDouble()))
                : OptionalDouble.empty();
    }

    /** By how much the voice is clearer in its room now, in dB; 0 where it is the same, absent where it cannot be told. */
    public OptionalDouble clearerDb() {
        return after.reverberation().clearerThan(before.reverberation());
    }

    private static OptionalDouble heard(OptionalDouble db) {
        return db.isPresent() && Math.abs(db.getAsDouble()) >= HEARD_DB ? db : OptionalDouble.empty();
    }

    /** Octaves in which the noise changed by 3 dB or more, as indices of {@link OctaveBands#OCTAVES}. */
    public List<Integer> changedOctaves() {
        List<Integer> changed = new ArrayList<>();
        int count = Math.min(before.noiseDbfs().size(), after.noiseDbfs().size());
        for (int b = 0; b < count; b++) {
            if (Math.abs(before.noiseDbfs().get(b) - after.noiseDbfs().get(b)) >= 3) {
                changed.add(b);
            }
        }
        return changed;
    }
}
