package app.redlamp.core.chain.fit;

import app.redlamp.core.chain.fit.Miss.Kind;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.Extra;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.core.verdict.Severity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Headphones, and what they are plugged into. */
final class ListeningCheck {
    /** Voices, heads and ears differ by more than less (ours). */
    private static final double QUIET_DB = 1;

    private final Kit kit;
    private final Need need;
    private final Stock shelf;
    private final List<Miss> misses = new ArrayList<>();

    ListeningCheck(Kit kit, Need need, Stock shelf) {
        this.kit = kit;
        this.need = need;
        this.shelf = shelf;
    }

    List<Miss> misses() {
        long headsets = kit.seats().stream()
                .filter(s -> s.microphone().kind() == Microphone.Kind.HEADSET)
                .count();
        int closed = kit.extras(Extra.Use.HEADPHONES_CLOSED).size();
        int open = kit.extras(Extra.Use.HEADPHONES_OPEN).size();
        int wanted = (int) (kit.seats().size() - headsets);
        int missing = wanted - closed - open;
        // One who reads alone can do without them and hear too late what was wrong; with others in the room or on the
        // line
        // there is no doing without, nor where what went out cannot be said again.
        boolean others = need.voices() > 1 || need.guests() || need.live();
        if (missing > 0) {
            misses.add(Miss.of(Kind.HEADPHONES, others ? Severity.SPOILS : Severity.ADVISES, "", "", missing)
                    .mendedBy(shelf.extra(Extra.Use.HEADPHONES_CLOSED), missing));
        }
        int openInUse = Math.min(open, Math.max(0, wanted - closed));
        if (openInUse > 0) {
            String name = kit.extras(Extra.Use.HEADPHONES_OPEN).get(0).shortName();
            misses.add(Miss.of(Kind.HEADPHONES_OPEN, Severity.SPOILS, "", name, openInUse)
                    .mendedBy(shelf.extra(Extra.Use.HEADPHONES_CLOSED), openInUse));
        }
        outputs(Math.min(wanted, closed + open));
        monitoring();
        HeadphoneLevel.of(kit, need).stream()
                .max(Comparator.comparingDouble(HeadphoneLevel::shortDb))
                .filter(level -> level.shortDb() > QUIET_DB)
                .ifPresent(this::tooQuiet);
        kit.extras(Extra.Use.LOUDSPEAKERS_UNBALANCED).stream()
                .findFirst()
                .ifPresent(s -> misses.add(Miss.of(Kind.LOUDSPEAKER_HUM, Severity.ADVISES, "", s.shortName(), 0)
                        .mendedBy(shelf.extra(Extra.Use.LOUDSPEAKERS_BALANCED), 1)));
        return misses;
    }

    /** Whoever hears too little of the voice turns up what is nearest, and that is the gain. */
    private void tooQuiet(HeadphoneLevel worst) {
        Extra quiet = worst.extra();
        Optional<Extra> remedy = shelf.cheapest(Extra.class, e -> mends(e, quiet));
        boolean amplifier = remedy.flatMap(Extra::drive).isPresent();
        int pieces = amplifier
                ? 1
                : (int) kit.extras().stream().filter(quiet::equals).count();
        misses.add(Miss.of(Kind.HEADPHONES_QUIET, Severity.ADVISES, "", quiet.shortName(), worst.shortDb())
                .mendedBy(remedy, pieces));
    }

    /** Other headphones of the same make, or an amplifier, with which all that are worn are loud enough. */
    private boolean mends(Extra other, Extra quiet) {
        boolean amplifier = other.drive().isPresent();
        if (!amplifier && other.use() != quiet.use()) {
            return false;
        }
        List<HeadphoneLevel> levels = HeadphoneLevel.of(kit.with(Mend.louder(kit.extras(), quiet, other)), need);
        return !levels.isEmpty() && levels.stream().allMatch(l -> l.shortDb() <= QUIET_DB);
    }

    private void outputs(int heads) {
        int sockets = kit.box().map(AudioInterface::headphoneOutputs).orElse(0)
                + (int) kit.seats().stream().filter(ListeningCheck::hasSocket).count();
        // A computer has one of its own, which is heard late.
        sockets = Math.max(1, sockets);
        for (Extra splitter : kit.extras(Extra.Use.HEADPHONE_SPLITTER)) {
            sockets += Math.max(0, splitter.outputs() - 1);
        }
        if (heads > sockets) {
            misses.add(Miss.of(Kind.HEADPHONE_OUTPUTS, Severity.SPOILS, "", "", heads - sockets)
                    .mendedBy(shelf.extra(Extra.Use.HEADPHONE_SPLITTER), 1));
        }
    }

    private static boolean hasSocket(Seat seat) {
        return seat.microphone().inside().filter(Microphone.Inside::headphones).isPresent();
    }

    private void monitoring() {
        boolean box = kit.box().filter(AudioInterface::directMonitoring).isPresent();
        boolean all = kit.seats().stream().allMatch(s -> s.microphone().isDigital() ? hasSocket(s) : box);
        if (!all) {
            misses.add(Miss.of(Kind.NO_DIRECT_MONITORING, Severity.ADVISES, "", "", 0));
        }
    }
}
