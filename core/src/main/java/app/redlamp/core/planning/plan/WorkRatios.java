package app.redlamp.core.planning.plan;

import app.redlamp.core.fault.Faults;

/**
 * How long things take, as long as nothing has been measured.
 *
 * @param wordsPerMinute pace of reading, 60 to 300
 * @param booth hours in the booth for a finished hour, 1 to 20
 * @param edit hours of editing for a finished hour, 0 to 20
 * @param proof hours of proof listening for a finished hour, 0 to 20
 * @param kept length of what is kept in {@code raw/} for a finished second, retakes among them, 1 to 10
 */
public record WorkRatios(double wordsPerMinute, double booth, double edit, double proof, double kept) {
    /**
     * Common practice, no source: 150 to 160 words a minute; 1.5 to 3 hours in the booth and 4 to 6 hours of work in all for
     * a finished hour.
     */
    public static final WorkRatios USUAL = new WorkRatios(155, 2, 2, 1, 1.3);

    /** @throws IllegalArgumentException for figures out of range */
    public WorkRatios {
        check("work-ratios.words-a-minute", wordsPerMinute, 60, 300);
        check("work-ratios.hours-in-the-booth-for-a-finished-hour", booth, 1, 20);
        check("work-ratios.hours-of-editing-for-a-finished-hour", edit, 0, 20);
        check("work-ratios.hours-of-proof-listening-for-a-finished-hour", proof, 0, 20);
        check("work-ratios.recorded-for-a-finished-second", kept, 1, 10);
    }

    private static void check(String name, double value, double low, double high) {
        if (!(value >= low && value <= high)) {
            throw new IllegalArgumentException(
                    Faults.say("work-ratios.must-lie-between", Faults.say(name), value, (int) low, (int) high));
        }
    }
}
