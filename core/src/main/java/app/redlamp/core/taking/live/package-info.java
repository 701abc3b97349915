/**
 * What a take sounds like while it is recorded, in steps of 10 ms, and what of it the reader has to know at once.
 *
 * <p>The compromise: a noise that comes while somebody speaks is told in the next pause.
 */
package app.redlamp.core.taking.live;
