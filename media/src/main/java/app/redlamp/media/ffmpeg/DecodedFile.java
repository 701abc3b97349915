package app.redlamp.media.ffmpeg;

import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_unref;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_decoder;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_get_name;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_to_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_frame;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_packet;
import static org.bytedeco.ffmpeg.global.avformat.AVFMT_DURATION_FROM_BITRATE;
import static org.bytedeco.ffmpeg.global.avformat.av_find_best_stream;
import static org.bytedeco.ffmpeg.global.avformat.av_read_frame;
import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_AUDIO;
import static org.bytedeco.ffmpeg.global.avutil.AV_NOPTS_VALUE;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;

import app.redlamp.core.port.Progress;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.media.ReadFault;
import app.redlamp.media.fault.Faults;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.OptionalInt;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVCodecParameters;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.javacpp.PointerPointer;

/**
 * Decodes the first sound track of any file that the codec library reads.
 */
public final class DecodedFile implements AudioSource {
    private static final int MOST_CHANNELS = 64;
    /** Half of it lies above the corner of the K-weighting's shelf; no recorder is slower. */
    private static final int LOWEST_RATE = 4000;

    private static final int HIGHEST_RATE = 768_000;

    /** A coded file may end this much early before it counts as cut off: padding and rounding of the header. */
    private static final double ALLOWED_MISSING_S = 0.2;

    private final OpenContainer opened;
    private final AVFormatContext container;
    private final AVCodecContext decoder;
    private final AVPacket packet;
    private final AVFrame frame;
    private final int track;
    private final AudioInfo info;
    private int smallestPacket = Integer.MAX_VALUE;
    private int largestPacket;
    private final boolean lengthKnown;
    private float[][] decoded;
    private int from;
    private int to;
    private long frames;
    private boolean flushing;
    private boolean drained;
    private boolean closed;

    /** Without anybody who would stop it. */
    public DecodedFile(Path path) throws IOException {
        this(path, Progress.NONE);
    }

    /**
     * @param progress asked whether to go on
     * @throws ReadFault where the file is no recording that can be decoded
     */
    public DecodedFile(Path path, Progress progress) throws IOException {
        opened = OpenContainer.of(path, progress);
        container = opened.context();
        packet = av_packet_alloc();
        frame = av_frame_alloc();
        AVCodecContext begun = null;
        try {
            track = av_find_best_stream(container, AVMEDIA_TYPE_AUDIO, -1, -1, (AVCodec) null, 0);
            if (track < 0) {
                throw ReadFault.notAudio();
            }
            AVStream stream = container.streams(track);
            begun = openDecoder(stream);
            decoder = begun;
            lengthKnown = container.duration() != AV_NOPTS_VALUE
                    && container.duration_estimation_method() != AVFMT_DURATION_FROM_BITRATE;
            info = describe(stream);
            decoded = new float[info.channels()][0];
        } catch (IOException | RuntimeException e) {
            if (begun != null) {
                avcodec_free_context(begun);
            }
            opened.close();
            av_packet_free(packet);
            av_frame_free(frame);
            throw e;
        }
    }

    /** What the file says of itself; whether its bit rate is constant is known once all of it has been read. */
    public AudioInfo info() {
        return drained && info.codec().equals("mp3") ? withConstancy() : info;
    }

    /** Frames of one bit rate differ by the pad byte at most. */
    private AudioInfo withConstancy() {
        return new AudioInfo(
                info.container(),
                info.codec(),
                info.sampleRateHz(),
                info.bitDepth(),
                info.channels(),
                info.durationS(),
                info.bitRateKbps(),
                Optional.of(largestPacket - smallestPacket <= 1),
                info.labels(),
                info.missingS());
    }

    @Override
    public int sampleRateHz() {
        return info.sampleRateHz();
    }

    @Override
    public int channels() {
        return info.channels();
    }

    @Override
    public long expectedFrames() {
        return info.durationS() > 0 ? Math.round(info.durationS() * info.sampleRateHz()) : -1;
    }

    @Override
    public int read(float[][] block, int wanted) throws IOException {
        while (from == to) {
            if (drained) {
                return 0;
            }
            decodeNext();
        }
        int count = Math.min(wanted, to - from);
        for (int c = 0; c < decoded.length; c++) {
            System.arraycopy(decoded[c], from, block[c], 0, count);
        }
        from += count;
        return count;
    }

