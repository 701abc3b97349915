package app.redlamp.core.chain.choose;

import app.redlamp.core.chain.fit.Stock;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.BoosterPart;
import app.redlamp.core.chain.kit.Cable;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.Plug;
import app.redlamp.core.chain.kit.Seat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Kits that the shelf can make up for a job, the best first. Better is what stays within the budget, has no fault that no figure
 * shows, and lacks least of snr, headroom and clarity; of two that lack the same to half a decibel, the cheaper. What is more
 * than enough counts for nothing.
 *
 * @param best of each family, the best first
 * @param all every kit, the best first
 */
public record Candidates(List<Candidate> best, List<Candidate> all) {
    /** Kits that differ by less are equal, and the price decides (ours). */
    private static final double SAME_DB = 0.5;

    /** Where a microphone stands whose distance nobody has chosen (common practice, no source). */
    private static final double AT_A_DESK_M = 1;

    public Candidates {
        best = List.copyOf(best);
        all = List.copyOf(all);
    }

    /** The best kits of each family for a need, from what a shelf has. */
    public static Candidates of(Need need, Stock shelf) {
        List<Candidate> all = new ArrayList<>();
        for (Microphone microphone : shelf.of(Microphone.class)) {
            for (Kit kit : kits(microphone, need, shelf)) {
                all.add(Candidate.of(kit, need));
            }
        }
        all.sort(order(need));
        Map<Candidate.Family, Candidate> best = new EnumMap<>(Candidate.Family.class);
        all.forEach(c -> best.putIfAbsent(c.family(), c));
        return new Candidates(best.values().stream().sorted(order(need)).toList(), all);
    }

    /** How two candidates are ranked. */
    static Comparator<Candidate> order(Need need) {
        return Comparator.comparing((Candidate c) -> !c.within(need))
                .thenComparing(Candidate::flawed)
                .thenComparingLong(c -> Math.round(c.lacks().sumDb() / SAME_DB))
                .thenComparingDouble(Candidate::cost)
                .thenComparingInt(Candidate::things)
                .thenComparing(c -> c.kit().id());
    }

    private static List<Kit> kits(Microphone microphone, Need need, Stock shelf) {
        List<Kit> kits = new ArrayList<>();
        if (microphone.isDigital()) {
            kits.add(kit(microphone, Optional.empty(), Optional.empty(), Optional.empty(), need));
            return kits;
        }
        for (AudioInterface box : shelf.of(AudioInterface.class)) {
            if (!works(microphone, box, need)) {
                continue;
            }
            Optional<Cable> cable = shelf.cable(microphone.plug(), box.socket(), AT_A_DESK_M);
            if (cable.isEmpty() && !microphone.plug().fits(box.socket())) {
                continue;
            }
            kits.add(kit(microphone, Optional.of(box), cable, Optional.empty(), need));
            if (box.phantom() && microphone.power() == Microphone.Power.NONE && cable.isPresent()) {
                for (BoosterPart booster : shelf.of(BoosterPart.class)) {
                    kits.add(kit(microphone, Optional.of(box), cable, Optional.of(booster), need));
                }
            }
        }
        return kits;
    }

    private static boolean works(Microphone microphone, AudioInterface box, Need need) {
        return box.voices() >= need.voices()
                && (microphone.power() != Microphone.Power.PHANTOM || box.phantom())
                && (microphone.power() != Microphone.Power.PLUG_IN
                        || box.socket() == Plug.MINI
                        || box.socket() == Plug.MINI_HEADSET);
    }

    private static Kit kit(
            Microphone microphone,
            Optional<AudioInterface> box,
            Optional<Cable> cable,
            Optional<BoosterPart> booster,
            Need need) {
        List<Seat> seats = new ArrayList<>();
        for (int i = 1; i <= need.voices(); i++) {
            seats.add(Seat.of(String.valueOf(i), microphone, need.voice())
                    .wired(cable)
                    .boosted(booster));
        }
        String id = microphone.id()
                + box.map(b -> "+" + b.id()).orElse("")
                + booster.map(b -> "+" + b.id()).orElse("");
        String name = microphone.shortName()
                + box.map(b -> " + " + b.shortName()).orElse("")
                + booster.map(b -> " + " + b.shortName()).orElse("");
        return new Kit(id, name.substring(0, Math.min(80, name.length())), seats, box, List.of(), false);
    }
}
