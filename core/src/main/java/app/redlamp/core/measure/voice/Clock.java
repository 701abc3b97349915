package app.redlamp.core.measure.voice;

/**
 * A clock that ticks in the pauses.
 *
 * @param periodS seconds from tick to tick
 * @param ticks those that are heard in pauses; amount as a ratio to the noise around
 */
public record Clock(double periodS, Event.Tally ticks) {}
