package app.redlamp.cli;

import app.redlamp.core.acoustics.cabin.Cabin;
import app.redlamp.core.acoustics.cabin.CabinChoice;
import app.redlamp.core.acoustics.room.Boom;
import app.redlamp.core.acoustics.room.Reflection;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.acoustics.spot.RoomProblem;
import app.redlamp.core.acoustics.spot.RoomVerdict;
import app.redlamp.core.acoustics.spot.StaleAir;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.acoustics.spot.TreatmentStep;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.words.RoomWording;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What {@code room} prints with {@code --json} (docs/formats.md). */
final class RoomJson {
    private RoomJson() {}

    static Map<String, Object> of(
            Study study, int persons, List<TreatmentStep> steps, List<CabinChoice> choices, RoomWording wording) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("name", study.spot().name());
        Verdict<RoomProblem> verdict = RoomVerdict.of(study);
        json.put("fits", verdict.clear());
        json.put("verdict", VerdictJson.of(verdict, p -> wording.problem(study, p.detail())));
        json.put("sentence", wording.verdict(study));
        json.put("volumeM3", study.spot().room().space().volume());
        json.put("surfaceM2", study.absorption().surfaceM2());
        json.put("schroederHz", study.decay().schroederHz());
        json.put("bands", bands(study));
        json.put("booms", study.bass().booms().stream().map(RoomJson::boom).toList());
        json.put(
                "reflections",
                study.reflections().stream()
                        .map(r -> reflection(study, r, wording))
                        .toList());
        json.put("voiceOverRoomDb", study.direct().speechDb());
        json.put("criticalDistanceM", study.direct().criticalM());
        json.put("noiseDbA", study.noiseDbA().isPresent() ? study.noiseDbA().getAsDouble() : null);
        json.put("noiseWantedDbA", study.wanted().noiseDbA());
        study.week().ifPresent(week -> {
            json.put("noiseLoudestDbA", week.loudest());
            json.put("noiseRatingTogether", week.together().noiseRating());
            json.put("weekDbA", week.dbA());
        });
        json.put("closedAir", air(StaleAir.of(study.spot().room().space(), persons)));
        json.put("steps", steps.stream().map(s -> step(s, wording)).toList());
        if (!choices.isEmpty()) {
            json.put(
                    "booths",
                    choices.stream().map(c -> booth(c, choices.get(0))).toList());
        }
        return json;
    }

    private static List<Map<String, Object>> bands(Study study) {
        List<Map<String, Object>> bands = new ArrayList<>();
        for (int b = 0; b < SixBands.COUNT; b++) {
            Map<String, Object> band = new LinkedHashMap<>();
            band.put("hz", SixBands.centreHz(b));
            band.put("seconds", study.decay().seconds().at(b));
            band.put("sabineS", study.decay().sabineS().at(b));
            band.put("eyringS", study.decay().eyringS().at(b));
            band.put("raysS", study.decay().raysS().at(b));
            band.put("trust", study.decay().trust().get(b).name().toLowerCase(Locale.ROOT));
            band.put("modal", study.decay().modal(b));
            band.put("wantedS", study.wanted().decays().at(b));
            band.put("absorptionM2", study.absorption().areas().at(b));
            bands.add(band);
        }
        return bands;
    }

    private static Map<String, Object> air(StaleAir air) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("minutesTo1000Ppm", Json.number(air.minutesTo(StaleAir.STUFFY_PPM)));
        json.put("minutesTo2000Ppm", Json.number(air.minutesTo(StaleAir.STALE_PPM)));
        json.put("warmerByK", air.riseK(60));
        return json;
    }

    private static Map<String, Object> boom(Boom boom) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("hz", boom.frequencyHz());
        json.put("liftDb", boom.liftDb());
        json.put("excessDb", boom.excessDb());
        json.put("mode", List.of(boom.mode().nx(), boom.mode().ny(), boom.mode().nz()));
        return json;
    }

    private static Map<String, Object> reflection(Study study, Reflection reflection, RoomWording wording) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("off", wording.off(study.spot().room(), reflection));
        json.put("pathM", reflection.pathM());
        json.put("delayMs", reflection.delayMs());
        json.put("levelDb", reflection.levelDb());
        json.put("notchesHz", reflection.notchesHz(3));
        return json;
    }

    private static Map<String, Object> step(TreatmentStep step, RoomWording wording) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("what", wording.step(step));
        json.put("material", step.patch().material().id());
        json.put("face", step.patch().face().id());
        json.put("pieces", step.pieces());
        json.put("price", step.price());
        json.put("beforeS", boxed(step.before()));
        json.put("afterS", boxed(step.after()));
        return json;
    }

    private static Map<String, Object> booth(CabinChoice choice, CabinChoice now) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("way", choice.way().id());
        json.put("id", choice.cabin().map(Cabin::id).orElse(null));
        json.put("price", choice.price());
        json.put("fits", choice.fits());
        json.put("noiseDbA", Json.number(choice.noiseDbA()));
        json.put("pricePerNoiseDb", Json.number(choice.noisePrice(now)));
        json.put("quietHoursAWeek", Json.number(choice.quietHours()));
        json.put("decay500HzS", choice.decayS());
        json.put("voiceOverRoomDb", choice.voiceOverRoomDb());
        json.put("pricePerRoomDb", Json.number(choice.roomPrice(now)));
        json.put("boomDb", choice.boomDb());
        json.put("minutesTo2000Ppm", Json.number(choice.staleMinutes()));
        return json;
    }

    private static List<Double> boxed(SixBands bands) {
        List<Double> all = new ArrayList<>();
        for (double value : bands.toArray()) {
            all.add(value);
        }
        return all;
    }
}
