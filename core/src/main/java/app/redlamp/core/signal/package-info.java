/**
 * Sound as a stream of blocks of floats, and the filters and transforms that everything else measures with.
 *
 * <p>The compromise: samples are floats, which hold 24 bits exactly and are read twice as fast as doubles; filters keep doubles
 * inside.
 */
package app.redlamp.core.signal;
