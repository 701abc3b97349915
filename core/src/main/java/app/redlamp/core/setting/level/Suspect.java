package app.redlamp.core.setting.level;

import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.Noise;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Source;
import app.redlamp.core.measure.noise.NoiseProfile;
import app.redlamp.core.signal.AWeighting;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A part of the noise in ten still seconds, and where it probably comes from.
 *
 * @param part what is heard
 * @param levelDbfs how loud it is
 * @param source where it probably comes from
 * @param name of a source in the room; empty for parts of the kit
 * @param predictedDbfs what that source should give; very low where nothing is known of it
 */
public record Suspect(Part part, double levelDbfs, From source, String name, double predictedDbfs) {
    /** Softer than so much under the loudest a part is not told (ours). */
    private static final double WORTH_DB = 14;

    /** A source that should give so much less than is heard cannot be all of it. */
    private static final double EXPLAINS_DB = 8;

    /** What is so much louder than its source should be is told (ours). */
    private static final double LOUDER_DB = 5;

    /** Octaves of rumble, 31.5 and 63 Hz (ours). */
    private static final int LOW_OCTAVES = 2;

    /** Above is hiss (common practice, no source). */
    private static final double HISS_HZ = 2000;

    /** Noise is counted up to here (by definition). */
    private static final double EVERYTHING_HZ = 20_000;

    /** Whether it is clearly louder than it should be. */
    public boolean louderThanExpected() {
        return levelDbfs - predictedDbfs > LOUDER_DB;
    }

    /** What is heard. */
    public enum Part {
        HUM,
        BUZZ,
        WHINE,
        RUMBLE,
        HISS,
        /** Neither low nor high. */
        ROOM;

        /** Name in reports, such as {@code hum}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Where it comes from. */
    public enum From {
        /** A noise that is known of the room. */
        OUTSIDE,
        LEAD,
        MICROPHONE,
        PREAMP,
        /** Nothing that is known explains it. */
        UNKNOWN;

        /** Name in reports, such as {@code preamp}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** A noise of the room with its level there, in dB SPL. */
    public record KnownNoise(String name, OctaveLevels levels) {}

    /**
     * The parts of a noise, loudest first.
     *
     * @param noise what was measured
     * @param chain what it was measured through; absent where it is not known
     * @param room noises that are on now
     */
    public static List<Suspect> of(NoiseProfile noise, Optional<Chain> chain, List<KnownNoise> room) {
        List<Suspect> all = new ArrayList<>();
        noise.hum().ifPresent(h -> all.add(hum(h.levelDbfs(), chain, room)));
        noise.buzzDbfs().ifPresent(level -> all.add(new Suspect(Part.BUZZ, level, From.UNKNOWN, "", NOTHING)));
        if (!noise.tones().isEmpty()) {
            double level = noise.tones().get(0).levelDbfs();
            all.add(new Suspect(Part.WHINE, level, From.UNKNOWN, "", NOTHING));
        }
        all.add(rumble(noise.rumbleDbfs(), chain, room));
        all.add(hiss(noise.hissDbfs(), chain, room));
        double middle = middle(noise);
        all.add(explained(Part.ROOM, middle, loudest(chain, room, Suspect::middle)));
        all.sort(Comparator.comparingDouble(s -> -s.levelDbfs()));
        double top = all.get(0).levelDbfs();
        return all.stream().filter(s -> s.levelDbfs() > top - WORTH_DB).toList();
    }

    /** What stands for a source of which nothing is known (ours). */
    private static final double NOTHING = -200;

    private record Candidate(From from, String name, double dbfs) {}

    private static Suspect hum(double level, Optional<Chain> chain, List<KnownNoise> room) {
        Candidate lead = kit(chain, Source.LEAD, From.LEAD, 0);
        Candidate fridge = loudest(chain, room, Suspect::low);
        Candidate best = lead.dbfs() >= fridge.dbfs() ? lead : fridge;
        Suspect found = explained(Part.HUM, level, best);
        // A hum that nothing explains is a lead, a lamp or an earth loop.
        return found.source() == From.UNKNOWN ? new Suspect(Part.HUM, level, From.LEAD, "", lead.dbfs()) : found;
    }

