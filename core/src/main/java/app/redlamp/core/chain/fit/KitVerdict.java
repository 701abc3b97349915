package app.redlamp.core.chain.fit;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.GainFit;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.core.units.Limits;
import app.redlamp.core.verdict.Cost;
import app.redlamp.core.verdict.Figure;
import app.redlamp.core.verdict.FigureId;
import app.redlamp.core.verdict.Problem;
import app.redlamp.core.verdict.Severity;
import app.redlamp.core.verdict.Verdict;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Whether a job can be recorded with a kit. What stops recording comes first; then what no knob mends, the knob, and the room;
 * then what will be heard; then what is worth knowing. A kit is judged with its knobs where they should be, so that a knob that
 * is off counts as that and not as a bad microphone.
 */
public final class KitVerdict {
    private final Kit kit;
    private final Need need;
    private final Fit fit;
    private final List<Problem<KitProblem>> problems = new ArrayList<>();

    private KitVerdict(Kit kit, Need need, Fit fit) {
        this.kit = kit;
        this.need = need;
        this.fit = fit;
    }

    /**
     * @param fit what does not go together in this kit
     * @param seat whose figures are given, from 0
     */
    public static Verdict<KitProblem> of(Kit kit, Need need, Fit fit, int seat) {
        return new KitVerdict(kit, need, fit).verdict(seat);
    }

    private Verdict<KitProblem> verdict(int shown) {
        misses(Severity.BLOCKS);
        int blocking = problems.size();
        for (int i = 0; i < kit.seats().size(); i++) {
            int seat = i;
            kit.chain(seat, need.room(), need.finishing()).ifPresent(chain -> seat(seat, chain));
        }
        problems.subList(blocking, problems.size())
                .sort(Comparator.comparing(p -> p.detail().kind()));
        misses(Severity.SPOILS);
        misses(Severity.ADVISES);
        return Verdict.of(problems, figures(shown));
    }

    private void misses(Severity severity) {
        fit.of(severity).stream().filter(m -> !told(m)).forEach(this::miss);
    }

    /** What is told as a problem of its own, with its figure. */
    private boolean told(Miss miss) {
        return problems.stream()
                .anyMatch(p -> p.about().equals(miss.seat()) && tells(p.detail().kind(), miss.kind()));
    }

    private Optional<Miss> missOf(KitProblem.Kind kind, String voice) {
        return fit.misses().stream()
                .filter(m -> m.seat().equals(voice) && tells(kind, m.kind()))
                .findFirst();
    }

    private static boolean tells(KitProblem.Kind kind, Miss.Kind miss) {
        return switch (miss) {
            case GAIN_SHORT -> kind == KitProblem.Kind.GAIN_SHORT;
            case GAIN_HOT, CAPSULE_CLIPS -> kind == KitProblem.Kind.CLIPS;
            default -> false;
        };
    }

    private void miss(Miss miss) {
        Cost cost = switch (miss.severity()) {
            case BLOCKS -> Cost.NO_RECORDING;
            case SPOILS, OPEN -> miss.kind() == Miss.Kind.TWO_CLOCKS ? Cost.RETAKES : Cost.HEARD;
            case ADVISES -> Cost.LITTLE;
        };
        List<String> mends = miss.remedy().isPresent() ? List.of("part") : List.of("change");
        problems.add(Problem.of(
                new KitProblem(KitProblem.Kind.MISS, number(miss.seat()), Optional.of(miss)),
                "kit." + miss.kind().id(),
                miss.severity(),
                miss.seat(),
                cost,
                mends));
    }

    private int number(String name) {
        for (int i = 0; i < kit.seats().size(); i++) {
            if (kit.seats().get(i).name().equals(name)) {
                return i;
            }
        }
        return -1;
    }

    private void seat(int seat, Chain chain) {
        boolean set = chain.isSet(need.school());
        Lacks lacks = Lacks.of(SignalPath.of(set ? chain : chain.set(need.school())), need);
        GainFit gain = GainFit.of(chain, need.school());
        double off = chain.offDb(need.school());
        double headroom = lacks.headroomDb();
        double snr = lacks.signalToNoiseDb();
        double clarity = lacks.clarityDb();
        boolean isShort = gain.verdict() == GainFit.Verdict.SHORT;
        add(headroom > 0, KitProblem.Kind.CLIPS, seat, headroom, Cost.CLIPPED, "further", "pad");
        add(snr > 0, KitProblem.Kind.SIGNAL_TO_NOISE, seat, snr, Cost.NOISE, "closer", "quieter", "part");
        add(isShort, KitProblem.Kind.GAIN_SHORT, seat, gain.shortDb(), Cost.NOISE, "closer", "booster");
        add(!set, KitProblem.Kind.GAIN, seat, off, off > 0 ? Cost.CLIPPED : Cost.NOISE, "knob");
        add(clarity > 0, KitProblem.Kind.CLARITY, seat, clarity, Cost.ROOM_IN_VOICE, "closer", "treat", "pattern");
    }

    private void add(boolean there, KitProblem.Kind kind, int seat, double db, Cost cost, String... mends) {
        if (there) {
            problems.add(Problem.of(
                            new KitProblem(
                                    kind,
                                    seat,
                                    missOf(kind, kit.seats().get(seat).name())),
                            "kit." + kind.id(),
                            Severity.SPOILS,
                            kit.seats().get(seat).name(),
                            cost,
                            List.of(mends))
                    .by(db, "dB"));
        }
    }

    /** As the kit stands, knobs and all. */
    private List<Figure> figures(int shown) {
        Seat seat = kit.seats().get(Math.min(shown, kit.seats().size() - 1));
        Optional<Chain> chain = kit.chain(kit.seats().indexOf(seat), need.room(), need.finishing());
        if (chain.isEmpty()) {
            return List.of();
        }
        SignalPath path = SignalPath.of(chain.get());
        OptionalDouble floor = need.finishing().floorDbfs();
        GainFit gain = GainFit.of(chain.get(), need.school());
        return List.of(
                Figure.of(
                        FigureId.KIT_SNR,
                        path.snrDb(),
                        Limits.atLeast(need.finishing().wantedSnrDb())),
                Figure.of(FigureId.KIT_FLOOR, path.floorDbfs(), new Limits(OptionalDouble.empty(), floor)),
                Figure.of(FigureId.KIT_HEADROOM, path.headroomDb(), Limits.atLeast(0)),
                Figure.of(
                        FigureId.KIT_GAIN,
                        gain.neededDb(),
                        Limits.between(
                                chain.get().preamp().minGainDb(),
                                chain.get().preamp().maxGainDb())),
                Figure.of(
                        FigureId.KIT_CLARITY,
                        path.clarityDb(),
                        Limits.atLeast(need.clarityDb() - Lacks.CLARITY_SLACK_DB)));
    }
}
