package app.redlamp.core.planning.plan;

import app.redlamp.core.chain.GainSchool;
import java.util.Locale;

/** What is to be recorded, with what goes with it unless the client says otherwise. Defaults are common practice, no source. */
public enum JobKind {
    AUDIOBOOK("audiobook-retail", 44_100, 1, GainSchool.MIDDLE, "{production}_{nn}_{title}", true, false),
    PODCAST_ALONE("podcast-mono", 44_100, 1, GainSchool.MIDDLE, "{production}_{nnn}_{title}", false, false),
    PODCAST_COHOST("podcast-stereo", 44_100, 2, GainSchool.EDITED, "{production}_{nnn}_{title}", false, false),
    PODCAST_REMOTE("podcast-stereo", 44_100, 3, GainSchool.EDITED, "{production}_{nnn}_{title}", false, false),
    COMMERCIAL("broadcast-r128", 48_000, 1, GainSchool.MIDDLE, "{client}_{production}_{title}_{nn}", true, false),
    E_LEARNING("e-learning", 48_000, 1, GainSchool.MIDDLE, "{production}_{nn}_{title}", true, false),
    PHONE_PROMPTS("phone-prompt", 48_000, 1, GainSchool.MIDDLE, "{production}_{nnn}", true, true),
    AUDIO_GUIDE("streamed-speech", 48_000, 1, GainSchool.MIDDLE, "{production}_stop-{nn}_{title}", true, true),
    LIVE_STREAM("streamed-speech", 48_000, 1, GainSchool.LIVE, "{production}_{nnn}", false, false),
    VOICE_DATASET("voice-dataset", 48_000, 1, GainSchool.MIDDLE, "{production}_{nnn}", true, true);

    /** Recordings are made with 24 bits (common practice, no source). */
    private static final int BIT_DEPTH = 24;

    private final String specificationId;
    private final int sampleRateHz;
    private final int channels;
    private final GainSchool school;
    private final String pattern;
    private final boolean read;
    private final boolean cues;

    JobKind(
            String specificationId,
            int sampleRateHz,
            int channels,
            GainSchool school,
            String pattern,
            boolean read,
            boolean cues) {
        this.specificationId = specificationId;
        this.sampleRateHz = sampleRateHz;
        this.channels = channels;
        this.school = school;
        this.pattern = pattern;
        this.read = read;
        this.cues = cues;
    }

    /** Name in files and on the command line, such as {@code audio-guide}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Specification that is offered first. */
    public String specificationId() {
        return specificationId;
    }

    /** Format that such jobs are recorded in. */
    public RecordingFormat capture() {
        return new RecordingFormat(sampleRateHz, BIT_DEPTH, channels);
    }

    /** Gain school that such jobs are set by. */
    public GainSchool school() {
        return school;
    }

    /** File-name pattern that is offered first. */
    public String pattern() {
        return pattern;
    }

    /** Whether every word stands in a script; otherwise episodes are planned by their length. */
    public boolean isRead() {
        return read;
    }

    /** Whether numbered cues are looked for before headings. */
    public boolean hasCues() {
        return cues;
    }
}
