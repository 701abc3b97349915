package app.redlamp.cli;

import app.redlamp.core.planning.plan.PieceTime;
import app.redlamp.core.planning.plan.PlanProblem;
import app.redlamp.core.planning.plan.ProductionPlan;
import app.redlamp.core.planning.plan.Remedy;
import app.redlamp.core.planning.plan.Schedule;
import app.redlamp.core.planning.plan.Session;
import app.redlamp.core.planning.script.Count;
import app.redlamp.core.port.Productions;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.words.PlanWording;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What {@code plan} prints with {@code --json} (docs/formats.md). */
final class PlanJson {
    private PlanJson() {}

    static Map<String, Object> of(
            ProductionPlan plan,
            Productions.Seen seen,
            List<Remedy> remedies,
            Verdict<PlanProblem> verdict,
            PlanWording wording) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("title", plan.production().brief().title());
        json.put("kind", plan.production().brief().kind().id());
        json.put("verdict", VerdictJson.of(verdict, p -> wording.problem(p.detail(), plan)));
        json.put("words", plan.words());
        json.put("finishedS", plan.finishedS());
        json.put("wordsPerMinute", plan.pace().wordsPerMinute());
        json.put("paceTakes", plan.pace().paceTakes());
        json.put("boothHours", plan.boothHours());
        json.put("editHours", plan.editHours());
        json.put("pieces", pieces(plan));
        addSchedule(json, plan);
        json.put("remedies", remedies.stream().map(PlanJson::remedy).toList());
        Map<String, Object> disk = new LinkedHashMap<>();
        disk.put("rawBytes", Math.round(plan.disk().raw()));
        disk.put("workingBytes", Math.round(plan.disk().working()));
        disk.put("readyBytes", Math.round(plan.disk().ready()));
        disk.put("backupBytes", Math.round(plan.disk().backup()));
        disk.put("usedBytes", seen.usedBytes());
        disk.put("freeBytes", seen.freeBytes());
        json.put("disk", disk);
        json.put("currency", plan.production().money().currency().getCurrencyCode());
        json.put("income", plan.income().orElse(null));
        json.put("hourly", plan.hourly().orElse(null));
        return json;
    }

    private static List<Map<String, Object>> pieces(ProductionPlan plan) {
        List<Map<String, Object>> pieces = new ArrayList<>();
        for (int i = 0; i < plan.pieces().size(); i++) {
            PieceTime time = plan.pieces().get(i);
            Count count = plan.counts().get(i);
            Map<String, Object> piece = new LinkedHashMap<>();
            piece.put("title", plan.production().pieces().get(i).title());
            piece.put("words", count.words());
            piece.put("sentences", count.sentences());
            piece.put("longestSentence", count.longestSentence());
            piece.put("dialogueShare", count.dialogueShare());
            piece.put("finishedS", time.finishedS());
            piece.put("recorded", time.recorded());
            pieces.add(piece);
        }
        return pieces;
    }

    private static void addSchedule(Map<String, Object> json, ProductionPlan plan) {
        Schedule schedule = plan.schedule();
        List<Map<String, Object>> sessions = new ArrayList<>();
        for (Session session : schedule.sessions()) {
            Map<String, Object> one = new LinkedHashMap<>();
            one.put("begins", session.begins().toOffsetDateTime().toString());
            one.put("ends", session.ends().toOffsetDateTime().toString());
            one.put("boothMin", session.boothMin());
            one.put("corrections", session.forCorrections());
            one.put("pieces", session.parts().stream().map(p -> p.piece() + 1).toList());
            sessions.add(one);
        }
        json.put("sessions", sessions);
        json.put("fits", schedule.fits());
        json.put("done", schedule.done().map(Object::toString).orElse(null));
        json.put(
                "deadline",
                plan.production().brief().deadline().map(Object::toString).orElse(null));
        json.put(
                "spareDays",
                schedule.spareDays().isPresent() ? schedule.spareDays().getAsLong() : null);
        json.put("shortMin", schedule.shortMin());
    }

    private static Map<String, Object> remedy(Remedy remedy) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("kind", remedy.kind().id());
        json.put("amount", remedy.amount());
        return json;
    }
}
