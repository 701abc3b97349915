package app.redlamp.core.measure.analysis;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.measure.disturbance.Disturbance;
import app.redlamp.core.measure.disturbance.DisturbanceMeter;
import app.redlamp.core.measure.loudness.ActiveSpeech;
import app.redlamp.core.measure.loudness.ClipMeter;
import app.redlamp.core.measure.loudness.Clipping;
import app.redlamp.core.measure.loudness.Levels;
import app.redlamp.core.measure.loudness.LoudnessMeter;
import app.redlamp.core.measure.noise.NoiseAnalyzer;
import app.redlamp.core.measure.noise.NoiseProfile;
import app.redlamp.core.measure.noise.PauseFinder;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.measure.noise.QuietPieces;
import app.redlamp.core.measure.origin.BitMeter;
import app.redlamp.core.measure.origin.BlockMeter;
import app.redlamp.core.measure.origin.Edge;
import app.redlamp.core.measure.origin.EdgeMeter;
import app.redlamp.core.measure.origin.Origin;
import app.redlamp.core.measure.voice.BreakMeter;
import app.redlamp.core.measure.voice.ClickMeter;
import app.redlamp.core.measure.voice.DropoutMeter;
import app.redlamp.core.measure.voice.EchoMeter;
import app.redlamp.core.measure.voice.RepeatMeter;
import app.redlamp.core.measure.voice.VoiceAnalyzer;
import app.redlamp.core.measure.voice.VoiceFrames;
import app.redlamp.core.measure.voice.VoiceProfile;
import app.redlamp.core.measure.voice.VoiceSpectrumMeter;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.FrameClock;
import app.redlamp.core.signal.SampleSink;
import app.redlamp.core.units.Decibels;
import java.io.IOException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;

/**
 * The one door to all meters: takes a recording block by block, in one pass and in little memory, and gives its
 * {@link Report}. The screen and the command line both ask here and so say the same.
 *
 * <p>Samples that are no finite numbers, or beyond +60 dBFS, are read as zero, counted and reported.
 */
public final class RecordingAnalyzer implements SampleSink {
    /** Frames a block that {@link #of} reads at a time (ours). */
    public static final int BLOCK = 4096;

    /** +60 dBFS: beyond it a float sample is damage, not sound (ours). */
    private static final float LARGEST = 1000;

    private final int sampleRateHz;
    private final ChannelMeter[] channels;
    private final ChannelMeter.Frame frame;
    private final LoudnessMeter loudness;
    private final ClipMeter clips;
    private final FrameSeries frames;
    private final QuietPieces quiet;
    private final VoiceSpectrumMeter spectrum;
    private final EdgeMeter edges;
    private final BlockMeter blocks;
    private final EchoMeter echo;
    private final DisturbanceMeter disturbances;
    private final RelationMeter relation;
    private final Excerpts excerpts;
    private final BitMeter bits = new BitMeter();
    /** Samples that have not yet filled a tick. */
    private final float[][] waiting;

    private int waitingCount;
    private long ticks;
    private long tickStart;
    private long notNumbers;

    public RecordingAnalyzer(int sampleRateHz, int channelCount) {
        this.sampleRateHz = sampleRateHz;
        clips = new ClipMeter(sampleRateHz, channelCount);
        channels = new ChannelMeter[channelCount];
        Arrays.setAll(channels, c -> new ChannelMeter(c, sampleRateHz, clips));
        frame = new ChannelMeter.Frame(channelCount);
        frames = new FrameSeries(channelCount);
        loudness = new LoudnessMeter(channelCount);
        waiting = new float[channelCount][sampleRateHz / FrameClock.TICKS_PER_SECOND + 2];
        quiet = new QuietPieces(sampleRateHz);
        spectrum = new VoiceSpectrumMeter(sampleRateHz);
        edges = new EdgeMeter(sampleRateHz);
        blocks = new BlockMeter(sampleRateHz);
        echo = new EchoMeter(sampleRateHz);
        disturbances = new DisturbanceMeter(sampleRateHz);
        relation = new RelationMeter(sampleRateHz);
        excerpts =
                new Excerpts(sampleRateHz, channelCount, quiet, spectrum, edges, blocks, echo, disturbances, relation);
    }

