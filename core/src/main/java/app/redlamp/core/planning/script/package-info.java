/**
 * A script: blocks of text, chapters and cues, counts, names and numbers to look up, dialogue and voices.
 *
 * <p>The compromise: sentences and names are found by rules that know several languages a little, and none of them well.
 */
package app.redlamp.core.planning.script;
