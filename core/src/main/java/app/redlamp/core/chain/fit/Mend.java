package app.redlamp.core.chain.fit;

import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.BoosterPart;
import app.redlamp.core.chain.kit.Cable;
import app.redlamp.core.chain.kit.Extra;
import app.redlamp.core.chain.kit.Gear;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.core.chain.placement.Breath;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;

/** Puts into a kit what ends a miss. */
public final class Mend {
    private Mend() {}

    /** @return absent where nothing that can be put in, pulled out or moved would end it */
    public static Optional<Kit> of(Kit kit, Miss miss) {
        return switch (miss.kind()) {
            case HUB -> Optional.of(kit.hubbed(false));
            case TOO_FAR ->
                Optional.of(seat(
                        kit,
                        miss,
                        s -> s.at(s.position().at(s.microphone().kind().usualM()))));
            case WRONG_SIDE ->
                Optional.of(seat(kit, miss, s -> s.at(s.position().turned(0))));
            case POP_FILTER_NEAR -> Optional.of(seat(kit, miss, Mend::screened));
            case BOOSTER_STOPS_PHANTOM -> Optional.of(seat(kit, miss, s -> s.boosted(Optional.empty())));
            default -> miss.remedy().flatMap(r -> putIn(kit, miss, r));
        };
    }

    private static Optional<Kit> putIn(Kit kit, Miss miss, Gear part) {
        if (part instanceof AudioInterface box) {
            // Two clocks are not ended by a box alone: the microphones would have to be others.
            return miss.kind() == Miss.Kind.TWO_CLOCKS ? Optional.empty() : Optional.of(kit.through(Optional.of(box)));
        }
        if (part instanceof BoosterPart booster) {
            return Optional.of(seat(kit, miss, s -> s.boosted(Optional.of(booster))));
        }
        if (part instanceof Cable cable) {
            return Optional.of(seat(kit, miss, s -> s.wired(Optional.of(cable))));
        }
        if (part instanceof Microphone) {
            return Optional.of(seats(kit, miss.pieces()));
        }
        return Optional.of(extra(kit, miss, (Extra) part));
    }

    /** More voices like the first. */
    private static Kit seats(Kit kit, int more) {
        List<Seat> all = new ArrayList<>(kit.seats());
        for (int i = 0; i < more && all.size() < Kit.MOST_SEATS; i++) {
            all.add(kit.seats().get(0).called(String.valueOf(all.size() + 1)));
        }
        return kit.seated(all);
    }

    private static Kit extra(Kit kit, Miss miss, Extra part) {
        List<Extra> all = new ArrayList<>(kit.extras());
        switch (miss.kind()) {
            case HEADPHONES_OPEN -> all.removeIf(e -> e.use() == Extra.Use.HEADPHONES_OPEN);
            case REACH, WEIGHT -> all.remove(named(all, miss.part()));
            case LOUDSPEAKER_HUM -> all.removeIf(e -> e.use() == Extra.Use.LOUDSPEAKERS_UNBALANCED);
            case HEADPHONES_QUIET -> {
                return kit.with(louder(all, named(all, miss.part()), part));
            }
            default -> {}
        }
        for (int i = 0; i < miss.pieces(); i++) {
            all.add(part);
        }
        Kit with = kit.with(all);
        return part.use() == Extra.Use.POP_FILTER ? seat(with, miss, Mend::screened) : with;
    }

    /** An amplifier takes the place of what only divides; louder headphones that of all that were too soft. */
    static List<Extra> louder(List<Extra> all, Extra quiet, Extra part) {
        List<Extra> then = new ArrayList<>(all);
        if (part.drive().isPresent()) {
            then.removeIf(e -> e.use() == Extra.Use.HEADPHONE_SPLITTER);
            then.add(part);
        } else {
            then.replaceAll(e -> e.equals(quiet) ? part : e);
        }
        return then;
    }

    private static Extra named(List<Extra> all, String name) {
        return all.stream().filter(e -> e.shortName().equals(name)).findFirst().orElseThrow();
    }

    private static Seat screened(Seat seat) {
        return seat.screened(OptionalDouble.of(Breath.screenAtM(seat.position().distanceM())));
    }

    /** Changes the voice that a miss is about. */
    private static Kit seat(Kit kit, Miss miss, UnaryOperator<Seat> change) {
        List<Seat> all = new ArrayList<>();
        kit.seats().forEach(s -> all.add(s.name().equals(miss.seat()) ? change.apply(s) : s));
        return kit.seated(all);
    }
}
