package app.redlamp.core.chain.kit;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.Converter;
import app.redlamp.core.chain.FinishingTarget;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.Lead;
import app.redlamp.core.chain.Preamp;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.fault.Faults;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Everything between the mouths and the files of a job.
 *
 * @param id tells it from the others
 * @param name what it is called
 * @param seats voices with their microphones, 1 to 16
 * @param box with preamps and converter; absent where microphones go straight into a computer
 * @param extras what else belongs to it, at most 40
 * @param hub whether what goes into the computer goes through a hub
 * @param compressionDb by how much finishing will compress the voice, which its make-up gives back to the noise too, 0 to 12 dB
 */
public record Kit(
        String id,
        String name,
        List<Seat> seats,
        Optional<AudioInterface> box,
        List<Extra> extras,
        boolean hub,
        double compressionDb) {
    /** No table at home seats more (ours). */
    public static final int MOST_SEATS = 16;

    /** Nor holds more (ours). */
    private static final int MOST_EXTRAS = 40;

    /** @throws IllegalArgumentException without an id or a name, with no voice, or with too many of anything */
    public Kit {
        seats = List.copyOf(seats);
        extras = List.copyOf(extras);
        Gear.check(id, name);
        if (!(compressionDb >= 0 && compressionDb <= 12)) {
            throw new IllegalArgumentException(Faults.say("kit.compression-db-must", compressionDb));
        }
        if (seats.isEmpty() || seats.size() > MOST_SEATS || extras.size() > MOST_EXTRAS) {
            throw new IllegalArgumentException(
                    Faults.say("kit.voices-extras-must", name, seats.size(), extras.size(), MOST_SEATS, MOST_EXTRAS));
        }
    }

    /** Without compression. */
    public Kit(
            String id, String name, List<Seat> seats, Optional<AudioInterface> box, List<Extra> extras, boolean hub) {
        this(id, name, seats, box, extras, hub, 0);
    }

    /** The same with peaks held back by so much, in dB. */
    public Kit compressing(double db) {
        return new Kit(id, name, seats, box, extras, hub, db);
    }

    /** What a voice goes through: what is built into its microphone, or the box; absent where there is neither. */
    public Optional<Chain> chain(int seat, Surroundings room, FinishingTarget finishing) {
        Seat one = seats.get(seat);
        Optional<Microphone.Inside> inside = one.microphone().inside();
        Optional<Preamp> preamp = inside.map(Microphone.Inside::preamp).or(() -> box.map(AudioInterface::preamp));
        Optional<Converter> converter =
                inside.map(Microphone.Inside::converter).or(() -> box.map(AudioInterface::converter));
        return preamp.map(p -> new Chain(
                one.voice(),
                one.position(),
                room,
                one.microphone().capsule(),
                inside.isPresent() ? Lead.NONE : one.cable().map(Cable::lead).orElse(Lead.NONE),
                inside.isPresent() ? Optional.empty() : one.booster().map(BoosterPart::booster),
                p,
                p.within(one.gainDb()),
                converter.orElseThrow(),
                finishing.compressing(compressionDb)));
    }

    /** With every knob where its loudest line is wanted, as far as there is gain. */
    public Kit set(Surroundings room, FinishingTarget finishing, GainSchool school) {
        Kit all = this;
        for (int i = 0; i < seats.size(); i++) {
            Optional<Chain> chain = chain(i, room, finishing);
            if (chain.isPresent()) {
                all = all.with(i, seats.get(i).gained(chain.get().set(school).gainDb()));
            }
        }
        return all;
    }

    /** The same with something else in that place; seats are counted from 0. */
    public Kit with(int seat, Seat changed) {
        List<Seat> all = new ArrayList<>(seats);
        all.set(seat, changed);
        return seated(all);
    }

    /** The same with other seats. */
    public Kit seated(List<Seat> all) {
        return new Kit(id, name, all, box, extras, hub, compressionDb);
    }

    /** The same through another interface; absent for none. */
    public Kit through(Optional<AudioInterface> other) {
        return new Kit(id, name, seats, other, extras, hub, compressionDb);
    }

    /** The same with something else in that place; seats are counted from 0. */
    public Kit with(List<Extra> all) {
        return new Kit(id, name, seats, box, all, hub, compressionDb);
    }

    /** The same and one thing more. */
    public Kit adding(Extra extra) {
        List<Extra> all = new ArrayList<>(extras);
        all.add(extra);
        return with(all);
    }

    /** The same with headphones put on: in the place of others of their use where every voice has some, and otherwise beside them. */
    public Kit wearing(Extra headphones) {
        List<Extra> others = extras(headphones.use());
        if (others.size() < seats.size()) {
            return adding(headphones);
        }
        List<Extra> all = new ArrayList<>(extras);
        all.set(all.indexOf(others.get(0)), headphones);
        return with(all);
    }

    /** The same plugged in through a hub, or not. */
    public Kit hubbed(boolean through) {
        return new Kit(id, name, seats, box, extras, through, compressionDb);
    }

    /** The same under another name. */
    public Kit called(String other) {
        return new Kit(id, other, seats, box, extras, hub, compressionDb);
    }

    /** The same under another id. */
    public Kit as(String other) {
        return new Kit(other, name, seats, box, extras, hub, compressionDb);
    }

    /** Extras of a use. */
    public List<Extra> extras(Extra.Use use) {
        return extras.stream().filter(e -> e.use() == use).toList();
    }

    /** All parts with how many there are of each, in the order of the way. */
    public Map<Gear, Integer> parts() {
        Map<Gear, Integer> all = new LinkedHashMap<>();
        for (Seat seat : seats) {
            all.merge(seat.microphone(), 1, Integer::sum);
            seat.booster().ifPresent(b -> all.merge(b, 1, Integer::sum));
            seat.cable().ifPresent(c -> all.merge(c, 1, Integer::sum));
        }
        box.ifPresent(b -> all.merge(b, 1, Integer::sum));
        extras.forEach(e -> all.merge(e, 1, Integer::sum));
        return all;
    }
}
