package app.redlamp.media.ffmpeg;

import static org.bytedeco.ffmpeg.global.avutil.av_dict_get;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_iterate;
import static org.bytedeco.ffmpeg.global.avutil.av_dict_set;
import static org.bytedeco.ffmpeg.global.avutil.av_mallocz;

import app.redlamp.core.signal.Labels;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.bytedeco.ffmpeg.avformat.AVChapter;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVDictionaryEntry;
import org.bytedeco.ffmpeg.avutil.AVRational;
import org.bytedeco.javacpp.Pointer;
import org.bytedeco.javacpp.PointerPointer;

/** Tags and chapters, as the codec library's containers hold them, and our labels. */
final class FileLabels {
    private static final int MOST_CUES = 10_000;
    private static final int MOST_NUMBERED = 999;
    private static final int MOST_TAGS = 200;
    private static final int LONGEST_TAG = 4096;
    private static final int MILLISECONDS = 1000;

    private FileLabels() {}

    static Labels read(AVFormatContext container, AVStream stream) {
        Map<String, String> tags = new HashMap<>();
        read(stream.metadata(), tags);
        read(container.metadata(), tags);
        List<Labels.Cue> cues = new ArrayList<>();
        for (int i = 0; i < Math.min(MOST_CUES, container.nb_chapters()); i++) {
            AVChapter chapter = container.chapters(i);
            AVRational base = chapter.time_base();
            double atS = base.den() == 0 ? 0 : (double) chapter.start() * base.num() / base.den();
            if (atS >= 0) {
                cues.add(new Labels.Cue(atS, title(chapter.metadata())));
            }
        }
        cues.sort(Comparator.comparingDouble(Labels.Cue::atS));
        return new Labels(tags, cues);
    }

    private static void read(AVDictionary dictionary, Map<String, String> tags) {
        AVDictionaryEntry entry = null;
        do {
            entry = av_dict_iterate(dictionary, entry);
            if (entry != null && !entry.isNull()) {
                String value = entry.value().getString(StandardCharsets.UTF_8);
                tags.put(
                        entry.key().getString(StandardCharsets.UTF_8).toLowerCase(Locale.ROOT),
                        value.substring(0, Math.min(LONGEST_TAG, value.length())));
            }
        } while (entry != null && !entry.isNull() && tags.size() < MOST_TAGS);
    }

    private static String title(AVDictionary dictionary) {
        AVDictionaryEntry entry = av_dict_get(dictionary, "title", null, 0);
        return entry == null || entry.isNull() ? "" : entry.value().getString(StandardCharsets.UTF_8);
    }

    /** Puts labels into a container that is about to be written; it frees them with itself. */
    static void put(AVFormatContext container, Labels labels) {
        AVDictionary tags = new AVDictionary(null);
        labels.tags().forEach((name, value) -> av_dict_set(tags, name, value, 0));
        List<Labels.Cue> cues = labels.cues();
        if (container.oformat().name().getString().equals("flac")) {
            putAsTags(tags, cues);
        } else if (!cues.isEmpty()) {
            putAsChapters(container, cues);
        }
        container.metadata(tags);
    }

    /** FLAC has its cue points among its tags, as Vorbis comments name chapters (common practice, from memory). */
    private static void putAsTags(AVDictionary tags, List<Labels.Cue> cues) {
        for (int i = 0; i < Math.min(MOST_NUMBERED, cues.size()); i++) {
            long ms = Math.round(cues.get(i).atS() * MILLISECONDS);
            String name = String.format(Locale.ROOT, "CHAPTER%03d", i + 1);
            String at = String.format(
                    Locale.ROOT, "%02d:%02d:%02d.%03d", ms / 3_600_000, ms / 60_000 % 60, ms / 1000 % 60, ms % 1000);
            av_dict_set(tags, name, at, 0);
            av_dict_set(tags, name + "NAME", cues.get(i).text(), 0);
        }
    }

    private static void putAsChapters(AVFormatContext container, List<Labels.Cue> cues) {
        PointerPointer<AVChapter> chapters =
                new PointerPointer<>(av_mallocz((long) cues.size() * Pointer.sizeof(Pointer.class)));
        for (int i = 0; i < cues.size(); i++) {
            AVChapter chapter = new AVChapter(av_mallocz(Pointer.sizeof(AVChapter.class)));
            chapter.id(i + 1L);
            chapter.time_base().num(1);
            chapter.time_base().den(MILLISECONDS);
            long start = Math.round(cues.get(i).atS() * MILLISECONDS);
            chapter.start(start);
            long end = i + 1 < cues.size() ? Math.round(cues.get(i + 1).atS() * MILLISECONDS) : start + 1;
            chapter.end(Math.max(start, end));
            AVDictionary title = new AVDictionary(null);
            av_dict_set(title, "title", cues.get(i).text(), 0);
            chapter.metadata(title);
            chapters.put(i, chapter);
        }
        container.chapters(chapters);
        container.nb_chapters(cues.size());
    }
}
