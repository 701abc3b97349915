package app.redlamp.core.signal;

/** Samples without their mean: an offset is no sound. */
public final class Centred {
    private Centred() {}

    /**
     * Copies samples without their mean.
     *
     * @param from the first that is taken
     * @param into takes them from its beginning on
     * @param count how many, above 0
     */
    public static void copy(float[] samples, int from, float[] into, int count) {
        double sum = 0;
        for (int i = 0; i < count; i++) {
            sum += samples[from + i];
        }
        float mean = (float) (sum / count);
        for (int i = 0; i < count; i++) {
            into[i] = samples[from + i] - mean;
        }
    }
}
