/**
 * Noise from elsewhere: sources with their octaves and hours, what divides them from the room (mass law), a week in half hours.
 *
 * <p>The compromise: walls are single leaves; what flanks them is not counted, and measured noise goes before computed.
 */
package app.redlamp.core.acoustics.outside;
