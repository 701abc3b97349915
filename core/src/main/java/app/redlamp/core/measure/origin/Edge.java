package app.redlamp.core.measure.origin;

/**
 * A frequency above which a recording holds nothing, although its sample rate has room for more.
 *
 * @param hz where it ends, above {@link #LOWEST_HZ} and below {@link #wholeHz}
 * @param dropDb by how much the level falls there
 */
public record Edge(double hz, double dropDb) {
    /** No band of a call ends lower (telephone band of 300 to 3400 Hz, ITU-T G.712, from memory). */
    public static final double LOWEST_HZ = 3000;

    /** What ends higher takes nothing away that anybody hears, and many a converter ends there (common practice, no source). */
    private static final double HIGHEST_HZ = 20_700;

    /** Of the sample rate: nearer to half of it every converter's own filter ends (ours). */
    private static final double SHARE_OF_RATE = 0.47;

    /** The telephone's band ends at 3400 Hz, half the rate that it is kept at at 4000 (ITU-T G.711, from memory); filters leak. */
    private static final double CALL_HZ = 4800;

    /** Half of 24 kHz, the highest rate that is kept for speech alone; filters leak (common practice, no source). */
    static final double LOW_RATE_HZ = 13_500;

    /** What takes so much away. */
    public enum Kind {
        /** The band of a telephone. */
        CALL,
        /** Half a low sample rate: a headset, a messenger, an old file. */
        LOW_RATE,
        /** A coding that leaves out what is heard least. */
        CODING
    }

    /** Up to where a recording has to reach to be whole, in Hz: as far as anybody hears, and as its sample rate allows. */
    public static double wholeHz(int sampleRateHz) {
        return Math.min(HIGHEST_HZ, SHARE_OF_RATE * sampleRateHz);
    }

    /** What most likely made it. */
    public Kind kind() {
        return hz <= CALL_HZ ? Kind.CALL : hz <= LOW_RATE_HZ ? Kind.LOW_RATE : Kind.CODING;
    }
}
