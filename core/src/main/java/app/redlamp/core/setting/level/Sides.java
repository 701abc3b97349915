package app.redlamp.core.setting.level;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.voice.VoiceSpectrum;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The same sentence to one side of a microphone and to the other, from the same distance: which of them is its front. From the front
 * a voice is louder and brighter, and there is less of the room in it. Common practice, no source, for asking the three; their weights
 * are ours.
 *
 * @param answer what they come to
 * @param louderDb by how much the first is louder from 400 Hz to 2 kHz; absent where nobody speaks in one of them, or for too short
 * @param brighterDb by how much the first has more of 4 to 10 kHz against the middle; absent likewise
 * @param clearerDb by how much the first is clearer in the room; absent where that cannot be told
 */
public record Sides(Answer answer, OptionalDouble louderDb, OptionalDouble brighterDb, OptionalDouble clearerDb) {
    /** Nobody says a sentence twice more alike than this (ours). */
    private static final double SAME_LEVEL_DB = 3;

    /** Nobody says it by so much louder without meaning to (ours). */
    private static final double OTHER_LEVEL_DB = 6;

    /** Less is no difference in treble (ours). */
    private static final double SAME_TREBLE_DB = 2;

    /** The level and one sign more, or the level alone where it is plain, though one sign be against it (ours). */
    private static final int PLAIN = 2;

    /** The middle is told from here, which nearness leaves (ours). */
    private static final double MIDDLE_FROM_HZ = 400;

    /** To here (ours). */
    private static final double MIDDLE_TO_HZ = 2000;

    /** The treble from here, which a microphone turned away loses (ours). */
    private static final double TREBLE_FROM_HZ = 4000;

    /** To here (ours). */
    private static final double TREBLE_TO_HZ = 10_000;

    /** Which side is the front. */
    public enum Answer {
        FIRST,
        SECOND,
        /** Nothing tells them apart: the microphone hears both sides alike. */
        ALIKE,
        /** What tells them apart is too little, or contradicts itself. */
        OPEN,
        /** Too little voice in one of them. */
        NO_VOICE;

        /** Name in sentences, such as {@code no-voice}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** What two takes of one sentence say. */
    public static Sides of(Report first, Report second) {
        OptionalDouble louder = minus(level(first), level(second));
        OptionalDouble brighter = minus(treble(first), treble(second));
        OptionalDouble clearer =
                first.voice().reverberation().clearerThan(second.voice().reverberation());
        return new Sides(answer(louder, brighter, clearer), louder, brighter, clearer);
    }

    private static Answer answer(OptionalDouble louder, OptionalDouble brighter, OptionalDouble clearer) {
        if (louder.isEmpty()) {
            return Answer.NO_VOICE;
        }
        double level = louder.getAsDouble();
        int loud = sign(level, SAME_LEVEL_DB) * (Math.abs(level) > OTHER_LEVEL_DB ? PLAIN + 1 : 1);
        int bright = sign(brighter.orElse(0), SAME_TREBLE_DB);
        int clear = sign(clearer.orElse(0), 0);
        int all = loud + bright + clear;
        if (loud == 0 && bright == 0 && clear == 0) {
            return Answer.ALIKE;
        }
        boolean plain = loud * all > 0 && Math.abs(all) >= PLAIN;
        return !plain ? Answer.OPEN : all > 0 ? Answer.FIRST : Answer.SECOND;
    }

    private static int sign(double difference, double same) {
        return Math.abs(difference) <= same ? 0 : (int) Math.signum(difference);
    }

    /** Level without the bass, which nearness lifts at the back as well as at the front. */
    private static OptionalDouble level(Report report) {
        OptionalDouble voice = report.pauses().voiceDbfs();
        Optional<VoiceSpectrum> spectrum = report.voice().spectrum();
        return voice.isPresent() && spectrum.isPresent()
                ? OptionalDouble.of(voice.getAsDouble() + spectrum.get().levelDb(MIDDLE_FROM_HZ, MIDDLE_TO_HZ))
                : OptionalDouble.empty();
    }

    private static OptionalDouble treble(Report report) {
        return report.voice().spectrum().stream()
                .mapToDouble(s -> s.levelDb(TREBLE_FROM_HZ, TREBLE_TO_HZ) - s.levelDb(MIDDLE_FROM_HZ, MIDDLE_TO_HZ))
                .findFirst();
    }

    private static OptionalDouble minus(OptionalDouble a, OptionalDouble b) {
        return a.isPresent() && b.isPresent()
                ? OptionalDouble.of(a.getAsDouble() - b.getAsDouble())
                : OptionalDouble.empty();
    }
}
