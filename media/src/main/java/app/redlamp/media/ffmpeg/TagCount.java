package app.redlamp.media.ffmpeg;

import app.redlamp.media.ReadFault;
import app.redlamp.media.fault.Faults;

/** How many tags a file has carried so far, and how large they are; more than any recording has is refused. */
final class TagCount {
    /** Far more than the thousand cue points that we write ourselves. */
    static final int MOST_TAGS = 10_000;

    private static final long MOST_BYTES = 64L << 20;

    private long tags;
    private long bytes;

    /** @throws ReadFault where it is more than any recording has; one line that says what to do */
    void more(long moreTags, long moreBytes) throws ReadFault {
        tags += moreTags;
        bytes += moreBytes;
        if (tags > MOST_TAGS || bytes > MOST_BYTES) {
            throw tooMany();
        }
    }

    static ReadFault tooMany() {
        return new ReadFault(Faults.say("tag-budget.carries-more-tags"));
    }
}
