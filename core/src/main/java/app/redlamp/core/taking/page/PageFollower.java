package app.redlamp.core.taking.page;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.measure.voice.SyllableCounter;
import app.redlamp.core.measure.voice.SyllablePace;

/**
 * Knows where on the page the reader is: each syllable that is heard goes on by one, and a pause near the end of a sentence is that end.
 * It stands still while nobody speaks. Beyond the end of a sentence it goes only after a pause, or after clearly more syllables than the
 * sentence has. How near is near is ours.
 */
public final class PageFollower {
    /** Levels of a mean (ours). */
    private static final int SMOOTH = 7;

    /** So long it has to be quiet for the end of a sentence (ours). */
    private static final int PAUSE_FRAMES = 30;

    /** A pause this far from the end of a sentence is its end, as a share of its syllables (ours). */
    private static final double NEAR_SHARE = 0.35;

    /** Or so many syllables (ours). */
    private static final double NEAR = 4;

    /** What is learnt at the end of a sentence about how many syllables of this voice are heard (ours). */
    private static final double LEARNS = 0.3;

    /** No voice gives more or fewer syllables of the text for each that is heard (ours). */
    private static final double LEAST_WEIGHT = 0.75;

    /** The most (ours). */
    private static final double MOST_WEIGHT = 1.6;

    /** Nobody reads a sentence with more syllables than this, times what was counted in the text (ours). */
    private static final double RUN_ON = 1.4;

    /** Voice is so much over the noise (ours). */
    private static final double OVER_NOISE_DB = 12;

    /** The level of the voice follows within about three seconds of speech (ours). */
    private static final double FOLLOW = 1 / 300.0;

    private final int[] syllables;
    private final double[] recent = new double[SMOOTH];
    private final SyllableCounter counter = new SyllableCounter();
    private int recentCount;
    private int line;
    /** Syllables of the text that were read of the line. */
    private double heard;
    /** Syllables of the text for each that is heard: smooth voices have fewer crests. */
    private double weight = 1;

    private int quiet;
    private boolean spoke;
    /** Whether the line was begun without a pause before it. */
    private boolean ranOn;

    private double voiceDb = Double.NaN;
    private long spokenFrames;
    private long counted;

    /** @param page the page that is read; a page without lines has one place */
    public PageFollower(PageText page) {
        syllables = page.lines().stream().mapToInt(PageText.Line::syllables).toArray();
    }

    /** Number of the line that is read, from 0; that after the last where the page is read through. */
    public int line() {
        return line;
    }

    /** How much of the line is read, 0 to 1. */
    public double share() {
        return line >= syllables.length ? 0 : Math.min(1, heard / syllables[line]);
    }

    /** Whether the page is read through. */
    public boolean through() {
        return line >= syllables.length;
    }

    /** Whether the reader pauses. */
    public boolean pausing() {
        return quiet >= PAUSE_FRAMES;
    }

    /** Syllables a second while somebody speaks; 0 until some were heard. */
    public double syllablesPerSecond() {
        return spokenFrames == 0 ? 0 : counted * 100.0 / spokenFrames;
    }

    /**
     * Goes to a line: by key, or because it is read again.
     *
     * @throws IllegalArgumentException for a line that is not there
     */
    public void go(int to) {
        if (!(to >= 0 && to <= syllables.length)) {
            throw new IllegalArgumentException(Faults.say("page-follower.no-line", to, syllables.length));
        }
        line = to;
        heard = 0;
        spoke = false;
        ranOn = false;
    }

    /**
     * The next 10 ms.
     *
     * @param levelDbfs of the sound, RMS
     * @param voicedDbfs the same without rumble and hiss
     * @param noiseDbfs of the room, RMS
     */
    public void frame(double levelDbfs, double voicedDbfs, double noiseDbfs) {
        recent[recentCount++ % SMOOTH] = voicedDbfs;
        double smooth = 0;
        int count = Math.min(recentCount, SMOOTH);
        for (int i = 0; i < count; i++) {
            smooth += recent[i] / count;
        }
        boolean speaks = levelDbfs > noiseDbfs + OVER_NOISE_DB;
        if (speaks) {
            voiceDb = Double.isNaN(voiceDb) ? voicedDbfs : voiceDb + FOLLOW * (voicedDbfs - voiceDb);
            quiet = 0;
            spokenFrames++;
        } else {
            quiet++;
        }
        double lowest = Double.isNaN(voiceDb)
                ? noiseDbfs + OVER_NOISE_DB
                : Math.max(noiseDbfs + OVER_NOISE_DB, voiceDb - SyllablePace.LOWEST_BELOW_VOICE_DB);
        if (counter.next(smooth, lowest)) {
            counted++;
            spoke = true;
            hear();
        }
        if (quiet == PAUSE_FRAMES && spoke) {
            rest();
        }
    }

    private void hear() {
        if (through()) {
            return;
        }
        heard += weight;
        if (heard > Math.max(syllables[line] + NEAR, syllables[line] * RUN_ON)) {
            // Read on without a pause: what was counted too much belongs to the next line.
            heard -= syllables[line];
            line++;
            ranOn = true;
        }
    }

    /** A pause: near the end of a line it is that end, and soon after its beginning still the end of the one before. */
    private void rest() {
        spoke = false;
        if (through()) {
            return;
        }
        double near = Math.max(NEAR, NEAR_SHARE * syllables[line]);
        if (ranOn && heard <= near && heard < syllables[line] - near) {
            // Only now it ends: too much was counted of it.
            heard = 0;
            ranOn = false;
            return;
        }
        if (syllables[line] - heard <= Math.min(near, syllables[line] - 1.0)) {
            double told = syllables[line] / heard * weight;
            weight = Math.max(LEAST_WEIGHT, Math.min(MOST_WEIGHT, weight + LEARNS * (told - weight)));
            line++;
            heard = 0;
            ranOn = false;
        }
    }
}
