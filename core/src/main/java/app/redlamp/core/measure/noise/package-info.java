/**
 * What lies between the words: pauses, the noise floor, and what the noise is made of.
 *
 * <p>The compromise: a pause is found by level against the voice; noise that comes and goes as loudly as half a voice is taken for
 * one.
 */
package app.redlamp.core.measure.noise;
