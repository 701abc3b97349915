/**
 * The way from mouth to file: levels in decibels, noises in power, from sound pressure to volts to numbers. One voice at a time.
 *
 * <p>The compromise: every stage is linear until it clips; what a maker calls character is none of it.
 */
package app.redlamp.core.chain;
