package app.redlamp.words;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.GainFit;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.fit.Fit;
import app.redlamp.core.chain.fit.KitProblem;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.verdict.Problem;
import app.redlamp.core.verdict.Severity;
import app.redlamp.core.verdict.Verdict;
import java.util.Optional;

/** Says where a kit stands: one sentence that its verdict gives, for the screen and the command line alike. */
public final class KitWording {
    private final Phrases phrases;
    private final Figures figures;
    private final ChainWording chains;
    private final FitWording fits;

    public KitWording(Lengths lengths, Figures figures) {
        this.figures = figures;
        chains = new ChainWording(lengths, figures);
        fits = new FitWording(lengths, figures);
        phrases = new Phrases("chain", figures.locale());
    }

    /**
     * Where all of it stands.
     *
     * @param shown the voice whose figures are told where nothing is wrong, from 0
     */
    public String sentence(Verdict<KitProblem> verdict, Kit kit, Need need, int shown) {
        Optional<Problem<KitProblem>> first = verdict.first();
        if (first.isEmpty()) {
            return fine(kit, need, shown);
        }
        KitProblem problem = first.get().detail();
        if (problem.kind() == KitProblem.Kind.MISS) {
            return heard(verdict, kit);
        }
        boolean several = kit.seats().size() > 1;
        String words = problem(first.get(), kit, need);
        return several ? phrases.say("verdict.voice", first.get().about(), words) : words;
    }

    /** Where one voice stands; what is wrong with the others is not told. */
    public String voice(Verdict<KitProblem> verdict, Kit kit, Need need, int seat) {
        if (path(kit, need, seat).isEmpty()) {
            return chains.noWay(kit.seats().get(seat).microphone().name());
        }
        return verdict.holding().stream()
                .filter(p -> p.detail().seat() == seat)
                .findFirst()
                .map(p -> p.detail().kind() == KitProblem.Kind.MISS
                        ? fits.miss(p.detail().miss().orElseThrow(), false)
                        : problem(p, kit, need))
                .orElseGet(() -> fine(kit, need, seat));
    }

    /** What is wrong and what it means, one sentence. */
    public String problem(Problem<KitProblem> problem, Kit kit, Need need) {
        if (problem.detail().kind() == KitProblem.Kind.MISS) {
            return fits.miss(problem.detail().miss().orElseThrow(), kit.seats().size() > 1);
        }
        SignalPath path = path(kit, need, problem.detail().seat()).orElseThrow();
        Chain chain = path.chain();
        double db = problem.amount().orElseThrow();
        return switch (problem.detail().kind()) {
            case CLIPS ->
                phrases.say(
                        "verdict.clips",
                        phrases.say("clips."
                                + SignalPath.of(chain.set(need.school()))
                                        .tightest()
                                        .stage()
                                        .id()));
            case SIGNAL_TO_NOISE ->
                phrases.say(
                        "verdict.low.by",
                        phrases.say("verdict.low."
                                + SignalPath.of(chain.set(need.school()))
                                        .limit()
                                        .id()),
                        figures.tenths(db));
            case GAIN_SHORT -> phrases.say("verdict.short", figures.whole(db));
            case GAIN -> {
                GainFit gain = GainFit.of(chain, need.school());
                String wanted = chains.gain(chain.preamp().within(gain.neededDb()));
                yield phrases.say(db > 0 ? "verdict.gain.down" : "verdict.gain.up", wanted);
            }
            case CLARITY -> phrases.say("verdict.rings", figures.whole(db));
            case MISS -> throw new IllegalArgumentException("a miss has words of its own");
        };
    }

    /** What does not go together: what stops is counted before what will be heard. */
    private String heard(Verdict<KitProblem> verdict, Kit kit) {
        long blocks = verdict.problems().stream()
                .filter(p -> p.severity() == Severity.BLOCKS)
                .count();
        if (blocks > 0) {
            return fits.blocked(blocks);
        }
        long spoils = verdict.holding().size();
        String first = verdict.first()
                .orElseThrow()
                .detail()
                .miss()
                .map(m -> fits.miss(m, kit.seats().size() > 1))
                .orElseThrow();
        return spoils == 1
                ? phrases.say("verdict.spoiled.one", first)
                : phrases.say("verdict.spoiled.many", figures.whole((double) spoils));
    }

    private String fine(Kit kit, Need need, int seat) {
        return path(kit, need, seat)
                .map(p -> phrases.say("verdict.fine", figures.whole(p.marginDb()), chains.source(p.limit())))
                .orElseGet(() -> chains.noWay(kit.seats().get(seat).microphone().name()));
    }

    private static Optional<SignalPath> path(Kit kit, Need need, int seat) {
        return kit.chain(seat, need.room(), need.finishing()).map(SignalPath::of);
    }

    /** Whether the parts go together, apart from the figures. */
    public String fit(Fit fit) {
        return fits.verdict(fit);
    }
}
