/**
 * The whole of what is measured of one recording, in one pass: a report, what stands out in it, and pictures of it.
 *
 * <p>The compromise: everything is measured of every recording, also what nobody asked for, so that a file is read once.
 */
package app.redlamp.core.measure.analysis;
