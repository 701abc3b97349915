package app.redlamp.media.ffmpeg;

import static org.bytedeco.ffmpeg.global.avcodec.AV_CODEC_FLAG_GLOBAL_HEADER;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_alloc;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_free;
import static org.bytedeco.ffmpeg.global.avcodec.av_packet_rescale_ts;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_alloc_context3;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_encoder_by_name;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_free_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_open2;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_parameters_from_context;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_receive_packet;
import static org.bytedeco.ffmpeg.global.avcodec.avcodec_send_frame;
import static org.bytedeco.ffmpeg.global.avformat.AVFMT_GLOBALHEADER;
import static org.bytedeco.ffmpeg.global.avformat.AVIO_FLAG_WRITE;
import static org.bytedeco.ffmpeg.global.avformat.av_interleaved_write_frame;
import static org.bytedeco.ffmpeg.global.avformat.av_write_trailer;
import static org.bytedeco.ffmpeg.global.avformat.avformat_alloc_output_context2;
import static org.bytedeco.ffmpeg.global.avformat.avformat_free_context;
import static org.bytedeco.ffmpeg.global.avformat.avformat_new_stream;
import static org.bytedeco.ffmpeg.global.avformat.avformat_write_header;
import static org.bytedeco.ffmpeg.global.avformat.avio_closep;
import static org.bytedeco.ffmpeg.global.avformat.avio_open;
import static org.bytedeco.ffmpeg.global.avutil.av_channel_layout_default;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_free;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_set;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_get_buffer;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_make_writable;

import app.redlamp.core.signal.Labels;
import app.redlamp.core.signal.SampleSink;
import app.redlamp.media.fault.Faults;
import java.io.Closeable;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Path;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.javacpp.PointerPointer;

/**
 * Writes a coded file with its tags and cue points. Lossless codings are given samples that are rounded already and keep
 * them exactly. The MP3 encoder turns everything down a little without saying so; that is made up for before encoding,
 * so that what is decoded again has the level that went in.
 */
public final class CodedWriter implements SampleSink, Closeable {
    /** Frames handed over at a time to encoders that take any number. */
    private static final int ANY_FRAMES = 4096;

    private final AVFormatContext container;
    private final AVCodecContext encoder;
    private final AVStream stream;
    private final AVPacket packet;
    private final AVFrame frame;
    private final Encoding encoding;
    private final float makeUp;
    private final int frameSize;
    private final int channels;
    private ByteBuffer[] planes;
    private int filled;
    private long written;
    private boolean closed;

    /**
     * @param path file to write; the caller has made sure that nothing of that name is lost
     * @param channels 1 or 2
     * @throws IOException where it cannot be written, or the coding does not take that rate
     */
    public CodedWriter(Path path, Encoding encoding, int sampleRateHz, int channels, Labels labels) throws IOException {
        Ffmpeg.load();
        container = new AVFormatContext(null);
        packet = av_packet_alloc();
        frame = av_frame_alloc();
        this.encoding = encoding;
        this.channels = channels;
        makeUp = (float) (1 / encoding.attenuation());
        AVCodec codec = avcodec_find_encoder_by_name(encoding.encoder());
        encoder = avcodec_alloc_context3(codec);
        encoder.sample_fmt(encoding.sampleFormat());
        encoder.sample_rate(sampleRateHz);
        encoding.bitRateKbps().ifPresent(kbps -> encoder.bit_rate(kbps * 1000L));
        encoding.bits().ifPresent(encoder::bits_per_raw_sample);
        av_channel_layout_default(encoder.ch_layout(), channels);
        avformat_alloc_output_context2(container, null, encoding.muxer(), (String) null);
        if ((container.oformat().flags() & AVFMT_GLOBALHEADER) != 0) {
            encoder.flags(encoder.flags() | AV_CODEC_FLAG_GLOBAL_HEADER);
        }
        try {
            Ffmpeg.check(avcodec_open2(encoder, codec, (PointerPointer<?>) null), "starting the encoder");
            stream = avformat_new_stream(container, codec);
            avcodec_parameters_from_context(stream.codecpar(), encoder);
            FileLabels.put(container, labels);
            AVIOContext output = new AVIOContext(null);
            Ffmpeg.check(avio_open(output, Ffmpeg.url(path), AVIO_FLAG_WRITE), "writing " + path.getFileName());
            container.pb(output);
            AVDictionary options = new AVDictionary(null);
            // Without this an AIFF file has no room for more than its title.
            av_dict_set(options, "write_id3v2", "1", 0);
            int begun = avformat_write_header(container, options);
            av_dict_free(options);
            Ffmpeg.check(begun, "writing " + path.getFileName());
            frameSize = encoder.frame_size() > 0 ? encoder.frame_size() : ANY_FRAMES;
            planes = frameBuffers(sampleRateHz);
        } catch (IOException e) {
            release();
            throw e;
        }
    }

