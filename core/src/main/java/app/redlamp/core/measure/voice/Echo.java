package app.redlamp.core.measure.voice;

/**
 * A voice once more, later and softer.
 *
 * @param delayS how much later, in seconds
 * @param levelDb level against the voice, in dB, at most 0
 */
public record Echo(double delayS, double levelDb) {}
