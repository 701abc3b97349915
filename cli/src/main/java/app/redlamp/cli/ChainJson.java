package app.redlamp.cli;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.GainFit;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.Noise;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Source;
import app.redlamp.core.chain.choose.Upgrade;
import app.redlamp.core.chain.fit.Fit;
import app.redlamp.core.chain.fit.KitProblem;
import app.redlamp.core.chain.fit.Miss;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.words.ChainWording;
import app.redlamp.words.ChoiceWording;
import app.redlamp.words.FitWording;
import app.redlamp.words.KitWording;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What {@code chain --json} prints (docs/formats.md). */
record ChainJson(ChainWording chains, FitWording fits, KitWording kits, ChoiceWording choices) {

    Map<String, Object> of(Kit kit, Need need, Fit fit, Verdict<KitProblem> verdict, List<Upgrade> upgrades) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("id", kit.id());
        json.put("name", kit.name());
        Map<String, Object> room = new LinkedHashMap<>();
        room.put("noise", noise(need.room().noise()));
        room.put("volumeM3", rounded(need.room().volumeM3()));
        room.put("decayS", rounded(need.room().decayS()));
        json.put("room", room);
        json.put("verdict", VerdictJson.of(verdict, p -> kits.problem(p, kit, need)));
        List<Object> voices = new ArrayList<>();
        for (int i = 0; i < kit.seats().size(); i++) {
            voices.add(voice(kit, i, need, verdict));
        }
        json.put("voices", voices);
        json.put(
                "fit",
                fit.misses().stream().map(m -> miss(m, kit.seats().size() > 1)).toList());
        json.put("instead", upgrades.stream().map(this::upgrade).toList());
        return json;
    }

    private Map<String, Object> voice(Kit kit, int seat, Need need, Verdict<KitProblem> verdict) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("name", kit.seats().get(seat).name());
        Optional<Chain> chain = kit.chain(seat, need.room(), need.finishing());
        json.put("complete", chain.isPresent());
        if (chain.isEmpty()) {
            json.put("message", chains.noWay(kit.seats().get(seat).microphone().name()));
            return json;
        }
        SignalPath path = SignalPath.of(chain.get());
        GainFit gain = GainFit.of(chain.get(), need.school());
        json.put("message", kits.voice(verdict, kit, need, seat));
        json.put("nodes", path.nodes().stream().map(ChainJson::node).toList());
        json.put("signalToNoiseDb", rounded(path.snrDb()));
        json.put("wantedSignalToNoiseDb", rounded(need.finishing().wantedSnrDb()));
        json.put("floorDbfs", rounded(path.floorDbfs()));
        json.put("makeUpDb", rounded(path.makeUpDb()));
        json.put("headroomDb", rounded(path.headroomDb()));
        json.put("tightest", path.tightest().stage().id());
        json.put("limit", path.limit().id());
        json.put("clarityDb", rounded(path.clarityDb()));
        json.put("directDb", rounded(path.directDb()));
        Map<String, Object> knob = new LinkedHashMap<>();
        knob.put("gainDb", rounded(chain.get().gainDb()));
        knob.put("neededDb", rounded(gain.neededDb()));
        knob.put("verdict", gain.verdict().id());
        json.put("gain", knob);
        Map<String, Object> without = new LinkedHashMap<>();
        for (Source source : path.file().noises().keySet()) {
            without.put(source.id(), rounded(path.without(source)));
        }
        json.put("signalToNoiseWithoutDb", without);
        return json;
    }

    private static Map<String, Object> node(Node node) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("stage", node.stage().id());
        json.put("unit", node.stage().unit());
        json.put("averageDb", rounded(node.averageDb()));
        json.put("peakDb", rounded(node.peakDb()));
        json.put("loudestPeakDb", rounded(node.loudestPeakDb()));
        json.put(
                "ceilingDb",
                node.ceilingDb().isPresent() ? rounded(node.ceilingDb().getAsDouble()) : null);
        json.put("noise", noise(node.noise()));
        json.put("dominant", node.dominant().id());
        json.put("signalToNoiseDb", rounded(node.snrDb()));
        return json;
    }

    private static Map<String, Object> noise(Noise noise) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("flatDb", rounded(noise.flatDb()));
        json.put("dbA", rounded(noise.dbA()));
        return json;
    }

    private Map<String, Object> miss(Miss miss, boolean several) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("kind", miss.kind().id());
        json.put("severity", miss.severity().id());
        json.put("voice", miss.seat().isEmpty() ? null : miss.seat());
        json.put("amount", rounded(miss.amount()));
        json.put("message", fits.miss(miss, several));
        json.put("remedy", miss.remedy().map(r -> (Object) r.id()).orElse(null));
        json.put("pieces", miss.pieces());
        json.put("cost", miss.cost());
        return json;
    }

    private Map<String, Object> upgrade(Upgrade upgrade) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("part", upgrade.part().id());
        json.put("name", upgrade.part().name());
        json.put("signalToNoiseDb", rounded(upgrade.snrDb()));
        json.put("lessMissingDb", rounded(upgrade.lessDb()));
        json.put("cost", upgrade.cost());
        json.put("message", choices.buys(upgrade));
        return json;
    }

    private static double rounded(double value) {
        return Math.rint(value * 1000) / 1000 + 0.0;
    }
}