    private static Suspect rumble(double level, Optional<Chain> chain, List<KnownNoise> room) {
        return explained(Part.RUMBLE, level, loudest(chain, room, Suspect::low));
    }

    private static Suspect hiss(double level, Optional<Chain> chain, List<KnownNoise> room) {
        double share = Decibels.levelOfPower((EVERYTHING_HZ - HISS_HZ) / EVERYTHING_HZ);
        Candidate microphone = kit(chain, Source.MICROPHONE, From.MICROPHONE, share);
        Candidate preamp = kit(chain, Source.PREAMP, From.PREAMP, share);
        Candidate outside = loudest(chain, room, Suspect::high);
        Candidate best = preamp.dbfs() > microphone.dbfs() ? preamp : microphone;
        best = outside.dbfs() > best.dbfs() ? outside : best;
        Suspect found = explained(Part.HISS, level, best);
        return found.source() == From.UNKNOWN ? new Suspect(Part.HISS, level, From.PREAMP, "", preamp.dbfs()) : found;
    }

    private static Suspect explained(Part part, double level, Candidate best) {
        boolean explains = best.dbfs() > level - EXPLAINS_DB;
        return explains
                ? new Suspect(part, level, best.from(), best.name(), best.dbfs())
                : new Suspect(part, level, From.UNKNOWN, "", best.dbfs());
    }

    private static Candidate kit(Optional<Chain> chain, Source source, From from, double shareDb) {
        double level = chain.map(c -> SignalPath.of(c)
                        .node(Node.Stage.CONVERTER)
                        .orElseThrow()
                        .noises()
                        .getOrDefault(source, Noise.NONE)
                        .flatDb())
                .orElse(NOTHING);
        return new Candidate(from, "", level + shareDb);
    }

    private interface Share {
        double of(OctaveLevels levels);
    }

    private static Candidate loudest(Optional<Chain> chain, List<KnownNoise> room, Share share) {
        double shift = chain.map(Suspect::fromRoomDb).orElse(NOTHING);
        return room.stream()
                .map(h -> new Candidate(From.OUTSIDE, h.name(), share.of(h.levels()) + shift))
                .max(Comparator.comparingDouble(Candidate::dbfs))
                .orElse(new Candidate(From.UNKNOWN, "", NOTHING));
    }

    /** From a level in the room to one in the converter, in dB. */
    private static double fromRoomDb(Chain chain) {
        Node converter = SignalPath.of(chain).node(Node.Stage.CONVERTER).orElseThrow();
        return converter.noises().get(Source.ROOM).flatDb()
                - chain.room().noise().flatDb();
    }

    private static double low(OctaveLevels levels) {
        return sum(levels, 0, LOW_OCTAVES);
    }

    private static double middle(OctaveLevels levels) {
        return sum(levels, LOW_OCTAVES, 5);
    }

    private static double high(OctaveLevels levels) {
        return sum(levels, 5, OctaveLevels.COUNT);
    }

    private static double sum(OctaveLevels levels, int from, int to) {
        double sum = 0;
        for (int b = from; b < to; b++) {
            sum += Decibels.toPower(levels.at(b));
        }
        return Decibels.levelOfPower(Math.max(1e-20, sum));
    }

    /** Octaves of 250 Hz to 1 kHz of what was measured; its first octave is that of 31.5 Hz. */
    private static double middle(NoiseProfile noise) {
        double sum = 0;
        for (int b = 3; b < 6; b++) {
            sum += Decibels.toPower(noise.octavesDbfs().get(b));
        }
        return Decibels.levelOfPower(Math.max(1e-20, sum));
    }

    /** How much of it the ear hears, roughly: what is low counts less. */
    public double annoyance() {
        double hz = switch (part) {
            case HUM -> 150;
            case BUZZ -> 1500;
            case WHINE -> 3000;
            case RUMBLE -> 63;
            case HISS -> 5000;
            case ROOM -> 500;
        };
        return levelDbfs + AWeighting.db(hz);
    }
}
