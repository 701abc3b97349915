package app.redlamp.core.chain.choose;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.fit.Fit;
import app.redlamp.core.chain.fit.Miss;
import app.redlamp.core.chain.fit.Stock;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.BoosterPart;
import app.redlamp.core.chain.kit.Cable;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.placement.Breath;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is still to be bought: first what nothing can begin without, then what will be heard, then what makes good what snr,
 * headroom and clarity still lack; within each, most effect for the money first. What is enough is not bettered.
 *
 * @param lines in the order in which they are bought
 */
public record Shopping(List<Purchase> lines) {
    public Shopping {
        lines = List.copyOf(lines);
    }

    /** What a kit still needs, from what a shelf has. */
    public static Shopping of(Kit kit, Need need, Stock shelf) {
        List<Purchase> lines = new ArrayList<>();
        for (Map.Entry<Gear, Integer> part : kit.parts().entrySet()) {
            int missing = need.missing(part.getKey(), part.getValue());
            if (missing > 0) {
                lines.add(new Purchase(
                        part.getKey(),
                        missing,
                        nothingBeginsWithout(part.getKey()) ? Purchase.Mark.TODAY : Purchase.Mark.NEXT,
                        Optional.empty(),
                        OptionalDouble.empty(),
                        false));
            }
        }
        for (Miss miss : Fit.of(kit, need, shelf).misses()) {
            miss.remedy().ifPresent(r -> mend(lines, miss, kit, need));
        }
        better(kit, need, shelf).stream()
                .filter(u -> lines.stream().noneMatch(l -> l.part().equals(u.part())))
                .forEach(u -> lines.add(new Purchase(
                        u.part(),
                        need.missing(u.part(), u.pieces()),
                        Purchase.Mark.LATER,
                        Optional.empty(),
                        OptionalDouble.of(u.lessDb()),
                        false)));
        lines.sort(Comparator.comparing(Purchase::mark)
                .thenComparing(Shopping::free)
                .thenComparingDouble(l -> l.costPerDb().orElse(Double.MAX_VALUE))
                .thenComparingDouble(Purchase::cost)
                .thenComparing(l -> l.part().id()));
        return new Shopping(reached(lines, need));
    }

    /** The best of each sort of part: nobody buys two microphones in place of one. */
    private static List<Upgrade> better(Kit kit, Need need, Stock shelf) {
        Map<Class<?>, Upgrade> best = new LinkedHashMap<>();
        Upgrade.of(kit, need, shelf).stream()
                .filter(u -> u.cost() > 0 && u.lessDb() >= Upgrade.WORTH_DB)
                .forEach(u -> best.putIfAbsent(u.part().getClass(), u));
        return List.copyOf(best.values());
    }

    private static boolean nothingBeginsWithout(Gear part) {
        return part instanceof Microphone || part instanceof AudioInterface || part instanceof Cable;
    }

    private static boolean free(Purchase line) {
        return line.cost() > 0;
    }

    /** The same part is bought once, for what it mends worst, and once more where it mends something for another voice. */
    private static void mend(List<Purchase> lines, Miss miss, Kit kit, Need need) {
        Gear part = miss.remedy().orElseThrow();
        int wanted = kit.parts().getOrDefault(part, 0) + miss.pieces();
        int missing = Math.min(miss.pieces(), need.missing(part, wanted));
        if (missing == 0) {
            return;
        }
        Purchase.Mark mark = switch (miss.severity()) {
            case BLOCKS -> Purchase.Mark.TODAY;
            case SPOILS, OPEN -> Purchase.Mark.NEXT;
            case ADVISES -> Purchase.Mark.LATER;
        };
        for (int i = 0; i < lines.size(); i++) {
            Purchase there = lines.get(i);
            if (there.part().equals(part) && there.against().isPresent()) {
                boolean same = there.against().get().kind() == miss.kind();
                lines.set(
                        i,
                        new Purchase(
                                part,
                                same ? there.pieces() + missing : Math.max(there.pieces(), missing),
                                there.mark(),
                                there.against(),
                                there.effectDb(),
                                false));
                return;
            }
        }
        lines.add(new Purchase(part, missing, mark, Optional.of(miss), effect(miss, kit, need), false));
    }

    /** What a remedy does, where there is a figure for it. */
    private static OptionalDouble effect(Miss miss, Kit kit, Need need) {
        Gear part = miss.remedy().orElseThrow();
        if (part instanceof BoosterPart booster) {
            return OptionalDouble.of(boosting(booster, miss.seat(), kit, need));
        }
        return switch (miss.kind()) {
            case UNBALANCED -> OptionalDouble.of(miss.amount());
            case POP_FILTER -> OptionalDouble.of(miss.amount() - Breath.POPS_DB);
            default -> OptionalDouble.empty();
        };
    }

    private static double boosting(BoosterPart booster, String seat, Kit kit, Need need) {
        for (int i = 0; i < kit.seats().size(); i++) {
            Optional<Chain> chain = kit.chain(i, need.room(), need.finishing());
            if (kit.seats().get(i).name().equals(seat) && chain.isPresent()) {
                Chain now = chain.get();
                Chain then = now.through(Optional.of(booster.booster()));
                return SignalPath.of(then.set(need.school())).snrDb()
                        - SignalPath.of(now.set(need.school())).snrDb();
            }
        }
        return 0;
    }

    /** The budget is spent from the top down. */
    private static List<Purchase> reached(List<Purchase> lines, Need need) {
        double left = need.budget().orElse(Double.POSITIVE_INFINITY);
        List<Purchase> all = new ArrayList<>();
        for (Purchase line : lines) {
            boolean within = line.cost() <= left;
            left -= within ? line.cost() : 0;
            all.add(line.reached(within));
        }
        return all;
    }

    /** Cost of all lines with a mark. */
    public double cost(Purchase.Mark mark) {
        return lines.stream()
                .filter(l -> l.mark() == mark)
                .mapToDouble(Purchase::cost)
                .sum();
    }

    /** What is bought of it now: all that blocks, whether the budget reaches or not. */
    public List<Purchase> today() {
        return lines.stream().filter(l -> l.mark() == Purchase.Mark.TODAY).toList();
    }
}
