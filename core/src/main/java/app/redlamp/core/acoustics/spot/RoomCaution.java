package app.redlamp.core.acoustics.spot;

import app.redlamp.core.acoustics.outside.WhatIf;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Where work on a place can hurt somebody, or disappoint. When each is said is common practice, no source. */
public enum RoomCaution {
    /** A car: its engine, heat and fumes. */
    CAR,
    /** Sealing gaps is advised: carbon monoxide where something is burnt. */
    SEALING,
    /** A space so small that its lining is near to everything: fire, and what gets warm under cloth. */
    LINING,
    /** Heat and stale air behind a closed door, with {@link StaleAir}'s figures. */
    AIR,
    /** The way out, fixings overhead. */
    SAFE,
    /** Foam keeps no neighbour out. */
    NEIGHBOUR;

    /** Cupboards, wardrobes, booths and tents are smaller, in m³ (ours). */
    private static final double SMALL_M3 = 5;

    /** What only cars are lined with. */
    private static final String CAR_LINING = "car-trim";

    /** Name in texts, such as {@code sealing}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** What is to be said of a place, what it alone has first: the rest is true of every room. */
    public static List<RoomCaution> of(Study study) {
        List<RoomCaution> all = new ArrayList<>();
        boolean car = study.spot().room().surfaces().values().stream().anyMatch(m -> m.id().equals(CAR_LINING));
        if (car) {
            all.add(CAR);
        } else if (study.spot().room().space().volume() < SMALL_M3) {
            all.add(LINING);
        }
        boolean sealing = study.whatIfs().stream().anyMatch(w -> w.kind() == WhatIf.Kind.SEAL);
        if (sealing) {
            all.add(SEALING);
        }
        // A car in the sun gets hot by more than whoever sits in it, and its own caution says so.
        if (!car) {
            all.add(AIR);
        }
        all.add(SAFE);
        all.add(NEIGHBOUR);
        return all;
    }
}
