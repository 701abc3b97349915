package app.redlamp.core.measure.loudness;

import java.util.OptionalDouble;

/**
 * Loudness after ITU-R BS.1770-5 and EBU R 128. A value that the recording is too short or too quiet for is absent.
 *
 * @param integratedLufs gated loudness in LUFS; needs 400 ms and something above −70 LUFS
 * @param maxMomentaryLufs loudest 400 ms in LUFS; absent below −70 LUFS
 * @param maxShortTermLufs loudest 3 s in LUFS; absent below −70 LUFS
 * @param rangeLu loudness range in LU (EBU Tech 3342), short-term values each 100 ms
 */
public record Loudness(
        OptionalDouble integratedLufs,
        OptionalDouble maxMomentaryLufs,
        OptionalDouble maxShortTermLufs,
        OptionalDouble rangeLu) {}
