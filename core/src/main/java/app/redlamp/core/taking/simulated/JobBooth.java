package app.redlamp.core.taking.simulated;

import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.booth.Booth;
import app.redlamp.core.booth.Scene;
import app.redlamp.core.booth.WeekTime;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.chain.choose.Candidates;
import app.redlamp.core.chain.fit.Stock;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.fault.Faults;
import app.redlamp.core.planning.plan.KitNeeds;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.plan.RoomNeeds;
import java.util.Optional;

/** Makes the simulated booth of a production. */
public final class JobBooth {
    private JobBooth() {}

    /** The room as it sounds: the place that is chosen, or what is guessed of one. */
    public static Scene scene(Production production) {
        Optional<Spot> spot = production.spots().current();
        if (spot.isEmpty()) {
            Surroundings guess = production.kits().guess().surroundings();
            return Scene.of(guess.noise().dbA(), guess.volumeM3(), guess.decayS());
        }
        double distance = spot.get().room().distanceM();
        return Scene.of(Study.of(spot.get(), RoomNeeds.of(production, distance)));
    }

    /**
     * The booth with the kit that is chosen, or with the best that a shelf has, its gain set as the job's school wants it.
     *
     * @param shelf parts from which a kit is made where none is chosen
     * @param seed the same gives the same samples
     * @throws IllegalArgumentException where fewer voices reach a file than the job has; one line that says what to do
     */
    public static Booth of(Production production, Stock shelf, WeekTime from, int sampleRateHz, long seed) {
        Optional<Surroundings> drawn = production
                .spots()
                .current()
                .map(s -> KitNeeds.room(
                        Study.of(s, RoomNeeds.of(production, s.room().distanceM()))));
        Need need = KitNeeds.of(production, drawn);
        Kit kit = production.kits().current().orElseGet(() -> usual(need, shelf));
        Booth booth = Booth.of(kit, scene(production), need.finishing(), from, sampleRateHz, seed);
        if (booth.stands().size() < need.voices()) {
            throw new IllegalArgumentException(
                    Faults.say("job-booth.too-few-voices", booth.stands().size(), need.voices()));
        }
        return booth;
    }

    private static Kit usual(Need need, Stock shelf) {
        Candidates candidates = Candidates.of(need, shelf);
        if (candidates.best().isEmpty()) {
            throw new IllegalArgumentException(Faults.say("job-booth.no-kit"));
        }
        return candidates.best().get(0).kit().set(need.room(), need.finishing(), need.school());
    }
}