    @Override
    public void close() {
        if (!closed) {
            closed = true;
            av_frame_free(frame);
            av_packet_free(packet);
            avcodec_free_context(decoder);
            opened.close();
        }
    }

    /** Takes the next frame out of the decoder, feeding it packets; a packet that is broken is passed over. */
    private void decodeNext() throws IOException {
        while (avcodec_receive_frame(decoder, frame) < 0) {
            if (drained) {
                return;
            }
            if (av_read_frame(container, packet) < 0) {
                if (flushing) {
                    drained = true;
                    checkWhole();
                    return;
                }
                flushing = true;
                avcodec_send_packet(decoder, null);
            } else {
                if (packet.stream_index() == track) {
                    smallestPacket = Math.min(smallestPacket, packet.size());
                    largestPacket = Math.max(largestPacket, packet.size());
                    avcodec_send_packet(decoder, packet);
                }
                av_packet_unref(packet);
            }
        }
        if (frame.ch_layout().nb_channels() != decoded.length || frame.sample_rate() != info.sampleRateHz()) {
            throw new ReadFault(Faults.say("decoded-file.changes-its-channels"));
        }
        to = frame.nb_samples();
        from = 0;
        if (decoded[0].length < to) {
            decoded = new float[decoded.length][to];
        }
        SampleCopy.copy(frame, decoded);
        frames += to;
    }

    private void checkWhole() throws ReadFault {
        double foundS = (double) frames / info.sampleRateHz();
        if (frames == 0) {
            throw ReadFault.notAudio();
        }
        if (lengthKnown && foundS < info.durationS() - ALLOWED_MISSING_S) {
            throw ReadFault.cutOff(info.durationS(), foundS);
        }
    }

    private static AVCodecContext openDecoder(AVStream stream) throws IOException {
        AVCodecParameters parameters = stream.codecpar();
        AVCodec codec = avcodec_find_decoder(parameters.codec_id());
        boolean plausible = parameters.sample_rate() >= LOWEST_RATE
                && parameters.sample_rate() <= HIGHEST_RATE
                && parameters.ch_layout().nb_channels() > 0
                && parameters.ch_layout().nb_channels() <= MOST_CHANNELS;
        if (codec == null || !plausible) {
            throw ReadFault.notAudio();
        }
        AVCodecContext decoder = avcodec_alloc_context3(codec);
        avcodec_parameters_to_context(decoder, parameters);
        decoder.pkt_timebase(stream.time_base());
        if (avcodec_open2(decoder, codec, (PointerPointer<?>) null) < 0) {
            avcodec_free_context(decoder);
            throw ReadFault.notAudio();
        }
        return decoder;
    }

    private AudioInfo describe(AVStream stream) {
        AVCodecParameters parameters = stream.codecpar();
        String codec = avcodec_get_name(parameters.codec_id()).getString();
        boolean keepsBits =
                (codec.startsWith("pcm_") && !codec.endsWith("law")) || codec.equals("flac") || codec.equals("alac");
        int bits = parameters.bits_per_raw_sample() > 0
                ? parameters.bits_per_raw_sample()
                : parameters.bits_per_coded_sample();
        int kbps = (int) Math.round(parameters.bit_rate() / 1000.0);
        double durationS = container.duration() == AV_NOPTS_VALUE ? 0 : Math.max(0, container.duration() / 1e6);
        return new AudioInfo(
                containerName(container.iformat().name().getString()),
                codec,
                parameters.sample_rate(),
                keepsBits && bits > 0 ? OptionalInt.of(bits) : OptionalInt.empty(),
                parameters.ch_layout().nb_channels(),
                durationS,
                keepsBits || kbps <= 0 ? OptionalInt.empty() : OptionalInt.of(kbps),
                Optional.empty(),
                FileLabels.read(container, stream),
                0);
    }

    private static String containerName(String names) {
        if (names.contains("m4a")) {
            return "m4a";
        }
        return names.contains(",") ? names.substring(0, names.indexOf(',')) : names;
    }
}
