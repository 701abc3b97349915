package app.redlamp.core.acoustics.room;

/**
 * A low frequency at which a room adds to the voice at the microphone.
 *
 * @param frequencyHz where
 * @param liftDb how far the room lifts it over the voice in the open
 * @param excessDb how far it sticks out of its neighbours within half an octave on both sides
 * @param mode the standing wave that does it
 */
public record Boom(double frequencyHz, double liftDb, double excessDb, Mode mode) {}
