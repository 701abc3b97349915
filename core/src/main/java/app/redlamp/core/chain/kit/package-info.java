/**
 * Microphones, boxes, leads and what else belongs to a kit, and how they hang together for each voice.
 *
 * <p>The compromise: all that ships is generic, with invented names and typical figures.
 */
package app.redlamp.core.chain.kit;