    /** Measures a whole recording; the caller closes the source. */
    public static Report of(AudioSource source, AudioInfo info) throws IOException {
        return of(source, () -> info);
    }

    /**
     * Measures a whole recording; the caller closes the source.
     *
     * @param info what the file says of itself, asked when all of it has been read
     * @throws IOException where it cannot be read, or where not one sample is a number
     */
    public static Report of(AudioSource source, Supplier<AudioInfo> info) throws IOException {
        RecordingAnalyzer analyzer = new RecordingAnalyzer(source.sampleRateHz(), source.channels());
        float[][] block = new float[source.channels()][BLOCK];
        for (int n = source.read(block, BLOCK); n > 0; n = source.read(block, BLOCK)) {
            analyzer.accept(block, n);
        }
        if (analyzer.hasNoNumber()) {
            throw new IOException(Faults.say("recording-analyzer.no-number"));
        }
        return analyzer.report(info.get());
    }

    @Override
    public void accept(float[][] block, int count) {
        for (int c = 0; c < channels.length; c++) {
            clean(block[c], count);
            channels[c].block(block[c], count);
            bits.accept(block[c], count);
        }
        if (channels.length == 2) {
            relation.accept(block, count);
        }
        int done = 0;
        while (done < count) {
            int length = (int) (FrameClock.startOfTick(ticks + 1, sampleRateHz) - tickStart);
            if (waitingCount > 0 || count - done < length) {
                int more = Math.min(count - done, length - waitingCount);
                for (int c = 0; c < channels.length; c++) {
                    System.arraycopy(block[c], done, waiting[c], waitingCount, more);
                }
                waitingCount += more;
                done += more;
                if (waitingCount == length) {
                    waitingCount = 0;
                    tick(waiting, 0, length);
                }
            } else {
                tick(block, done, length);
                done += length;
            }
        }
    }

    /** Takes a whole tick: whatever the blocks, the meters see the same pieces. */
    private void tick(float[][] block, int from, int length) {
        for (int c = 0; c < channels.length; c++) {
            channels[c].tick(block[c], from, from + length);
        }
        excerpts.accept(block, from, length);
        ticks++;
        tickStart += length;
        if (ticks % FrameClock.TICKS_PER_FRAME == 0) {
            closeFrame();
        }
    }

    private void clean(float[] samples, int count) {
        for (int i = 0; i < count; i++) {
            if (!(Math.abs(samples[i]) <= LARGEST)) {
                samples[i] = 0;
                notNumbers++;
            }
        }
    }

    private void closeFrame() {
        for (ChannelMeter channel : channels) {
            channel.closeFrame(frame);
        }
        loudness.frame(frame.weighted);
        frames.add(frame);
        if (Excerpts.isFull(frames.size())) {
            passExcerpt();
        }
    }

    private void passExcerpt() {
        int first = excerpts.firstFrame();
        excerpts.pass(frames.levelsFrom(first), frames.bendsFrom(first), frames.lowFrom(first));
    }

    /** Whether samples came and not one of them was a number. */
    private boolean hasNoNumber() {
        long samples = (tickStart + waitingCount) * channels.length;
        return samples > 0 && notNumbers == samples;
    }

