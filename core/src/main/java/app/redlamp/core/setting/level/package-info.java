/**
 * The guided setting of one voice: steps, what each gave, which way to turn the gain, what the noise will be, and the verdict.
 *
 * <p>The compromise: a knob without figures is turned by decibels that are heard and not read.
 */
package app.redlamp.core.setting.level;
