package app.redlamp.core.acoustics.diary;

import java.io.IOException;

/** A recording that is no diary. The message is one line: what is wrong and what to do. */
public final class DiaryFault extends IOException {
    private static final long serialVersionUID = 1;

    DiaryFault(String message) {
        super(message);
    }
}
