package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.noise.FrameLevels;
import app.redlamp.core.measure.voice.VoiceFrames;
import app.redlamp.core.signal.FloatSeries;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What is known of each 10 ms of a recording. Of two channels each is kept for itself, because only at the end it is known
 * whether one of them is dead and counts for nothing; of more their means.
 */
final class FrameSeries {
    /** Two are told apart; more are channels of a room (ours). */
    private static final int MOST_APART = 2;

    /** One channel, or the mean of many. */
    private static final class Series {
        private final FrameLevels levels = new FrameLevels();
        private final FloatSeries bends = new FloatSeries();
        private final FloatSeries low = new FloatSeries();
        private final FloatSeries middle = new FloatSeries();
    }

    private final int channels;
    private final List<Series> series;

    FrameSeries(int channels) {
        this.channels = channels;
        series = IntStream.range(0, channels <= MOST_APART ? channels : 1)
                .mapToObj(c -> new Series())
                .toList();
    }

    /** Takes a frame of all channels. */
    void add(ChannelMeter.Frame frame) {
        int share = channels / series.size();
        for (int s = 0; s < series.size(); s++) {
            int from = s * share;
            // Silence is what does not move within the frame, whatever its offset.
            boolean silent = FrameLevels.isSilent(mean(frame.variance, from, share));
            series.get(s).levels.frame(silent ? 0 : mean(frame.square, from, share));
            series.get(s).bends.add((float) mean(frame.bends, from, share));
            series.get(s).low.add((float) mean(frame.low, from, share));
            series.get(s).middle.add((float) mean(frame.middle, from, share));
        }
    }

    /** How many frames. */
    int size() {
        return series.get(0).levels.size();
    }

    /** Mean squares from a frame on, over all channels. */
    float[] levelsFrom(int frame) {
        return mean(series.stream().map(s -> s.levels.from(frame)).toList());
    }

    /** Mean squares of the second differences from a frame on, over all channels. */
    float[] bendsFrom(int frame) {
        return mean(series.stream().map(s -> s.bends.from(frame)).toList());
    }

    /** Mean squares below 60 Hz from a frame on, over all channels. */
    float[] lowFrom(int frame) {
        return mean(series.stream().map(s -> s.low.from(frame)).toList());
    }

    /** All frames over the channels that live. */
    VoiceFrames of(List<Integer> live) {
        List<Series> counted =
                series.size() == channels ? live.stream().map(series::get).toList() : series;
        return new VoiceFrames(
                mean(counted.stream().map(s -> s.levels.meanSquares()).toList()),
                mean(counted.stream().map(s -> s.bends.toArray()).toList()),
                mean(counted.stream().map(s -> s.low.toArray()).toList()),
                mean(counted.stream().map(s -> s.middle.toArray()).toList()));
    }

    private static double mean(double[] values, int from, int count) {
        return Arrays.stream(values, from, from + count).sum() / count;
    }

    private static float[] mean(List<float[]> all) {
        float[] sum = all.get(0);
        for (int c = 1; c < all.size(); c++) {
            for (int i = 0; i < sum.length; i++) {
                sum[i] += all.get(c)[i];
            }
        }
        for (int i = 0; all.size() > 1 && i < sum.length; i++) {
            sum[i] /= all.size();
        }
        return sum;
    }
}
