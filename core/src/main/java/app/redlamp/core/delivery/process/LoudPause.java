package app.redlamp.core.delivery.process;

import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.SourceStep;
import app.redlamp.core.units.Decibels;
import java.io.IOException;
import java.util.Comparator;
import java.util.Optional;

/**
 * A pause of a recording to be heard by somebody who asks what is in it: over and over for some seconds, rising slowly from as it is
 * to 24 dB louder, and never so loud that it could hurt. Common practice, no source, for listening to silence turned up.
 */
public final class LoudPause extends SourceStep {
    /** So much louder in the end (ours). */
    private static final double LOUDER_DB = 24;

    /** But no sample beyond this: what is quiet is turned up, and what is not stays where ears are safe (ours). */
    private static final double CEILING_DBFS = -20;

    /** It rises for so long (ours). */
    private static final double RISE_S = 3;

    /** And lasts for so long in all (ours). */
    private static final double LASTS_S = 9;

    /** From the end to the beginning it goes over within these (ours). */
    private static final double OVER_S = 0.03;

    /** A longer pause tells no more (ours). */
    private static final double LONGEST_S = 5;

    /** A shorter one is none to listen to (ours). */
    private static final double SHORTEST_S = 0.4;

    private final double fromS;
    private final double toS;
    private float[][] pause;
    private int length;
    private int over;
    private double startDb;
    private double gainDb;
    private long at;

    /** @param source read from its beginning; closed with this */
    public LoudPause(AudioSource source, Pauses.Stretch stretch) {
        super(source);
        fromS = stretch.startS();
        toS = stretch.endS();
    }

    /** What to listen to: the loudest pause that lasts for 0.4 s, five seconds of it at most; absent without one. */
    public static Optional<Pauses.Stretch> of(Pauses pauses) {
        return pauses.stretches().stream()
                .filter(s -> s.lengthS() >= SHORTEST_S)
                .max(Comparator.comparingDouble(Pauses.Stretch::levelDbfs))
                .map(s -> new Pauses.Stretch(s.startS(), Math.min(s.endS(), s.startS() + LONGEST_S), s.levelDbfs()));
    }

    @Override
    public long expectedFrames() {
        return Math.round(LASTS_S * sampleRateHz());
    }

    @Override
    public int read(float[][] block, int frames) throws IOException {
        if (pause == null) {
            load();
        }
        int count = length == 0 ? 0 : (int) Math.min(frames, expectedFrames() - at);
        for (int i = 0; i < count; i++) {
            double seconds = (double) at / sampleRateHz();
            float gain = (float) Decibels.toAmplitude(startDb + (gainDb - startDb) * Math.min(1, seconds / RISE_S));
            int place = (int) (at % (length - over));
            for (int c = 0; c < pause.length; c++) {
                block[c][i] = safe(gain * sample(pause[c], place, at >= length - over));
            }
            at++;
        }
        return count;
    }

    /** Where two ends meet they may add up. */
    private static float safe(float sample) {
        float most = (float) Decibels.toAmplitude(CEILING_DBFS);
        return Math.max(-most, Math.min(most, sample));
    }

    /** At the beginning of each round but the first the end of the one before still fades. */
    private float sample(float[] samples, int place, boolean again) {
        if (!again || place >= over) {
            return samples[place];
        }
        double in = Math.sin(Math.PI / 2 * place / over);
        double out = Math.cos(Math.PI / 2 * place / over);
        return (float) (in * samples[place] + out * samples[length - over + place]);
    }

    private void load() throws IOException {
        source.skip(Math.round(fromS * sampleRateHz()));
        int wanted = (int) Math.round((toS - fromS) * sampleRateHz());
        pause = new float[channels()][wanted];
        float[][] block = new float[channels()][4096];
        double peak = 0;
        int count = wanted;
        while (length < wanted && count > 0) {
            count = source.read(block, Math.min(wanted - length, 4096));
            for (int c = 0; c < pause.length; c++) {
                for (int i = 0; i < count; i++) {
                    pause[c][length + i] = block[c][i];
                    peak = Math.max(peak, Math.abs(block[c][i]));
                }
            }
            length += count;
        }
        over = (int) Math.min(length / 2.0, OVER_S * sampleRateHz());
        gainDb = Math.min(LOUDER_DB, CEILING_DBFS - Decibels.levelOfAmplitude(Math.max(1e-9, peak)));
        startDb = Math.min(0, gainDb);
    }
}
