package app.redlamp.core.plan;

/** Where the loudest line of a job is put when the gain is set. Common practice, no source. */
public enum GainSchool {
    /** Peaks of the loudest line between −12 and −6 dBFS, aimed at −9. */
    MIDDLE(-12, -6, -9),
    /** Peaks around −6 dBFS: little room for the excited line. */
    HOT(-8, -4, -6),
    /** Average around −18 dBFS with peaks under −12: for what is edited later. */
    EDITED(-18, -12, -14),
    /** Close to full scale behind a limiter: only for what goes out live. */
    LIVE(-6, -1, -3);

    private final double lowestDbfs;
    private final double highestDbfs;
    private final double aimDbfs;

    GainSchool(double lowestDbfs, double highestDbfs, double aimDbfs) {
        this.lowestDbfs = lowestDbfs;
        this.highestDbfs = highestDbfs;
        this.aimDbfs = aimDbfs;
    }

    public double lowestDbfs() {
        return lowestDbfs;
    }

    public double highestDbfs() {
        return highestDbfs;
    }

    public double aimDbfs() {
        return aimDbfs;
    }
}
