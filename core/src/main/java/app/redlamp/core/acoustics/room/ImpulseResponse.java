package app.redlamp.core.acoustics.room;

import app.redlamp.core.fault.Faults;
import java.util.Arrays;
import java.util.Map;

/**
 * What a microphone would record of a burst in a drawn room, octave by octave: all image sources that are heard within
 * a time. Source: Allen and Berkley, J. Acoust. Soc. Am. 65(4), 1979. Each side reflects with its mean coefficient.
 */
public final class ImpulseResponse {
    /** Images that can be summed in a few seconds (ours). */
    private static final int MOST_IMAGES = 40_000_000;

    /** Reflections are scattered by so much: no wall is a mirror (ours). */
    private static final double ROUGH_M = 0.08;

    private ImpulseResponse() {}

    /**
     * @param seconds how long, from the burst on
     * @return a row of samples for each band of {@link SixBands}, the sound that comes straight at 1/(4πr)
     * @throws IllegalArgumentException where the room is so small for the time that it would never end
     */
    public static float[][] of(Room room, double seconds, int sampleRateHz) {
        Space space = room.space();
        double speed = room.air().speedMps();
        double reach = seconds * speed;
        if (4.0 / 3 * Math.PI * Math.pow(reach, 3) / space.volume() > MOST_IMAGES) {
            throw new IllegalArgumentException(Faults.say("impulse-response.in-room-too", seconds, space.volume()));
        }
        int farX = (int) Math.ceil(reach / 2 / space.widthM());
        int farY = (int) Math.ceil(reach / 2 / space.depthM());
        int farZ = (int) Math.ceil(reach / 2 / space.heightM());
        int length = (int) Math.ceil(seconds * sampleRateHz) + 1;
        Absorption absorption = Absorption.of(room);
        Map<Face, SixBands> sides = absorption.sides();
        float[][] samples = new float[SixBands.COUNT][length];
        double[][] alongX = new double[SixBands.COUNT][];
        double[][] alongY = new double[SixBands.COUNT][];
        double[][] alongZ = new double[SixBands.COUNT][];
        double[] away = new double[SixBands.COUNT];
        for (int b = 0; b < SixBands.COUNT; b++) {
            alongX[b] = table(2 * farX, factors(sides, Face.LEFT, b));
            alongY[b] = table(2 * farY, factors(sides, Face.FRONT, b));
            alongZ[b] = table(2 * farZ, factors(sides, Face.FLOOR, b));
            // Air, and what stands in the room, take their part along the way.
            away[b] = (room.air().exponents().at(b) + absorption.things().at(b) / (4 * space.volume())) / 2;
        }
        Point m = room.microphone();
        for (int i = -2 * farX; i <= 2 * farX; i++) {
            double dx = image(i, space.widthM(), room.mouth().x()) - m.x();
            for (int j = -2 * farY; j <= 2 * farY; j++) {
                double dy = image(j, space.depthM(), room.mouth().y()) - m.y();
                double flat = dx * dx + dy * dy;
                if (flat > reach * reach) {
                    continue;
                }
                for (int k = -2 * farZ; k <= 2 * farZ; k++) {
                    double dz = image(k, space.heightM(), room.mouth().z()) - m.z();
                    if (flat + dz * dz > (reach + 2 * ROUGH_M) * (reach + 2 * ROUGH_M)) {
                        continue;
                    }
                    double path = Math.max(0.01, Math.sqrt(flat + dz * dz));
                    double at = (path + shift(i, j, k)) / speed * sampleRateHz;
                    int n = (int) at;
                    if (n + 1 >= length) {
                        continue;
                    }
                    double open = 1 / (4 * Math.PI * path);
                    for (int b = 0; b < samples.length; b++) {
                        double walls = alongX[b][i + 2 * farX] * alongY[b][j + 2 * farY] * alongZ[b][k + 2 * farZ];
                        double size = walls * Math.exp(-away[b] * path) * open;
                        samples[b][n] += (float) (size * (n + 1 - at));
                        samples[b][n + 1] += (float) (size * (at - n));
                    }
                }
            }
        }
        return samples;
    }

    /**
     * No wall is as flat as a drawing: from the second reflection on an image is moved along its way by up to 8 cm, always
     * the same for the same image (De Sena et al., IEEE/ACM Trans. Audio Speech Lang. Process. 23(4), 2015).
     */
    private static double shift(int i, int j, int k) {
        if (Math.abs(i) + Math.abs(j) + Math.abs(k) < 2) {
            return 0;
        }
        long hash = ((i * 73_856_093L) ^ (j * 19_349_663L) ^ (k * 83_492_791L)) * 0x9E3779B97F4A7C15L;
        return ((hash >>> 11) * 0x1p-53 * 2 - 1) * ROUGH_M;
    }

    /** Place of the image after so many reflections along one axis; odd ones are seen in a mirror. */
    private static double image(int order, double length, double place) {
        return (order & 1) == 0 ? order * length + place : (order + 1) * length - place;
    }

    /** Amplitude after so many reflections, beginning with the far side for positive orders. */
    private static double reflected(int order, double[] factors) {
        int count = Math.abs(order);
        int first = order > 0 ? 1 : 0;
        return Math.pow(factors[first], Math.floorDiv(count + 1, 2))
                * Math.pow(factors[1 - first], Math.floorDiv(count, 2));
    }

    /** The same for every order from {@code -most} to {@code most}: images are thousands, orders are few. */
    private static double[] table(int most, double[] factors) {
        double[] all = new double[2 * most + 1];
        Arrays.setAll(all, i -> reflected(i - most, factors));
        return all;
    }

    private static double[] factors(Map<Face, SixBands> sides, Face near, int band) {
        return new double[] {
            Math.sqrt(1 - sides.get(near).at(band)),
            Math.sqrt(1 - sides.get(near.opposite()).at(band))
        };
    }
}
