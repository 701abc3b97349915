package app.redlamp.core.planning.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Where a job can hurt somebody: the reader, or whoever is recorded. Which jobs each goes with is common practice, no source. */
public enum JobCaution {
    /** Voices tire. */
    VOICE,
    /** Raw recordings are kept. */
    RAW,
    /** Whoever is on a call is asked first. */
    CALL,
    /** A voice in a data set can be copied. */
    VOICE_DATA,
    /** Music needs a licence. */
    MUSIC;

    /** Name in texts, such as {@code voice-data}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** What is to be said of a kind of job, what concerns every job first. */
    public static List<JobCaution> of(JobKind kind) {
        List<JobCaution> all = new ArrayList<>(List.of(VOICE, RAW));
        all.addAll(
                switch (kind) {
                    case PODCAST_REMOTE -> List.of(CALL, MUSIC);
                    case PODCAST_ALONE, PODCAST_COHOST, LIVE_STREAM -> List.of(MUSIC);
                    case VOICE_DATASET -> List.of(VOICE_DATA);
                    case AUDIOBOOK, COMMERCIAL, E_LEARNING, PHONE_PROMPTS, AUDIO_GUIDE -> List.<JobCaution>of();
                });
        return all;
    }
}
