package app.redlamp.desktop.deliver;

import app.redlamp.core.delivery.spec.SetJudge;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.desktop.control.LampState;
import app.redlamp.desktop.look.Strings;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where the Deliver station stands: its lamp on the wire, and the big lamp's answer.
 *
 * @param lamp the station's lamp
 * @param clear whether everything can be sent
 * @param answer whether, in words
 * @param first what comes first, at most two things
 */
public record DeliverStanding(LampState lamp, boolean clear, String answer, String first) {
    private static final int MOST_FIRST = 2;

    static DeliverStanding of(List<DocketRow> rows, Specification specification, Strings strings) {
        long hopeless = rows.stream().filter(r -> r.status().get().hopeless()).count();
        long finishable =
                rows.stream().filter(r -> r.status().get().finishable()).count();
        long ready = rows.stream().filter(r -> r.status().get().ready()).count();
        long waiting = rows.size() - hopeless - finishable - ready;
        boolean allReady = !rows.isEmpty() && ready == rows.size();
        Optional<Together> together = allReady ? Optional.of(Together.of(rows, specification)) : Optional.empty();
        Optional<SetJudge.Kind> barred = together.flatMap(Together::barred);
        int missing = together.map(Together::missing).orElse(0);
        boolean clear = allReady && barred.isEmpty();
        List<String> first = new ArrayList<>();
        add(first, "standing.finish", finishable, strings);
        add(first, "standing.again", hopeless, strings);
        add(first, "standing.wait", waiting, strings);
        barred.ifPresent(
                kind -> first.add(strings.say(kind == SetJudge.Kind.TOTAL ? "standing.short" : "standing.apart")));
        LampState lamp = clear
                ? LampState.LIT
                : hopeless > 0 ? LampState.BARRED : finishable + ready > 0 ? LampState.HALF : LampState.UNLIT;
        String text = clear
                ? inside(rows, ready, missing, strings)
                : rows.isEmpty()
                        ? strings.say("standing.none")
                        : String.join(
                                strings.say("standing.and"), first.subList(0, Math.min(MOST_FIRST, first.size())));
        return new DeliverStanding(lamp, clear, strings.say(clear ? "standing.clear" : "standing.notClear"), text);
    }

    /** What is inside, and what a person must see to before sending it. */
    private static String inside(List<DocketRow> rows, long ready, int missing, Strings strings) {
        long flawed =
                rows.stream().filter(r -> r.status().get().flaw().isPresent()).count();
        List<String> words = new ArrayList<>();
        words.add(missing > 0 ? strings.say("standing.parts", ready, missing) : strings.say("standing.all", ready));
        add(words, "standing.hear", flawed, strings);
        return String.join(strings.say("standing.beside"), words);
    }

    private static void add(List<String> first, String key, long count, Strings strings) {
        if (count > 0) {
            first.add(strings.say(key, count));
        }
    }
}
