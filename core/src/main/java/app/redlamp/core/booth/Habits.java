package app.redlamp.core.booth;

import app.redlamp.core.fault.Faults;

/**
 * What a reader does besides reading, in times a minute, each 0 to 120. Breaths and clicks come in pauses, plosives and hissing
 * sounds in words, chair, clothes and pages whenever.
 */
public record Habits(
        double plosives, double sibilants, double breaths, double clicks, double creaks, double rustles, double pages) {
    /** Nothing but the voice. */
    public static final Habits NONE = new Habits(0, 0, 0, 0, 0, 0, 0);

    /** Somebody who has read before (common practice, no source). */
    public static final Habits USUAL = new Habits(4, 2, 8, 2, 0.5, 0.5, 0.5);

    /** Clicks or breaths a minute (ours). */
    private static final double MOST = 120;

    /** @throws IllegalArgumentException out of range */
    public Habits {
        for (double often : new double[] {plosives, sibilants, breaths, clicks, creaks, rustles, pages}) {
            if (!(often >= 0 && often <= MOST)) {
                throw new IllegalArgumentException(Faults.say("habits.times-minute-must", often));
            }
        }
    }

    /** How often a kind comes, in times a minute. */
    double of(BoothEvent.Kind kind) {
        return switch (kind) {
            case PLOSIVE -> plosives;
            case SIBILANT -> sibilants;
            case BREATH -> breaths;
            case CLICK -> clicks;
            case CREAK -> creaks;
            case RUSTLE -> rustles;
            case PAGE -> pages;
        };
    }
}
