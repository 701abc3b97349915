/**
 * The page that is read from: sentences in their order, with what was decided about names and voices, and where the reader is, told
 * from the syllables that are heard and the pauses between them.
 *
 * <p>The compromise: nothing is understood. The page goes on at the pace of the voice and finds its place again at the end of a
 * sentence; whoever leaves out a line goes on by key.
 */
package app.redlamp.core.taking.page;
