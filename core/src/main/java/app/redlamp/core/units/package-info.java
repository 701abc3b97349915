/**
 * Decibels and windows: what all figures are made of. Nothing here knows what it is a unit of.
 *
 * <p>The compromise: levels are plain doubles whose names end in their unit; a type for each would stand in the way of arithmetic
 * that the field writes with plain numbers too.
 */
package app.redlamp.core.units;
