package app.redlamp.core.planning.plan;

import app.redlamp.core.fault.Faults;

/**
 * How a job is recorded: uncompressed.
 *
 * @param sampleRateHz 8000 to 192000
 * @param bitDepth 16, 24 or 32
 * @param channels 1 for one voice; one for each microphone otherwise, at most 8
 */
public record RecordingFormat(int sampleRateHz, int bitDepth, int channels) {

    /** @throws IllegalArgumentException for figures out of range */
    public RecordingFormat {
        boolean depth = bitDepth == 16 || bitDepth == 24 || bitDepth == 32;
        if (!(sampleRateHz >= 8000 && sampleRateHz <= 192_000 && depth && channels >= 1 && channels <= 8)) {
            throw new IllegalArgumentException(
                    Faults.say("recording-format.recording-at-hz", sampleRateHz, bitDepth, channels));
        }
    }

    /** Bytes of one second, uncompressed: rate × bytes × channels. */
    public long bytesASecond() {
        return (long) sampleRateHz * (bitDepth / 8) * channels;
    }
}
