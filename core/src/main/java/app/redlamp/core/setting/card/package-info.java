/**
 * How everything stood when the gain was right, and what has moved since; verdicts that somebody knows better.
 *
 * <p>The compromise: a card knows what was measured and what the user noted; a knob that was touched is told by what is heard.
 */
package app.redlamp.core.setting.card;
