package app.redlamp.core.acoustics.decay;

/**
 * A clap or a balloon in a recording.
 *
 * @param start sample at which it begins
 * @param end sample at which the next one begins, or the recording ends
 * @param overNoiseDb how far its peak rises out of the noise
 * @param clipped whether it goes over full scale
 * @param count how many there are in the recording
 * @param number which of them this is, from 1
 */
public record Burst(int start, int end, double overNoiseDb, boolean clipped, int count, int number) {}
