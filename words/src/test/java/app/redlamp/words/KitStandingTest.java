package app.redlamp.words;

import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.chain.fit.Fit;
import app.redlamp.core.chain.fit.KitProblem;
import app.redlamp.core.chain.fit.KitVerdict;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.Parts;
import app.redlamp.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

class KitStandingTest extends StandingContract {
    private final KitWording words = new KitWording(new Lengths(Locale.UK, false), new Figures(Locale.UK));

    @Override
    List<Case> cases() {
        List<Case> all = new ArrayList<>();
        for (Microphone microphone : List.of(Parts.CONDENSER, Parts.DYNAMIC, Parts.HISSING, Parts.USB, Parts.RIBBON)) {
            for (Surroundings room : List.of(
                    Parts.quietRoom(),
                    Surroundings.of(33, 20, 0.3),
                    Surroundings.of(48, 12, 0.25),
                    Surroundings.of(20, 60, 1.1))) {
                for (double off : new double[] {-14, -2.2, -0.3, 0, 1.7, 9}) {
                    for (boolean screened : new boolean[] {true, false}) {
                        for (int loose = 0; loose < 3; loose++) {
                            all.add(of(microphone, room, off, screened, loose));
                        }
                    }
                }
            }
        }
        return all;
    }

    private Case of(Microphone microphone, Surroundings room, double off, boolean screened, int loose) {
        Kit kit = Parts.with(microphone, microphone.isDigital() ? Optional.empty() : Optional.of(Parts.TWO))
                .with(List.of(Parts.CLOSED, Parts.FLOOR, Parts.SHOCK, Parts.SCREEN));
        OptionalDouble screen = screened ? OptionalDouble.of(0.09) : OptionalDouble.empty();
        kit = kit.with(0, kit.seats().get(0).screened(screen)).set(room, Parts.AUDIOBOOK, Parts.MIDDLE);
        double gain = kit.seats().get(0).gainDb();
        kit = kit.with(0, kit.seats().get(0).gained(Math.max(0, gain + off)));
        if (loose == 1) {
            kit = kit.with(0, kit.seats().get(0).wired(Optional.empty()));
        } else if (loose == 2) {
            kit = kit.with(List.of(Parts.OPEN));
        }
        Need need = Parts.need(1, room, Map.of());
        Verdict<KitProblem> verdict = KitVerdict.of(kit, need, Fit.of(kit, need, Parts.SHELF), 0);
        String name = microphone.id() + ", " + off + " dB off, screened " + screened + ", loose " + loose;
        return new Case(name, verdict, words.sentence(verdict, kit, need, 0));
    }

    @Override
    boolean saysClear(String sentence) {
        return sentence.startsWith("Enough: ");
    }
}
