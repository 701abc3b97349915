/**
 * The simulated booth as a production has it: its room or what is guessed of it, its kit, its voices.
 *
 * <p>The compromise: where neither room nor kit is chosen yet there is a usual one of each, so that everything can be tried before
 * anything is decided.
 */
package app.redlamp.core.taking.simulated;
