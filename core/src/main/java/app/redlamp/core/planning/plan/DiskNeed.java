package app.redlamp.core.planning.plan;

import app.redlamp.core.delivery.spec.DeliveryFormat;

/**
 * Room that a production takes on disk, in bytes: rate × bytes × channels × time.
 *
 * @param raw recordings as they came in, retakes among them
 * @param working what is edited, uncompressed
 * @param ready what is delivered, with a WAV master of each
 */
public record DiskNeed(double raw, double working, double ready) {
    private static final int MASTER_BYTES = 3;
    private static final double BITS = 8;

    /**
     * @param finishedS finished seconds of the whole production
     * @param kept seconds kept in {@code raw/} for a finished second
     */
    public static DiskNeed of(Capture capture, DeliveryFormat format, double finishedS, double kept) {
        double working = capture.bytesASecond() * finishedS;
        int channels = format.channelsFor(capture.channels());
        double master = (double) format.sampleRateHz() * MASTER_BYTES * channels * finishedS;
        return new DiskNeed(working * kept, working, delivered(format, channels) * finishedS + master);
    }

    /** Bytes a second of what the client gets; FLAC as large as it can become. */
    private static double delivered(DeliveryFormat format, int channels) {
        if (format.coding().hasBitRate()) {
            return format.bitRateKbps().orElseThrow() * 1000 / BITS;
        }
        double bits = format.coding().lossless() ? format.bitDepth().orElseThrow() : BITS;
        return format.sampleRateHz() * bits / BITS * channels;
    }

    /** On the disk on which one works. */
    public double here() {
        return raw + working + ready;
    }

    /** The same once more, somewhere else. */
    public double backup() {
        return here();
    }
}
