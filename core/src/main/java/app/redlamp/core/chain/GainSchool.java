package app.redlamp.core.chain;

/** Where the loudest line of a job is put when the gain is set. Common practice, no source. */
public enum GainSchool {
    /** Peaks of the loudest line between −12 and −6 dBFS, aimed at −9. */
    MIDDLE,
    /** Peaks around −6 dBFS: little room for the excited line. */
    HOT,
    /** Average around −18 dBFS with peaks under −12: for what is edited later. */
    EDITED,
    /** Close to full scale behind a limiter: only for what goes out live. */
    LIVE,
    /** An analogue mixer: faders at unity, trim until normal speech sits at 0 VU, which is about −18 dBFS. */
    MIXER
}
