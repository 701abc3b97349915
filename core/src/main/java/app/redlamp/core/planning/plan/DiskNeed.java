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
    /** Masters have 24 bits (ours). */
    private static final int MASTER_BYTES = 3;

    /** Bits of a byte (by definition). */
    private static final double BITS = 8;

    /** Seconds of an hour (by definition). */
    private static final double HOUR_S = 3600;

    /**
     * @param finishedS finished seconds of the whole production
     * @param kept seconds kept in {@code raw/} for a finished second
     */
    public static DiskNeed of(RecordingFormat capture, DeliveryFormat format, double finishedS, double kept) {
        double working = capture.bytesASecond() * finishedS;
        int channels = format.channelsFor(capture.channels());
        return new DiskNeed(working * kept, working, readyASecond(format, channels) * finishedS);
    }

    /** Bytes that a finished second takes: the delivery and its WAV master. */
    private static double readyASecond(DeliveryFormat format, int channels) {
        return delivered(format, channels) + (double) format.sampleRateHz() * MASTER_BYTES * channels;
    }

    /**
     * Whole finished hours that fit, delivery and master together.
     *
     * @param channels of what is recorded
     * @param freeBytes free room on the disk
     */
    public static long readyHours(DeliveryFormat format, int channels, long freeBytes) {
        return (long) (freeBytes / readyASecond(format, format.channelsFor(channels)) / HOUR_S);
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
