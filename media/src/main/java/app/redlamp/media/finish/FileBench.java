package app.redlamp.media.finish;

import app.redlamp.core.delivery.finish.EdgePlan;
import app.redlamp.core.delivery.finish.EdgedSource;
import app.redlamp.core.delivery.finish.FinishBench;
import app.redlamp.core.delivery.finish.FinishSettings;
import app.redlamp.core.delivery.finish.MixedSource;
import app.redlamp.core.delivery.process.ProcessorChain;
import app.redlamp.core.delivery.spec.DeliveryFormat;
import app.redlamp.core.measure.analysis.RecordingAnalyzer;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.port.Progress;
import app.redlamp.core.port.Recordings;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.Labels;
import app.redlamp.core.signal.SampleSink;
import app.redlamp.media.AudioFiles;
import app.redlamp.media.FileRecordings;
import app.redlamp.media.WatchedSource;
import app.redlamp.media.ffmpeg.CodedWriter;
import app.redlamp.media.ffmpeg.Encoding;
import app.redlamp.media.ffmpeg.ResampledSource;
import app.redlamp.media.wav.BroadcastExtension;
import app.redlamp.media.wav.WavWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Finishes one recording on disk: edges, channels, sample rate, high-pass, gain, limiter, in this order, streamed. The
 * master is always written as WAV; the delivery is coded from the written master and measured after decoding.
 */
final class FileBench implements FinishBench {
    /** Bits of a master whose delivery is coded lossily. */
    private static final int MASTER_BITS = 24;

    private static final String ORIGINATOR = "Red Lamp";
    private static final List<String> KEPT_TAGS =
            List.of("title", "artist", "album", "comment", "date", "genre", "track", "copyright");

    private final Path recording;
    private final Report report;
    private final DeliveryFormat format;
    private final String title;
    private final Path master;
    private final Path coded;
    private final StepProgress progress;
    private final Recordings recordings = new FileRecordings();

    /** What the master was made with; absent where there is none, or not all of it. */
    private Optional<FinishSettings> rendered = Optional.empty();

    FileBench(
            Path recording,
            Report report,
            DeliveryFormat format,
            String title,
            Path master,
            Path coded,
            Progress progress) {
        this.recording = recording;
        this.report = report;
        this.format = format;
        this.title = title;
        this.master = master;
        this.coded = coded;
        this.progress = new StepProgress(progress);
    }

    /** What is made louder or held back is written as the master at once: it need not be made a second time to be delivered. */
    @Override
    public Processed process(FinishSettings settings) throws IOException {
        Progress step = progress.next();
        AudioInfo info = new AudioInfo(
                "wav",
                "pcm_f32le",
                settings.sampleRateHz(),
                OptionalInt.of(32),
                settings.channels(),
                0,
                OptionalInt.empty());
        if (settings.isNeutral()) {
            ProcessorChain.Running running = settings.steps().over(prepared(settings), ProcessorChain.NO_TAP);
            try (AudioSource out = running.out()) {
                return new Processed(RecordingAnalyzer.of(new WatchedSource(out, step), info), running.reduction());
            }
        }
        return render(settings, step, out -> RecordingAnalyzer.of(out, info));
    }

    @Override
    public Report deliver(FinishSettings settings) throws IOException {
        Progress step = progress.next();
        boolean encoded = format.coding() != DeliveryFormat.Coding.WAV;
        Files.deleteIfExists(coded);
        if (!rendered.equals(Optional.of(settings))) {
            render(settings, step.part(0, 0.4), FileBench::drain);
        }
        if (encoded) {
            encode(settings, step.part(0.4, 0.9));
        }
        Report delivered = recordings.measure(encoded ? coded : master, step.part(0.9, 1));
        if (format.broadcast()) {
            WavWriter.putLoudness(master, delivered);
        }
        return delivered;
    }

    /** Reads all of what comes out of the last step, while the master is written of it. */
    private interface Reading {
        Report of(AudioSource out) throws IOException;
    }

