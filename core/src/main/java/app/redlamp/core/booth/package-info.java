/**
 * The simulated booth: a reader in a drawn room before the kit's microphones, whose samples behave as the computation says.
 *
 * <p>The compromise: the voice is one recorded reader whose level, effort and breath are changed; it is true in level and spectrum
 * and not in acting.
 */
package app.redlamp.core.booth;
