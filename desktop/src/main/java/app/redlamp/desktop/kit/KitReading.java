package app.redlamp.desktop.kit;

import app.redlamp.core.chain.GainFit;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Source;
import app.redlamp.core.chain.choose.Upgrade;
import app.redlamp.core.chain.fit.KitProblem;
import app.redlamp.core.chain.fit.Mend;
import app.redlamp.core.chain.fit.Miss;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.verdict.FigureId;
import app.redlamp.core.verdict.Problem;
import app.redlamp.desktop.control.Reading;
import app.redlamp.desktop.production.KitAdvice;
import app.redlamp.desktop.production.KitModel;
import app.redlamp.desktop.station.StationParts;
import app.redlamp.words.ChainWording;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the reading column says of a kit. */
final class KitReading {
    private final StationParts<KitStation.Models> parts;
    private final Runnable start;

    /** @param start goes to where a production is started */
    KitReading(StationParts<KitStation.Models> parts, Runnable start) {
        this.parts = parts;
        this.start = start;
    }

    Reading now() {
        KitModel model = parts.models().kit();
        Kit kit = model.kit().get();
        if (model.openProduction().production().get() == null) {
            return plain(
                    parts.say("kit.none.production"),
                    Optional.of(new Reading.Action("kit-start", parts.say("room.start"), start)));
        }
        if (kit == null) {
            return plain(parts.say("kit.none"), Optional.empty());
        }
        SignalPath path = model.path().get();
        Need need = model.need().get();
        if (need == null) {
            return plain(parts.say("kit.counting"), Optional.empty());
        }
        if (path == null) {
            String microphone =
                    model.currentSeat().map(s -> s.microphone().name()).orElse("");
            return Reading.plain(
                    parts.words().chains().noWay(microphone),
                    List.of(),
                    parts.say("kit.help"),
                    help(kit, Optional.empty(), need),
                    Optional.empty(),
                    cautions(kit),
                    "");
        }
        return Reading.plain(
                        parts.words()
                                .kits()
                                .sentence(
                                        model.verdict().orElseThrow(),
                                        kit,
                                        need,
                                        model.seat().get()),
                        figures(path, need),
                        parts.say("kit.help"),
                        help(kit, Optional.of(path), need),
                        Optional.empty(),
                        cautions(kit),
                        parts.say("kit.source"))
                .hearing("", List.of(), more(path));
    }

    /** Title of the first help that can be had here; empty for none. Asked where there is a verdict. */
    String first() {
        KitModel model = parts.models().kit();
        return help(
                        model.kit().get(),
                        Optional.ofNullable(model.path().get()),
                        model.need().get())
                .stream()
                .filter(h -> h.action().isPresent())
                .findFirst()
                .map(Reading.Help::title)
                .orElse("");
    }

    private Reading plain(String verdict, Optional<Reading.Action> action) {
        return Reading.plain(verdict, List.of(), "", List.of(), action, List.of(parts.say("kit.caution.power")), "");
    }

    private List<Reading.Figure> figures(SignalPath path, Need need) {
        ChainWording chains = parts.words().chains();
        Node capsule = path.node(Node.Stage.CAPSULE).orElseThrow();
        Node preamp = path.node(Node.Stage.PREAMP).orElseThrow();
        List<Reading.Figure> figures = new ArrayList<>();
        figures.add(new Reading.Figure(FigureId.KIT_AT_CAPSULE, parts.say("kit.at-mic"), chains.snr(capsule), "snr"));
        figures.add(new Reading.Figure(
                FigureId.KIT_AFTER_PREAMP, parts.say("kit.after-preamp"), chains.snrAfter(capsule, preamp), "ein"));
        figures.add(new Reading.Figure(FigureId.KIT_SNR, parts.say("kit.in-file"), chains.snrInFile(path), "snr"));
        figures.add(new Reading.Figure(FigureId.KIT_FLOOR, parts.say("kit.floor"), chains.floor(path), "floor"));
        figures.add(
                new Reading.Figure(FigureId.KIT_HEADROOM, parts.say("kit.ceiling"), chains.ceiling(path), "headroom"));
        figures.add(new Reading.Figure(
                FigureId.KIT_GAIN,
                parts.say("kit.gain"),
                chains.gain(
                        GainFit.of(path.chain(), need.school()), path.chain().preamp()),
                "gain"));
        figures.add(new Reading.Figure(
                FigureId.KIT_CLARITY, parts.say("kit.clarity"), chains.clarity(path, need), "clarity"));
        figures.add(new Reading.Figure(
                FigureId.KIT_SELF_NOISE, parts.say("kit.better"), chains.betterMicrophone(path), "selfnoise"));
        return figures;
    }

    private Reading.More more(SignalPath path) {
        List<Reading.Figure> all = new ArrayList<>();
        all.add(new Reading.Figure(
                FigureId.KIT_SHOUT,
                parts.say("kit.shout"),
                parts.words().chains().shout(path.chain()),
                "headroom"));
        all.add(new Reading.Figure(
                FigureId.KIT_MAKE_UP,
                parts.say("kit.finishing"),
                parts.words().chains().makeUp(path),
                "makeup"));
        for (Source source : path.file().noises().keySet()) {
            all.add(new Reading.Figure(
                    FigureId.KIT_SHARE,
                    parts.words().chains().part(source),
                    parts.words().chains().share(path, source),
                    ""));
        }
        for (Node node : path.nodes()) {
            all.add(new Reading.Figure(
                    FigureId.KIT_LEVELS,
                    parts.words().chains().stage(node.stage()),
                    parts.words().chains().levels(node),
                    ""));
        }
        return new Reading.More(parts.say("kit.more"), List.of(), all);
    }

