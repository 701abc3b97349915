package app.redlamp.core.setting.card;

import app.redlamp.core.chain.Position;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.voice.VoiceSpectrum;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is not as it was when a gain card was written.
 *
 * @param kind what
 * @param amount by how much, in the unit of its kind; positive for more than then
 */
public record Moved(Kind kind, double amount) {
    /** Octaves from 31.5 Hz: up to 125 Hz are low, from 2 kHz on high (ours). */
    private static final int LOW_TO = 3;

    /** Octaves from 2 kHz (ours). */
    private static final int HIGH_FROM = 6;

    /** What one hears between two evenings (common practice, no source). */
    private static final double WORTH_DB = 2;

    /** Low and high part by so much where a microphone has turned (ours). */
    private static final double SHAPE_DB = 3;

    /** What a hand's breadth is told to (ours). */
    private static final double NEAR_M = 0.02;

    /** What one sees (ours). */
    private static final double TURNED_DEG = 10;

    /** A voice varies by less from day to day (ours). */
    private static final double VOICE_DB = 1.5;

    /** Hum that has grown by less is chance (ours). */
    private static final double HUM_DB = 3;

    /** What may have moved. */
    public enum Kind {
        /** Another input; 0. */
        INPUT,
        /** Another sample rate; Hz. */
        RATE,
        /** All octaves of the floor by as much: the gain; dB. */
        GAIN,
        /** More or less noise below 180 Hz: machines, traffic, stand; dB. */
        LOW_NOISE,
        /** More or less noise above 1.4 kHz: hiss, a fan; dB. */
        HIGH_NOISE,
        /** More or less noise in between; dB. */
        MIDDLE_NOISE,
        /** A hum that was not there; its level in dBFS. */
        HUM,
        /** The average of the reading; dB. */
        VOICE_LEVEL,
        /** Bass of the voice, which tells of the distance; dB. */
        VOICE_BASS,
        /** The microphone's place as the kit has it; metres. */
        DISTANCE,
        /** Its angle as the kit has it; degrees. */
        ANGLE;

        /** Name in reports, such as {@code low-noise}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /**
     * Today against a card.
     *
     * @param still ten seconds in which nobody speaks
     * @param shiftDb by how much the gain was changed since nobody spoke, in dB
     * @param averageDbfs level of what was read today, at today's gain; absent where nothing was
     * @param voice its spectrum
     * @param place where the kit has the microphone today
     */
    public static List<Moved> of(
            GainCard card,
            GainCard.Input input,
            Report still,
            double shiftDb,
            OptionalDouble averageDbfs,
            Optional<VoiceSpectrum> voice,
            Position place) {
        List<Moved> all = new ArrayList<>();
        if (!card.input().name().equals(input.name()) || card.input().simulated() != input.simulated()) {
            all.add(new Moved(Kind.INPUT, 0));
        }
        if (card.input().sampleRateHz() != input.sampleRateHz()) {
            all.add(new Moved(Kind.RATE, input.sampleRateHz() - card.input().sampleRateHz()));
        }
        noise(card.levels(), still, shiftDb, all);
        voice(card.levels(), averageDbfs, voice, all);
        Position then = card.place().position();
        if (Math.abs(place.distanceM() - then.distanceM()) >= NEAR_M) {
            all.add(new Moved(Kind.DISTANCE, place.distanceM() - then.distanceM()));
        }
        if (Math.abs(place.angleDeg() - then.angleDeg()) >= TURNED_DEG) {
            all.add(new Moved(Kind.ANGLE, place.angleDeg() - then.angleDeg()));
        }
        return all;
    }

    private static void noise(GainCard.Levels card, Report still, double shiftDb, List<Moved> all) {
        if (still.noise().isEmpty()) {
            return;
        }
        List<Double> now = still.noise().get().octavesDbfs().stream()
                .map(db -> db + shiftDb)
                .toList();
        List<Double> then = card.floorOctavesDbfs();
        int top = usable(now, then);
        double low = change(now, then, 0, LOW_TO);
        double middle = change(now, then, LOW_TO, HIGH_FROM);
        double high = change(now, then, HIGH_FROM, top);
        double most = Math.max(low, Math.max(middle, high));
        double least = Math.min(low, Math.min(middle, high));
        OptionalDouble hum = still.noise().get().hum().isPresent()
                ? OptionalDouble.of(still.noise().get().hum().get().levelDbfs() + shiftDb)
                : OptionalDouble.empty();
        boolean newHum = hum.orElse(Double.NEGATIVE_INFINITY) > card.floorDbfs() - HUM_DB && low >= WORTH_DB;
        if (newHum) {
            all.add(new Moved(Kind.HUM, hum.getAsDouble()));
        }
        double shared = least > 0 ? least : most < 0 ? most : 0;
        if (most - least < SHAPE_DB && Math.abs(shared) >= WORTH_DB / 2) {
            all.add(new Moved(Kind.GAIN, (low + middle + high) / 3));
            return;
        }
        add(all, Kind.LOW_NOISE, newHum ? 0 : low);
        add(all, Kind.MIDDLE_NOISE, middle);
        add(all, Kind.HIGH_NOISE, high);
    }

    private static void add(List<Moved> all, Kind kind, double db) {
        if (Math.abs(db) >= WORTH_DB) {
            all.add(new Moved(kind, db));
        }
    }

    /** The highest octaves may lie above what the sample rate holds. */
    private static int usable(List<Double> now, List<Double> then) {
        int top = Math.min(now.size(), then.size());
        while (top > HIGH_FROM + 1 && (now.get(top - 1) < -140 || then.get(top - 1) < -140)) {
            top--;
        }
        return top;
    }

    /** By how much the power of some octaves has changed, in dB. */
    private static double change(List<Double> now, List<Double> then, int from, int to) {
        double a = 0;
        double b = 0;
        for (int i = from; i < to; i++) {
            a += Decibels.toPower(now.get(i));
            b += Decibels.toPower(then.get(i));
        }
        return Decibels.levelOfPower(Math.max(1e-16, a) / Math.max(1e-16, b));
    }

    private static void voice(
            GainCard.Levels card, OptionalDouble level, Optional<VoiceSpectrum> voice, List<Moved> all) {
        if (level.isPresent() && Math.abs(level.getAsDouble() - card.averageDbfs()) >= VOICE_DB) {
            all.add(new Moved(Kind.VOICE_LEVEL, level.getAsDouble() - card.averageDbfs()));
        }
        if (voice.isPresent() && !card.voiceThirdsDb().isEmpty()) {
            double bass = bass(voice.get().levelsDb()) - bass(card.voiceThirdsDb());
            if (Math.abs(bass) >= WORTH_DB) {
                all.add(new Moved(Kind.VOICE_BASS, bass));
            }
        }
    }

    /** Thirds of 100 to 200 Hz against those of 500 Hz to 2 kHz. */
    private static double bass(List<Double> thirds) {
        return mean(thirds, 2, 6) - mean(thirds, 9, 16);
    }

    private static double mean(List<Double> thirds, int from, int to) {
        double sum = 0;
        for (int i = from; i < to; i++) {
            sum += Decibels.toPower(thirds.get(i));
        }
        return Decibels.levelOfPower(Math.max(1e-16, sum / (to - from)));
    }
}
