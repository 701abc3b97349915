/**
 * Listening for hours: a night read into events with their kind, rise and hour.
 *
 * <p>The compromise: events are what rises out of the quiet around them; what is always there is for the noise floor.
 */
package app.redlamp.core.acoustics.diary;
