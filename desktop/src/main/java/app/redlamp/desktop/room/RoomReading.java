package app.redlamp.desktop.room;

import app.redlamp.core.acoustics.outside.WhatIf;
import app.redlamp.core.acoustics.room.Boominess;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Patch;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.spot.BassTrap;
import app.redlamp.core.acoustics.spot.RoomCaution;
import app.redlamp.core.acoustics.spot.RoomProblem;
import app.redlamp.core.acoustics.spot.RoomVerdict;
import app.redlamp.core.acoustics.spot.StaleAir;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.acoustics.spot.TreatmentStep;
import app.redlamp.core.planning.plan.KitNeeds;
import app.redlamp.core.verdict.FigureId;
import app.redlamp.core.verdict.Problem;
import app.redlamp.desktop.control.Reading;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.station.StationParts;
import app.redlamp.words.RoomWording;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What the reading column says of a place. */
final class RoomReading {
    private final StationParts<RoomStation.Models> parts;
    private final Runnable start;

    /**
     * @param start goes to where a production is started
     */
    RoomReading(StationParts<RoomStation.Models> parts, Runnable start) {
        this.parts = parts;
        this.start = start;
    }

    Reading now() {
        RoomModel model = parts.models().room();
        Study study = model.study().get();
        Strings strings = parts.strings();
        if (model.openProduction().production().get() == null) {
            return Reading.plain(
                    strings.say("room.none.production"),
                    List.of(),
                    "",
                    List.of(),
                    Optional.of(new Reading.Action("room-start", strings.say("room.start"), start)),
                    List.of(),
                    "");
        }
        if (study == null) {
            return Reading.plain(
                    strings.say(model.spots().all().isEmpty() ? "room.none" : "room.counting"),
                    List.of(),
                    "",
                    List.of(),
                    Optional.empty(),
                    List.of(strings.say("room.caution.safe")),
                    "");
        }
        RoomWording rooms = parts.words().rooms();
        List<Reading.Help> help = help(study);
        return Reading.plain(
                        rooms.verdict(study),
                        figures(study),
                        strings.say("room.help"),
                        help,
                        Optional.empty(),
                        cautions(study),
                        strings.say("room.source"))
                .hearing("", List.of(), more(study));
    }

    private List<Reading.Figure> figures(Study study) {
        RoomWording rooms = parts.words().rooms();
        Strings strings = parts.strings();
        List<Reading.Figure> figures = new ArrayList<>();
        figures.add(new Reading.Figure(FigureId.ROOM_DECAY, strings.say("room.rings"), rooms.rings(study), "decay"));
        figures.add(
                new Reading.Figure(FigureId.ROOM_ECHO, strings.say("room.echo"), rooms.firstEcho(study), "reflection"));
        figures.add(new Reading.Figure(FigureId.ROOM_BOOM, strings.say("room.booms"), rooms.boom(study), "mode"));
        figures.add(new Reading.Figure(FigureId.ROOM_NOISE, strings.say("room.noise"), rooms.noise(study), "dba"));
        return figures;
    }

    private Reading.More more(Study study) {
        RoomWording rooms = parts.words().rooms();
        Strings strings = parts.strings();
        List<Reading.Figure> all = new ArrayList<>();
        all.add(new Reading.Figure(
                FigureId.ROOM_SCHROEDER, strings.say("room.trust"), rooms.trust(study), "schroeder"));
        all.add(new Reading.Figure(FigureId.ROOM_DIRECT, strings.say("room.voice"), rooms.direct(study), "critical"));
        study.week()
                .ifPresent(w -> all.add(new Reading.Figure(
                        FigureId.ROOM_RATING,
                        strings.say("room.nr"),
                        strings.say(
                                "room.nr.value",
                                parts.bench().figures().whole(w.together().noiseRating())),
                        "nr")));
        Room room = study.spot().room();
        study.reflections()
                .forEach(r -> all.add(new Reading.Figure(
                        FigureId.ROOM_REFLECTION, strings.say("room.reflection"), rooms.reflection(room, r), "comb")));
        return new Reading.More(strings.say("room.more"), List.of(), all);
    }

