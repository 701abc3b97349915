package app.redlamp.media.ffmpeg;

import static org.bytedeco.ffmpeg.global.avfilter.av_buffersink_get_frame;
import static org.bytedeco.ffmpeg.global.avfilter.av_buffersrc_add_frame;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_get_by_name;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_graph_alloc;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_graph_config;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_graph_create_filter;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_graph_free;
import static org.bytedeco.ffmpeg.global.avfilter.avfilter_link;
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_FLTP;
import static org.bytedeco.ffmpeg.global.avutil.av_channel_layout_from_string;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_get;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_get_buffer;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_unref;

import java.io.IOException;
import java.nio.ByteOrder;
import java.util.Locale;
import java.util.function.Consumer;
import org.bytedeco.ffmpeg.avfilter.AVFilterContext;
import org.bytedeco.ffmpeg.avfilter.AVFilterGraph;
import org.bytedeco.ffmpeg.avutil.AVDictionaryEntry;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/** The independent oracle: FFmpeg's own loudness filter {@code ebur128} with true peak, run over the same samples. */
public final class LoudnessOracle {
    private static final int CHUNK = 4096;
    private static final String[] LAYOUTS = {"", "mono", "stereo", "3.0", "quad", "5.0", "5.1"};

    private LoudnessOracle() {}

    /**
     * @param integratedLufs as the filter says
     * @param truePeakDbtp largest of all channels
     * @param momentaryLufs largest of those that it gives each 100 ms
     * @param shortTermLufs likewise
     * @param rangeLu as the filter says
     */
    public record Answer(
            double integratedLufs, double truePeakDbtp, double momentaryLufs, double shortTermLufs, double rangeLu) {}

    /** Measures samples, one array a channel. */
    public static Answer measure(int rate, float[]... channels) throws IOException {
        Answer[] answer = {
            new Answer(
                    Double.NaN,
                    Double.NEGATIVE_INFINITY,
                    Double.NEGATIVE_INFINITY,
                    Double.NEGATIVE_INFINITY,
                    Double.NaN)
        };
        pass(rate, channels, out -> answer[0] = read(out, channels.length, answer[0]));
        return answer[0];
    }

    /** Has the filter measure samples without asking what it found: its own time and nothing of ours. */
    public static void pass(int rate, float[]... channels) throws IOException {
        pass(rate, channels, out -> {});
    }

    private static void pass(int rate, float[][] channels, Consumer<AVFrame> reader) throws IOException {
        Ffmpeg.load();
        AVFilterGraph graph = avfilter_graph_alloc();
        AVFrame frame = av_frame_alloc();
        AVFrame out = av_frame_alloc();
        try {
            AVFilterContext source = filter(
                    graph,
                    "abuffer",
                    String.format(
                            Locale.ROOT,
                            "sample_rate=%d:sample_fmt=fltp:channel_layout=%s:time_base=1/%d",
                            rate,
                            LAYOUTS[channels.length],
                            rate));
            AVFilterContext meter = filter(graph, "ebur128", "peak=true:metadata=1");
            AVFilterContext sink = filter(graph, "abuffersink", null);
            Ffmpeg.check(avfilter_link(source, 0, meter, 0), "linking");
            Ffmpeg.check(avfilter_link(meter, 0, sink, 0), "linking");
            Ffmpeg.check(avfilter_graph_config(graph, null), "configuring");
            int length = channels[0].length;
            for (int at = 0; at < length; at += CHUNK) {
                int count = Math.min(CHUNK, length - at);
                Ffmpeg.check(av_buffersrc_add_frame(source, fill(frame, rate, channels, at, count)), "feeding");
                drain(sink, out, reader);
            }
            Ffmpeg.check(av_buffersrc_add_frame(source, null), "ending");
            drain(sink, out, reader);
        } finally {
            av_frame_free(frame);
            av_frame_free(out);
            avfilter_graph_free(graph);
        }
    }

    private static void drain(AVFilterContext sink, AVFrame out, Consumer<AVFrame> reader) {
        while (av_buffersink_get_frame(sink, out) >= 0) {
            reader.accept(out);
            av_frame_unref(out);
        }
    }

    private static AVFilterContext filter(AVFilterGraph graph, String name, String options) throws IOException {
        AVFilterContext context = new AVFilterContext(null);
        Ffmpeg.check(
                avfilter_graph_create_filter(context, avfilter_get_by_name(name), name, options, null, graph), name);
        return context;
    }

    private static AVFrame fill(AVFrame frame, int rate, float[][] channels, int at, int count) throws IOException {
        frame.nb_samples(count);
        frame.format(AV_SAMPLE_FMT_FLTP);
        frame.sample_rate(rate);
        Ffmpeg.check(av_channel_layout_from_string(frame.ch_layout(), LAYOUTS[channels.length]), "laying out");
        frame.pts(at);
        Ffmpeg.check(av_frame_get_buffer(frame, 0), "allocating");
        for (int c = 0; c < channels.length; c++) {
            frame.data(c)
                    .capacity((long) count * Float.BYTES)
                    .asByteBuffer()
                    .order(ByteOrder.nativeOrder())
                    .asFloatBuffer()
                    .put(channels[c], at, count);
        }
        return frame;
    }

    private static Answer read(AVFrame frame, int channels, Answer before) {
        double integrated = value(frame, "lavfi.r128.I", before.integratedLufs());
        double peak = before.truePeakDbtp();
        for (int c = 0; c < channels; c++) {
            double linear = value(frame, "lavfi.r128.true_peaks_ch" + c, Double.NaN);
            peak = linear > 0 ? Math.max(peak, 20 * Math.log10(linear)) : peak;
        }
        double momentary = value(frame, "lavfi.r128.M", Double.NEGATIVE_INFINITY);
        double shortTerm = value(frame, "lavfi.r128.S", Double.NEGATIVE_INFINITY);
        return new Answer(
                integrated,
                peak,
                Double.isNaN(momentary) ? before.momentaryLufs() : Math.max(before.momentaryLufs(), momentary),
                Double.isNaN(shortTerm) ? before.shortTermLufs() : Math.max(before.shortTermLufs(), shortTerm),
                value(frame, "lavfi.r128.LRA", before.rangeLu()));
    }

    private static double value(AVFrame frame, String key, double otherwise) {
        AVDictionaryEntry entry = av_dict_get(frame.metadata(), key, null, 0);
        return entry == null || entry.isNull()
                ? otherwise
                : Double.parseDouble(entry.value().getString());
    }
}
