package app.redlamp.core.chain.datasheet;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.Converter;
import app.redlamp.core.chain.Preamp;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Volts;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Preamp and converter of an interface as a data sheet has them. What the sheet leaves open is assumed, and how much depends on
 * that is said; what is usual is common practice, no source.
 *
 * @param usual with what is usual where nothing is said
 * @param worst with the worst of it
 * @param best with the best of it
 * @param converter bits and dynamic range
 * @param assumed what was not said
 * @param doubts what cannot be, or hardly can
 */
public record DataSheetInterface(
        Preamp usual, Preamp worst, Preamp best, Converter converter, List<DataSheetItem> assumed, List<Doubt> doubts) {
    /** What a preamp hisses more at the end of its knob (common practice, no source). */
    private static final double STRAIN_DB = 4;

    /** Where a sheet is silent (common practice, no source). */
    private static final double USUAL_RANGE_DB = 106;

    /** Where a sheet is silent (common practice, no source). */
    private static final double USUAL_BITS = 24;

    /** What interfaces usually have. */
    private static final List<DataSheetItem> ITEMS = List.of(
            DataSheetItem.MIN_GAIN,
            DataSheetItem.MAX_GAIN,
            DataSheetItem.INPUT_NOISE,
            DataSheetItem.MAX_INPUT,
            DataSheetItem.INPUT_IMPEDANCE,
            DataSheetItem.DYNAMIC_RANGE,
            DataSheetItem.BITS);

    public DataSheetInterface {
        assumed = List.copyOf(assumed);
        doubts = List.copyOf(doubts);
    }

    /** @throws IllegalArgumentException for a figure that no interface has; one line */
    public static DataSheetInterface of(DataSheet sheet) {
        List<DataSheetItem> assumed =
                ITEMS.stream().filter(i -> sheet.value(i).isEmpty()).toList();
        return new DataSheetInterface(
                preamp(sheet, 0),
                preamp(sheet, -1),
                preamp(sheet, 1),
                new Converter(
                        (int) Math.rint(sheet.value(DataSheetItem.BITS).orElse(USUAL_BITS)),
                        sheet.value(DataSheetItem.DYNAMIC_RANGE).orElse(USUAL_RANGE_DB)),
                assumed,
                doubts(sheet));
    }

    /** @param side −1 for the worst, 0 for the usual, 1 for the best */
    private static Preamp preamp(DataSheet sheet, int side) {
        double least = sheet.value(DataSheetItem.MIN_GAIN).orElse(0);
        return new Preamp(
                least,
                sheet.value(DataSheetItem.MAX_GAIN).orElse(at(side, 46, 55, 65)),
                sheet.value(DataSheetItem.INPUT_NOISE).orElse(at(side, -118, -126, -129)),
                STRAIN_DB,
                sheet.value(DataSheetItem.MAX_INPUT).orElse(at(side, 4, 10, 16)),
                sheet.value(DataSheetItem.INPUT_IMPEDANCE).orElse(at(side, 1500, 3000, 6000)));
    }

    private static double at(int side, double worst, double usual, double best) {
        return side < 0 ? worst : side > 0 ? best : usual;
    }

    private static List<Doubt> doubts(DataSheet sheet) {
        List<Doubt> doubts = new ArrayList<>();
        double thermal = Volts.thermalDbu(150);
        OptionalDouble noise = sheet.value(DataSheetItem.INPUT_NOISE);
        if (noise.isPresent() && noise.getAsDouble() < thermal) {
            doubts.add(new Doubt(Doubt.Kind.BELOW_THERMAL, DataSheetItem.INPUT_NOISE, noise.getAsDouble(), thermal));
        }
        doubt(sheet, DataSheetItem.MAX_GAIN, 20, 85, doubts);
        doubt(sheet, DataSheetItem.MAX_INPUT, -20, 30, doubts);
        doubt(sheet, DataSheetItem.DYNAMIC_RANGE, 75, 130, doubts);
        return doubts;
    }

    private static void doubt(DataSheet sheet, DataSheetItem item, double low, double high, List<Doubt> doubts) {
        OptionalDouble value = sheet.value(item);
        if (value.isPresent() && value.getAsDouble() < low) {
            doubts.add(new Doubt(Doubt.Kind.LOW, item, value.getAsDouble(), low));
        } else if (value.isPresent() && value.getAsDouble() > high) {
            doubts.add(new Doubt(Doubt.Kind.HIGH, item, value.getAsDouble(), high));
        }
    }

    /** How far apart the answers lie with the worst and with the best of what was not said, in dB. */
    public double spreadDb(Chain chain) {
        double a = SignalPath.of(through(chain, worst)).snrDb();
        double b = SignalPath.of(through(chain, best)).snrDb();
        return Math.abs(b - a);
    }

    /** A chain through this preamp and converter, with its gain as far as this one has it. */
    public Chain through(Chain chain, Preamp preamp) {
        return new Chain(
                chain.voice(),
                chain.position(),
                chain.room(),
                chain.capsule(),
                chain.lead(),
                chain.booster(),
                preamp,
                preamp.within(
                        chain.gainDb() + preamp.fullScaleDbu() - chain.preamp().fullScaleDbu()),
                converter,
                chain.finishing());
    }
}
