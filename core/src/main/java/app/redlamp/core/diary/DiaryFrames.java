package app.redlamp.core.diary;

import app.redlamp.core.signal.FloatSeries;
import java.util.List;

/**
 * What is kept of a long recording: a few figures for each frame of about a fifth of a second.
 *
 * @param frameS length of a frame in seconds
 * @param weighted A-weighted mean square
 * @param low mean square of the octaves of 63 and 125 Hz
 * @param octaves mean square of each octave from 63 Hz to 8 kHz
 * @param tone how far the strongest line between 40 and 500 Hz stands over what is beside it, in dB
 * @param crest peak over RMS, as a power ratio
 */
record DiaryFrames(
        double frameS,
        FloatSeries weighted,
        FloatSeries low,
        List<FloatSeries> octaves,
        FloatSeries tone,
        FloatSeries crest) {

    DiaryFrames {
        octaves = List.copyOf(octaves);
    }

    int count() {
        return weighted.size();
    }
}
