package app.redlamp.core.measure.voice;

/**
 * The voice once more, later and softer.
 *
 * @param delayMs how much later, in milliseconds
 * @param levelDb level against the voice, in dB, below 0
 */
public record Echo(double delayMs, double levelDb) {}
