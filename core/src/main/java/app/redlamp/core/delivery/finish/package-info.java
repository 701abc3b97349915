/**
 * Finding the settings that put every check inside at once, or proving which collide and by how much. Each round is measured.
 *
 * <p>The compromise: nothing is assumed of a step, so a file is processed as often as it takes, and predictions only say
 * beforehand what measuring will confirm.
 */
package app.redlamp.core.delivery.finish;
