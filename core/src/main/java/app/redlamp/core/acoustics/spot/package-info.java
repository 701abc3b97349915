/**
 * A place to record in: everything that follows from a drawing, what it lacks for a job, and what would help, the worst first.
 *
 * <p>The compromise: places are ranked by points of our own, which only put them in an order; the verdict goes by limits alone.
 */
package app.redlamp.core.acoustics.spot;
