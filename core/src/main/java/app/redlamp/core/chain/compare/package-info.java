/**
 * Two microphones by two takes of the same reading.
 *
 * <p>The compromise: they are compared at equal loudness, and only in what a recording shows.
 */
package app.redlamp.core.chain.compare;
