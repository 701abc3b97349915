package app.redlamp.core.measure.voice;

import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.measure.room.Reverberation;
import app.redlamp.core.measure.room.RoomByEar;
import app.redlamp.core.signal.Quantile;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Puts together what the meters of one pass have gathered, once it is known where the voice is. */
public final class VoiceAnalyzer {
    /** The rate has to hold what a sharp S is made of (ours). */
    private static final double SIBILANTS_NEED_HZ = 16_000;

    /** Softer than this above the noise nobody hears a click (ours). */
    private static final double CLICK_ABOVE_FLOOR_DB = 6;

    /** Around a hole somebody speaks by so much more (ours). */
    private static final double STILL_DB = 6;

    /** What is 20 dB softer than a click is its own echo in the room, or as good as still (ours). */
    private static final double SOFTER = 0.01;

    /** The share of frames that are quiet in any recording of speech (ours). */
    private static final double QUIETEST = 0.1;

    /** Frames beside a click (ours). */
    private static final int NEAR_FRAMES = 3;

    /** Frames further off (ours). */
    private static final int FAR_FRAMES = 12;

    /** Frames beside a hole (ours). */
    private static final int BESIDE_FRAMES = 5;

    /** A sound begins and ends within the frame beside it (ours). */
    private static final double BESIDES_S = 0.02;

    /** Nine tenths of it (ours). */
    private static final double MOSTLY = 0.9;

    private final VoiceFrames frames;
    private final Pauses pauses;
    private final int sampleRateHz;

    /**
     * What the meters that look at samples found in all channels, in the order of time.
     *
     * @param besides sounds in pauses that are known for what they are, and so neither of the mouth nor of a lead
     * @param limitedDb by how much the loudest of the voice was brought down, in dB; 0 where it was not
     */
    public record Found(
            List<ClickMeter.Click> clicks,
            List<DropoutMeter.Run> holes,
            List<RepeatMeter.Repeat> repeats,
            List<BreakMeter.Break> breaks,
            Optional<VoiceSpectrum> spectrum,
            Optional<Echo> echo,
            List<Event> besides,
            double limitedDb) {}

    private VoiceAnalyzer(VoiceFrames frames, Pauses pauses, int sampleRateHz) {
        this.frames = frames;
        this.pauses = pauses;
        this.sampleRateHz = sampleRateHz;
    }

    /** What a voice does, from the levels of its frames, its pauses and what the meters found. */
    public static VoiceProfile analyze(VoiceFrames frames, Pauses pauses, Found found, int sampleRateHz) {
        return new VoiceAnalyzer(frames, pauses, sampleRateHz).profile(found);
    }

    private VoiceProfile profile(Found found) {
        List<Event> mouth = new ArrayList<>();
        List<Event> ticks = new ArrayList<>();
        sort(found, mouth, ticks);
        Optional<Clock> clock = clock(mouth, ticks);
        if (pauses.voiceDbfs().isEmpty()) {
            return new VoiceProfile(
                    Optional.empty(),
                    Event.Tally.NONE,
                    Event.Tally.NONE,
                    Event.Tally.NONE,
                    Event.Tally.of(mouth),
                    Event.Tally.of(ticks),
                    clock,
                    Event.Tally.NONE,
                    Event.Tally.NONE,
                    Reverberation.UNKNOWN,
                    Optional.empty(),
                    OptionalDouble.empty(),
                    Optional.empty(),
                    OptionalDouble.empty());
        }
        double voice = pauses.voiceDbfs().getAsDouble();
        OptionalDouble floor = pauses.noiseFloorDbfs();
        List<Event> sibilants = sampleRateHz >= SIBILANTS_NEED_HZ
                ? Bursts.sibilants(frames.all(), frames.bends(), voice, sampleRateHz)
                : List.of();
        // A noise that throbs swells in pauses and is softer under words by itself: nothing is told from it about a
        // gain.
        boolean throbs = pauses.throbS().isPresent();
        OptionalDouble swell = floor.isPresent() && !throbs ? LevelPumping.swellDb(frames) : OptionalDouble.empty();
        Optional<Event> down = pauses.gated() || throbs ? Optional.empty() : TurnedDown.most(frames, pauses);
        double up = Math.max(
                found.limitedDb(),
                swell.orElse(Math.max(0, down.map(Event::amount).orElse(0.0))));
        LostSound lost = new LostSound(frames, voice);
        List<Event> dropouts = lost.dropouts(found.holes(), found.repeats());
        return new VoiceProfile(
                found.spectrum(),
                Event.Tally.of(Bursts.plosives(frames, voice, up).stream()
                        .filter(p -> !isBesides(p, found.besides()))
                        .toList()),
                Event.Tally.of(sibilants),
                Event.Tally.of(sibilants.stream().filter(s -> s.amount() >= 0).toList()),
                Event.Tally.of(mouth),
                Event.Tally.of(ticks),
                clock,
                Event.Tally.of(dropouts),
                Event.Tally.of(lost.breaks(found.breaks(), dropouts)),
                pauses.gated() ? Reverberation.UNKNOWN : RoomByEar.of(frames.middle()),
                found.echo(),
                SyllablePace.syllablesPerSecond(voiced(), voice, speechS()),
                down,
                swell);
    }

