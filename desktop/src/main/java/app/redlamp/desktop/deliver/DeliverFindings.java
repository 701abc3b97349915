package app.redlamp.desktop.deliver;

import app.redlamp.core.delivery.spec.CheckResult;
import app.redlamp.core.measure.analysis.Finding;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.noise.NoiseProfile;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.measure.room.Reverberation;
import app.redlamp.core.measure.voice.Event;
import app.redlamp.core.verdict.FigureId;
import app.redlamp.desktop.control.Reading;
import app.redlamp.desktop.look.Strings;
import app.redlamp.words.HeardRoomWording;
import app.redlamp.words.Wording;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;

/** What there is to hear in a recording: the three worst findings with their places, all the rest folded. */
final class DeliverFindings {
    private static final int MOST_PLACES = 4;
    private static final double APART_S = 1.5;

    private final DeliverModel model;
    private final PlayModel player;
    private final Strings strings;
    private final Wording wording;

    DeliverFindings(DeliverModel model, PlayModel player, Strings strings, Wording wording) {
        this.model = model;
        this.player = player;
        this.strings = strings;
        this.wording = wording;
    }

    /** A reading with these findings in it. */
    Reading added(Reading reading, DocketRow row) {
        Report report = row.report().orElseThrow();
        List<Reading.Remark> between = between();
        List<Reading.Remark> all =
                new ArrayList<>(between.stream().filter(Reading.Remark::grave).toList());
        for (Finding finding : report.findings()) {
            boolean grave = finding.severity() == Finding.Severity.FAULT;
            all.add(new Reading.Remark(wording.finding(finding), grave, places(finding, row)));
        }
        List<Reading.Remark> worst = all.subList(0, Math.min(Reading.MOST_HEARD, all.size()));
        List<Reading.Remark> folded = new ArrayList<>(all.subList(worst.size(), all.size()));
        report.pauses().noisiest().ifPresent(p -> folded.add(pause(p, row)));
        between.stream().filter(h -> !h.grave()).forEach(folded::add);
        return reading.hearing(
                strings.say("heard.title"),
                worst,
                new Reading.More(strings.say("heard.more"), folded, figures(report)));
    }

    private List<Reading.Action> places(Finding finding, DocketRow row) {
        double durationS = row.report().orElseThrow().info().durationS();
        if (finding.places().isEmpty()) {
            boolean everywhere = finding.startS() <= 0 && finding.endS() >= durationS;
            return everywhere ? List.of() : List.of(place(finding.kind().id(), row, finding.startS()));
        }
        return apart(finding.places()).stream()
                .map(atS -> place(finding.kind().id(), row, atS))
                .toList();
    }

    /** The worst places in the order of time, none so near to another that both would sound the same. */
    private static List<Double> apart(List<Event> events) {
        List<Double> chosen = new ArrayList<>();
        List<Event> worst = events.stream()
                .sorted(Comparator.comparingDouble(Event::amount).reversed())
                .toList();
        for (Event event : worst) {
            boolean alone = chosen.stream().noneMatch(s -> Math.abs(s - event.startS()) < APART_S);
            if (alone && chosen.size() < MOST_PLACES) {
                chosen.add(event.startS());
            }
        }
        chosen.sort(null);
        return chosen;
    }

    private Reading.Action place(String id, DocketRow row, double atS) {
        return new Reading.Action(
                "hear-" + id,
                wording.figures().clockTenths(atS),
                () -> player.playFrom(row, atS - PlayModel.LEAD_IN_S));
    }

    private Reading.Remark pause(Pauses.Stretch loudest, DocketRow row) {
        return new Reading.Remark(
                strings.say("heard.loudest-pause", wording.figures().tenths(loudest.levelDbfs())),
                false,
                List.of(place("loudest-pause", row, loudest.startS() + PlayModel.LEAD_IN_S)));
    }

    /** Where the recordings on the docket do not match each other. */
    private List<Reading.Remark> between() {
        Together together = Together.of(model.rows(), model.specification().get());
        return together.outside().stream()
                .map(c -> new Reading.Remark(
                        wording.comparison(c, together.titles()),
                        c.verdict() == CheckResult.OUTSIDE,
                        List.<Reading.Action>of()))
                .toList();
    }

    private List<Reading.Figure> figures(Report report) {
        List<Reading.Figure> figures = new ArrayList<>();
        add(figures, FigureId.DELIVERY_INTEGRATED, report.integratedLufs(), "LUFS");
        add(figures, FigureId.DELIVERY_SHORT_TERM, report.loudness().maxShortTermLufs(), "LUFS");
        add(figures, FigureId.DELIVERY_MOMENTARY, report.loudness().maxMomentaryLufs(), "LUFS");
        add(figures, FigureId.DELIVERY_RANGE, report.loudness().rangeLu(), "LU");
        add(figures, FigureId.DELIVERY_TRUE_PEAK, report.truePeakDbtp(), "dBTP");
        add(figures, FigureId.DELIVERY_SAMPLE_PEAK, report.samplePeakDbfs(), "dBFS");
        add(figures, FigureId.DELIVERY_RMS, report.rmsDbfs(), "dBFS");
        add(figures, FigureId.DELIVERY_ACTIVE, report.activeSpeech().levelDbov(), "dBov");
        add(
                figures,
                FigureId.DELIVERY_ACTIVITY,
                OptionalDouble.of(100 * report.activeSpeech().activity()),
                "%");
        report.noise().ifPresent(noise -> addNoise(figures, noise));
        report.pauses()
                .longest()
                .ifPresent(p -> add(figures, FigureId.DELIVERY_LONGEST_PAUSE, OptionalDouble.of(p.lengthS()), "s"));
        add(figures, FigureId.DELIVERY_PACE, report.voice().syllablesPerSecond(), strings.say("unit.syllables"));
        addRoom(figures, report.voice().reverberation());
        return figures;
    }

    private void addRoom(List<Reading.Figure> figures, Reverberation room) {
        HeardRoomWording words = new HeardRoomWording(wording.figures());
        figures.add(new Reading.Figure(
                FigureId.DELIVERY_CLARITY, strings.say("figure.clarity"), words.clarity(room), "clarity"));
        figures.add(
                new Reading.Figure(FigureId.DELIVERY_DECAY, strings.say("figure.decay"), words.decay(room), "decay"));
    }

    private void addNoise(List<Reading.Figure> figures, NoiseProfile noise) {
        figures.add(new Reading.Figure(
                FigureId.DELIVERY_NOISE, strings.say("figure.noise"), wording.noise(noise), "noise-floor"));
        add(figures, FigureId.DELIVERY_FLOOR_A, OptionalDouble.of(noise.floorDbA()), "dBA");
        noise.hum().ifPresent(h -> add(figures, FigureId.DELIVERY_HUM, OptionalDouble.of(h.levelDbfs()), "dBFS"));
    }

    private void add(List<Reading.Figure> figures, FigureId id, OptionalDouble value, String unit) {
        if (value.isPresent()) {
            String shown = strings.say("figure.number", wording.figures().tenths(value), unit);
            String key = "figure." + id.id().substring(id.id().indexOf('.') + 1);
            figures.add(new Reading.Figure(id, strings.say(key), shown, ""));
        }
    }
}
