package app.redlamp.core.acoustics.spot;

import app.redlamp.core.acoustics.outside.WeekNoise;
import app.redlamp.core.acoustics.outside.WhatIf;
import app.redlamp.core.acoustics.room.Absorption;
import app.redlamp.core.acoustics.room.Boominess;
import app.redlamp.core.acoustics.room.DirectSound;
import app.redlamp.core.acoustics.room.DrawnDecay;
import app.redlamp.core.acoustics.room.Reflection;
import app.redlamp.core.acoustics.room.Reflections;
import app.redlamp.core.acoustics.room.SixBands;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * All that follows from a place: screen and command line show this and nothing else.
 *
 * @param spot the place
 * @param wanted what is asked of it
 * @param absorption what it swallows
 * @param decay how long it rings
 * @param bass how even it is at the microphone
 * @param reflections first reflections, loudest first
 * @param direct how much of what is heard is the voice itself
 * @param week how loud it is; absent where no noise is known
 */
public record Study(
        Spot spot,
        Wanted wanted,
        Absorption absorption,
        DrawnDecay decay,
        Boominess bass,
        List<Reflection> reflections,
        DirectSound direct,
        Optional<WeekNoise> week) {

    public Study {
        reflections = List.copyOf(reflections);
    }

    /** Computes all that follows from a place for what is wanted of it. */
    public static Study of(Spot spot, Wanted wanted) {
        Absorption absorption = Absorption.of(spot.room());
        DrawnDecay decay = DrawnDecay.of(spot.room(), absorption);
        SixBands seconds = decay.seconds();
        return new Study(
                spot,
                wanted,
                absorption,
                decay,
                Boominess.of(spot.room(), seconds),
                Reflections.of(spot.room()),
                DirectSound.of(spot.room(), seconds),
                WeekNoise.of(spot.sources(), absorption.areas()));
    }

    /** What would bring something against the noise that is loudest, best first; nothing where it is let pass. */
    public List<WhatIf> whatIfs() {
        return WhatIf.of(spot.sources(), absorption.areas(), wanted.noiseDbA());
    }

    /** Bands that ring longer than wanted. */
    public List<Integer> tooLong() {
        List<Integer> bands = new ArrayList<>();
        for (int b = 0; b < SixBands.COUNT; b++) {
            if (decay.seconds().at(b) > wanted.decays().at(b)) {
                bands.add(b);
            }
        }
        return bands;
    }

    /**
     * The lowest band from which on all ring no longer than wanted; absent where the highest does.
     */
    public Optional<Integer> deadFrom() {
        int from = SixBands.COUNT;
        while (from > 0 && decay.seconds().at(from - 1) <= wanted.decays().at(from - 1)) {
            from--;
        }
        return from == SixBands.COUNT ? Optional.empty() : Optional.of(from);
    }

    /** First reflections that can be heard. */
    public List<Reflection> echoes() {
        return reflections.stream()
                .filter(r -> r.levelDb() > Reflection.HEARD_DB)
                .toList();
    }

    /** Noise in the quietest hour, or as it was measured; absent where nothing is known. */
    public OptionalDouble noiseDbA() {
        if (spot.noiseDbA().isPresent()) {
            return spot.noiseDbA();
        }
        return week.isPresent() ? OptionalDouble.of(week.get().quietest()) : OptionalDouble.empty();
    }

    /** Whether it is quiet enough at its quietest; also where nothing is known. */
    public boolean quietEnough() {
        return noiseDbA().orElse(0) <= wanted.noiseDbA();
    }

    /** A boom that sticks out further spoils narration (common practice, no source). */
    public static final double BOOM_DB = 6;
}
