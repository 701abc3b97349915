package app.redlamp.core.taking.live;

import app.redlamp.core.setting.card.GainCard;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Watches what is heard for the reader, who watches the page. Level and room are held against the gain card; without one, the room against
 * the first quiet that was heard, and the level against nothing.
 */
public final class TakeWatch {
    /** The voice may move by so much (common practice, no source). */
    public static final double DRIFT_DB = 2;

    /** And has to come back by so much more before it is well again (ours). */
    private static final double BACK_DB = 0.5;

    /** A room that is so much louder came up (ours). */
    private static final double ROOM_DB = 6;

    /** Frames of speech of which a level is told: eight seconds (ours). */
    private static final int SPEECH = 800;

    /** And four at least (ours). */
    private static final int LEAST_SPEECH = 400;

    /** Frames in which the quietest tell the room: three seconds (ours). */
    private static final int AROUND = 300;

    /** Frames of quiet of which the room is told (ours). */
    private static final int QUIET = 20;

    /** Voice is so much over the noise (ours). */
    private static final double OVER_NOISE_DB = 15;

    /** A burst below 70 Hz is as loud as the voice less this (ours). */
    private static final double BURST_BELOW_DB = 4;

    /** Frames that a burst lasts at most (ours). */
    private static final int LONGEST_BURST = 25;

    /** Frames for which it is shown: two seconds (ours). */
    private static final int SHOWN = 200;

    /** A break is due after so many minutes (common practice, no source). */
    private static final double BREAK_MIN = 45;

    /** A room of which nothing is known yet (ours). */
    private static final double USUAL_DBFS = -60;

    private final OptionalDouble wantedDb;
    private final float[] speech = new float[SPEECH];
    private final float[] around = new float[AROUND];
    private final float[] sorted = new float[AROUND];
    private final Map<TakeTrouble, Double> now = new EnumMap<>(TakeTrouble.class);
    private OptionalDouble floorDb;
    private int spoken;
    private int frames;
    private int burst;
    private int shown;
    private double levelDb = Double.NaN;

    /** One trouble, with its figure; 0 for none. */
    public record Told(TakeTrouble what, double figure) {}

    /** @param card how it was when the gain was right; absent for none */
    public TakeWatch(Optional<GainCard> card) {
        this(
                card.map(c -> OptionalDouble.of(c.levels().averageDbfs())).orElse(OptionalDouble.empty()),
                card.map(c -> OptionalDouble.of(c.levels().floorDbfs())).orElse(OptionalDouble.empty()));
    }

    /**
     * Against figures.
     *
     * @param voiceDbfs level of the voice, RMS while somebody speaks; absent for not known
     * @param floorDbfs level of the room, RMS; absent for not known
     */
    TakeWatch(OptionalDouble voiceDbfs, OptionalDouble floorDbfs) {
        wantedDb = voiceDbfs;
        floorDb = floorDbfs;
    }

    /** The next 10 ms. */
    public void frame(EarFrames.Frame frame) {
        around[frames % AROUND] = (float) frame.levelDbfs();
        frames++;
        if (frames % QUIET == 0 && frames >= AROUND) {
            room();
        }
        boolean voice = frame.levelDbfs() > noiseDbfs() + OVER_NOISE_DB;
        if (voice) {
            speech[spoken % SPEECH] = (float) frame.levelDbfs();
            spoken++;
            if (spoken % QUIET == 0) {
                level();
            }
        }
        burst(frame);
        if (frame.peak() >= EarFrames.FULL) {
            now.put(TakeTrouble.CLIPPED, 0.0);
        }
    }

    /** Level of the room as it is known, in dBFS RMS: that of the gain card, or of the first quiet; a usual one before that. */
    public double noiseDbfs() {
        return floorDb.orElse(USUAL_DBFS);
    }

    /** Level of the voice in the last seconds, in dBFS RMS; absent until there was enough of it. */
    public OptionalDouble voiceDbfs() {
        return Double.isNaN(levelDb) ? OptionalDouble.empty() : OptionalDouble.of(levelDb);
    }

    private void room() {
        System.arraycopy(around, 0, sorted, 0, AROUND);
        Arrays.sort(sorted);
        double sum = 0;
        for (int i = 0; i < QUIET; i++) {
            sum += Decibels.toPower(sorted[i]);
        }
        double quietDb = Decibels.levelOfPower(sum / QUIET);
        // The softest twentieth of what is heard, while somebody speaks: the mean lies some 2 dB over it.
        if (floorDb.isEmpty()) {
            floorDb = OptionalDouble.of(quietDb);
        }
        double over = quietDb - floorDb.getAsDouble();
        boolean pause = sorted[AROUND - 1] - quietDb > OVER_NOISE_DB || over < 2 * ROOM_DB;
        if (over > ROOM_DB && pause) {
            now.put(TakeTrouble.ROOM, over);
        } else if (over < ROOM_DB - DRIFT_DB) {
            now.remove(TakeTrouble.ROOM);
        }
    }

    private void level() {
        if (spoken < LEAST_SPEECH) {
            return;
        }
        int count = Math.min(SPEECH, spoken);
        double sum = 0;
        for (int i = 0; i < count; i++) {
            sum += Decibels.toPower(speech[i]);
        }
        levelDb = Decibels.levelOfPower(sum / count);
        if (wantedDb.isPresent()) {
            double off = levelDb - wantedDb.getAsDouble();
            drift(TakeTrouble.LOUD, off);
            drift(TakeTrouble.QUIET, -off);
        }
    }

    private void drift(TakeTrouble what, double off) {
        if (off > DRIFT_DB) {
            now.put(what, off);
        } else if (off < DRIFT_DB - BACK_DB) {
            now.remove(what);
        }
    }

    private void burst(EarFrames.Frame frame) {
        boolean loud = !Double.isNaN(levelDb)
                && frame.breathDbfs() > levelDb - BURST_BELOW_DB
                && frame.breathDbfs() > frame.voicedDbfs();
        burst = loud ? burst + 1 : 0;
        if (burst > 0 && burst <= LONGEST_BURST) {
            now.put(TakeTrouble.PLOSIVE, 0.0);
            shown = SHOWN;
        } else if (shown > 0) {
            shown--;
            if (shown == 0) {
                now.remove(TakeTrouble.PLOSIVE);
            }
        }
    }

    /** Something that is not heard: the machine, the channels. */
    public void tell(TakeTrouble what, boolean is) {
        if (is) {
            now.put(what, 0.0);
        } else {
            now.remove(what);
        }
    }

    /** How long it is since the last break. */
    public void sinceBreak(double minutes) {
        if (minutes >= BREAK_MIN) {
            now.put(TakeTrouble.BREAK, minutes);
        } else {
            now.remove(TakeTrouble.BREAK);
        }
    }

    /** Minutes until a break is due, 0 where it is. */
    public static double toBreakMin(double sinceMin) {
        return Math.max(0, BREAK_MIN - sinceMin);
    }

    /** The reader has seen that it clipped. */
    public void seen() {
        now.remove(TakeTrouble.CLIPPED);
    }

    /** The gravest; absent where all is well. */
    public Optional<Told> gravest() {
        return now.entrySet().stream().findFirst().map(e -> new Told(e.getKey(), e.getValue()));
    }
}
