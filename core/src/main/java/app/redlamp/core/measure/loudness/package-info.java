/**
 * How loud a recording is: loudness (ITU-R BS.1770-5, EBU Tech 3341 and 3342), true and sample peak, RMS, active speech level
 * (ITU-T P.56), clipped runs.
 *
 * <p>The compromise: meters take samples as they come and keep histograms, so that ten hours fit into little memory; percentiles
 * are those of a histogram of hundredths of a decibel.
 */
package app.redlamp.core.measure.loudness;
