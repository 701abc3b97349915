package app.redlamp.media;

import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.Signals;
import app.redlamp.media.ffmpeg.ResampledSource;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** The dry speech that ships, as samples: digital silence between its sentences. */
public final class DemoVoice {
    public static final List<String> NAMES = List.of(
            "1-the-cellar-barometer",
            "2-letters-from-the-quay",
            "3-a-map-of-rain",
            "4-the-borrowed-coat",
            "5-harbour-lights");

    private static final Map<String, float[]> KNOWN = new ConcurrentHashMap<>();

    private DemoVoice() {}

    /** Read once a process; what is given is a copy. */
    public static float[] samples(String name, int rate, Path scratch) throws IOException {
        String key = name + rate;
        float[] known = KNOWN.get(key);
        if (known == null) {
            known = read(name, rate, scratch);
            KNOWN.put(key, known);
        }
        return known.clone();
    }

    private static float[] read(String name, int rate, Path scratch) throws IOException {
        Path flac = file(name, scratch);
        try (AudioSource source = ResampledSource.of(AudioFiles.open(flac).source(), rate)) {
            return Signals.readAll(source, 8192)[0];
        }
    }

    /** The FLAC file itself, copied to a folder. */
    public static Path file(String name, Path scratch) throws IOException {
        Path flac = scratch.resolve(name + ".flac");
        if (!Files.exists(flac)) {
            try (InputStream in = AudioFiles.class.getResourceAsStream("demo/" + name + ".flac")) {
                Files.copy(in, flac);
            }
        }
        return flac;
    }
}
