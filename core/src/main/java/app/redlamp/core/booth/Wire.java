package app.redlamp.core.booth;

import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.chain.Capsule;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.Noise;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Source;
import app.redlamp.core.chain.Volts;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;
import java.util.Map;
import java.util.SplittableRandom;

/**
 * From the pressure at a capsule to samples: the capsule's distortion, its own noise, hum in the lead, the noise and the ceilings
 * of booster, preamp and converter, whole steps, and the slider of the system, which makes them anew. Levels are those of
 * {@link SignalPath}.
 */
final class Wire {
    /** A cubic curve makes 1 % of third harmonic where its cubic part has so much of the linear one: a A²/4 = 1 % (by definition). */
    private static final double ONE_PERCENT = 0.04;

    /** Without 48 V a condenser gives next to nothing (an estimate, no source). */
    private static final double DEAD_DB = -70;

    /** A knob that is turned moves so fast (ours). */
    private static final double RAMP_S = 0.01;

    private final int sampleRateHz;
    private final HumGenerator hum;
    private final Hiss hiss;
    private final float[] humming;
    private Chain chain;
    private double scale;
    private double scaleNow;
    private double cubic;
    private double top;
    private double noise;
    private double humGain;
    private double boosted;
    private double step;
    /** A power of two, so that multiplying with it is as exact as dividing by the step. */
    private double stepsInOne;

    private double slider;

    Wire(Stand stand, Mains mains, int sampleRateHz, int block, SplittableRandom random) {
        this.sampleRateHz = sampleRateHz;
        hum = new HumGenerator(mains.baseHz(), Timbre.HUM.at(0), sampleRateHz);
        humming = new float[block];
        // What is analogue ends at 20 kHz: thermal noise is counted up to there.
        hiss = new Hiss(sampleRateHz, random);
        set(stand);
        scaleNow = scale;
    }

    /** Knobs were moved. */
    void set(Stand stand) {
        chain = stand.chain();
        SignalPath path = SignalPath.of(chain);
        Node converter = path.node(Node.Stage.CONVERTER).orElseThrow();
        double shift = converter.averageDb()
                - path.node(Node.Stage.CAPSULE).orElseThrow().averageDb();
        double alive = stand.powered() ? 0 : DEAD_DB;
        scale = amplitude(Volts.PASCAL_DB + shift + alive);
        Capsule capsule = chain.capsule();
        double overload = amplitude(capsule.maxSplDb() + Volts.SINE_CREST_DB - Volts.PASCAL_DB);
        cubic = ONE_PERCENT / (overload * overload);
        top = 1 / Math.sqrt(3 * cubic);
        Map<Source, Noise> noises = converter.noises();
        noise = 0;
        for (Source source : new Source[] {Source.MICROPHONE, Source.BOOSTER, Source.PREAMP}) {
            double level = noises.getOrDefault(source, Noise.NONE).flatDb();
            noise += power(level + (source == Source.MICROPHONE ? alive : 0));
        }
        noise += power(-chain.converter().dynamicRangeDbA() - Volts.SINE_CREST_DB - Noise.whiteWeightDb());
        noise = Math.sqrt(noise);
        humGain = Math.sqrt(power(noises.getOrDefault(Source.LEAD, Noise.NONE).flatDb()) / hum.highPassed());
        boosted = chain.booster()
                .map(b -> amplitude(
                        b.maxOutputDbu() + chain.gainDb() - chain.preamp().fullScaleDbu()))
                .orElse(Double.MAX_VALUE);
        step = Math.pow(2, 1 - chain.converter().bits());
        stepsInOne = 1 / step;
        slider = amplitude(stand.sliderDb());
    }

    /** Turns a block of pressure in pascals into samples. */
    void convert(float[] capsule, float[] out, int count) {
        Arrays.fill(humming, 0);
        if (humGain > 1e-9) {
            hum.add(humming, count, humGain);
        }
        double follow = 1 - Math.exp(-1 / (RAMP_S * sampleRateHz));
        for (int n = 0; n < count; n++) {
            scaleNow += follow * (scale - scaleNow);
            double volts = scaleNow * distorted(capsule[n]) + humming[n];
            double lifted = Math.max(-boosted, Math.min(boosted, volts)) + noise * hiss.next();
            double converted = stepped(lifted);
            out[n] = (float) (slider == 1 ? converted : stepped(converted * slider));
        }
    }

    private double stepped(double value) {
        return Math.max(-1, Math.min(1 - step, Math.rint(value * stepsInOne) * step));
    }

    /** x − a x³, level beyond its crest. */
    private double distorted(double x) {
        double inside = Math.max(-top, Math.min(top, x));
        return inside - cubic * inside * inside * inside;
    }

    private static double amplitude(double db) {
        return Decibels.toAmplitude(db);
    }

    private static double power(double db) {
        return Decibels.toPower(db);
    }
}
