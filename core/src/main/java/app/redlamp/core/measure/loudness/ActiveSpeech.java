package app.redlamp.core.measure.loudness;

import java.util.OptionalDouble;

/**
 * Active speech level after ITU-T P.56 method B.
 *
 * @param levelDbov mean level while somebody speaks, in dB relative to the overload point, where a full-scale square
 *     wave is 0 and a full-scale sine −3.01; absent where nobody speaks
 * @param activity share of the time in which somebody speaks, 0 to 1
 */
public record ActiveSpeech(OptionalDouble levelDbov, double activity) {}
