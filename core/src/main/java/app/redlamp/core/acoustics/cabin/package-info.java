/**
 * Booths as things to buy or to build: what they keep out, how they sound inside, and what a decibel of either costs beside cloth
 * and wool.
 *
 * <p>The compromise: what comes through the floor, and how well a door is shut, no table of a seller knows.
 */
package app.redlamp.core.acoustics.cabin;
