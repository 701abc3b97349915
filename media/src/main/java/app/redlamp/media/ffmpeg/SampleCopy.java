package app.redlamp.media.ffmpeg;

import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_DBL;
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_FLT;
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_S16;
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_S32;
import static org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_U8;
import static org.bytedeco.ffmpeg.global.avutil.av_get_bytes_per_sample;
import static org.bytedeco.ffmpeg.global.avutil.av_get_packed_sample_fmt;
import static org.bytedeco.ffmpeg.global.avutil.av_sample_fmt_is_planar;

import app.redlamp.media.ReadFault;
import app.redlamp.media.fault.Faults;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/** Copies decoded frames of any sample format to floats. */
final class SampleCopy {
    private SampleCopy() {}

    /** Copies a whole frame; every array of {@code into} must be long enough. */
    static void copy(AVFrame frame, float[][] into) throws ReadFault {
        int count = frame.nb_samples();
        boolean planar = av_sample_fmt_is_planar(frame.format()) != 0;
        int packed = av_get_packed_sample_fmt(frame.format());
        int size = av_get_bytes_per_sample(packed);
        int step = planar ? 1 : into.length;
        ByteBuffer shared = planar ? null : plane(frame, 0, (long) count * size * into.length);
        for (int c = 0; c < into.length; c++) {
            ByteBuffer bytes = planar ? plane(frame, c, (long) count * size) : shared;
            int at = planar ? 0 : c * size;
            for (int i = 0; i < count; i++) {
                into[c][i] = sample(bytes, at + i * step * size, packed);
            }
        }
    }

    private static ByteBuffer plane(AVFrame frame, int index, long bytes) {
        return frame.extended_data(index).capacity(bytes).asByteBuffer().order(ByteOrder.nativeOrder());
    }

    private static float sample(ByteBuffer bytes, int at, int format) throws ReadFault {
        if (format == AV_SAMPLE_FMT_FLT) {
            return bytes.getFloat(at);
        } else if (format == AV_SAMPLE_FMT_S16) {
            return bytes.getShort(at) / 32768f;
        } else if (format == AV_SAMPLE_FMT_S32) {
            return (float) (bytes.getInt(at) / 2147483648.0);
        } else if (format == AV_SAMPLE_FMT_DBL) {
            return (float) bytes.getDouble(at);
        } else if (format == AV_SAMPLE_FMT_U8) {
            return ((bytes.get(at) & 0xFF) - 128) / 128f;
        }
        throw new ReadFault(Faults.say("sample-copy.has-samples-kind"));
    }
}
