/**
 * What happened in a production: one entry a line of its log, with numbers as numbers and no text of any screen. Whoever learns
 * from the past (pace, retakes, gain cards, rejections) reads it here.
 *
 * <p>The compromise: an entry is a record whose fields are written under their own names, so renaming one changes the file; an old
 * name that a log may still hold has to be kept.
 */
package app.redlamp.core.log;
