package app.redlamp.core.planning.plan;

import app.redlamp.core.acoustics.spot.Wanted;
import app.redlamp.core.chain.FinishingTarget;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.units.Limits;
import java.util.OptionalDouble;

/** What a production asks of the room it is recorded in. */
public final class RoomNeeds {
    /** Level that speech is delivered at where nothing else is asked, in dBFS (common practice, no source). */
    private static final double USUAL_LEVEL = -20;

    private RoomNeeds() {}

    /** @param distanceM from mouth to microphone */
    public static Wanted of(Production production, double distanceM) {
        Specification specification = production.order().specification();
        return new Wanted(decayS(production.brief().kind()), Wanted.noiseDbA(distanceM, snrDb(specification)));
    }

    /** Longest decay at 500 Hz in seconds, for each kind of job (common practice, no source). */
    public static double decayS(JobKind kind) {
        return switch (kind) {
            case AUDIOBOOK, COMMERCIAL, E_LEARNING, PHONE_PROMPTS, AUDIO_GUIDE, VOICE_DATASET -> 0.25;
            case PODCAST_ALONE, PODCAST_COHOST, PODCAST_REMOTE -> 0.35;
            case LIVE_STREAM -> 0.4;
        };
    }

    /** From the level that is delivered down to the floor that is allowed. */
    private static double snrDb(Specification specification) {
        OptionalDouble floor = specification.noiseFloorDbfs();
        if (floor.isEmpty()) {
            return FinishingTarget.USUAL_SNR_DB;
        }
        Limits window = specification.loudness().map(l -> l.limits()).orElse(null);
        boolean closed =
                window != null && window.low().isPresent() && window.high().isPresent();
        double level = closed ? (window.low().getAsDouble() + window.high().getAsDouble()) / 2 : USUAL_LEVEL;
        return Math.max(20, level - floor.getAsDouble());
    }
}
