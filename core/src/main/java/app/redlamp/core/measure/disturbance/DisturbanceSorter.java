package app.redlamp.core.measure.disturbance;

import app.redlamp.core.measure.disturbance.Disturbance.Path;
import app.redlamp.core.measure.disturbance.Disturbance.Source;
import app.redlamp.core.units.Decibels;
import java.util.Optional;

/**
 * Tells by its spectrum and its course what a sound in a pause was and which way it came. How it is told is ours: keys by clicks with
 * nothing between them, paper by what crackles above 1.4 kHz with little in the middle, a chair by strokes too slow for a
 * voice, steps by what shakes below 45 Hz, a hand on the stand by what shakes there and rumbles above, a knock on the desk by
 * what strikes from 45 to 355 Hz and dies away. A short word, a breath, a cough and a lorry are none of them.
 */
final class DisturbanceSorter {
    /** Softer is not heard beside the voice, in dB (ours). */
    private static final double FAINT_DB = -30;

    /** What carries a part of a sound has so much of it, in dB of the whole (ours). */
    private static final double CARRIES_DB = -6;

    /** Keys and paper lie so far below the voice, in dB (ours). */
    private static final double HANDS_DB = -2;

    /** Nothing creaks louder than the voice by more, in dB (ours). */
    private static final double CHAIR_DB = 2;

    /** Nor knocks (ours). */
    private static final double KNOCK_DB = 6;

    /** Above it repeats itself as a voice does; clicks by less (ours). */
    private static final double KEYS_VOICED = 0.55;

    /** Paper on a desk that rings (ours). */
    private static final double PAPER_VOICED = 0.7;

    /** A desk that rings (ours). */
    private static final double DESK_VOICED = 0.8;

    /** A chair that rings (ours). */
    private static final double CHAIR_VOICED = 0.85;

    /** Kurtosis of clicks (ours). */
    private static final double CLICKS = 8;

    /** Between them there is nothing for so much of the time (ours). */
    private static final double CLICKS_SHARE = 0.15;

    /** Nobody strikes keys faster, in ms; paper cracks faster (ours). */
    private static final double CLICKS_APART_MS = 45;

    /** Clicks over their mean, in dB (ours). */
    private static final double CLICKS_CREST_DB = 12;

    /** Kurtosis of paper: noise has 3, breath no more (ours). */
    private static final double CRACKLES = 3.3;

    /** A creak strokes so seldom, in ms (ours). */
    private static final double SLOWEST_MS = 80;

    /** Voices strike more often than this, in ms; but for the lowest (ours). */
    private static final double FASTEST_MS = 12;

    /** Seconds: no creak lasts longer (ours). */
    private static final double CREAK_LASTS_S = 1.5;

    /** Seconds: steps beyond are a machine (ours). */
    private static final double STEPS_LAST_S = 3.2;

    private final Sound sound;
    private final double lengthS;
    private final Ranges ranges;

    private DisturbanceSorter(Sound sound, double lengthS) {
        this.sound = sound;
        this.lengthS = lengthS;
        ranges = sound.ranges();
    }

    /** What a sound is and which way it came. */
    record Sorted(Source source, Path path) {}

    /** What a sound is; absent for a word, a breath, a single click and whatever else is not to be told. */
    static Optional<Sorted> sorted(Sound sound, double lengthS) {
        DisturbanceSorter sorter = new DisturbanceSorter(sound, lengthS);
        return sorter.source().map(s -> new Sorted(s, sorter.path(s)));
    }

    /** Whether it is heard beside a voice, and no louder than such a thing ever is: then it is a voice. */
    static boolean isHeard(Source source, double overVoiceDb) {
        double most = switch (source) {
            case KEYS, PAPER -> HANDS_DB;
            case CHAIR -> CHAIR_DB;
            case DESK -> KNOCK_DB;
            case STEPS, HANDLING -> Double.POSITIVE_INFINITY;
        };
        return overVoiceDb >= FAINT_DB && overVoiceDb < most;
    }

