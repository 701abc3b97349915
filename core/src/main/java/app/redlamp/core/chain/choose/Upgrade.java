package app.redlamp.core.chain.choose;

import app.redlamp.core.chain.fit.Stock;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.BoosterPart;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.Seat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * One part that would be another: what it would do for all voices that use it.
 *
 * @param part what would come in
 * @param pieces how many
 * @param then the kit with it, every knob where it is wanted
 * @param snrDb by how much the signal-to-noise ratio would grow
 * @param lessDb by how much less would be missing of snr, headroom and clarity
 * @param cost of what is not there yet
 */
public record Upgrade(Gear part, int pieces, Candidate then, double snrDb, double lessDb, double cost) {
    /** Less than this is not worth a change (common practice, no source). */
    public static final double WORTH_DB = 1;

    /** @return those that change something for the better, in the order of {@link #all} */
    public static List<Upgrade> of(Kit kit, Need need, Stock shelf) {
        if (kit.chain(0, need.room(), need.finishing()).isEmpty()) {
            return List.of();
        }
        return all(kit, need, shelf).stream()
                .filter(u -> u.snrDb() >= WORTH_DB || u.lessDb() >= WORTH_DB)
                .toList();
    }

    /**
     * Every part that could come in, whether it is worth it or not. Of those that make good at least half of what the best of
     * them does, the one that does it cheapest comes first; what makes nothing good comes last, the widest signal-to-noise ratio first.
     */
    public static List<Upgrade> all(Kit kit, Need need, Stock shelf) {
        Candidate now = Candidate.of(kit, need);
        List<Upgrade> all = new ArrayList<>();
        boosters(kit, shelf).forEach(b -> all.add(upgrade(b, boosted(kit, b), now, need)));
        boxes(kit, shelf).forEach(b -> all.add(upgrade(b, kit.through(Optional.of(b)), now, need)));
        microphones(kit, shelf).forEach(m -> all.add(upgrade(m, heard(kit, m), now, need)));
        double most = all.stream().mapToDouble(Upgrade::lessDb).max().orElse(0);
        all.sort(Comparator.comparing((Upgrade u) -> !(most >= WORTH_DB && u.lessDb() >= most / 2))
                .thenComparingDouble(u -> u.lessDb() >= WORTH_DB ? u.cost() / u.lessDb() : Double.MAX_VALUE)
                .thenComparingDouble(u -> -Math.rint(u.snrDb() * 2))
                .thenComparingDouble(Upgrade::cost)
                .thenComparing(u -> u.part().id()));
        return all;
    }

    private static Upgrade upgrade(Gear part, Kit changed, Candidate now, Need need) {
        Candidate then = Candidate.of(changed, need);
        int pieces = then.kit().parts().getOrDefault(part, 1);
        double cost = need.missing(part, pieces) * part.price().fresh();
        return new Upgrade(
                part,
                pieces,
                then,
                then.gainOver(now),
                now.lacks().sumDb() - then.lacks().sumDb(),
                cost);
    }

    private static List<BoosterPart> boosters(Kit kit, Stock shelf) {
        boolean can = kit.box().filter(AudioInterface::phantom).isPresent()
                && kit.seats().stream()
                        .allMatch(s -> s.booster().isEmpty()
                                && !s.microphone().isDigital()
                                && s.microphone().power() == Microphone.Power.NONE);
        return can ? shelf.of(BoosterPart.class) : List.of();
    }

    private static Kit boosted(Kit kit, BoosterPart booster) {
        return kit.seated(
                kit.seats().stream().map(s -> s.boosted(Optional.of(booster))).toList());
    }

    /** Boxes that every lead fits into, with an input for every voice. */
    private static List<AudioInterface> boxes(Kit kit, Stock shelf) {
        if (kit.box().isEmpty()) {
            return List.of();
        }
        return shelf.of(AudioInterface.class).stream()
                .filter(b ->
                        !b.equals(kit.box().get()) && b.voices() >= kit.seats().size())
                .filter(b -> kit.seats().stream().allMatch(s -> works(s, b)))
                .toList();
    }

    private static boolean works(Seat seat, AudioInterface box) {
        boolean phantom = seat.microphone().power() == Microphone.Power.PHANTOM
                || seat.booster().isPresent();
        return seat.cable().filter(c -> c.to().fits(box.socket())).isPresent() && (!phantom || box.phantom());
    }

    /** Microphones that go into what is there. */
    private static List<Microphone> microphones(Kit kit, Stock shelf) {
        Microphone now = kit.seats().get(0).microphone();
        return shelf.of(Microphone.class).stream()
                .filter(m -> !m.equals(now) && m.isDigital() == now.isDigital())
                .filter(m -> m.isDigital()
                        ? kit.seats().size() == 1
                        : m.plug() == now.plug()
                                && (m.power() != Microphone.Power.PHANTOM
                                        || kit.box()
                                                .filter(AudioInterface::phantom)
                                                .isPresent()))
                .toList();
    }

    /** Another microphone stands where it is used at its best, and needs no booster that stops its 48 V. */
    private static Kit heard(Kit kit, Microphone microphone) {
        return kit.seated(kit.seats().stream()
                .map(s -> s.with(microphone)
                        .at(s.position().at(microphone.kind().usualM()))
                        .boosted(microphone.power() == Microphone.Power.PHANTOM ? Optional.empty() : s.booster()))
                .toList());
    }
}
