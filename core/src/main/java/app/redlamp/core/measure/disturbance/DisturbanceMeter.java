package app.redlamp.core.measure.disturbance;

import app.redlamp.core.measure.disturbance.DisturbanceSorter.Sorted;
import app.redlamp.core.measure.disturbance.Islands.Island;
import app.redlamp.core.measure.voice.Event;
import app.redlamp.core.signal.Bends;
import app.redlamp.core.signal.FrameClock;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Looks at each sound that stands by itself, some ten seconds of a recording after the other; what is not over yet at the end of them is
 * kept for the next. Whether it is loud enough to be heard is decided at the end, when the level of the voice is known.
 */
public final class DisturbanceMeter {
    /** More of them are no disturbances but what was recorded (ours). */
    private static final int MOST = 20_000;

    /** Frames before a sound and after it that still belong to it (ours). */
    private static final int BESIDE = 2;

    /** Frames that are kept: the longest sound and the quiet around it (by definition). */
    private static final int KEPT = Islands.LONGEST + 2 * Islands.GAP;

    /** Louder than the voice by so much is the voice (ours) ... */
    private static final double VOICE_DB = 3;

    /** ... where so little of its power lies below 60 Hz (ours) ... */
    private static final double VOICE_LOW = 0.03;

    /** ... and it bends as a tone of this or more (ours). */
    private static final double VOICE_HZ = 1800;

    private final int sampleRateHz;
    private final OctaveEnergies octaves;
    private final List<Candidate> candidates = new ArrayList<>();
    private float[] samples = {};
    private float[] levels = {};
    private float[] bends = {};
    private float[] low = {};
    private long start;

    /** A sound that is known for what it is. */
    private record Candidate(Sorted what, double startS, double endS, double peak) {}

    public DisturbanceMeter(int sampleRateHz) {
        this.sampleRateHz = sampleRateHz;
        octaves = new OctaveEnergies(sampleRateHz);
    }

    /**
     * Takes the samples that follow.
     *
     * @param next how they go on; not kept
     * @param count how many of them
     * @param meanSquares mean square of each 10 ms of them, digital silence as 0
     * @param nextBends mean square of their second differences
     * @param nextLow mean square below 60 Hz
     * @param voiceDbfs how loud somebody speaks in them
     */
    public void listen(
            float[] next,
            int count,
            float[] meanSquares,
            float[] nextBends,
            float[] nextLow,
            OptionalDouble voiceDbfs) {
        samples = joined(samples, next, count);
        levels = joined(levels, meanSquares, meanSquares.length);
        bends = joined(bends, nextBends, nextBends.length);
        low = joined(low, nextLow, nextLow.length);
        Islands islands = new Islands(levels);
        List<Island> all = islands.all();
        List<Island> unknown = all.stream().filter(i -> !isVoice(i, voiceDbfs)).toList();
        if (!unknown.isEmpty()) {
            float mean = mean(samples);
            double[] noise = noise(mean, islands);
            unknown.forEach(i -> sort(i, mean, noise));
        }
        int done = all.isEmpty() ? 0 : all.get(all.size() - 1).to();
        forget(Math.max(done, levels.length - KEPT));
    }

    /** Most sounds are words: they are loud, and have nothing as low as what desks and floors carry. */
    private boolean isVoice(Island island, OptionalDouble voiceDbfs) {
        double sum = 0;
        double bent = 0;
        double lowest = 0;
        for (int i = island.from(); i < island.to(); i++) {
            sum += levels[i];
            bent += bends[i];
            lowest += low[i];
        }
        return voiceDbfs.isPresent()
                && peak(island) > Decibels.toPower(voiceDbfs.getAsDouble() + VOICE_DB)
                && lowest < VOICE_LOW * sum
                && bent > Bends.ofTone(VOICE_HZ, sampleRateHz) * sum;
    }

    private static float[] joined(float[] before, float[] next, int count) {
        float[] joined = Arrays.copyOf(before, before.length + count);
        System.arraycopy(next, 0, joined, before.length, count);
        return joined;
    }

    private void forget(int frames) {
        if (frames > 0) {
            samples = Arrays.copyOfRange(samples, Math.min(at(frames), samples.length), samples.length);
            levels = Arrays.copyOfRange(levels, frames, levels.length);
            bends = Arrays.copyOfRange(bends, frames, bends.length);
            low = Arrays.copyOfRange(low, frames, low.length);
            start += frames;
        }
    }

    private void sort(Island island, float mean, double[] noise) {
        int from = at(island.from() - BESIDE);
        int to = Math.min(samples.length, at(island.to() + BESIDE));
        float[] sound = centred(mean, from, to);
        Ranges ranges = Ranges.of(octaves.of(sound), octaves.noiseIn(sound.length, noise));
        double lengthS = FrameClock.secondsOf(island.to() - island.from());
        DisturbanceSorter.sorted(new Sound(sound, ranges, sampleRateHz), lengthS)
                .filter(s -> candidates.size() < MOST)
                .ifPresent(s -> candidates.add(new Candidate(
                        s,
                        FrameClock.secondsOf(start + island.from()),
                        FrameClock.secondsOf(start + island.to()),
                        peak(island))));
    }

    /** What was heard besides the voice; nothing where nobody speaks, for then all that is heard was meant. */
    public List<Disturbance> result(OptionalDouble voiceDbfs) {
        return voiceDbfs.isEmpty()
                ? List.of()
                : candidates.stream()
                        .map(c -> disturbance(c, Decibels.levelOfPower(c.peak()) - voiceDbfs.getAsDouble()))
                        .filter(d ->
                                DisturbanceSorter.isHeard(d.source(), d.event().amount()))
                        .toList();
    }

    private static Disturbance disturbance(Candidate c, double overVoiceDb) {
        return new Disturbance(c.what().source(), c.what().path(), new Event(c.startS(), c.endS(), overVoiceDb));
    }

    /** The sample with which a frame of what is held begins. */
    private int at(int frame) {
        return (int) (FrameClock.startOf(start + frame, sampleRateHz) - FrameClock.startOf(start, sampleRateHz));
    }

    private double peak(Island island) {
        double peak = 0;
        for (int i = island.from(); i < island.to(); i++) {
            peak = Math.max(peak, levels[i]);
        }
        return peak;
    }

    private static float mean(float[] samples) {
        double sum = 0;
        for (float sample : samples) {
            sum += sample;
        }
        return (float) (sum / samples.length);
    }

    private float[] centred(float mean, int from, int to) {
        float[] centred = new float[to - from];
        for (int n = 0; n < centred.length; n++) {
            centred[n] = samples[from + n] - mean;
        }
        return centred;
    }

    /** Mean square of the noise in each octave, from the windows in which nothing else is heard. */
    private double[] noise(float mean, Islands islands) {
        int window = octaves.window();
        octaves.clear();
        for (int at = 0; at + window <= samples.length; at += window) {
            int from = (int) ((long) at * FrameClock.FRAMES_PER_SECOND / sampleRateHz);
            int to = (int) ((long) (at + window) * FrameClock.FRAMES_PER_SECOND / sampleRateHz) + 1;
            if (islands.isQuiet(from, to)) {
                octaves.addNoise(centred(mean, at, at + window));
            }
        }
        return octaves.noise();
    }
}
