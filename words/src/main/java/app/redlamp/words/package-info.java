/**
 * What is said of the computation's results. A wording takes a result of the core and gives a sentence; every sentence stands in
 * a bundle beside these classes, and numbers and lengths are formatted here and nowhere else. Nothing is decided here: a
 * limit, a slack or a verdict belongs to the chapter of the core that it is about.
 *
 * <p>The compromise: sentences are put together from whole patterns and not from parts, so some are written twice, for one and
 * for many; and a wording asks for the locale once, when it is made.
 */
package app.redlamp.words;
