/**
 * What is known of a take while it is recorded: its head before the first sample, what was lost, what was marked, and what the disk
 * still takes.
 *
 * <p>The compromise: what was lost becomes silence of the same length, so that every later place keeps its time; it is counted and
 * marked, and nothing is drawn together over it.
 */
package app.redlamp.core.taking.raw;
