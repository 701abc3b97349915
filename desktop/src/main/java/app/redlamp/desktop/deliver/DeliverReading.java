package app.redlamp.desktop.deliver;

import app.redlamp.core.delivery.finish.FinishOutcome;
import app.redlamp.core.delivery.finish.Obstacle;
import app.redlamp.core.delivery.spec.Check;
import app.redlamp.core.delivery.spec.CheckId;
import app.redlamp.core.delivery.spec.CheckResult;
import app.redlamp.core.delivery.spec.Judgement;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.verdict.FigureId;
import app.redlamp.desktop.control.Reading;
import app.redlamp.desktop.look.Strings;
import app.redlamp.words.Wording;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/** What the reading column says about the selected recording. */
final class DeliverReading {
    private static final Set<CheckId> LEVELS =
            EnumSet.of(CheckId.LOUDNESS, CheckId.PEAK, CheckId.NOISE_FLOOR, CheckId.HEAD, CheckId.TAIL);
    private static final Set<CheckId> FILE = EnumSet.of(
            CheckId.CODING, CheckId.BIT_RATE, CheckId.CHANNELS, CheckId.SAMPLE_RATE, CheckId.BIT_DEPTH, CheckId.LENGTH);

    private final DeliverModel model;
    private final Strings strings;
    private final Wording wording;
    private final Runnable chooseFiles;
    private final Consumer<Path> showFolder;
    private final DeliverFindings findings;

    /**
     * @param chooseFiles asks the user for recordings
     * @param showFolder shows a folder in the platform's file browser
     */
    DeliverReading(
            DeliverModel model,
            PlayModel player,
            Strings strings,
            Wording wording,
            Runnable chooseFiles,
            Consumer<Path> showFolder) {
        this.model = model;
        this.strings = strings;
        this.wording = wording;
        this.chooseFiles = chooseFiles;
        this.showFolder = showFolder;
        findings = new DeliverFindings(model, player, strings, wording);
    }

    Reading now() {
        DocketRow row = model.selected().get();
        if (row == null) {
            return empty();
        }
        Reading reading = of(row);
        return row.report().isPresent() ? findings.added(reading, row) : reading;
    }

    private Reading of(DocketRow row) {
        RowStatus status = row.status().get();
        if (status instanceof RowStatus.Unreadable unreadable) {
            return plain(
                    strings.say("reading.unreadable", row.file().getFileName(), unreadable.message()),
                    strings.say("action.remove"),
                    "remove",
                    () -> model.remove(row));
        } else if (status instanceof RowStatus.Unmeasured) {
            return plain(
                    strings.say("reading.unmeasured"),
                    strings.say("action.measure"),
                    "measure",
                    () -> model.measureAgain(row));
        } else if (status instanceof RowStatus.Measuring || status instanceof RowStatus.Fresh) {
            return plain(strings.say("reading.measuring"), "", "", () -> {});
        } else if (status instanceof RowStatus.Ended ended) {
            return ended.result().outcome() instanceof FinishOutcome.Finished finished
                    ? finished(ended, finished)
                    : refused(
                            ended.before(),
                            ((FinishOutcome.Refused) ended.result().outcome()).obstacles());
        }
        RowStatus.Judged judged = status.judged().orElseThrow();
        if (!judged.forecast().finishable()) {
            return refused(judged, judged.forecast().obstacles());
        }
        return finishable(judged, status instanceof RowStatus.AtWork);
    }

    private Reading empty() {
        return Reading.plain(
                strings.say("reading.empty"),
                List.of(),
                strings.say("reading.empty.heading"),
                List.of(help("reading.empty.drop"), help("reading.empty.choose"), help("reading.empty.finish")),
                Optional.of(new Reading.Action("open", strings.say("action.open"), chooseFiles)),
                List.of(),
                "");
    }

    private Reading plain(String verdict, String label, String id, Runnable action) {
        return Reading.plain(
                verdict,
                List.of(),
                "",
                List.of(),
                label.isEmpty() ? primary() : Optional.of(new Reading.Action(id, label, action)),
                List.of(),
                source());
    }

