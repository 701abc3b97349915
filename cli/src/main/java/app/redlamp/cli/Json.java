package app.redlamp.cli;

import app.redlamp.core.analysis.Finding;
import app.redlamp.core.analysis.Report;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.spec.Check;
import app.redlamp.core.spec.Judgement;
import app.redlamp.core.text.Wording;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** What the commands print with {@code --json} (docs/formats.md). Undefined values are null. */
final class Json {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private Json() {}

    static String text(Object value) {
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(value);
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The entry of one file: its report, or its error. */
    static Map<String, Object> entry(Measured measured, Wording wording) {
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("file", measured.file().toString());
        entry.put("ok", measured.report().isPresent());
        if (measured.report().isPresent()) {
            addReport(entry, measured.report().get(), wording);
        } else {
            entry.put("error", measured.error());
        }
        return entry;
    }

    static List<Map<String, Object>> checks(Judgement judgement, Wording wording) {
        List<Map<String, Object>> checks = new ArrayList<>();
        for (Check check : judgement.checks()) {
            Map<String, Object> entry = new LinkedHashMap<>();
            entry.put("id", check.id().id());
            entry.put("measured", check.text().isPresent() ? check.text().get() : number(check.measured()));
            entry.put("low", number(check.limits().low()));
            entry.put("high", number(check.limits().high()));
            entry.put("unit", check.unit());
            entry.put("verdict", check.verdict().id());
            entry.put("margin", number(check.margin()));
            entry.put("message", wording.check(check, judgement.specification()));
            checks.add(entry);
        }
        return checks;
    }

    private static void addReport(Map<String, Object> entry, Report report, Wording wording) {
        entry.put("format", format(report.info()));
        entry.put("integratedLufs", number(report.integratedLufs()));
        entry.put("truePeakDbtp", number(report.truePeakDbtp()));
        entry.put("samplePeakDbfs", number(report.samplePeakDbfs()));
        entry.put("rmsDbfs", number(report.rmsDbfs()));
        entry.put("noiseFloorDbfs", number(report.noiseFloorDbfs()));
        entry.put("gapDb", number(report.gapDb()));
        entry.put("headS", number(report.pauses().headS()));
        entry.put("tailS", number(report.pauses().tailS()));
        entry.put("clippedRuns", report.clippedRuns());
        entry.put("dcOffset", rounded(report.dcOffset(), 1e-7));
        entry.put(
                "findings",
                report.findings().stream().map(f -> finding(f, wording)).toList());
    }

    private static Map<String, Object> format(AudioInfo info) {
        Map<String, Object> format = new LinkedHashMap<>();
        format.put("container", info.container());
        format.put("codec", info.codec());
        format.put("sampleRateHz", info.sampleRateHz());
        format.put("bitDepth", number(info.bitDepth()));
        format.put("channels", info.channels());
        format.put("durationS", rounded(info.durationS(), 1e-6));
        return format;
    }

    private static Map<String, Object> finding(Finding finding, Wording wording) {
        Map<String, Object> entry = new LinkedHashMap<>();
        entry.put("kind", finding.kind().id());
        entry.put("severity", finding.severity().id());
        entry.put("startS", rounded(finding.startS(), 1e-3));
        entry.put("endS", rounded(finding.endS(), 1e-3));
        entry.put("amount", rounded(finding.amount(), 1e-3));
        entry.put("message", wording.finding(finding));
        return entry;
    }

    /** To a thousandth, which is finer than any meter here is exact; null where undefined or boundless. */
    static Object number(OptionalDouble value) {
        return value.isPresent() && Double.isFinite(value.getAsDouble()) ? rounded(value.getAsDouble(), 1e-3) : null;
    }

    private static Object number(OptionalInt value) {
        return value.isPresent() ? value.getAsInt() : null;
    }

    private static double rounded(double value, double step) {
        double scale = Math.rint(1 / step);
        return Math.rint(value * scale) / scale + 0.0;
    }
}
