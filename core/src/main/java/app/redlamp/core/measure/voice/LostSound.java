package app.redlamp.core.measure.voice;

import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What a driver lost while somebody spoke, of all that looks like it: a fade, a gate or a cut in a pause is none. What is loud on
 * both sides is speech.
 */
final class LostSound {
    /** A longer hole is a pause (ours). */
    private static final double LONGEST_HOLE_S = 1;

    /** What is softer beside is no speech (ours). */
    private static final double BELOW_VOICE_DB = 20;

    /** Beside it: a frame or two, as one may fall between two strokes of a low voice (ours). */
    private static final double BESIDE_S = 0.01;

    /** Breaks that are nearer to each other are of one place (ours). */
    private static final double ONE_PLACE_S = 0.1;

    private final VoiceFrames frames;
    private final double loud;

    LostSound(VoiceFrames frames, double voiceDbfs) {
        this.frames = frames;
        loud = Decibels.toPower(voiceDbfs - BELOW_VOICE_DB);
    }

    /** Holes and what was played twice, in the order of time; amount in milliseconds. */
    List<Event> dropouts(List<DropoutMeter.Run> holes, List<RepeatMeter.Repeat> repeats) {
        List<Event> all = new ArrayList<>();
        for (DropoutMeter.Run hole : holes) {
            if (hole.endS() - hole.startS() <= LONGEST_HOLE_S && inSpeech(hole.startS(), hole.endS())) {
                all.add(new Event(hole.startS(), hole.endS(), 1000 * (hole.endS() - hole.startS())));
            }
        }
        for (RepeatMeter.Repeat repeat : repeats) {
            if (inSpeech(repeat.startS(), repeat.endS())) {
                all.add(new Event(repeat.startS(), repeat.endS(), 1000 * (repeat.endS() - repeat.startS())));
            }
        }
        all.sort(Comparator.comparingDouble(Event::startS));
        return all;
    }

    /**
     * The places with breaks that are not the edges of one of the {@code dropouts}, in the order of time; amount as a ratio to what is
     * around.
     */
    List<Event> breaks(List<BreakMeter.Break> breaks, List<Event> dropouts) {
        List<Event> places = new ArrayList<>();
        for (BreakMeter.Break found : breaks) {
            double atS = found.atS();
            boolean edge = dropouts.stream().anyMatch(d -> isNear(atS, d));
            if (edge || !inSpeech(atS, atS)) {
                continue;
            }
            Event last = places.isEmpty() ? null : places.get(places.size() - 1);
            if (last != null && atS - last.endS() < ONE_PLACE_S) {
                places.set(places.size() - 1, new Event(last.startS(), atS, Math.max(last.amount(), found.ratio())));
            } else {
                places.add(new Event(atS, atS, found.ratio()));
            }
        }
        return places;
    }

    private static boolean isNear(double atS, Event dropout) {
        return atS > dropout.startS() - 2 * BESIDE_S && atS < dropout.endS() + 2 * BESIDE_S;
    }

    private boolean inSpeech(double startS, double endS) {
        return Math.max(level(startS - BESIDE_S), level(startS - 2 * BESIDE_S)) > loud
                && Math.max(level(endS + BESIDE_S), level(endS + 2 * BESIDE_S)) > loud;
    }

    private double level(double seconds) {
        int frame = (int) Math.floor(seconds * 100);
        return frame >= 0 && frame < frames.all().length ? frames.all()[frame] : 0;
    }
}
