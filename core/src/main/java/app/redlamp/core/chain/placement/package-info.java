/**
 * Where a microphone stands: nearness, breath, off-axis sound, and how much of somebody else it hears.
 *
 * <p>The compromise: a head is a sphere with a mouth, and breath a jet; both are right within what a pop filter decides.
 */
package app.redlamp.core.chain.placement;
