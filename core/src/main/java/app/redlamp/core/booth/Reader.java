package app.redlamp.core.booth;

import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.Voice;
import app.redlamp.core.chain.Volts;
import app.redlamp.core.chain.placement.Breath;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;

/** Whoever speaks at one stand: gives what leaves the mouth, in pascals at 1 m, and what meets the capsule by other ways. */
final class Reader {
    /** Puff of a P at the lips, as the level that its peak would have as a sine (an estimate, no source). */
    private static final double PUFF_DB = 101;

    /** No step is heard between two cues (ours). */
    private static final double FADE_S = 0.02;

    private final int index;
    private final Tape tape;
    private final int sampleRateHz;
    private final SplittableRandom random;
    private final Foley foley;
    private final Map<BoothEvent.Kind, Double> dueS = new EnumMap<>(BoothEvent.Kind.class);
    private final List<Sounding> sounding = new ArrayList<>();
    private final List<BoothEvent> events = new ArrayList<>();
    private Stand stand;
    private Cue cue = Cue.STILL;
    private VocalEffort effort = VocalEffort.NORMAL;
    private int at;
    private double gain;

    /** A sound under way. */
    private static final class Sounding {
        final float[] samples;
        final boolean fromMouth;
        final double size;
        int at;

        Sounding(float[] samples, boolean fromMouth, double size, int at) {
            this.samples = samples;
            this.fromMouth = fromMouth;
            this.size = size;
            this.at = at;
        }
    }

    Reader(int index, Stand stand, Tape tape, SplittableRandom random) {
        this.index = index;
        this.stand = stand;
        this.tape = tape;
        sampleRateHz = tape.sampleRateHz();
        this.random = random;
        foley = new Foley(sampleRateHz, random.split());
        at = tape.nextPause(random.nextInt(tape.length()), 0.1);
    }

    void set(Stand now) {
        stand = now;
    }

    List<BoothEvent> events() {
        return List.copyOf(events);
    }

    /** What is done from the next block on; a word that was begun is not finished. */
    void cue(Cue next, VocalEffort how) {
        if (next != cue || how != effort) {
            if (next == Cue.LOUDEST || next == Cue.EXCITED) {
                at = tape.loudestLine();
            } else if (next == Cue.READ) {
                at = tape.nextPause(at, 0.1);
            }
            cue = next;
            effort = how;
            dueS.clear();
        }
    }

    /**
     * Adds the next block.
     *
     * @param seconds when it begins
     */
    void add(double seconds, float[] mouth, float[] capsule, int count) {
        if (cue != Cue.STILL) {
            begin(seconds, count);
        }
        double wanted = cue == Cue.STILL ? 0 : pascals(effort.atOneMetreDb() + cue.moreDb());
        double step = 1 - Math.exp(-1 / (FADE_S * sampleRateHz));
        float[] speech = tape.samples(effort);
        for (int n = 0; n < count; n++) {
            gain += step * (wanted - gain);
            mouth[n] += (float) (gain * speech[at]);
            at++;
            if (at == speech.length) {
                at = 0;
            }
        }
        sound(mouth, capsule, count);
    }

    private void sound(float[] mouth, float[] capsule, int count) {
        for (Sounding s : sounding) {
            float[] into = s.fromMouth ? mouth : capsule;
            int from = Math.max(0, -s.at);
            for (int n = from; n < count && s.at + n < s.samples.length; n++) {
                into[n] += (float) (s.size * s.samples[s.at + n]);
            }
            s.at += count;
        }
        sounding.removeIf(s -> s.at >= s.samples.length);
    }

    private void begin(double seconds, int count) {
        for (BoothEvent.Kind kind : BoothEvent.Kind.values()) {
            double often = stand.habits().of(kind);
            if (often > 0) {
                double due = dueS.computeIfAbsent(kind, k -> seconds + waiting(often));
                int offset = due <= seconds ? place(kind, count) : -1;
                if (offset >= 0) {
                    begin(kind, seconds + (double) offset / sampleRateHz, offset);
                    dueS.put(kind, seconds + waiting(often));
                }
            }
        }
    }

    private double waiting(double often) {
        return -Math.log(1 - random.nextDouble()) * 60 / often;
    }

    /** Where in the next block it may come; −1 for not in it. */
    private int place(BoothEvent.Kind kind, int count) {
        if (kind.spoken()) {
            for (int n = 0; n < count; n++) {
                if (tape.begins((at + n) % tape.length())) {
                    return n;
                }
            }
            return -1;
        }
        if (kind.paused()) {
            double left = (double) tape.pauseLeft(at) / sampleRateHz;
            boolean breath = kind == BoothEvent.Kind.BREATH;
            boolean after = tape.pausedFor(at, 0.1);
            return after && left >= (breath ? 0.3 : 0.05) ? 0 : -1;
        }
        return random.nextInt(count);
    }

    private void begin(BoothEvent.Kind kind, double atS, int offset) {
        float[] samples = foley.make(kind);
        sounding.add(new Sounding(samples, mouth(kind), size(kind), -offset));
        events.add(new BoothEvent(kind, index, atS, atS + (double) samples.length / sampleRateHz));
    }

    private static boolean mouth(BoothEvent.Kind kind) {
        return switch (kind) {
            case SIBILANT, BREATH, CLICK -> true;
            case PLOSIVE, CREAK, RUSTLE, PAGE -> false;
        };
    }

    /** Peaks, in pascals at 1 m or at the capsule (estimates, no source). */
    private double size(BoothEvent.Kind kind) {
        Voice voice = stand.chain().voice();
        double mouth = effort.atOneMetreDb();
        double louder = mouth - VocalEffort.NORMAL.atOneMetreDb();
        return pascals(Volts.SINE_CREST_DB
                + switch (kind) {
                    case PLOSIVE -> PUFF_DB + louder + Breath.db(stand.chain().position(), stand.popFilterM());
                    case SIBILANT -> mouth + voice.crestDb() - 2;
                    case BREATH -> mouth - 12;
                    case CLICK -> mouth + 3;
                    case CREAK -> 52;
                    case RUSTLE -> 46;
                    case PAGE -> 58;
                });
    }

    private static double pascals(double db) {
        return Decibels.toAmplitude(db - Volts.PASCAL_DB);
    }
}