    private Reading finishable(RowStatus.Judged judged, boolean working) {
        List<Check> faults = judged.judgement().faults();
        String verdict;
        if (working) {
            verdict = strings.say("reading.finishing");
        } else if (!judged.problem().isEmpty()) {
            verdict = strings.say("reading.problem", judged.problem());
        } else if (faults.isEmpty() && judged.flaw().isPresent()) {
            verdict = flaw(judged).orElseThrow();
        } else if (judged.deliverable()) {
            verdict = strings.say("reading.clear");
        } else if (faults.isEmpty()) {
            verdict = strings.say(
                    "reading.fine",
                    judged.judgement().specification().format().coding().name());
        } else {
            verdict = strings.say(
                    faults.size() == 1 ? "reading.fault" : "reading.faults",
                    wording.check(faults.get(0), judged.judgement().specification()),
                    faults.size() - 1);
        }
        List<Reading.Figure> figures = figures(judged.judgement());
        judged.forecast()
                .gainDb()
                .ifPresent(gain -> figures.add(new Reading.Figure(
                        FigureId.DELIVERY_GAIN,
                        strings.say("figure.finishing"),
                        strings.say("figure.gain", wording.figures().signed(gain)),
                        "gain")));
        return Reading.plain(
                verdict, figures, "", List.of(), working ? Optional.empty() : primary(), listening(), source());
    }

    private Reading refused(RowStatus.Judged judged, List<Obstacle> obstacles) {
        Specification specification = judged.judgement().specification();
        Obstacle first = obstacles.get(0);
        List<Reading.Figure> figures = new ArrayList<>();
        for (Obstacle obstacle : obstacles) {
            if (obstacle instanceof Obstacle.Noise noise) {
                addNoise(figures, noise, judged);
            }
        }
        boolean noise = !figures.isEmpty();
        for (Check fault : judged.judgement().faults()) {
            boolean told = noise && (fault.id() == CheckId.LOUDNESS || fault.id() == CheckId.NOISE_FLOOR);
            if (!told) {
                figures.add(figure(fault, specification, ""));
            }
        }
        figures.add(rest(judged.judgement()));
        List<Reading.Help> help = obstacles.stream()
                .flatMap(o -> wording.help(o).stream())
                .limit(Reading.MOST_HELP)
                .map(a -> new Reading.Help(a.title(), a.detail(), Optional.empty()))
                .toList();
        List<String> cautions = new ArrayList<>();
        if (obstacles.stream().anyMatch(Obstacle.Noise.class::isInstance)) {
            cautions.add(strings.say("caution.mains"));
        }
        cautions.addAll(listening());
        return Reading.plain(
                strings.say("reading.refused", wording.obstacle(first, specification)),
                figures,
                strings.say("reading.helps"),
                help,
                primary(),
                cautions,
                source());
    }

    private Optional<String> flaw(RowStatus status) {
        return status.flaw().map(flaw -> strings.say("reading.flaw", wording.finding(flaw)));
    }

    private void addNoise(List<Reading.Figure> figures, Obstacle.Noise noise, RowStatus.Judged judged) {
        figures.add(new Reading.Figure(
                FigureId.DELIVERY_GAIN,
                strings.say("figure.needs"),
                strings.say("figure.gain", wording.figures().signed(noise.gainDb())),
                "gain"));
        figures.add(new Reading.Figure(
                FigureId.DELIVERY_FLOOR_AFTER,
                strings.say("figure.then"),
                strings.say(
                        "figure.then.value",
                        wording.figures().tenths(noise.floorDbfs()),
                        wording.figures().tenths(noise.limitDbfs())),
                "noise-floor"));
        judged.report()
                .snrDb()
                .ifPresent(snr -> figures.add(new Reading.Figure(
                        FigureId.DELIVERY_SNR,
                        strings.say("figure.snr"),
                        strings.say(
                                "figure.snr.value",
                                wording.figures().tenths(snr),
                                wording.figures().tenths(snr + noise.excessDb())),
                        "snr")));
    }

