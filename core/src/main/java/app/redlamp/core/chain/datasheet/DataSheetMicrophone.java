package app.redlamp.core.chain.datasheet;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.Capsule;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Volts;
import app.redlamp.core.chain.kit.Microphone;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A capsule as a data sheet has it. What the sheet leaves open is assumed, and how much depends on that is said.
 *
 * @param usual with what is usual where nothing is said
 * @param worst with the worst of it
 * @param best with the best of it
 * @param assumed what was not said
 * @param doubts what cannot be, or hardly can
 */
public record DataSheetMicrophone(
        Capsule usual, Capsule worst, Capsule best, List<DataSheetItem> assumed, List<Doubt> doubts) {
    /** Rounding of data sheets (common practice, no source). */
    private static final double ROUNDING_DB = 1;

    public DataSheetMicrophone {
        assumed = List.copyOf(assumed);
        doubts = List.copyOf(doubts);
    }

    /**
     * @param kind how it is built
     * @throws IllegalArgumentException for a figure that no capsule has; one line
     */
    public static DataSheetMicrophone of(DataSheet sheet, Microphone.Kind kind) {
        List<DataSheetItem> assumed = new ArrayList<>();
        Pattern pattern = sheet.pattern().orElse(Pattern.CARDIOID);
        boolean thermal = kind == Microphone.Kind.DYNAMIC || kind == Microphone.Kind.RIBBON;
        OptionalDouble noise = sheet.selfNoiseDbA();
        for (DataSheetItem item : List.of(
                DataSheetItem.SENSITIVITY,
                DataSheetItem.SELF_NOISE,
                DataSheetItem.MAX_SPL,
                DataSheetItem.OUTPUT_IMPEDANCE)) {
            boolean said = item == DataSheetItem.SELF_NOISE
                    ? noise.isPresent() || thermal
                    : sheet.value(item).isPresent();
            if (!said) {
                assumed.add(item);
            }
        }
        Capsule usual = capsule(sheet, kind, pattern, 0);
        return new DataSheetMicrophone(
                usual,
                capsule(sheet, kind, pattern, -1),
                capsule(sheet, kind, pattern, 1),
                assumed,
                doubts(sheet, kind, usual));
    }

    /** @param side −1 for the worst, 0 for the usual, 1 for the best */
    private static Capsule capsule(DataSheet sheet, Microphone.Kind kind, Pattern pattern, int side) {
        boolean thermal = kind == Microphone.Kind.DYNAMIC || kind == Microphone.Kind.RIBBON;
        OptionalDouble noise = sheet.selfNoiseDbA();
        if (noise.isEmpty() && !thermal) {
            noise = OptionalDouble.of(at(Usual.of(DataSheetItem.SELF_NOISE, kind), -side));
        }
        return new Capsule(
                pattern,
                said(sheet, DataSheetItem.SENSITIVITY, kind, side),
                noise,
                said(sheet, DataSheetItem.MAX_SPL, kind, side),
                said(sheet, DataSheetItem.OUTPUT_IMPEDANCE, kind, -side));
    }

    private static double said(DataSheet sheet, DataSheetItem item, Microphone.Kind kind, int side) {
        return sheet.value(item).orElse(at(Usual.of(item, kind), side));
    }

    private static double at(Usual usual, int side) {
        return side < 0 ? usual.low() : side > 0 ? usual.high() : usual.usual();
    }

    private static List<Doubt> doubts(DataSheet sheet, Microphone.Kind kind, Capsule capsule) {
        List<Doubt> doubts = new ArrayList<>();
        OptionalDouble said = sheet.value(DataSheetItem.SELF_NOISE);
        OptionalDouble ratio = sheet.value(DataSheetItem.SIGNAL_TO_NOISE);
        if (said.isPresent() && ratio.isPresent()) {
            double counted = Volts.PASCAL_DB - ratio.getAsDouble();
            if (Math.abs(counted - said.getAsDouble()) > ROUNDING_DB) {
                doubts.add(new Doubt(Doubt.Kind.CONTRADICTION, DataSheetItem.SELF_NOISE, said.getAsDouble(), counted));
            }
        }
        for (DataSheetItem item : List.of(
                DataSheetItem.SENSITIVITY,
                DataSheetItem.SELF_NOISE,
                DataSheetItem.MAX_SPL,
                DataSheetItem.OUTPUT_IMPEDANCE)) {
            OptionalDouble value = item == DataSheetItem.SELF_NOISE ? sheet.selfNoiseDbA() : sheet.value(item);
            if (value.isPresent()) {
                Usual usual = Usual.of(item, kind);
                if (value.getAsDouble() < usual.lowest(item)) {
                    doubts.add(new Doubt(Doubt.Kind.LOW, item, value.getAsDouble(), usual.low()));
                } else if (value.getAsDouble() > usual.highest(item)) {
                    doubts.add(new Doubt(Doubt.Kind.HIGH, item, value.getAsDouble(), usual.high()));
                }
            }
        }
        double thermal = new Capsule(
                        capsule.pattern(),
                        capsule.sensitivityMvPerPa(),
                        OptionalDouble.empty(),
                        capsule.maxSplDb(),
                        capsule.outputOhm())
                .noise()
                .dbA();
        OptionalDouble noise = sheet.selfNoiseDbA();
        if (noise.isPresent() && noise.getAsDouble() < thermal - ROUNDING_DB) {
            doubts.add(new Doubt(Doubt.Kind.BELOW_THERMAL, DataSheetItem.SELF_NOISE, noise.getAsDouble(), thermal));
        }
        return doubts;
    }

    /**
     * How far apart the answers lie that a chain gives with the worst and with the best of what was not said, in dB; 0 where
     * everything was.
     */
    public double spreadDb(Chain chain) {
        double a = SignalPath.of(chain.heardBy(worst)).snrDb();
        double b = SignalPath.of(chain.heardBy(best)).snrDb();
        return Math.abs(b - a);
    }
}
