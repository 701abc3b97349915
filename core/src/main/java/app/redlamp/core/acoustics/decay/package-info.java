/**
 * A room by a clap: decay curves in octaves, flutter, early echoes, each with the trust that its range allows (ISO 3382-2).
 *
 * <p>The compromise: a clap is no standardised source; low octaves are often left open rather than guessed.
 */
package app.redlamp.core.acoustics.decay;
