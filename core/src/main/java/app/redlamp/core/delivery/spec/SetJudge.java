package app.redlamp.core.delivery.spec;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.voice.VoiceSpectrum;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.units.Limits;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Function;

/** Holds the files of one delivery against each other: a listener hears all of them in a row. */
public final class SetJudge {
    private SetJudge() {}

    /** What is compared. */
    public enum Kind {
        SAMPLE_RATE,
        CHANNELS,
        CODING,
        LOUDNESS,
        NOISE_FLOOR,
        TONE,
        TOTAL,
        PARTS;

        /** Name in reports, such as {@code sample-rate}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /**
     * One comparison.
     *
     * @param value spread in dB, number of different formats, seconds in all, or number of parts that are there
     * @param limits what is allowed
     * @param oddOneOut index of the file that is furthest from the others; absent where none is to blame
     * @param missing names of parts that no file is
     */
    public record Comparison(
            Kind kind, double value, Limits limits, CheckResult verdict, OptionalInt oddOneOut, List<String> missing) {
        Comparison(Kind kind, double value, Limits limits, CheckResult verdict, OptionalInt oddOneOut) {
            this(kind, value, limits, verdict, oddOneOut, List.of());
        }
    }

    /**
     * Compares the files of a delivery; with fewer than two only their length in all and the parts that are missing
     * count.
     *
     * @param names file names, one for each report
     */
    public static List<Comparison> judge(Specification specification, List<Report> reports, List<String> names) {
        List<Comparison> all = new ArrayList<>();
        if (reports.size() > 1) {
            all.add(same(Kind.SAMPLE_RATE, reports, AudioInfo::sampleRateHz));
            all.add(same(Kind.CHANNELS, reports, AudioInfo::channels));
            all.add(same(Kind.CODING, reports, AudioInfo::codec));
            SetLimits set = specification.set();
            spread(Kind.LOUDNESS, values(reports, specification.aim()::of), set.loudnessDb(), all);
            spread(Kind.NOISE_FLOOR, values(reports, Report::noiseFloorDbfs), set.noiseFloorDb(), all);
            tone(reports, set.toneDb(), all);
        }
        specification.time().totalS().ifPresent(least -> {
            double total =
                    reports.stream().mapToDouble(r -> r.info().durationS()).sum();
            CheckResult verdict = total >= least ? CheckResult.INSIDE : CheckResult.OUTSIDE;
            all.add(new Comparison(Kind.TOTAL, total, Limits.atLeast(least), verdict, OptionalInt.empty()));
        });
        List<Naming.Part> parts = specification.naming().parts();
        if (!parts.isEmpty() && !reports.isEmpty()) {
            all.add(parts(parts, specification.naming().missing(names)));
        }
        return all;
    }

    /** Advice only: a part may be there under another name. */
    private static Comparison parts(List<Naming.Part> parts, List<Naming.Part> missing) {
        return new Comparison(
                Kind.PARTS,
                (double) parts.size() - missing.size(),
                Limits.atLeast(parts.size()),
                missing.isEmpty() ? CheckResult.INSIDE : CheckResult.ADVICE,
                OptionalInt.empty(),
                missing.stream().map(Naming.Part::name).toList());
    }

    private static Comparison same(Kind kind, List<Report> reports, Function<AudioInfo, Object> property) {
        Map<Object, Integer> votes = new LinkedHashMap<>();
        reports.forEach(r -> votes.merge(property.apply(r.info()), 1, Integer::sum));
        Object rarest =
                Collections.min(votes.entrySet(), Map.Entry.comparingByValue()).getKey();
        OptionalInt odd = OptionalInt.empty();
        for (int i = 0; i < reports.size() && votes.size() > 1 && odd.isEmpty(); i++) {
            odd = property.apply(reports.get(i).info()).equals(rarest) ? OptionalInt.of(i) : odd;
        }
        return new Comparison(
                kind,
                votes.size(),
                Limits.between(1, 1),
                votes.size() == 1 ? CheckResult.INSIDE : CheckResult.OUTSIDE,
                odd);
    }

    private static Optional<double[]> values(List<Report> reports, Function<Report, OptionalDouble> measure) {
        double[] values = reports.stream()
                .mapToDouble(r -> measure.apply(r).orElse(Double.NaN))
                .toArray();
        long known = Arrays.stream(values).filter(v -> !Double.isNaN(v)).count();
        return known > 1 ? Optional.of(values) : Optional.empty();
    }

    private static void spread(Kind kind, Optional<double[]> measured, OptionalDouble limit, List<Comparison> all) {
        if (measured.isEmpty() || limit.isEmpty()) {
            return;
        }
        double[] values = measured.get();
        double[] known =
                Arrays.stream(values).filter(v -> !Double.isNaN(v)).sorted().toArray();
        double middle = known[known.length / 2];
        add(kind, known[known.length - 1] - known[0], limit.getAsDouble(), furthest(values, middle), all);
    }

    private static void tone(List<Report> reports, OptionalDouble limit, List<Comparison> all) {
        List<Optional<VoiceSpectrum>> spectra =
                reports.stream().map(r -> r.voice().spectrum()).toList();
        List<VoiceSpectrum> known = spectra.stream().flatMap(Optional::stream).toList();
        if (known.size() < 2 || limit.isEmpty()) {
            return;
        }
        int bands = known.get(0).deviationsDb().size();
        double[] middle = new double[bands];
        for (int b = 0; b < bands; b++) {
            int band = b;
            double[] sorted = known.stream()
                    .mapToDouble(s -> s.deviationsDb().get(band))
                    .sorted()
                    .toArray();
            middle[b] = (sorted[(sorted.length - 1) / 2] + sorted[sorted.length / 2]) / 2;
        }
        double[] distances = spectra.stream()
                .mapToDouble(s -> s.map(known1 -> distance(known1, middle)).orElse(Double.NaN))
                .toArray();
        double most =
                Arrays.stream(distances).filter(d -> !Double.isNaN(d)).max().orElse(0);
        add(Kind.TONE, most, limit.getAsDouble(), furthest(distances, 0), all);
    }

    /** RMS over the bands in which voices have something to say, 160 Hz to 8 kHz. */
    private static double distance(VoiceSpectrum spectrum, double[] middle) {
        double sum = 0;
        int first = 4;
        int last = Math.min(middle.length, 22);
        for (int b = first; b < last; b++) {
            double difference = spectrum.deviationsDb().get(b) - middle[b];
            sum += difference * difference;
        }
        return Math.sqrt(sum / (last - first));
    }

    private static void add(Kind kind, double value, double limit, OptionalInt odd, List<Comparison> all) {
        boolean inside = value <= limit;
        all.add(new Comparison(
                kind,
                value,
                Limits.atMost(limit),
                inside ? CheckResult.INSIDE : CheckResult.ADVICE,
                inside ? OptionalInt.empty() : odd));
    }

    private static OptionalInt furthest(double[] values, double from) {
        int furthest = -1;
        for (int i = 0; i < values.length; i++) {
            boolean further = furthest < 0 || Math.abs(values[i] - from) > Math.abs(values[furthest] - from);
            furthest = !Double.isNaN(values[i]) && further ? i : furthest;
        }
        return furthest < 0 ? OptionalInt.empty() : OptionalInt.of(furthest);
    }
}
