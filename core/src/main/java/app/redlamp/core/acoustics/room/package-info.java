/**
 * A drawn room: what it swallows, how long it rings, where it booms, what comes back. Statistical formulas (Sabine, Eyring), modes
 * of a rectangle, image sources, traced rays where absorption is uneven.
 *
 * <p>The compromise: rooms are boxes with things in them; sloping ceilings and open doors are drawn as what is nearest to them.
 */
package app.redlamp.core.acoustics.room;
