/**
 * What is heard of a room in a recording of speech: how long it rings, and how clear the voice stands before it.
 *
 * <p>Whoever knows the room itself, by a clap or by a plan, asks {@code acoustics} instead.
 */
package app.redlamp.core.measure.room;
