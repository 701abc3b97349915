package app.redlamp.core.booth;

import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.fault.Faults;
import app.redlamp.core.signal.Convolver;
import app.redlamp.core.signal.MinimumPhase;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.signal.PowerSpectrum;
import app.redlamp.core.signal.SpeechSpectrum;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;

/**
 * Dry speech, made ready for a simulated reader: with the average spectrum of speech ({@link SpeechSpectrum}), an active level
 * (ITU-T P.56) of 1, and peaks as far above it as wanted. It goes round and round.
 */
public final class Tape {
    /** Spectra of so long show thirds and average words (ours). */
    private static final double SECONDS_A_WINDOW = 0.2;

    /** Samples of the filter (ours). */
    private static final int EQUALIZER = 8192;

    /** Voices have next to nothing below; what recordings have there is breath and rumble (common practice, no source). */
    private static final double LOWEST_HZ = 85;

    /** More would lift noise and no voice (ours). */
    private static final double MOST_EQUALIZED_DB = 20;

    /** Speech with smaller peaks is none (ours). */
    private static final double LEAST_CREST_DB = 5;

    /** Peaks and spectrum fit within this (ours). */
    private static final double NEAR_ENOUGH_DB = 0.4;

    /** They move each other so often at most (ours). */
    private static final int ROUNDS = 6;

    /** Below this share of the peak somebody pauses (ours). */
    private static final double QUIET = 0.03;

    /** Shorter gaps lie within words (common practice, no source). */
    private static final double SHORTEST_PAUSE_S = 0.12;

    /** Peaks are bent over so much (ours). */
    private static final double KNEE_DB = 3;

    private final int sampleRateHz;
    private final float[] voiced;
    private final double crestDb;
    private float[] whispered = {};
    private final int[] pauseLeft;

    private Tape(int sampleRateHz, double crestDb, float[] voiced) {
        this.sampleRateHz = sampleRateHz;
        this.crestDb = crestDb;
        this.voiced = voiced;
        pauseLeft = pauses(voiced, sampleRateHz);
    }

    /**
     * @param dry speech without room and noise, at least a second of it
     * @param crestDb from the active level up to the peaks, in dB
     * @throws IllegalArgumentException where there is no speech in it
     */
    public static Tape of(float[] dry, int sampleRateHz, double crestDb) {
        if (dry.length < sampleRateHz) {
            throw new IllegalArgumentException(Faults.say("tape.speech-samples-must", dry.length));
        }
        return new Tape(sampleRateHz, crestDb, shaped(dry, sampleRateHz, crestDb, SpeechSpectrum.VOICED));
    }

    /** Samples a second. */
    public int sampleRateHz() {
        return sampleRateHz;
    }

    /** Samples until it goes round. */
    public int length() {
        return voiced.length;
    }

    /** Its samples for an effort; they are one and the same for all but a whisper. */
    float[] samples(VocalEffort effort) {
        return effort == VocalEffort.WHISPER ? whispered() : voiced;
    }

    /** Made when it is first whispered: few do. */
    private synchronized float[] whispered() {
        if (whispered.length == 0) {
            whispered = shaped(Whisper.of(voiced, sampleRateHz), sampleRateHz, crestDb, SpeechSpectrum.WHISPERED);
        }
        return whispered;
    }

    /** Samples from a place to the next word; 0 within words. */
    int pauseLeft(int at) {
        return pauseLeft[at];
    }

    /** Where the loudest line begins: the last pause before the highest peak, or five seconds before it. */
    int loudestLine() {
        int top = 0;
        for (int n = 0; n < voiced.length; n++) {
            top = Math.abs(voiced[n]) > Math.abs(voiced[top]) ? n : top;
        }
        int from = top;
        while (from > Math.max(0, top - 5 * sampleRateHz) && pauseLeft[from] == 0) {
            from--;
        }
        return from;
    }

    /** Whether a pause has lasted so long at a place. */
    boolean pausedFor(int at, double seconds) {
        int back = (int) (seconds * sampleRateHz);
        int before = pauseLeft[(at - back % pauseLeft.length + pauseLeft.length) % pauseLeft.length];
        return pauseLeft[at] > 0 && before == pauseLeft[at] + back;
    }

    /** Whether a word begins at a place. */
    boolean begins(int at) {
        return pauseLeft[at] == 0 && pauseLeft[at == 0 ? pauseLeft.length - 1 : at - 1] == 1;
    }

