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
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_FLTP;
import static org.bytedeco.ffmpeg.global.avutil.av_channel_layout_default;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_set;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_get_buffer;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_make_writable;

import app.redlamp.core.signal.SampleSink;
import java.io.Closeable;
import java.io.IOException;
import java.nio.ByteOrder;
import java.nio.FloatBuffer;
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
 * Writes an MP3 file of constant bit rate with an ID3v2 title. The encoder turns everything down a little without
 * saying so; that is made up for before encoding, so that what is decoded again has the level that went in.
 */
public final class Mp3Writer implements SampleSink, Closeable {
    private final AVFormatContext container = new AVFormatContext(null);
    private final AVCodecContext encoder;
    private final AVStream stream;
    private final AVPacket packet = av_packet_alloc();
    private final AVFrame frame = av_frame_alloc();
    private final float makeUp;
    private final int frameSize;
    private final FloatBuffer[] planes;
    private int filled;
    private long written;
    private boolean closed;

    /**
     * @param path file to write; the caller has made sure that nothing of that name is lost
     * @param sampleRateHz 32000, 44100 or 48000, or half of these
     * @param channels 1 or 2
     */
    public Mp3Writer(Path path, int sampleRateHz, int channels, int kbps, String title) throws IOException {
        Ffmpeg.load();
        makeUp = (float) (1 / attenuation(kbps));
        AVCodec codec = avcodec_find_encoder_by_name("libmp3lame");
        encoder = avcodec_alloc_context3(codec);
        encoder.sample_fmt(AV_SAMPLE_FMT_FLTP);
        encoder.sample_rate(sampleRateHz);
        encoder.bit_rate(kbps * 1000L);
        av_channel_layout_default(encoder.ch_layout(), channels);
        avformat_alloc_output_context2(container, null, "mp3", (String) null);
        if ((container.oformat().flags() & AVFMT_GLOBALHEADER) != 0) {
            encoder.flags(encoder.flags() | AV_CODEC_FLAG_GLOBAL_HEADER);
        }
        try {
            Ffmpeg.check(avcodec_open2(encoder, codec, (PointerPointer<?>) null), "starting the MP3 encoder");
            stream = avformat_new_stream(container, codec);
            avcodec_parameters_from_context(stream.codecpar(), encoder);
            AVDictionary tags = new AVDictionary(null);
            av_dict_set(tags, "title", title, 0);
            container.metadata(tags);
            AVIOContext output = new AVIOContext(null);
            Ffmpeg.check(avio_open(output, Ffmpeg.url(path), AVIO_FLAG_WRITE), "writing " + path.getFileName());
            container.pb(output);
            Ffmpeg.check(avformat_write_header(container, (PointerPointer<?>) null), "writing " + path.getFileName());
            frameSize = encoder.frame_size();
            planes = frameBuffers(channels, sampleRateHz);
        } catch (IOException e) {
            release();
            throw e;
        }
    }

    /**
     * What the encoder leaves of an amplitude, measured on tones at 44.1 and 48 kHz: 0.95 up to 160 kbit/s, 0.97 at
     * 192, 0.98 at 224, all of it from 256 on.
     */
    static double attenuation(int kbps) {
        return kbps <= 160 ? 0.95 : kbps <= 192 ? 0.97 : kbps <= 224 ? 0.98 : 1;
    }

    @Override
    public void accept(float[][] block, int frames) throws IOException {
        int done = 0;
        while (done < frames) {
            int count = Math.min(frames - done, frameSize - filled);
            for (int c = 0; c < planes.length; c++) {
                for (int i = 0; i < count; i++) {
                    planes[c].put(filled + i, block[c][done + i] * makeUp);
                }
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
        Ffmpeg.check(av_write_trailer(container), "writing the MP3 file");
        AVIOContext output = container.pb();
        int closing = avio_closep(output);
        container.pb(null);
        Ffmpeg.check(closing, "writing the MP3 file");
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

    private FloatBuffer[] frameBuffers(int channels, int sampleRateHz) throws IOException {
        frame.nb_samples(frameSize);
        frame.format(AV_SAMPLE_FMT_FLTP);
        frame.sample_rate(sampleRateHz);
        av_channel_layout_default(frame.ch_layout(), channels);
        Ffmpeg.check(av_frame_get_buffer(frame, 0), "starting the MP3 encoder");
        FloatBuffer[] buffers = new FloatBuffer[channels];
        map(buffers);
        return buffers;
    }

    private void map(FloatBuffer[] buffers) {
        for (int c = 0; c < buffers.length; c++) {
            buffers[c] = frame.data(c)
                    .capacity(frameSize * (long) Float.BYTES)
                    .asByteBuffer()
                    .order(ByteOrder.nativeOrder())
                    .asFloatBuffer();
        }
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
        map(planes);
    }

    private void drain() throws IOException {
        while (avcodec_receive_packet(encoder, packet) >= 0) {
            packet.stream_index(stream.index());
            av_packet_rescale_ts(packet, encoder.time_base(), stream.time_base());
            Ffmpeg.check(av_interleaved_write_frame(container, packet), "writing the MP3 file");
            if (container.pb().error() < 0) {
                throw new IOException("writing the MP3 file failed: "
                        + Ffmpeg.message(container.pb().error()));
            }
        }
    }
}
