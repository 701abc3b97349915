package app.redlamp.media.library;

import app.redlamp.core.delivery.spec.DeliveryFormat;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.units.Limits;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** The fields of a specification's document as they are written; {@link SpecificationReader} reads them. */
record SpecificationFields(
        int format,
        String id,
        String name,
        String source,
        Loudness loudness,
        Peak peak,
        Double noiseFloorDbfs,
        Double shortTermLufs,
        Double rangeLu,
        Double decayS,
        Window bandHz,
        Boolean unprocessed,
        Window headS,
        Window tailS,
        Double longestS,
        Double totalS,
        int clippedRuns,
        Between betweenFiles,
        Names files,
        Coded file) {
    static final int FORMAT = 1;

    record Loudness(String measure, double low, double high) {}

    record Peak(String measure, Double lowest, double highest) {}

    record Window(Double low, Double high) {
        static Window of(Limits limits) {
            return new Window(orNull(limits.low()), orNull(limits.high()));
        }
    }

    record Between(Double loudnessDb, Double noiseFloorDb, Double toneDb) {}

    record Names(String pattern, List<String> tags, List<PartFields> parts) {}

    record PartFields(String name, String pattern, Double longestS) {}

    record Coded(
            String coding,
            List<String> accepted,
            Integer bitRateKbps,
            Boolean constantBitRate,
            Integer bitDepth,
            Boolean broadcast,
            int sampleRateHz,
            int fewestChannels,
            int mostChannels,
            boolean sameChannels) {}

    static SpecificationFields of(Specification s) {
        DeliveryFormat f = s.format();
        return new SpecificationFields(
                FORMAT,
                s.id(),
                s.name(),
                s.source(),
                s.loudness()
                        .map(l -> new Loudness(
                                lower(l.measure()),
                                l.limits().low().orElseThrow(),
                                l.limits().high().orElseThrow()))
                        .orElse(null),
                new Peak(
                        lower(s.peak().measure()),
                        orNull(s.peak().lowest()),
                        s.peak().highest()),
                orNull(s.noiseFloorDbfs()),
                orNull(s.sound().shortTermLufs()),
                orNull(s.sound().rangeLu()),
                orNull(s.sound().decayS()),
                s.sound().bandHz().map(Window::of).orElse(null),
                s.sound().unprocessed() ? true : null,
                s.headS().map(Window::of).orElse(null),
                s.tailS().map(Window::of).orElse(null),
                orNull(s.longestS()),
                orNull(s.time().totalS()),
                s.clippedRuns(),
                new Between(
                        orNull(s.set().loudnessDb()),
                        orNull(s.set().noiseFloorDb()),
                        orNull(s.set().toneDb())),
                new Names(
                        s.naming().pattern().orElse(null),
                        s.naming().tags(),
                        s.naming().parts().stream()
                                .map(p -> new PartFields(p.name(), p.pattern(), orNull(p.longestS())))
                                .toList()),
                new Coded(
                        lower(f.coding()),
                        f.accepted().stream()
                                .map(SpecificationFields::lower)
                                .sorted()
                                .toList(),
                        orNull(f.bitRateKbps()),
                        f.constantBitRate() ? true : null,
                        orNull(f.bitDepth()),
                        f.broadcast() ? true : null,
                        f.sampleRateHz(),
                        f.fewestChannels(),
                        f.mostChannels(),
                        f.sameChannels()));
    }

    static String lower(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    private static Double orNull(OptionalDouble value) {
        return value.isPresent() ? value.getAsDouble() : null;
    }

    private static Integer orNull(OptionalInt value) {
        return value.isPresent() ? value.getAsInt() : null;
    }
}
