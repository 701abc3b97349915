package app.redlamp.core.setting.level;

import app.redlamp.core.chain.Booster;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.placement.Bleed;
import app.redlamp.core.chain.placement.Table;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.units.Decibels;
import java.util.OptionalDouble;

/** Two people, each with a microphone: how much of one is in the other's, and whether they are equally loud. */
public final class Hosts {
    /** What nobody hears between two voices (common practice, no source). */
    private static final double EVEN_DB = 1;

    private Hosts() {}

    /** Whether one voice is as loud as the other, as far as anybody hears. */
    public static boolean even(double firstOverDb) {
        return Math.abs(firstOverDb) < EVEN_DB;
    }

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
        double heard = Decibels.toPower(there.getAsDouble()) - Decibels.toPower(noise.getAsDouble());
        return heard > 0
                ? OptionalDouble.of(Decibels.levelOfPower(heard) - voice.getAsDouble())
                : OptionalDouble.empty();
    }

    /**
     * The same as the kit predicts it: {@link Bleed} stands against the owner's own voice; here it stands against the speaker's
     * in the speaker's own microphone, so what one way gives more than the other is counted in.
     *
     * @param speaker the way of whoever reads
     * @param owner the way of the microphone that hears it too
     * @param table how they sit
     * @return in dB
     */
    public static double predictedBleedDb(Chain speaker, Chain owner, Table table) {
        Bleed bleed = Bleed.of(owner, table.seats(), table.apartM());
        return bleed.totalDb() - owner.straightDb() + gainsDb(owner) - gainsDb(speaker);
    }

    /** What a way gives a sound of one pascal until it is a number, in dB. */
    private static double gainsDb(Chain chain) {
        return chain.capsule().sensitivityDbu()
                + chain.booster().map(Booster::gainDb).orElse(0.0)
                + chain.gainDb()
                - chain.preamp().fullScaleDbu();
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