    private Optional<Source> source() {
        if (clicks()) {
            return Optional.of(Source.KEYS);
        }
        if (crackles()) {
            return Optional.of(Source.PAPER);
        }
        if (creaks()) {
            return Optional.of(Source.CHAIR);
        }
        if (shakes()) {
            return Optional.of(Source.STEPS);
        }
        if (rumbles()) {
            return Optional.of(Source.HANDLING);
        }
        return knocks() ? Optional.of(Source.DESK) : Optional.empty();
    }

    private Path path(Source source) {
        boolean desk = ranges.lowDb() > CARRIES_DB;
        boolean floor = ranges.subDb() > CARRIES_DB;
        return switch (source) {
            case DESK -> Path.DESK;
            case STEPS -> Path.FLOOR;
            case HANDLING -> Path.STAND;
            case CHAIR -> floor ? Path.FLOOR : Path.AIR;
            case KEYS, PAPER -> desk ? Path.DESK : Path.AIR;
        };
    }

    /** Treble (−17 dB of the whole and more, at most 2 dB less than the middle), and in it clicks with nothing between them (ours). */
    private boolean clicks() {
        return ranges.highDb() > -17
                && ranges.highDb() - ranges.middleDb() > -2
                && sound.crackle().kurtosis() >= CLICKS
                && sound.crackle().clicks().count() > 1
                && sound.crackle().clicks().gapMs() >= CLICKS_APART_MS
                && sound.crackle().share() <= CLICKS_SHARE
                && sound.crackle().crestDb() >= CLICKS_CREST_DB
                && sound.pitch().mean() < KEYS_VOICED;
    }

    /** Treble 6 dB over the middle, where words have less, for a tenth of a second and longer, not smooth as breath (ours). */
    private boolean crackles() {
        return ranges.highDb() - ranges.middleDb() > 6
                && ranges.highDb() > -15
                && lengthS >= 0.1
                && sound.crackle().kurtosis() >= CRACKLES
                && (sound.crackle().share() > CLICKS_SHARE
                        || sound.crackle().clicks().count() > 1)
                && sound.pitch().mean() < PAPER_VOICED;
    }

    /** Most in the middle, the low no more than 6 dB over it, and four strokes or more that come too slowly for a voice (ours). */
    private boolean creaks() {
        return ranges.middleDb() - ranges.highDb() > 1.5
                && ranges.middleDb() > -17
                && ranges.lowDb() - ranges.middleDb() < 6
                && ranges.highDb() < -8
                && lengthS < CREAK_LASTS_S
                && sound.strokes().count() >= 4
                && sound.strokes().gapMs() >= FASTEST_MS
                && sound.strokes().gapMs() <= SLOWEST_MS
                && sound.strokes().spread() <= 1
                && sound.crackle().kurtosis() >= CRACKLES
                && sound.pitch().least() < CHAIR_VOICED;
    }

    /** Nearly all below 45 Hz, 12 dB over the noise there, and nothing in the middle (ours). */
    private boolean shakes() {
        return ranges.subDb() > -1.8
                && ranges.middleDb() < -14
                && ranges.subAboveNoiseDb() > 12
                && lengthS >= 0.05
                && lengthS <= STEPS_LAST_S;
    }

    /** Much below 45 Hz and much above, no treble, for a third of a second to two: a lorry takes longer, and swells (ours). */
    private boolean rumbles() {
        double both = Decibels.levelOfPower(Decibels.toPower(ranges.subDb()) + Decibels.toPower(ranges.lowDb()));
        return ranges.subDb() > -10
                && ranges.lowDb() > -10
                && both > -1.5
                && ranges.middleDb() > -19
                && ranges.highDb() < -9
                && lengthS >= 0.35
                && lengthS <= 2.3
                && sound.thump().loudMs() <= 270
                && sound.crackle().clicks().count() < 3
                && sound.strokes().count() > 2;
    }

    /** Nearly all from 45 to 355 Hz, up by 18 dB within 30 ms and down by 10 dB after 100 (ours). */
    private boolean knocks() {
        return ranges.lowDb() > -3.2
                && ranges.highDb() < -16
                && sound.thump().riseDb() >= 18
                && sound.thump().fallDb() >= 10
                && sound.thump().loudMs() <= 120
                && sound.pitch().mean() < DESK_VOICED;
    }
}
