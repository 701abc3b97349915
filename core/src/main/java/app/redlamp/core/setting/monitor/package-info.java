/**
 * What somebody hears of themselves: the mix, and the detectors of loudspeakers and howl-round.
 *
 * <p>The compromise: monitoring is one channel to both ears.
 */
package app.redlamp.core.setting.monitor;
