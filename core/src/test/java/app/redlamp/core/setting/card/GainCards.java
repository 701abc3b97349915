package app.redlamp.core.setting.card;

import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.Position;
import java.time.LocalDateTime;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Gain cards for tests. */
public final class GainCards {
    private GainCards() {}

    public static GainCard card(String id, String voice) {
        return new GainCard(
                id,
                LocalDateTime.of(2026, 2, 16, 9, 30),
                "Condenser in the box room",
                voice,
                new GainCard.Input("Simulated booth", true, 48_000, 24),
                List.of(new GainCard.Knob("gain", "+41 dB", OptionalDouble.of(41))),
                new GainCard.Place(new Position(0.18, 0, 15, 10), OptionalDouble.of(0.1)),
                new GainCard.Levels(
                        GainSchool.MIDDLE,
                        -64,
                        -72,
                        -28,
                        -9,
                        OptionalDouble.of(-5),
                        Collections.nCopies(10, -70.0),
                        List.of()),
                Optional.empty(),
                "");
    }
}