    /** The first place from one on that lies in a pause with so much of it left; the place itself where there is none. */
    int nextPause(int from, double secondsLeft) {
        int wanted = (int) (secondsLeft * sampleRateHz);
        for (int n = 0; n < pauseLeft.length; n++) {
            int at = (from + n) % pauseLeft.length;
            if (pauseLeft[at] > 0 && pauseLeft[at] <= wanted) {
                return at;
            }
        }
        return from;
    }

    /** Peaks and spectrum move each other: one after the other, until both fit or peaks can be bent no further. */
    private static float[] shaped(float[] speech, int rate, double crestDb, SpeechSpectrum spectrum) {
        float[] even = levelled(equalized(speech, rate, spectrum), rate);
        Syllables syllables = Syllables.of(even, rate);
        double aim = crestDb;
        float[] shaped = even;
        for (int round = 0; round < ROUNDS; round++) {
            shaped = levelled(equalized(peaked(even, syllables, rate, aim), rate, spectrum), rate);
            double off = crestDb - Syllables.of(shaped, rate).peakDb();
            double next = Math.max(LEAST_CREST_DB, aim + 1.3 * off);
            if (Math.abs(off) < NEAR_ENOUGH_DB || next == aim) {
                break;
            }
            aim = next;
        }
        return shaped;
    }

    private static float[] equalized(float[] dry, int rate, SpeechSpectrum wanted) {
        PowerSpectrum spectrum = new PowerSpectrum(PowerSpectrum.lengthFor(SECONDS_A_WINDOW, rate), rate);
        for (int at = 0; at + spectrum.length() <= dry.length; at += spectrum.length() / 2) {
            spectrum.add(dry, at);
        }
        OctaveBands thirds = OctaveBands.THIRDS;
        double[] powers = thirds.powers(spectrum.bins(), spectrum.binHz());
        double all = Arrays.stream(powers).sum();
        if (!(all > 0)) {
            throw new IllegalArgumentException(Faults.say("syllables.speech-that-is"));
        }
        double[] correction = new double[powers.length];
        for (int b = 0; b < powers.length; b++) {
            double db = wanted.atDb(b) - Decibels.levelOfPower(Math.max(1e-12, powers[b] / all));
            correction[b] = Math.max(-MOST_EQUALIZED_DB, Math.min(MOST_EQUALIZED_DB, db));
        }
        return Convolver.of(
                dry,
                MinimumPhase.of(
                        f -> Decibels.toAmplitude(between(correction, f)) * Math.min(1, Math.pow(f / LOWEST_HZ, 8)),
                        EQUALIZER,
                        rate));
    }

    private static double between(double[] db, double frequencyHz) {
        double place = Decibels.levelOfPower(Math.max(1, frequencyHz) / OctaveBands.THIRDS.centreHz(0));
        int below = (int) Math.max(0, Math.min(db.length - 2, Math.floor(place)));
        double share = Math.max(0, Math.min(1, place - below));
        return db[below] + share * (db[below + 1] - db[below]);
    }

    /** Louder syllables louder still, or softer, and the last peaks bent round. */
    private static float[] peaked(float[] speech, Syllables syllables, int rate, double crestDb) {
        float[] uneven = levelled(syllables.applied(speech, syllables.unevenFor(crestDb)), rate);
        return limited(uneven, crestDb);
    }

    private static float[] limited(float[] speech, double crestDb) {
        float top = (float) Decibels.toAmplitude(crestDb);
        float knee = (float) Decibels.toAmplitude(crestDb - KNEE_DB);
        float[] out = new float[speech.length];
        for (int n = 0; n < out.length; n++) {
            float size = Math.abs(speech[n]);
            out[n] = size <= knee
                    ? speech[n]
                    : Math.copySign(knee + (top - knee) * (float) Math.tanh((size - knee) / (top - knee)), speech[n]);
        }
        return out;
    }

    /** Scaled to an active level of 1. */
    private static float[] levelled(float[] speech, int rate) {
        float up = (float) Decibels.toAmplitude(-Syllables.of(speech, rate).levelDb());
        float[] out = new float[speech.length];
        for (int n = 0; n < out.length; n++) {
            out[n] = speech[n] * up;
        }
        return out;
    }

    private static int[] pauses(float[] speech, int rate) {
        Syllables syllables = Syllables.of(speech, rate);
        int group = rate / 1000;
        int shortest = (int) (SHORTEST_PAUSE_S * rate);
        int[] left = new int[speech.length];
        int end = speech.length;
        while (end > 0) {
            int from = end;
            while (from > 0 && syllables.envelope((from - 1) / group) < QUIET) {
                from--;
            }
            if (end - from >= shortest) {
                for (int n = from; n < end; n++) {
                    left[n] = end - n;
                }
            }
            end = from - 1;
        }
        return left;
    }
}
