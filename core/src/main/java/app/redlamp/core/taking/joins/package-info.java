/**
 * Puts chapters together of takes: finds the quiet in which one passage can go over to the next, tells which reading of a sentence
 * counts, and plays the whole from any place without rendering it first.
 *
 * <p>The compromise: joins are found from the levels and from how alike two readings sound, not from words that were understood.
 */
package app.redlamp.core.taking.joins;
