package app.redlamp.media.ffmpeg;

import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_DBLP;
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_FLTP;
import static org.bytedeco.ffmpeg.global.avutil.av_channel_layout_default;
import static org.bytedeco.ffmpeg.global.avutil.av_opt_set_double;
import static org.bytedeco.ffmpeg.global.avutil.av_opt_set_int;
import static org.bytedeco.ffmpeg.global.avutil.av_opt_set_sample_fmt;
import static org.bytedeco.ffmpeg.global.swresample.swr_alloc_set_opts2;
import static org.bytedeco.ffmpeg.global.swresample.swr_convert;
import static org.bytedeco.ffmpeg.global.swresample.swr_free;
import static org.bytedeco.ffmpeg.global.swresample.swr_init;

import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.SourceStep;
import java.io.IOException;
import org.bytedeco.ffmpeg.avutil.AVChannelLayout;
import org.bytedeco.ffmpeg.swresample.SwrContext;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.javacpp.PointerPointer;

/**
 * A recording at another sample rate. The filter is long (256 taps, cutoff at 98 % of the lower half rate, worked in
 * doubles); length and position of the sound stay as they are.
 */
public final class ResampledSource extends SourceStep {
    private static final int CHUNK = 4096;

    private final int sampleRateHz;
    private final SwrContext context;
    private final FloatPointer[] in;
    private final FloatPointer[] out;
    private final PointerPointer<FloatPointer> inPlanes;
    private final PointerPointer<FloatPointer> outPlanes;
    private final int outSize;
    private final float[][] chunk;
    private final float[][] ready;
    private int from;
    private int to;
    private boolean ended;

    private ResampledSource(AudioSource source, int sampleRateHz) throws IOException {
        super(source);
        Ffmpeg.load();
        this.sampleRateHz = sampleRateHz;
        int channels = source.channels();
        outSize = (int) ((long) CHUNK * sampleRateHz / source.sampleRateHz()) + 1024;
        chunk = new float[channels][CHUNK];
        ready = new float[channels][outSize];
        in = new FloatPointer[channels];
        out = new FloatPointer[channels];
        for (int c = 0; c < channels; c++) {
            in[c] = new FloatPointer(CHUNK);
            out[c] = new FloatPointer(outSize);
        }
        inPlanes = new PointerPointer<>(in);
        outPlanes = new PointerPointer<>(out);
        context = context(source.sampleRateHz(), sampleRateHz, channels);
    }

    /** The source itself where it has that rate already. */
    public static AudioSource of(AudioSource source, int sampleRateHz) throws IOException {
        return source.sampleRateHz() == sampleRateHz ? source : new ResampledSource(source, sampleRateHz);
    }

    @Override
    public int sampleRateHz() {
        return sampleRateHz;
    }

    @Override
    public long expectedFrames() {
        long frames = source.expectedFrames();
        return frames < 0 ? -1 : Math.round((double) frames * sampleRateHz / source.sampleRateHz());
    }

    @Override
    public int read(float[][] block, int frames) throws IOException {
        while (from == to) {
            if (ended) {
                return 0;
            }
            convert();
        }
        int count = Math.min(frames, to - from);
        for (int c = 0; c < ready.length; c++) {
            System.arraycopy(ready[c], from, block[c], 0, count);
        }
        from += count;
        return count;
    }

    @Override
    public void close() throws IOException {
        swr_free(context);
        for (int c = 0; c < in.length; c++) {
            in[c].close();
            out[c].close();
        }
        inPlanes.close();
        outPlanes.close();
        super.close();
    }

    private void convert() throws IOException {
        int count = source.read(chunk, CHUNK);
        for (int c = 0; c < in.length; c++) {
            in[c].position(0).put(chunk[c], 0, count);
        }
        PointerPointer<FloatPointer> input = count > 0 ? inPlanes : null;
        to = Ffmpeg.check(swr_convert(context, outPlanes, outSize, input, count), "changing the sample rate");
        from = 0;
        ended = count == 0 && to == 0;
        for (int c = 0; c < out.length; c++) {
            out[c].position(0).get(ready[c], 0, to);
        }
    }

    private static SwrContext context(int fromHz, int toHz, int channels) throws IOException {
        try (AVChannelLayout layout = new AVChannelLayout()) {
            av_channel_layout_default(layout, channels);
            SwrContext context = new SwrContext(null);
            Ffmpeg.check(
                    swr_alloc_set_opts2(
                            context, layout, AV_SAMPLE_FMT_FLTP, toHz, layout, AV_SAMPLE_FMT_FLTP, fromHz, 0, null),
                    "preparing the sample rate conversion");
            av_opt_set_int(context, "filter_size", 256, 0);
            av_opt_set_double(context, "cutoff", 0.98, 0);
            av_opt_set_int(context, "exact_rational", 1, 0);
            av_opt_set_sample_fmt(context, "internal_sample_fmt", AV_SAMPLE_FMT_DBLP, 0);
            Ffmpeg.check(swr_init(context), "starting the sample rate conversion");
            return context;
        }
    }
}
