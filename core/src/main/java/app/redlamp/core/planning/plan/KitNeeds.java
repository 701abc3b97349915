package app.redlamp.core.planning.plan;

import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.acoustics.outside.WeekNoise;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.chain.FinishingTarget;
import app.redlamp.core.chain.Noise;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.Voice;
import app.redlamp.core.chain.Volts;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.delivery.spec.LoudnessTarget;
import app.redlamp.core.delivery.spec.Specification;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.util.Optional;
import java.util.OptionalDouble;

/** What a production asks of a kit. */
public final class KitNeeds {
    /** Where nobody has heard the room yet (common practice, no source). */
    private static final double QUIET_ENOUGH_DBA = 28;

    /** What a decoder of a lossy file gives (ours). */
    private static final int BITS_OF_LOSSY = 24;

    private KitNeeds() {}

    /** @param drawn the room it is recorded in, see {@link #room}; absent where none is drawn */
    public static Need of(Production production, Optional<Surroundings> drawn) {
        JobKind kind = production.brief().kind();
        Voice voice = voice(kind);
        Surroundings room = drawn.orElseGet(() -> production.kits().guess().surroundings());
        return new Need(
                voices(production.brief()),
                kind == JobKind.PODCAST_REMOTE,
                kind == JobKind.LIVE_STREAM,
                voice,
                room,
                finishing(production.order().specification(), voice),
                production.brief().school(),
                Need.clarityFor(RoomNeeds.decayS(kind)),
                production.brief().capture().bitDepth(),
                budget(production.money()),
                production.kits().owned());
    }

    /** Voices in the room: a remote guest has a track, and records it elsewhere. */
    public static int voices(Brief brief) {
        int tracks = brief.capture().channels();
        int all = switch (brief.kind()) {
            case PODCAST_COHOST -> tracks;
            case PODCAST_REMOTE -> tracks - 1;
            default -> 1;
        };
        return Math.max(1, Math.min(16, all));
    }

    /** How loud people get in each kind of job (common practice, no source). */
    static Voice voice(JobKind kind) {
        double crest = Voice.USUAL_CREST_DB;
        return switch (kind) {
            case AUDIOBOOK, E_LEARNING, PHONE_PROMPTS, AUDIO_GUIDE ->
                new Voice(VocalEffort.NORMAL, VocalEffort.RAISED, crest);
            case VOICE_DATASET -> new Voice(VocalEffort.NORMAL, VocalEffort.NORMAL, crest);
            case COMMERCIAL, PODCAST_ALONE, PODCAST_COHOST, PODCAST_REMOTE ->
                new Voice(VocalEffort.NORMAL, VocalEffort.LOUD, crest);
            case LIVE_STREAM -> new Voice(VocalEffort.RAISED, VocalEffort.SHOUT, crest);
        };
    }

    /** A place as it is in its quietest half hour, or as it was measured. */
    public static Surroundings room(Study study) {
        SixBands seconds = study.decay().seconds();
        double decay = seconds.mean(SixBands.MIDDLE, SixBands.MIDDLE + 2);
        double volume = study.spot().room().space().volume();
        Noise noise = noise(study);
        return new Surroundings(noise, Math.max(0.2, volume), Math.max(0.02, Math.min(10, decay)));
    }

    private static Noise noise(Study study) {
        OctaveLevels shape = study.week().map(w -> quietest(study, w)).orElseGet(() -> Timbre.FAN.at(QUIET_ENOUGH_DBA));
        Noise noise = Noise.of(shape);
        OptionalDouble measured = study.spot().noiseDbA();
        return measured.isPresent() ? noise.plus(measured.getAsDouble() - noise.dbA()) : noise;
    }

    private static OctaveLevels quietest(Study study, WeekNoise week) {
        for (DayOfWeek day : DayOfWeek.values()) {
            for (int slot = 0; slot < WeekNoise.SLOTS_A_DAY; slot++) {
                if (week.at(day, slot) <= week.quietest()) {
                    OctaveLevels there = week.spectrum(study.spot().sources(), day, slot);
                    // A half hour without any noise that is known is as quiet as rooms are, and not silent.
                    return there.and(Timbre.FAN.at(STILLEST_DBA));
                }
            }
        }
        throw new IllegalStateException("no half hour is the quietest");
    }

    /** No room at home is stiller at night (common practice, no source). */
    private static final double STILLEST_DBA = 14;

    /** Speech has about the same RMS as loudness; a mono track is 3 LU softer than both channels of a stereo file. */
    public static FinishingTarget finishing(Specification specification, Voice voice) {
        LoudnessTarget aim = specification.aim();
        double middle = (aim.limits().low().orElseThrow() + aim.limits().high().orElseThrow()) / 2;
        double level = switch (aim.measure()) {
            case RMS, ACTIVE -> middle;
            case INTEGRATED ->
                specification.format().mostChannels() >= 2
                                && specification.format().fewestChannels() >= 2
                        ? middle - Volts.SINE_CREST_DB
                        : middle;
            case SAMPLE_PEAK, TRUE_PEAK -> middle - voice.crestDb() - voice.swellDb();
        };
        int bits = specification.format().bitDepth().orElse(BITS_OF_LOSSY);
        return new FinishingTarget(
                Math.max(-60, Math.min(0, level)),
                Math.max(-20, specification.peak().highest()),
                0,
                Math.max(8, Math.min(32, bits)),
                specification.noiseFloorDbfs());
    }

    private static OptionalDouble budget(Money money) {
        Optional<BigDecimal> budget = money.budget();
        return budget.isPresent() ? OptionalDouble.of(budget.get().doubleValue()) : OptionalDouble.empty();
    }
}
