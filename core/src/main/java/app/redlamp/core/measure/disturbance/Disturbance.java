package app.redlamp.core.measure.disturbance;

import app.redlamp.core.measure.voice.Event;

/**
 * A sound in a pause that is neither voice nor noise.
 *
 * @param source what made it
 * @param path the way that most of it took to the microphone
 * @param event when it was; amount in dB above the voice's level
 */
public record Disturbance(Source source, Path path, Event event) {

    /** What makes it. */
    public enum Source {
        /** A knock on what the microphone stands on. */
        DESK,
        /** Steps, a door, a machine that thumps: what shakes the floor. */
        STEPS,
        /** A hand on the stand, the arm or the lead. */
        HANDLING,
        /** Keys and buttons of a computer. */
        KEYS,
        /** A chair that creaks. */
        CHAIR,
        /** Paper that is turned, or cloth that rustles. */
        PAPER
    }

    /** The way that it takes: the air, or what the microphone stands on. */
    public enum Path {
        AIR,
        DESK,
        STAND,
        FLOOR
    }
}
