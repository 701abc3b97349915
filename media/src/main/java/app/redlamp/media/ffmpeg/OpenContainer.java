package app.redlamp.media.ffmpeg;

import static org.bytedeco.ffmpeg.global.avcodec.av_codec_is_decoder;
import static org.bytedeco.ffmpeg.global.avcodec.av_codec_iterate;
import static org.bytedeco.ffmpeg.global.avformat.avformat_alloc_context;
import static org.bytedeco.ffmpeg.global.avformat.avformat_close_input;
import static org.bytedeco.ffmpeg.global.avformat.avformat_find_stream_info;
import static org.bytedeco.ffmpeg.global.avformat.avformat_open_input;
import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_AUDIO;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_free;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_set;

import app.redlamp.core.port.Progress;
import app.redlamp.media.ReadFault;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.TreeMap;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOInterruptCB;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.javacpp.Pointer;
import org.bytedeco.javacpp.PointerPointer;

/**
 * Opens a sound file with the codec library, which believes much of what a file says. So it is told what it may open: sound
 * containers and sound codecs, no cover picture and no other file; it is not given files with more tags than any recording
 * has; and it is stopped when it takes too long.
 */
final class OpenContainer implements AutoCloseable {
    private static final String CONTAINERS =
            "wav,w64,aiff,caf,au,flac,mp3,aac,ogg,mov,mp4,m4a,matroska,webm,wv,tta,ape";
    private static final int LEAST_PROBE_SCORE = 25;
    /** Opening a file of ten hours takes less than one. */
    private static final Duration PATIENCE = Duration.ofSeconds(10);

    private final AVFormatContext context;
    private final Watch watch;

    /** Asked by the library whenever it is about to read; kept as long as it may ask. */
    private static final class Watch extends AVIOInterruptCB.Callback_Pointer {
        private final Progress progress;
        private final long until = System.nanoTime() + PATIENCE.toNanos();
        private volatile boolean opened;

        Watch(Progress progress) {
            this.progress = progress;
        }

        @Override
        public int call(Pointer opaque) {
            return progress.cancelled() || tooLate() ? 1 : 0;
        }

        boolean tooLate() {
            return !opened && System.nanoTime() > until;
        }
    }

    private OpenContainer(AVFormatContext context, Watch watch) {
        this.context = context;
        this.watch = watch;
    }

    /** @throws ReadFault where it is none, or none that is meant well */
    static OpenContainer of(Path path, Progress progress) throws IOException {
        Ffmpeg.load();
        TagBudget.check(path, progress);
        // There are few places for callbacks: whoever does not get a container open gives its place back.
        Watch watch = new Watch(progress);
        try {
            OpenContainer opened = new OpenContainer(open(path, watch), watch);
            watch.opened = true;
            return opened;
        } catch (IOException | RuntimeException e) {
            watch.close();
            throw e;
        }
    }

    private static AVFormatContext open(Path path, Watch watch) throws IOException {
        AVFormatContext context = avformat_alloc_context();
        context.interrupt_callback().callback(watch);
        AVDictionary options = new AVDictionary(null);
        for (Map.Entry<String, String> option : Options.ALL.entrySet()) {
            av_dict_set(options, option.getKey(), option.getValue(), 0);
        }
        int opened = avformat_open_input(context, Ffmpeg.url(path), null, options);
        av_dict_free(options);
        if (opened < 0) {
            watch.progress.check();
            throw watch.tooLate() ? endless() : ReadFault.notAudio();
        }
        boolean sound = context.probe_score() >= LEAST_PROBE_SCORE
                && avformat_find_stream_info(context, (PointerPointer<?>) null) >= 0;
        if (!sound || watch.tooLate()) {
            avformat_close_input(context);
            watch.progress.check();
            throw watch.tooLate() ? endless() : ReadFault.notAudio();
        }
        return context;
    }

    private static ReadFault endless() {
        return new ReadFault(Faults.say("open-container.takes-its-reader"));
    }

    AVFormatContext context() {
        return context;
    }

    @Override
    public void close() {
        avformat_close_input(context);
        watch.close();
    }

    /** What the library may open; asked for once. */
    private static final class Options {
        static final Map<String, String> ALL = all();

        private static Map<String, String> all() {
            Map<String, String> options = new TreeMap<>();
            options.put("protocol_whitelist", "file");
            options.put("format_whitelist", CONTAINERS);
            options.put("codec_whitelist", soundCodecs());
            return options;
        }

        /** All that decode sound: what is not among them, such as a cover, is not decoded to learn its size. */
        private static String soundCodecs() {
            StringBuilder names = new StringBuilder();
            try (PointerPointer<Pointer> state = new PointerPointer<>(1)) {
                state.put(0, (Pointer) null);
                for (AVCodec codec = av_codec_iterate(state); codec != null; codec = av_codec_iterate(state)) {
                    if (av_codec_is_decoder(codec) != 0 && codec.type() == AVMEDIA_TYPE_AUDIO) {
                        names.append(names.isEmpty() ? "" : ",")
                                .append(codec.name().getString());
                    }
                }
            }
            return names.toString();
        }
    }
}
