package app.redlamp.core.booth;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.FinishingTarget;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.core.chain.placement.Bleed;
import app.redlamp.core.chain.placement.Table;
import app.redlamp.core.fault.Faults;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A simulated booth.
 *
 * @param stands one for each voice, 1 to 16; each becomes a channel
 * @param scene the room
 * @param seats how two people sit; counts where there are more stands than one
 * @param apartM between the mouths of neighbours, 0.3 to 5 m
 * @param mains what hums in it
 * @param from when it begins
 * @param sampleRateHz 8000 to 192 000
 * @param seed the same gives the same samples
 */
public record Booth(
        List<Stand> stands,
        Scene scene,
        Bleed.Seats seats,
        double apartM,
        Mains mains,
        WeekTime from,
        int sampleRateHz,
        long seed) {

    /** @throws IllegalArgumentException without a stand, or out of range */
    public Booth {
        stands = List.copyOf(stands);
        if (stands.isEmpty() || stands.size() > Kit.MOST_SEATS) {
            throw new IllegalArgumentException(Faults.say("booth.voices-must-be", stands.size(), Kit.MOST_SEATS));
        }
        if (!(apartM >= 0.3 && apartM <= 5 && sampleRateHz >= 8000 && sampleRateHz <= 192_000)) {
            throw new IllegalArgumentException(Faults.say("booth.apart-hz-must", apartM, sampleRateHz));
        }
    }

    /**
     * A kit in a room. Voices without a way to a file have no channel.
     *
     * @param finishing what is made of the recording afterwards
     */
    public static Booth of(
            Kit kit, Scene scene, FinishingTarget finishing, WeekTime from, int sampleRateHz, long seed) {
        Surroundings room = new Surroundings(scene.noiseAt(from), scene.volumeM3(), scene.middleS());
        List<Stand> stands = new ArrayList<>();
        for (int i = 0; i < kit.seats().size(); i++) {
            Seat seat = kit.seats().get(i);
            Optional<Chain> chain = kit.chain(i, room, finishing);
            if (chain.isPresent()) {
                stands.add(new Stand(
                        seat.name(),
                        chain.get(),
                        seat.popFilterM(),
                        seat.microphone().diaphragmM(),
                        powered(kit, seat.microphone()),
                        Habits.USUAL));
            }
        }
        return new Booth(
                stands, scene, Table.USUAL.seats(), Table.USUAL.apartM(), Mains.EUROPEAN, from, sampleRateHz, seed);
    }

    private static boolean powered(Kit kit, Microphone microphone) {
        return microphone.power() != Microphone.Power.PHANTOM
                || kit.box().filter(b -> b.phantom()).isPresent();
    }

    /** The same with the room's noise as it is at another moment. */
    public Booth at(WeekTime time) {
        Surroundings room = new Surroundings(scene.noiseAt(time), scene.volumeM3(), scene.middleS());
        return new Booth(
                stands.stream().map(s -> s.with(s.chain().in(room))).toList(),
                scene,
                seats,
                apartM,
                mains,
                time,
                sampleRateHz,
                seed);
    }

    /** The same with another reader at a microphone, counted from 0. */
    public Booth with(int stand, Stand changed) {
        List<Stand> all = new ArrayList<>(stands);
        all.set(stand, changed);
        return seating(all);
    }

    /** The same with every microphone showing its reader the other side. */
    public Booth turnedRound() {
        return seating(stands.stream()
                .map(s -> s.with(s.chain().at(s.chain().position().turnedRound())))
                .toList());
    }

    /** The same with the slider of the system at so many dB. */
    public Booth slid(double db) {
        return seating(stands.stream().map(s -> s.slid(db)).toList());
    }

    private Booth seating(List<Stand> all) {
        return new Booth(all, scene, seats, apartM, mains, from, sampleRateHz, seed);
    }

    /** The same on other mains. */
    public Booth humming(Mains other) {
        return new Booth(stands, scene, seats, apartM, other, from, sampleRateHz, seed);
    }

    /** The same with its readers seated otherwise, in metres apart. */
    public Booth seated(Bleed.Seats other, double metresApart) {
        return new Booth(stands, scene, other, metresApart, mains, from, sampleRateHz, seed);
    }

    /** The same at another sample rate in Hz. */
    public Booth sampled(int rateHz) {
        return new Booth(stands, scene, seats, apartM, mains, from, rateHz, seed);
    }

    /** The same with other chance. */
    public Booth seeded(long other) {
        return new Booth(stands, scene, seats, apartM, mains, from, sampleRateHz, other);
    }
}