    @Override
    public void accept(float[][] block, int frames) throws IOException {
        int done = 0;
        while (done < frames) {
            int count = Math.min(frames - done, frameSize - filled);
            for (int c = 0; c < channels; c++) {
                put(block[c], done, count, c);
            }
            filled += count;
            done += count;
            if (filled == frameSize) {
                encode();
            }
        }
    }

    /** Finishes the file: what is still in the encoder, the trailer, the disk. */
    public void finish() throws IOException {
        if (filled > 0) {
            encode();
        }
        Ffmpeg.check(avcodec_send_frame(encoder, null), "encoding");
        drain();
        Ffmpeg.check(av_write_trailer(container), "writing the file");
        AVIOContext output = container.pb();
        int closing = avio_closep(output);
        container.pb(null);
        Ffmpeg.check(closing, "writing the file");
    }

    @Override
    public void close() {
        if (!closed) {
            closed = true;
            release();
        }
    }

    private void release() {
        if (container.pb() != null && !container.pb().isNull()) {
            avio_closep(container.pb());
            container.pb(null);
        }
        av_frame_free(frame);
        av_packet_free(packet);
        avcodec_free_context(encoder);
        avformat_free_context(container);
    }

    private void put(float[] samples, int from, int count, int channel) {
        boolean planar = encoding.planar();
        ByteBuffer plane = planes[planar ? channel : 0];
        int step = planar ? 1 : channels;
        int first = planar ? filled : filled * channels + channel;
        for (int i = 0; i < count; i++) {
            encoding.put(plane, first + i * step, samples[from + i] * makeUp);
        }
    }

    private ByteBuffer[] frameBuffers(int sampleRateHz) throws IOException {
        frame.nb_samples(frameSize);
        frame.format(encoding.sampleFormat());
        frame.sample_rate(sampleRateHz);
        av_channel_layout_default(frame.ch_layout(), channels);
        Ffmpeg.check(av_frame_get_buffer(frame, 0), "starting the encoder");
        return map();
    }

    private ByteBuffer[] map() {
        ByteBuffer[] buffers = new ByteBuffer[encoding.planar() ? channels : 1];
        long bytes = (long) frameSize * encoding.sampleBytes() * (encoding.planar() ? 1 : channels);
        for (int c = 0; c < buffers.length; c++) {
            buffers[c] = frame.data(c).capacity(bytes).asByteBuffer().order(ByteOrder.nativeOrder());
        }
        return buffers;
    }

    private void encode() throws IOException {
        frame.nb_samples(filled);
        frame.pts(written);
        written += filled;
        filled = 0;
        Ffmpeg.check(avcodec_send_frame(encoder, frame), "encoding");
        drain();
        frame.nb_samples(frameSize);
        Ffmpeg.check(av_frame_make_writable(frame), "encoding");
        planes = map();
    }

    private void drain() throws IOException {
        while (avcodec_receive_packet(encoder, packet) >= 0) {
            packet.stream_index(stream.index());
            av_packet_rescale_ts(packet, encoder.time_base(), stream.time_base());
            Ffmpeg.check(av_interleaved_write_frame(container, packet), "writing the file");
            if (container.pb().error() < 0) {
                throw new IOException(Faults.say(
                        "coded-writer.writing-file-failed",
                        Ffmpeg.message(container.pb().error())));
            }
        }
    }
}
