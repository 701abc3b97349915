package app.redlamp.desktop.deliver;

import app.redlamp.core.measure.analysis.Outline;
import app.redlamp.desktop.control.Gauge;
import app.redlamp.desktop.control.LampState;
import java.util.List;
import java.util.Optional;

/**
 * What a row of the docket shows, ready to be drawn.
 *
 * @param lamp the small lamp
 * @param title the recording
 * @param note the lamp's meaning in a few words
 * @param bars loudness, peak and noise floor, in this order; the last is left out where nothing is asked of it
 * @param outline course of the level
 * @param flags places of clipping, as shares of the length
 * @param action what pressing the row's button does, in a word; empty for nothing
 */
record RowFace(
        LampState lamp,
        String title,
        String note,
        List<Bar> bars,
        Optional<Outline> outline,
        List<Double> flags,
        String action) {

    /**
     * @param hopeless whether a value outside cannot be brought inside
     */
    record Bar(String value, Optional<Gauge> gauge, boolean hopeless) {}
}
