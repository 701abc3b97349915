package app.redlamp.core.delivery.finish;

import app.redlamp.core.delivery.spec.DeliveryFormat;
import app.redlamp.core.delivery.spec.LoudnessTarget;
import app.redlamp.core.measure.analysis.ChannelRelation;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.loudness.Levels;
import app.redlamp.core.units.Decibels;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * How the channels of a recording become those of its delivery. What the report calls spoilt is not mixed: of two channels that
 * are the same sound upside down or late, or one of which is dead, one is taken alone, in mono and on both sides.
 *
 * @param channels channels of the delivery, 1 or 2
 * @param alone the channel that is taken alone, from 0; absent where all are
 */
public record ChannelMix(int channels, OptionalInt alone) {
    /**
     * What finishing makes of a recording's channels.
     *
     * @param commonChannels channels of the other files of the delivery, which this one must match where the client asks for it
     */
    public static ChannelMix of(DeliveryFormat format, Report recording, int commonChannels) {
        int recorded = recording.info().channels();
        int wanted = format.channelsFor(format.sameChannels() ? commonChannels : recorded);
        ChannelRelation relation = recording.relation();
        return new ChannelMix(
                wanted, relation.kind().spoilt() ? OptionalInt.of(relation.better()) : OptionalInt.empty());
    }

    /** All channels together, on so many. */
    public static ChannelMix all(int channels) {
        return new ChannelMix(channels, OptionalInt.empty());
    }

    /** By how many decibels this alone moves a level of the recording; 0 where nothing is known of it. */
    double shiftDb(LoudnessTarget.Measure measure, Report recording) {
        Levels levels = recording.levels();
        List<Double> powers = levels.channels().stream()
                .map(Levels.Channel::rmsDbfs)
                .map(rms -> rms.isPresent() ? Decibels.toPower(rms.getAsDouble()) : 0)
                .toList();
        OptionalDouble whole = levels.rmsDbfs();
        boolean same = alone.isEmpty() && recording.info().channels() == channels;
        if (same || whole.isEmpty()) {
            return 0;
        }
        double mixed = alone.isPresent() ? powers.get(alone.getAsInt()) : mean(powers, recording.relation());
        double before = switch (measure) {
            case INTEGRATED -> powers.stream().mapToDouble(p -> p).sum() / channels;
            case ACTIVE -> powers.stream().mapToDouble(p -> p).max().orElseThrow();
            default -> Decibels.toPower(whole.getAsDouble());
        };
        return Decibels.levelOfPower(mixed / before);
    }

    /** Power of the mean of all channels: of two by their correlation, of more as if they had nothing in common. */
    private static double mean(List<Double> powers, ChannelRelation relation) {
        double sum = powers.stream().mapToDouble(p -> p).sum();
        if (powers.size() == 2) {
            sum += 2 * relation.correlation() * Math.sqrt(powers.get(0) * powers.get(1));
        }
        return sum / (powers.size() * powers.size());
    }
}