    /** One thing after another, as the verdict has them. */
    private List<Reading.Help> help(Kit kit, Optional<SignalPath> path, Need need) {
        List<Reading.Help> help = new ArrayList<>();
        Optional<KitAdvice> advice = parts.models().kit().fresh();
        boolean better = false;
        for (Problem<KitProblem> problem :
                parts.models().kit().verdict().orElseThrow().problems()) {
            Optional<Miss> miss = problem.detail().miss();
            if (miss.isPresent()) {
                help.add(miss(miss.get(), kit));
                continue;
            }
            switch (problem.detail().kind()) {
                case GAIN -> gain(kit, problem, need, help);
                case SIGNAL_TO_NOISE, CLARITY -> {
                    if (!better && path.isPresent() && advice.isPresent()) {
                        closer(path.get(), advice.get(), help);
                        upgrades(advice.get(), help);
                        better = true;
                    }
                }
                default ->
                    help.add(new Reading.Help(parts.words().kits().problem(problem, kit, need), "", Optional.empty()));
            }
        }
        if (help.isEmpty() && advice.isEmpty()) {
            help.add(new Reading.Help(parts.say("kit.counting"), "", Optional.empty()));
        }
        return help.subList(0, Math.min(Reading.MOST_HELP, help.size()));
    }

    private void gain(Kit kit, Problem<KitProblem> problem, Need need, List<Reading.Help> help) {
        kit.chain(problem.detail().seat(), need.room(), need.finishing())
                .ifPresent(chain -> help.add(new Reading.Help(
                        parts.say(
                                "kit.set",
                                parts.words().chains().gain(chain.preamp().within(chain.neededGainDb(need.school())))),
                        parts.say("kit.set.detail"),
                        Optional.of(new Reading.Action(
                                "kit-set-gain",
                                parts.say("kit.set.do"),
                                () -> parts.models().kit().setGains())))));
    }

    private void closer(SignalPath path, KitAdvice advice, List<Reading.Help> help) {
        if (advice.closerDb() >= Upgrade.WORTH_DB) {
            double distance = path.chain().position().distanceM();
            help.add(new Reading.Help(
                    parts.say("kit.closer", parts.words().lengths().say(distance * (1 - KitAdvice.CLOSER))),
                    parts.say("kit.closer.detail", parts.bench().figures().tenths(advice.closerDb())),
                    Optional.of(new Reading.Action(
                            "kit-closer",
                            parts.say("kit.closer.do"),
                            () -> parts.models()
                                    .kit()
                                    .editSeat("edit.ribbon", s -> KitMoves.placed(s, distance * KitAdvice.CLOSER))))));
        }
    }

    private void upgrades(KitAdvice advice, List<Reading.Help> help) {
        advice.upgrades().stream()
                .filter(u -> u.lessDb() >= Upgrade.WORTH_DB)
                .limit(2)
                .forEach(u -> help.add(upgrade(u)));
    }

    private Reading.Help upgrade(Upgrade u) {
        String price = parts.say("room.price", parts.bench().plain(u.cost()));
        return new Reading.Help(
                parts.say("kit.upgrade", u.part().name()),
                parts.words().choices().buys(u) + (u.cost() > 0 ? "; " + price : ""),
                Optional.of(new Reading.Action(
                        "kit-upgrade-" + u.part().id(),
                        parts.say("kit.put-in"),
                        () -> parts.models()
                                .kit()
                                .edit("edit.upgrade", k -> u.then().kit()))));
    }

    private Reading.Help miss(Miss miss, Kit kit) {
        Optional<Reading.Action> action = Mend.of(kit, miss)
                .map(mended -> new Reading.Action(
                        "kit-mend-" + miss.kind().id(),
                        parts.say("kit.mend"),
                        () -> parts.models().kit().edit("edit.mend", k -> mended)));
        return new Reading.Help(
                parts.words().fits().miss(miss, parts.models().kit().several()),
                parts.words().fits().cost(miss),
                action);
    }

    /** What of one's own is broken and so not counted, and safety. */
    private List<String> cautions(Kit kit) {
        List<String> all = new ArrayList<>(parts.models().shelf().faults());
        boolean ribbon = kit.seats().stream().anyMatch(s -> s.microphone().kind() == Microphone.Kind.RIBBON);
        boolean phantom = kit.seats().stream().anyMatch(s -> s.microphone().power() == Microphone.Power.PHANTOM);
        if (ribbon) {
            all.add(parts.say("kit.caution.ribbon"));
        }
        if (phantom) {
            all.add(parts.say("kit.caution.phantom"));
        }
        all.add(parts.say("kit.caution.power"));
        all.add(parts.say("kit.caution.hearing"));
        return all;
    }
}