    private Reading finished(RowStatus.Ended ended, FinishOutcome.Finished finished) {
        List<Reading.Figure> figures = new ArrayList<>();
        figures.add(new Reading.Figure(
                FigureId.DELIVERY_GAIN,
                strings.say("figure.finishing"),
                strings.say(
                        "figure.gain.limiter",
                        wording.figures().signed(finished.settings().gainDb()),
                        wording.figures().tenths(finished.reductionDb())),
                "gain"));
        wording.steeper(finished.settings())
                .ifPresent(steeper -> figures.add(new Reading.Figure(
                        FigureId.DELIVERY_HIGH_PASS, strings.say("figure.high-pass"), steeper, "high-pass")));
        wording.alone(finished.settings().mix())
                .ifPresent(alone -> figures.add(new Reading.Figure(
                        FigureId.DELIVERY_CHANNEL_USED, strings.say("figure.channels"), alone, "channels")));
        for (String edge : wording.edges(finished.settings().edges())) {
            figures.add(new Reading.Figure(FigureId.DELIVERY_EDGES, strings.say("figure.edges"), edge, "room-tone"));
        }
        for (Check after : finished.judgement().checks()) {
            if (LEVELS.contains(after.id())) {
                Optional<Check> before = ended.before().judgement().check(after.id());
                figures.add(figure(
                        after,
                        finished.judgement().specification(),
                        before.map(b -> wording.figures().tenths(b.measured())).orElse("")));
            }
        }
        figures.add(rest(finished.judgement()));
        Path folder = ended.result().written().get(0).getParent();
        List<Reading.Help> written = new ArrayList<>();
        for (Path path : ended.result().written()) {
            boolean delivery = path.equals(
                    ended.result().written().get(ended.result().written().size() - 1));
            written.add(new Reading.Help(
                    path.getFileName().toString(),
                    strings.say(delivery ? "reading.delivery" : "reading.master"),
                    delivery
                            ? Optional.of(new Reading.Action(
                                    "show-folder", strings.say("action.folder"), () -> showFolder.accept(folder)))
                            : Optional.empty()));
        }
        return Reading.plain(
                flaw(ended).or(() -> wording.limited(finished)).orElse(strings.say("reading.ready")),
                figures,
                strings.say("reading.written", folder.getFileName()),
                written,
                primary(),
                List.of(),
                source());
    }

    private List<Reading.Figure> figures(Judgement judgement) {
        List<Reading.Figure> figures = new ArrayList<>();
        for (Check check : judgement.checks()) {
            if (check.verdict() == CheckResult.OUTSIDE || LEVELS.contains(check.id())) {
                figures.add(figure(check, judgement.specification(), ""));
            }
        }
        figures.add(rest(judgement));
        return figures;
    }

    /** One check with a line of its own; {@code before} is empty where nothing has changed. */
    private Reading.Figure figure(Check check, Specification specification, String before) {
        String value = wording.value(check, specification);
        boolean moved = !before.isEmpty() && !value.startsWith(before);
        return new Reading.Figure(
                FigureId.of("delivery." + check.id().id()).orElseThrow(),
                wording.checkName(check.id(), specification),
                moved ? strings.say("figure.moved", before, value) : value,
                term(check.id(), specification));
    }

    /** What is as it should be and needs no margin, in one line. */
    private Reading.Figure rest(Judgement judgement) {
        String values = judgement.checks().stream()
                .filter(c -> c.verdict() != CheckResult.OUTSIDE && FILE.contains(c.id()))
                .map(wording::figure)
                .collect(Collectors.joining(", "));
        return new Reading.Figure(FigureId.DELIVERY_CODING, strings.say("figure.file"), values, "coding");
    }

    /** Key of a check in the glossary. */
    static String term(CheckId id, Specification specification) {
        return switch (id) {
            case LOUDNESS -> specification.aim().measure().unit();
            case PEAK -> specification.peak().measure().unit() + "-peak";
            default -> id.id();
        };
    }

    private Optional<Reading.Action> primary() {
        int count = model.finishable().size();
        return count == 0
                ? Optional.empty()
                : Optional.of(new Reading.Action("finish", strings.say("action.finish", count), model::finishAll));
    }

    private List<String> listening() {
        return List.of(strings.say("caution.headphones"));
    }

    private String source() {
        return strings.say("reading.source", model.specification().get().source());
    }

    private Reading.Help help(String key) {
        return new Reading.Help(strings.say(key), strings.say(key + ".detail"), Optional.empty());
    }
}
