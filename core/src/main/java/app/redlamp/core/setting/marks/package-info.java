/**
 * Knobs and sliders without decibels: what their marks come to is learnt from one phrase at several positions, and advice is given in the
 * user's own marks.
 */
package app.redlamp.core.setting.marks;
