package app.redlamp.core.measure.loudness;

import app.redlamp.core.units.Decibels;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * Plain levels of a recording, over all channels and of each.
 *
 * @param channels in the file's order, at least one
 */
public record Levels(List<Channel> channels) {
    /** A channel so far under the loudest is dead (ours). */
    private static final double DEAD = Decibels.toPower(-50);

    /**
     * One channel. Digital silence has no level: absent.
     *
     * @param truePeakDbtp true peak (ITU-R BS.1770-5 annex 2)
     * @param samplePeakDbfs largest sample
     * @param rmsDbfs RMS of the whole recording without its offset, in the plain convention: a full-scale sine reads −3.01 dBFS
     *     (AES17 would call it 0)
     * @param dcOffset mean of the samples as a share of full scale
     * @param limitedShare share of what is sounding whose peaks end at one ceiling, 0 to 1 ({@link CeilingMeter})
     */
    public record Channel(
            OptionalDouble truePeakDbtp,
            OptionalDouble samplePeakDbfs,
            OptionalDouble rmsDbfs,
            double dcOffset,
            double limitedShare) {}

    public Levels {
        channels = List.copyOf(channels);
    }

    /** Highest true peak of all channels in dBTP. */
    public OptionalDouble truePeakDbtp() {
        return channels.stream()
                .map(Channel::truePeakDbtp)
                .flatMapToDouble(OptionalDouble::stream)
                .max();
    }

    /** Largest sample of all channels in dBFS. */
    public OptionalDouble samplePeakDbfs() {
        return channels.stream()
                .map(Channel::samplePeakDbfs)
                .flatMapToDouble(OptionalDouble::stream)
                .max();
    }

    /** RMS over all channels that live together in dBFS. */
    public OptionalDouble rmsDbfs() {
        double sum = live().stream().mapToDouble(this::power).sum();
        return Decibels.ofPower(sum / live().size());
    }

    /**
     * The channels that something was recorded on, in the file's order, at least one: a lead that was not plugged in takes no
     * part in any mean. All of them where all are silent.
     */
    public List<Integer> live() {
        List<Integer> all = IntStream.range(0, channels.size()).boxed().toList();
        double loudest = all.stream().mapToDouble(this::power).max().orElseThrow();
        return all.stream().filter(c -> !isDead(power(c), loudest)).toList();
    }

    /** Whether a channel of this power is dead beside another. */
    public static boolean isDead(double power, double beside) {
        return power < beside * DEAD;
    }

    private double power(int channel) {
        OptionalDouble rms = channels.get(channel).rmsDbfs();
        return rms.isPresent() ? Decibels.toPower(rms.getAsDouble()) : 0;
    }

    /** Share of what is sounding whose peaks end at one ceiling, in the live channel where it is most; 0 to 1. */
    public double limitedShare() {
        return live().stream()
                .mapToDouble(c -> channels.get(c).limitedShare())
                .max()
                .orElse(0);
    }

    /** Mean of the channel that is furthest from zero, with its sign. */
    public double dcOffset() {
        return channels.stream().mapToDouble(Channel::dcOffset).reduce(0, (a, b) -> Math.abs(b) > Math.abs(a) ? b : a);
    }
}
