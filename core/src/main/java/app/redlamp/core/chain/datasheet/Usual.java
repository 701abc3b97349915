package app.redlamp.core.chain.datasheet;

import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.fault.Faults;

/**
 * What a figure usually is, where a data sheet does not say. All of it is common practice, no source.
 *
 * @param low the least that such things have
 * @param usual what most have
 * @param high the most
 */
public record Usual(double low, double usual, double high) {
    /** Levels on data sheets scatter by so much (common practice, no source). */
    private static final double LEVEL_DB = 3;

    /** In the unit of the item; only for the figures of a capsule. */
    static Usual of(DataSheetItem item, Microphone.Kind kind) {
        return switch (item) {
            case SENSITIVITY -> sensitivity(kind);
            case SELF_NOISE -> selfNoise(kind);
            case MAX_SPL -> maxSpl(kind);
            case OUTPUT_IMPEDANCE -> impedance(kind);
            default -> throw new IllegalArgumentException(Faults.say("usual.no-figure-capsule", item.id()));
        };
    }

    private static Usual sensitivity(Microphone.Kind kind) {
        return switch (kind) {
            case LARGE_CONDENSER -> new Usual(8, 20, 45);
            case SMALL_CONDENSER -> new Usual(6, 15, 35);
            case DYNAMIC -> new Usual(1, 2, 3.5);
            case RIBBON -> new Usual(0.6, 1.5, 3);
            case LAVALIER, HEADSET -> new Usual(3, 8, 20);
            case TELEPHONE, COMPUTER -> new Usual(4, 8, 16);
        };
    }

    private static Usual selfNoise(Microphone.Kind kind) {
        return switch (kind) {
            case LARGE_CONDENSER -> new Usual(5, 13, 22);
            case SMALL_CONDENSER -> new Usual(10, 16, 24);
            case DYNAMIC, RIBBON -> new Usual(14, 18, 24);
            case LAVALIER, HEADSET -> new Usual(22, 27, 34);
            case TELEPHONE, COMPUTER -> new Usual(26, 30, 36);
        };
    }

    private static Usual maxSpl(Microphone.Kind kind) {
        return switch (kind) {
            case LARGE_CONDENSER, SMALL_CONDENSER -> new Usual(118, 130, 144);
            case DYNAMIC, RIBBON -> new Usual(140, 150, 165);
            case LAVALIER, HEADSET, TELEPHONE, COMPUTER -> new Usual(110, 120, 138);
        };
    }

    private static Usual impedance(Microphone.Kind kind) {
        return switch (kind) {
            case LARGE_CONDENSER, SMALL_CONDENSER -> new Usual(40, 150, 250);
            case DYNAMIC, RIBBON -> new Usual(150, 300, 600);
            case LAVALIER, HEADSET, TELEPHONE, COMPUTER -> new Usual(100, 1000, 2200);
        };
    }

    /** Below this it hardly can be: a third less, or for levels a few decibels. */
    double lowest(DataSheetItem item) {
        return isLevel(item) ? low - LEVEL_DB : low * 2 / 3;
    }

    /** Above this it hardly can be. */
    double highest(DataSheetItem item) {
        return isLevel(item) ? high + LEVEL_DB : high * 3 / 2;
    }

    private static boolean isLevel(DataSheetItem item) {
        return item == DataSheetItem.SELF_NOISE || item == DataSheetItem.MAX_SPL;
    }
}