    /** Takes what keeps time out of both kinds of clicks. */
    private static Optional<Clock> clock(List<Event> mouth, List<Event> ticks) {
        List<Event> all = new ArrayList<>(mouth);
        all.addAll(ticks);
        all.sort(Comparator.comparingDouble(Event::startS));
        Optional<ClockFinder.Found> found = ClockFinder.find(all);
        found.ifPresent(f -> {
            mouth.removeAll(f.ticks());
            ticks.removeAll(f.ticks());
        });
        return found.map(f -> new Clock(f.periodS(), Event.Tally.of(f.ticks())));
    }

    private void sort(Found found, List<Event> mouth, List<Event> ticks) {
        double floor = pauses.noiseFloorDbfs().orElseGet(this::betweenTicks);
        if (floor == Double.NEGATIVE_INFINITY) {
            return;
        }
        for (ClickMeter.Click click : found.clicks()) {
            Event event = new Event(click.atS(), click.atS() + 0.002, click.ratio());
            if (click.levelDbfs() < floor + CLICK_ABOVE_FLOOR_DB || isBesides(event, found.besides())) {
                continue;
            }
            double still = Math.max(Decibels.toPower(floor + STILL_DB), SOFTER * around(click.atS()));
            if (quietAround(click.atS(), still)) {
                (click.tick() ? ticks : mouth).add(event);
            }
        }
    }

    private static boolean isBesides(Event event, List<Event> besides) {
        return besides.stream()
                .anyMatch(b -> event.startS() < b.endS() + BESIDES_S && event.endS() > b.startS() - BESIDES_S);
    }

    /** Level of the quietest tenth of all frames: what ticks so often that no pause is left is heard over it. */
    private double betweenTicks() {
        float[] all = frames.all();
        return all.length == 0 ? Double.NEGATIVE_INFINITY : Decibels.levelOfPower(Quantile.of(all, QUIETEST));
    }

    /** Mean square of the loudest of the three frames around a moment. */
    private double around(double seconds) {
        int middle = (int) (seconds * 100);
        double most = 0;
        for (int i = Math.max(0, middle - 1); i <= Math.min(frames.all().length - 1, middle + 1); i++) {
            most = Math.max(most, frames.all()[i]);
        }
        return most;
    }

    /**
     * Whether it is still before and after a moment, which is loud itself and so belongs to no pause: for long on one side, for
     * a little at least on the other, where a word may lie.
     */
    private boolean quietAround(double seconds, double still) {
        int middle = (int) (seconds * 100);
        boolean longBefore = quiet(middle, -1, FAR_FRAMES, still);
        boolean longAfter = quiet(middle, 1, FAR_FRAMES, still);
        return (longBefore && quiet(middle, 1, BESIDE_FRAMES, still))
                || (longAfter && quiet(middle, -1, BESIDE_FRAMES, still));
    }

    /** Whether most frames on one side, up to so many away, are still; also where there are none. */
    private boolean quiet(int middle, int side, int far, double still) {
        int quiet = 0;
        int all = 0;
        for (int d = NEAR_FRAMES; d <= far; d++) {
            int at = middle + side * d;
            if (at >= 0 && at < frames.all().length) {
                all++;
                quiet += frames.all()[at] <= still ? 1 : 0;
            }
        }
        return quiet >= MOSTLY * all;
    }

    private double speechS() {
        double pausedS =
                pauses.stretches().stream().mapToDouble(Pauses.Stretch::lengthS).sum();
        return Math.max(0, frames.all().length / 100.0 - pausedS - pauses.digitalSilenceS());
    }

    /** Mean squares without what hisses and what rumbles. */
    private float[] voiced() {
        double hiss = Bursts.hissRatio(sampleRateHz);
        float[] voiced = new float[frames.all().length];
        for (int i = 0; i < voiced.length; i++) {
            float all = frames.all()[i];
            double share = all > 0 ? Math.max(0, 1 - frames.bends()[i] / (hiss * all)) : 0;
            voiced[i] = (float) Math.max(0, share * all - frames.low()[i]);
        }
        return voiced;
    }
}
