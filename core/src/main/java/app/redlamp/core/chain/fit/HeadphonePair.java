package app.redlamp.core.chain.fit;

import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.Extra;
import app.redlamp.core.chain.kit.HeadphoneOutput;
import app.redlamp.core.chain.kit.Headphones;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Seat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Headphones on a head.
 *
 * @param seat whose, from 0
 * @param extra which
 * @param fullScaleDb the loudest that can come out of them, as {@link HeadphoneOutput#fullScaleDb} has it
 */
record HeadphonePair(int seat, Extra extra, double fullScaleDb) {

    /** Those that are known with their sockets; closed ones are given out first, in the order of the seats. */
    static List<HeadphonePair> of(Kit kit) {
        List<Extra> heads = new ArrayList<>(kit.extras(Extra.Use.HEADPHONES_CLOSED));
        heads.addAll(kit.extras(Extra.Use.HEADPHONES_OPEN));
        List<HeadphonePair> all = new ArrayList<>();
        int worn = 0;
        for (int i = 0; i < kit.seats().size() && worn < heads.size(); i++) {
            // A headset brings its own.
            if (kit.seats().get(i).microphone().kind() != Microphone.Kind.HEADSET) {
                int seat = i;
                Extra mine = heads.get(worn);
                loudest(kit, kit.seats().get(i), heads, worn)
                        .ifPresent(db -> all.add(new HeadphonePair(seat, mine, db)));
                worn++;
            }
        }
        return all;
    }

    private static Optional<Double> loudest(Kit kit, Seat seat, List<Extra> heads, int worn) {
        Optional<Extra> divided =
                kit.extras(Extra.Use.HEADPHONE_SPLITTER).stream().findFirst();
        Optional<HeadphoneOutput> out = divided.flatMap(Extra::drive).or(() -> socket(kit, seat));
        boolean shared = divided.isPresent() && divided.get().drive().isEmpty();
        Extra mine = heads.get(worn);
        Optional<List<Headphones>> plugged =
                known(shared ? together(heads, divided.get().outputs(), worn) : List.of(mine));
        return out.flatMap(
                o -> plugged.map(all -> o.fullScaleDb(mine.headphones().orElseThrow(), all)));
    }

    private static Optional<HeadphoneOutput> socket(Kit kit, Seat seat) {
        return seat.microphone()
                .inside()
                .map(Microphone.Inside::headphoneOut)
                .orElseGet(() -> kit.box().flatMap(AudioInterface::headphoneOut));
    }

    /** Those that hang on the same splitter, mine among them. */
    private static List<Extra> together(List<Extra> heads, int outputs, int mine) {
        int size = Math.max(1, outputs);
        int from = mine / size * size;
        return heads.subList(from, Math.min(heads.size(), from + size));
    }

    /** What is known of all of them; absent where it is not of one. */
    private static Optional<List<Headphones>> known(List<Extra> worn) {
        List<Headphones> all =
                worn.stream().flatMap(e -> e.headphones().stream()).toList();
        return all.size() == worn.size() ? Optional.of(all) : Optional.empty();
    }
}
