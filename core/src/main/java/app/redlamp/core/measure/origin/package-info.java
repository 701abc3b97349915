/**
 * Where a recording comes from: what was left out of it before it came into this file.
 *
 * <p>The compromise: what is told is what can be seen, an edge above which there is nothing and bits that nobody uses, and not the name of a
 * coding, which leaves no signature that survives a fade.
 */
package app.redlamp.core.measure.origin;
