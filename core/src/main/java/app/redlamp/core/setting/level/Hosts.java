package app.redlamp.core.setting.level;

import app.redlamp.core.measure.analysis.Report;
import java.util.OptionalDouble;

/** Two people, each with a microphone: how much of one is in the other's, and whether they are equally loud. */
public final class Hosts {
    private Hosts() {}

    /**
     * Level of a voice in the other's microphone against its own, in dB, with the noise there taken off.
     *
     * @param read what was heard while the first read; a channel for each
     * @param still what was heard while nobody spoke
     * @param own channel of whoever read
     * @param other channel of the other
     * @return absent where one of them was not heard, or nothing rises out of the noise
     */
    public static OptionalDouble bleedDb(Taken read, Taken still, int own, int other) {
        if (Math.max(own, other)
                >= Math.min(read.channels().size(), still.channels().size())) {
            return OptionalDouble.empty();
        }
        OptionalDouble voice = read.channels().get(own).rmsDbfs();
        OptionalDouble there = read.channels().get(other).rmsDbfs();
        OptionalDouble noise = still.channels().get(other).rmsDbfs();
        if (voice.isEmpty() || there.isEmpty() || noise.isEmpty()) {
            return OptionalDouble.empty();
        }
        double heard = Math.pow(10, there.getAsDouble() / 10) - Math.pow(10, noise.getAsDouble() / 10);
        return heard > 0 ? OptionalDouble.of(10 * Math.log10(heard) - voice.getAsDouble()) : OptionalDouble.empty();
    }

    /** By how much the first reads louder than the second, in dB; absent where one of them has not read. */
    public static OptionalDouble louderDb(Report first, Report second) {
        OptionalDouble a = first.activeSpeech().levelDbov();
        OptionalDouble b = second.activeSpeech().levelDbov();
        return a.isPresent() && b.isPresent()
                ? OptionalDouble.of(a.getAsDouble() - b.getAsDouble())
                : OptionalDouble.empty();
    }
}
