/**
 * What a voice does to a recording: plosives, sibilants, clicks, its spectrum, its pace, the room in it.
 *
 * <p>The compromise: events are counted by rules of level, spectrum and length that were set on speech whose truth is known, and
 * not by a trained model that nobody could explain.
 */
package app.redlamp.core.measure.voice;