    private Processed render(FinishSettings settings, Progress step, Reading reading) throws IOException {
        rendered = Optional.empty();
        Files.deleteIfExists(master);
        ProcessorChain chain = settings.steps();
        int last = chain.steps().size() - 1;
        try (AudioSource prepared = prepared(settings);
                WavWriter writer = new WavWriter(
                        master,
                        settings.sampleRateHz(),
                        settings.channels(),
                        format.bitDepth().orElse(MASTER_BITS),
                        labels(settings),
                        format.broadcast()
                                ? Optional.of(BroadcastExtension.of(title, ORIGINATOR))
                                : Optional.empty())) {
            ProcessorChain.Running running = chain.over(prepared, (at, block, frames) -> {
                if (at == last) {
                    writer.accept(block, frames);
                }
            });
            Report report = reading.of(new WatchedSource(running.out(), step));
            rendered = Optional.of(settings);
            return new Processed(report, running.reduction());
        }
    }

    private static Report drain(AudioSource source) throws IOException {
        copy(source, (block, frames) -> {});
        return null;
    }

    private void encode(FinishSettings settings, Progress step) throws IOException {
        AudioFiles.Opened opened = AudioFiles.open(master);
        try (AudioSource source = opened.source();
                CodedWriter writer = new CodedWriter(
                        coded, Encoding.of(format), settings.sampleRateHz(), settings.channels(), labels(settings))) {
            copy(new WatchedSource(source, step), writer);
            writer.finish();
        }
    }

    /** The recording's own labels, its cue points moved with its head, and a title where it has none. */
    private Labels labels(FinishSettings settings) {
        Labels own = report.info().labels();
        Map<String, String> tags = new HashMap<>();
        for (String tag : KEPT_TAGS) {
            own.tag(tag).ifPresent(value -> tags.put(tag, value));
        }
        tags.putIfAbsent("title", title);
        double moved = settings.edges().addHeadS() - settings.edges().cutHeadS();
        List<Labels.Cue> cues = own.cues().stream()
                .map(cue -> new Labels.Cue(Math.max(0, cue.atS() + moved), cue.text()))
                .toList();
        return new Labels(tags, cues);
    }

    /** Edges, channels and sample rate as they are wanted. */
    private AudioSource prepared(FinishSettings settings) throws IOException {
        AudioSource opened = AudioFiles.open(recording).source();
        try {
            EdgePlan edges = settings.edges();
            AudioSource edged = opened;
            if (edges.changes()) {
                long frames = Math.round(report.info().durationS() * opened.sampleRateHz());
                edged = new EdgedSource(opened, edges, frames, tone(edges));
            }
            AudioSource mixed = new MixedSource(edged, settings.mix());
            return ResampledSource.of(mixed, settings.sampleRateHz());
        } catch (IOException | RuntimeException e) {
            opened.close();
            throw e;
        }
    }

    /** The samples of the pause that room tone is taken from. */
    private float[][] tone(EdgePlan edges) throws IOException {
        if (edges.tone().isEmpty()) {
            return new float[0][0];
        }
        Pauses.Stretch stretch = edges.tone().get();
        try (AudioSource source = AudioFiles.open(recording).source()) {
            int rate = source.sampleRateHz();
            long start = Math.round(stretch.startS() * rate);
            int length = (int) Math.min(10L * rate, Math.round(stretch.lengthS() * rate));
            float[][] tone = new float[source.channels()][length];
            float[][] block = new float[source.channels()][RecordingAnalyzer.BLOCK];
            long at = 0;
            while (at < start + length) {
                int count = source.read(block, RecordingAnalyzer.BLOCK);
                if (count == 0) {
                    break;
                }
                for (int i = (int) Math.max(0, start - at); i < count && at + i < start + length; i++) {
                    for (int c = 0; c < tone.length; c++) {
                        tone[c][(int) (at + i - start)] = block[c][i];
                    }
                }
                at += count;
            }
            return tone;
        }
    }

    private static void copy(AudioSource source, SampleSink sink) throws IOException {
        float[][] block = new float[source.channels()][RecordingAnalyzer.BLOCK];
        for (int n = source.read(block, block[0].length); n > 0; n = source.read(block, block[0].length)) {
            sink.accept(block, n);
        }
    }
}
