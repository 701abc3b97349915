package app.redlamp.core.booth;

import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.chain.Volts;
import app.redlamp.core.signal.Convolver;
import app.redlamp.core.signal.MinimumPhase;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.SplittableRandom;

/** The noise of a room as one microphone hears it, in pascals: coloured noise and hums, cutting in and out. */
final class RoomSound {
    /** Samples of the filter that colours noise (ours). */
    private static final int LENGTH = 8192;

    /** An octave in natural logarithms (by definition). */
    private static final double OCTAVE = 2 * Math.log(OctaveBands.HALF_OCTAVE);

    /** Upper edge of the highest octave (by definition). */
    private static final double HIGHEST_EDGE_HZ = OctaveLevels.highHz(OctaveLevels.COUNT - 1);

    /** Beyond its octaves a noise falls by 36 dB an octave (ours). */
    private static final double STEEP = 12;

    private final Scene scene;
    private final WeekTime from;
    private final int sampleRateHz;
    private final SplittableRandom random;
    private final List<HumGenerator> hums;
    private final float[] white;
    private final Convolver colour;
    private BitSet heard = new BitSet();
    private double gain;

    RoomSound(Booth booth, double directivity, int block, SplittableRandom random) {
        scene = booth.scene();
        from = booth.from();
        sampleRateHz = booth.sampleRateHz();
        this.random = random;
        double base = booth.mains().baseHz();
        hums = scene.sources().stream()
                .map(s -> new HumGenerator(base, s.levels().plus(share(s.tonal())), sampleRateHz))
                .toList();
        white = new float[block];
        heard = on(0);
        colour = new Convolver(block, response(heard));
        hearing(directivity);
    }

    /** Another pattern lets in another share. */
    void hearing(double directivity) {
        gain = Decibels.toAmplitude(-Volts.PASCAL_DB) / Math.sqrt(directivity);
    }

    /** What rushes in the block that was made last, even: {@link #colour} makes of it what is heard. */
    float[] white() {
        return white;
    }

    /** Makes the next block of what rushes. */
    void rush(double seconds) {
        BitSet now = on(seconds);
        if (!now.equals(heard)) {
            heard = now;
            colour.set(response(now));
        }
        for (int n = 0; n < white.length; n++) {
            white[n] = (float) (gain * random.nextGaussian());
        }
    }

    /** What the room makes of an even rush. */
    Convolver colour() {
        return colour;
    }

    /** Adds what hums in that block. */
    void hum(float[] out) {
        for (int i = heard.nextSetBit(0); i >= 0; i = heard.nextSetBit(i + 1)) {
            if (scene.sources().get(i).tonal() > 0) {
                hums.get(i).add(out, out.length, gain);
            }
        }
    }

    private BitSet on(double seconds) {
        WeekTime now = from.plus(seconds);
        BitSet on = new BitSet();
        for (int i = 0; i < scene.sources().size(); i++) {
            RoomSource source = scene.sources().get(i);
            on.set(i, source.on(now) && source.cycle().on(seconds));
        }
        return on;
    }

    private static double share(double part) {
        return Decibels.levelOfPower(Math.max(1e-12, part));
    }

    private float[] response(BitSet now) {
        OctaveLevels all = OctaveLevels.silence();
        for (int i = now.nextSetBit(0); i >= 0; i = now.nextSetBit(i + 1)) {
            RoomSource source = scene.sources().get(i);
            all = all.and(rushing(source));
        }
        double[] powers = new double[OctaveLevels.COUNT];
        OctaveLevels levels = all;
        Arrays.setAll(powers, b -> Decibels.toPower(levels.at(b)));
        return MinimumPhase.of(f -> Math.sqrt(density(powers, f) * sampleRateHz / 2), LENGTH, sampleRateHz);
    }

    /** What of a source is no hum: all of what lies above its harmonics. */
    private static OctaveLevels rushing(RoomSource source) {
        return OctaveLevels.each(b -> OctaveLevels.highHz(b) > HumGenerator.HIGHEST_HZ
                ? source.levels().at(b)
                : source.levels().at(b) + share(1 - source.tonal()));
    }

    /** Power a hertz: each octave has its level, and within it each third as much as the others; beyond them it falls. */
    private static double density(double[] powers, double hz) {
        int band = OctaveLevels.bandOf(hz);
        if (band != OctaveLevels.NO_BAND) {
            return powers[band] / (hz * OCTAVE);
        }
        double edge = hz < OctaveLevels.lowHz(0) ? OctaveLevels.lowHz(0) : HIGHEST_EDGE_HZ;
        int nearest = hz < edge ? 0 : powers.length - 1;
        double away = hz < edge ? hz / edge : edge / hz;
        return powers[nearest] / (edge * OCTAVE) * Math.pow(away, STEEP);
    }
}