    private List<Reading.Help> help(Study study) {
        Advice advice = parts.models().room().advice().get();
        List<Reading.Help> help = new ArrayList<>();
        // Advice of another place or of another day is none.
        if (advice == null || !advice.study().spot().equals(study.spot())) {
            help.add(new Reading.Help(parts.strings().say("room.advising"), "", Optional.empty()));
            return help;
        }
        boolean treated = false;
        for (Problem<RoomProblem> problem : RoomVerdict.of(study).problems()) {
            switch (problem.detail()) {
                case BOOM -> boom(advice, help);
                case NOISE -> noise(advice, study, help);
                case DECAY, ECHO -> {
                    if (!treated) {
                        steps(advice, help);
                        treated = true;
                    }
                }
            }
        }
        if (!treated) {
            steps(advice, help);
        }
        if (study.quietEnough()) {
            noise(advice, study, help);
        }
        return help.subList(0, Math.min(Reading.MOST_HELP, help.size()));
    }

    private void boom(Advice advice, List<Reading.Help> help) {
        advice.move().ifPresent(m -> help.add(move(m)));
        boolean still = advice.move().map(m -> m.thenDb() >= Study.BOOM_DB).orElse(true);
        advice.trap().filter(t -> still).ifPresent(t -> help.add(trap(t)));
    }

    private void noise(Advice advice, Study study, List<Reading.Help> help) {
        advice.changes().stream().findFirst().ifPresent(w -> help.add(change(w, study)));
    }

    private void steps(Advice advice, List<Reading.Help> help) {
        advice.steps().forEach(s -> help.add(step(s)));
    }

    private Reading.Help move(Boominess.Move move) {
        return new Reading.Help(
                parts.words().rooms().move(move),
                parts.words().rooms().moveDetail(move),
                Optional.of(new Reading.Action(
                        "room-move",
                        parts.strings().say("room.move"),
                        () -> parts.models()
                                .room()
                                .edit(
                                        "edit.place.move",
                                        r -> r.placed(
                                                r.mouth().plus(move.by()),
                                                r.microphone().plus(move.by()))))));
    }

    private Reading.Help trap(BassTrap trap) {
        String price = parts.strings().say("room.price", parts.bench().plain(trap.price()));
        return new Reading.Help(
                parts.words().rooms().trap(trap),
                parts.words().rooms().trapDetail(trap) + "; " + price,
                Optional.of(new Reading.Action(
                        "room-trap",
                        parts.strings().say("room.try"),
                        () -> parts.models().room().edit("edit.try", r -> r.with(trap.patch())))));
    }

    private Reading.Help step(TreatmentStep step) {
        String price = parts.strings().say("room.price", parts.bench().plain(step.price()));
        return new Reading.Help(
                parts.words().rooms().step(step),
                parts.words().rooms().stepDetail(step) + "; " + price,
                Optional.of(new Reading.Action(
                        "room-try-" + step.patch().id(),
                        parts.strings().say("room.try"),
                        () -> parts.models().room().edit("edit.try", r -> r.with(step.patch())))));
    }

    private Reading.Help change(WhatIf change, Study study) {
        return new Reading.Help(
                parts.words().rooms().whatIf(change, study.spot().sources()),
                parts.words().rooms().whatIfDetail(change),
                Optional.empty());
    }

    private String caution(RoomCaution caution, Study study) {
        return caution == RoomCaution.AIR
                ? parts.words()
                        .rooms()
                        .air(StaleAir.of(
                                study.spot().room().space(),
                                KitNeeds.voices(parts.models()
                                        .room()
                                        .openProduction()
                                        .production()
                                        .get()
                                        .brief())))
                : parts.strings().say("room.caution." + caution.id());
    }

    /** What of one's own is broken and so not counted, safety, and the fire notes of what hangs in the room. */
    private List<String> cautions(Study study) {
        Set<String> all = new LinkedHashSet<>(parts.models().shelf().faults());
        RoomCaution.of(study).forEach(c -> all.add(caution(c, study)));
        for (Patch patch : study.spot().room().patches()) {
            patch.material().ware().ifPresent(w -> all.add(w.fire()));
        }
        // Glue, weight and hooks matter as much as fire where something hangs.
        for (Patch patch : study.spot().room().patches()) {
            patch.material()
                    .ware()
                    .map(Material.Ware::fixing)
                    .filter(f -> !f.isEmpty())
                    .ifPresent(all::add);
        }
        return List.copyOf(all);
    }
}
