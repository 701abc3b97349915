package app.redlamp.core.booth;

import app.redlamp.core.acoustics.room.Air;
import app.redlamp.core.acoustics.room.DirectSound;
import app.redlamp.core.acoustics.room.Mouth;
import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.acoustics.room.Reflection;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.chain.Capsule;
import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.placement.Bleed;
import app.redlamp.core.chain.placement.OffAxis;
import app.redlamp.core.signal.Fourier;
import app.redlamp.core.signal.MinimumPhase;
import app.redlamp.core.units.Decibels;
import java.util.SplittableRandom;

/**
 * What a microphone hears of a click at a mouth, the click as loud as 1 at 1 m in front: first what comes straight, then the
 * first reflections by image sources, then a tail of noise that falls as the room does. Reflections and tail together have the
 * power that statistical acoustics gives the room's reverberation.
 */
final class VoiceResponse {
    /** Samples of the response straight from the mouth (ours). */
    private static final int STRAIGHT = 4096;

    /** Samples of one reflection's response (ours). */
    private static final int ECHO = 256;

    /** Longest tail that is made (ours). */
    private static final double LONGEST_S = 1.2;

    /** Lowest frequency that is heard (by definition). */
    private static final double LOWEST_HZ = 20;

    /** The tail begins behind the first reflections (ours). */
    private static final double TAIL_FROM_S = 0.003;

    /** The fall of a decay time (by definition). */
    private static final double DECAY = Decibels.toNepers(60);

    /** From a centre to its edges (by definition). */
    private static final double HALF_OCTAVE = Math.sqrt(2);

    /** Highest frequency that is heard (by definition). */
    private static final double HIGHEST_HZ = 20_000;

    private final Scene scene;
    private final int sampleRateHz;
    private final SplittableRandom random;

    /** @param random the tail's grain */
    VoiceResponse(Scene scene, int sampleRateHz, SplittableRandom random) {
        this.scene = scene;
        this.sampleRateHz = sampleRateHz;
        this.random = random;
    }

    /** One's own voice. */
    float[] own(Capsule capsule, Position position, double diaphragmM) {
        double distance = Decibels.toAmplitude(position.distanceDb());
        return whole(
                f -> distance
                        * capsule.gain(position.angleDeg(), position.distanceM(), Math.max(LOWEST_HZ, f))
                        * Decibels.toAmplitude(OffAxis.db(diaphragmM, position.angleDeg(), f)),
                0,
                capsule.pattern(),
                true);
    }

    /** A neighbour's voice: straight and by way of the room, as {@link Bleed} tells it. */
    float[] neighbour(Stand own, Bleed.Seats seats, double apartM) {
        Bleed bleed = Bleed.of(own.chain(), seats, apartM);
        Position position = own.chain().position();
        Pattern pattern = own.chain().capsule().pattern();
        double mine = position.distanceDb() + position.offAxisDb(pattern);
        double straight = Decibels.toAmplitude(bleed.directDb() + mine);
        double later = (bleed.ratio() - 1) * position.distanceM() / Air.USUAL.speedMps();
        return whole(f -> straight, Math.max(0, later), pattern, false);
    }

    private float[] whole(java.util.function.DoubleUnaryOperator gain, double laterS, Pattern pattern, boolean echoes) {
        double longest = Math.min(LONGEST_S, Math.max(0.1, scene.decayS().highest()));
        int length = (int) (longest * sampleRateHz) + STRAIGHT;
        float[] all = new float[length];
        add(all, MinimumPhase.of(gain, STRAIGHT, sampleRateHz), laterS);
        double[] left = new double[SixBands.COUNT];
        for (int b = 0; b < left.length; b++) {
            double critical = DirectSound.criticalM(
                    Mouth.directivity() * pattern.directivity(),
                    scene.volumeM3(),
                    scene.decayS().at(b));
            left[b] = 1 / (critical * critical);
        }
        if (echoes) {
            echoes(all, left);
        }
        tail(all, left);
        return all;
    }

    /** The echoes are told against the voice at the drawn distance; what they have of the room's power is taken off. */
    private void echoes(float[] all, double[] left) {
        for (Reflection echo : scene.echoes()) {
            SixBands levels = echo.levelsDb().map(db -> db - Decibels.levelOfAmplitude(scene.drawnM()));
            double[] power = new double[left.length];
            boolean fits = true;
            for (int b = 0; b < left.length; b++) {
                power[b] = Decibels.toPower(levels.at(b));
                fits &= power[b] < left[b];
            }
            if (fits) {
                add(
                        all,
                        MinimumPhase.of(f -> Decibels.toAmplitude(levels.between(f)), ECHO, sampleRateHz),
                        echo.delayMs() / 1000);
                for (int b = 0; b < left.length; b++) {
                    left[b] -= power[b];
                }
            }
        }
    }

    /** Noise, octave by octave, each falling in its own time. */
    private void tail(float[] all, double[] powers) {
        int size = Integer.highestOneBit(all.length - 1) * 2;
        Fourier transform = new Fourier(size);
        float[] white = new float[size];
        for (int n = 0; n < all.length; n++) {
            white[n] = (float) random.nextGaussian();
        }
        transform.forward(white);
        int from = (int) (TAIL_FROM_S * sampleRateHz);
        for (int b = 0; b < powers.length; b++) {
            double low = b == 0 ? LOWEST_HZ : SixBands.centreHz(b) / HALF_OCTAVE;
            double high = b == powers.length - 1
                    ? Math.min(HIGHEST_HZ, sampleRateHz / 2.0)
                    : SixBands.centreHz(b) * HALF_OCTAVE;
            float[] band = new float[size];
            for (int k = 1; k < size / 2; k++) {
                double hz = (double) k * sampleRateHz / size;
                if (hz >= low && hz < high) {
                    band[2 * k] = white[2 * k];
                    band[2 * k + 1] = white[2 * k + 1];
                }
            }
            transform.inverse(band);
            double forget = DECAY / (scene.decayS().at(b) * sampleRateHz);
            double sum = 0;
            for (int n = from; n < all.length; n++) {
                band[n] *= (float) Math.exp(-forget * (n - from));
                sum += (double) band[n] * band[n];
            }
            // A response whose squares add up to s lets through s times the rate over twice the width of its band.
            double scale = Math.sqrt(powers[b] / Math.max(1e-30, sum * sampleRateHz / (2 * (high - low))));
            for (int n = from; n < all.length; n++) {
                all[n] += (float) (scale * band[n]);
            }
        }
    }

    private void add(float[] all, float[] part, double atS) {
        int at = (int) Math.round(atS * sampleRateHz);
        for (int n = 0; n < part.length && at + n < all.length; n++) {
            all[at + n] += part[n];
        }
    }
}
