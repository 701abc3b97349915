package app.redlamp.core.acoustics.diary;

import app.redlamp.core.signal.FloatSeries;
import java.util.List;

/**
 * What is kept of a long recording: a few figures for each frame of about a fifth of a second.
 *
 * @param frameS length of a frame in seconds
 * @param weighted A-weighted mean square
 * @param low mean square of the octaves of 63 and 125 Hz
 * @param octaves mean square of each octave from 63 Hz to 8 kHz
 * @param lines mean power of each bin between 30 and 560 Hz, for every {@value #FRAMES_A_BLOCK} frames
 * @param lineCount how many bins those are
 */
record DiaryFrames(
        double frameS,
        FloatSeries weighted,
        FloatSeries low,
        List<FloatSeries> octaves,
        FloatSeries lines,
        int lineCount) {

    /** Frames that share one spectrum of lines: single ones are too rough, and all of them too many (ours). */
    static final int FRAMES_A_BLOCK = 8;

    DiaryFrames {
        octaves = List.copyOf(octaves);
    }

    /** What is there now, to be read while more is added here. */
    DiaryFrames soFar() {
        return new DiaryFrames(
                frameS,
                weighted.soFar(),
                low.soFar(),
                octaves.stream().map(FloatSeries::soFar).toList(),
                lines.soFar(),
                lineCount);
    }

    int count() {
        return weighted.size();
    }
}