    /** The report on everything accepted; nothing may be accepted after it. The duration in it is the one measured. */
    public Report report(AudioInfo info) {
        long samples = tickStart + waitingCount;
        if (waitingCount > 0) {
            tick(waiting, 0, waitingCount);
            waitingCount = 0;
        }
        if (!Excerpts.isFull(frames.size())) {
            passExcerpt();
        }
        Levels levels =
                new Levels(Arrays.stream(channels).map(ChannelMeter::levels).toList());
        VoiceFrames voiced = frames.of(levels.live());
        float[] meanSquares = voiced.all();
        Pauses pauses = PauseFinder.of(meanSquares, voiced.bends());
        Optional<Edge> edge = edges.result();
        Clipping clipping = clips.result();
        ActiveSpeech active = activeSpeech();
        List<Disturbance> disturbed = disturbances.result(pauses.voiceDbfs());
        VoiceProfile voice = VoiceAnalyzer.analyze(
                voiced, pauses, found(edge, disturbed, Limiting.amountDb(levels, clipping, active)), sampleRateHz);
        double steepHz = voice.spectrum().map(HighPassed::steepCornerHz).orElse(HighPassed.CORNER_HZ);
        Optional<NoiseProfile> noise = NoiseAnalyzer.analyze(quiet, pauses, sampleRateHz, steepHz);
        Report report = new Report(
                info.withDuration((double) samples / sampleRateHz),
                loudness.result(),
                levels,
                active,
                pauses,
                highPassed(levels.live(), pauses, noise, steepHz),
                clipping,
                noise,
                voice,
                disturbed,
                origin(info, edge),
                channels.length == 2
                        ? relation.result(levels)
                        : new ChannelRelation(
                                channels.length == 1 ? ChannelRelation.Kind.SINGLE : ChannelRelation.Kind.STEREO,
                                0,
                                0,
                                0),
                Hill.ofNoise(meanSquares, pauses),
                Hill.ofVoice(meanSquares, pauses),
                Outline.of(meanSquares),
                List.of());
        return report.with(Findings.of(report, notNumbers));
    }

    /** Blocks are looked for where nothing else says that it was coded before: that takes a while. */
    private Origin origin(AudioInfo info, Optional<Edge> edge) {
        Origin known = new Origin(edge, bits.bits(), OptionalInt.empty());
        return known.isWhole(info) ? new Origin(edge, bits.bits(), blocks.blockSamples()) : known;
    }

    private ActiveSpeech activeSpeech() {
        return Arrays.stream(channels)
                .map(ChannelMeter::activeSpeech)
                .max(Comparator.comparingDouble(a -> a.levelDbov().orElse(Double.NEGATIVE_INFINITY)))
                .orElseThrow();
    }

    private VoiceAnalyzer.Found found(Optional<Edge> edge, List<Disturbance> disturbed, double limitedDb) {
        return new VoiceAnalyzer.Found(
                inTime(m -> m.clicks().clicks(), ClickMeter.Click::atS),
                inTime(m -> m.dropouts().runs(), DropoutMeter.Run::startS),
                inTime(m -> m.repeats().repeats(), RepeatMeter.Repeat::startS),
                inTime(m -> m.breaks().breaks(), BreakMeter.Break::atS),
                spectrum.result(edge),
                echo.result(),
                disturbed.stream().map(Disturbance::event).toList(),
                limitedDb);
    }

    /** What was found in all channels, in the order of time. */
    private <T> List<T> inTime(Function<ChannelMeter, List<T>> found, ToDoubleFunction<T> atS) {
        return Arrays.stream(channels)
                .flatMap(m -> found.apply(m).stream())
                .sorted(Comparator.comparingDouble(atS))
                .toList();
    }

    private HighPassed highPassed(List<Integer> live, Pauses pauses, Optional<NoiseProfile> noise, double steepHz) {
        double sum = live.stream()
                .mapToDouble(c -> channels[c].highPassedMeanSquare())
                .sum();
        OptionalDouble rms = Decibels.ofPower(sum / live.size());
        if (noise.isEmpty()) {
            return new HighPassed(rms, pauses.noiseFloorDbfs(), pauses.noisiestDbfs(), Optional.empty());
        }
        double more =
                pauses.noisiestDbfs().orElseThrow() - pauses.noiseFloorDbfs().orElseThrow();
        double floor = noise.get().highPassedDbfs();
        return new HighPassed(
                rms,
                OptionalDouble.of(floor),
                OptionalDouble.of(floor + more),
                Optional.of(new HighPassed.Steeper(steepHz, noise.get().steepDbfs() + more)));
    }
}
