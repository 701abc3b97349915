package app.redlamp.core.chain.fit;

import app.redlamp.core.chain.fit.Miss.Kind;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.Extra;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.Plug;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.core.verdict.Severity;
import java.util.ArrayList;
import java.util.List;

/** Plugs, sockets, power and the computer's ports. */
final class PlugCheck {
    /** What a port gives without being asked for more (USB 2.0 specification, section 7.2.1; from memory). */
    private static final int PORT_MILLIAMPS = 500;

    /** Clocks of modest gear are off by so many parts in a million (common practice, no source). */
    private static final double CLOCK_PPM = 50;

    /** Length of lead that is needed at a desk (common practice, no source). */
    private static final double AT_A_DESK_M = 1;

    private final Kit kit;
    private final Need need;
    private final Stock shelf;
    private final List<Miss> misses = new ArrayList<>();

    PlugCheck(Kit kit, Need need, Stock shelf) {
        this.kit = kit;
        this.need = need;
        this.shelf = shelf;
    }

    List<Miss> misses() {
        int throughBox = (int)
                kit.seats().stream().filter(s -> !s.microphone().isDigital()).count();
        if (need.voices() > kit.seats().size()) {
            int more = need.voices() - kit.seats().size();
            add(Miss.of(Kind.VOICES, Severity.BLOCKS, "", "", more)
                    .mendedBy(kit.seats().stream().findFirst().map(Seat::microphone), more));
        }
        if (throughBox > 0 && kit.box().isEmpty()) {
            boolean phantom = kit.seats().stream().anyMatch(PlugCheck::wantsPhantom);
            Plug plug = kit.seats().stream()
                    .map(Seat::microphone)
                    .filter(m -> !m.isDigital())
                    .findFirst()
                    .orElseThrow()
                    .plug();
            add(Miss.of(Kind.NO_BOX, Severity.BLOCKS, "", "", throughBox)
                    .mendedBy(
                            shelf.cheapest(
                                    AudioInterface.class,
                                    b -> b.voices() >= throughBox
                                            && (!phantom || b.phantom())
                                            && plug.fits(b.socket())),
                            1));
        }
        kit.seats().forEach(this::power);
        kit.box().ifPresent(b -> box(b, throughBox));
        kit.seats().forEach(s -> kit.box().ifPresent(b -> lead(s, b)));
        clocks(throughBox);
        return misses;
    }

    private void add(Miss miss) {
        misses.add(miss);
    }

    private static boolean wantsPhantom(Seat seat) {
        return seat.microphone().power() == Microphone.Power.PHANTOM
                || seat.booster().isPresent();
    }

    private void power(Seat seat) {
        Microphone microphone = seat.microphone();
        if (microphone.power() == Microphone.Power.PHANTOM && seat.booster().isPresent()) {
            add(Miss.of(Kind.BOOSTER_STOPS_PHANTOM, Severity.BLOCKS, seat.name(), microphone.shortName(), 0));
        }
        if (kit.box().isEmpty() || microphone.isDigital()) {
            return;
        }
        AudioInterface box = kit.box().get();
        if (wantsPhantom(seat) && !box.phantom()) {
            add(Miss.of(Kind.PHANTOM_MISSING, Severity.BLOCKS, seat.name(), microphone.shortName(), 0)
                    .mendedBy(
                            shelf.cheapest(
                                    AudioInterface.class,
                                    b -> b.phantom()
                                            && b.voices() >= kit.seats().size()
                                            && Plug.XLR.fits(b.socket())),
                            1));
        }
        if (microphone.power() == Microphone.Power.PLUG_IN && box.socket() != Plug.MINI) {
            add(Miss.of(Kind.PLUG_IN_POWER_MISSING, Severity.BLOCKS, seat.name(), microphone.shortName(), 0)
                    .mendedBy(shelf.cheapest(AudioInterface.class, b -> b.socket() == Plug.MINI), 1));
        }
        if (microphone.kind() == Microphone.Kind.RIBBON
                && box.phantom()
                && seat.booster().isEmpty()) {
            // On small boxes one switch feeds all sockets.
            boolean switchedOn = kit.seats().stream().anyMatch(PlugCheck::wantsPhantom);
            add(Miss.of(
                    Kind.RIBBON_PHANTOM,
                    switchedOn ? Severity.BLOCKS : Severity.ADVISES,
                    seat.name(),
                    microphone.shortName(),
                    0));
        }
    }

    private void box(AudioInterface box, int throughBox) {
        if (throughBox > box.inputs()) {
            add(Miss.of(Kind.INPUTS, Severity.BLOCKS, "", box.shortName(), throughBox - box.inputs())
                    .mendedBy(shelf.cheapest(AudioInterface.class, b -> b.voices() >= throughBox), 1));
        } else if (throughBox > box.tracks()) {
            add(Miss.of(Kind.TRACKS, Severity.SPOILS, "", box.shortName(), throughBox - box.tracks())
                    .mendedBy(shelf.cheapest(AudioInterface.class, b -> b.voices() >= throughBox), 1));
        }
        if (throughBox > 0 && box.busMilliamps() > PORT_MILLIAMPS) {
            add(Miss.of(Kind.USB_POWER, Severity.ADVISES, "", box.shortName(), box.busMilliamps()));
        }
    }

    private void lead(Seat seat, AudioInterface box) {
        Microphone microphone = seat.microphone();
        if (microphone.isDigital()) {
            return;
        }
        boolean worn = microphone.kind().isWorn();
        if (seat.cable().isEmpty()) {
            // What is worn has its lead fixed to it.
            if (!worn) {
                add(Miss.of(Kind.LEAD_MISSING, Severity.BLOCKS, seat.name(), microphone.shortName(), 0)
                        .mendedBy(shelf.cable(microphone.plug(), box.socket(), AT_A_DESK_M), 1));
            } else if (!microphone.plug().fits(box.socket())) {
                plug(seat, box);
            }
            return;
        }
        boolean atMicrophone = seat.cable().get().from() == microphone.plug();
        boolean atBox = seat.cable().get().to().fits(box.socket());
        if (!(atMicrophone && atBox)) {
            plug(seat, box);
        }
    }

    private void plug(Seat seat, AudioInterface box) {
        if (kit.extras(Extra.Use.ADAPTER).isEmpty()) {
            Plug plug = seat.microphone().plug();
            add(Miss.of(
                            Kind.PLUG,
                            Severity.BLOCKS,
                            seat.name(),
                            seat.cable().isPresent()
                                    ? seat.cable().get().shortName()
                                    : seat.microphone().shortName(),
                            0)
                    .mendedBy(shelf.cable(plug, box.socket(), AT_A_DESK_M), 1)
                    .orMendedBy(shelf.extra(Extra.Use.ADAPTER), 1));
        }
    }

    private void clocks(int throughBox) {
        int digital = kit.seats().size() - throughBox;
        if (digital + Math.min(1, throughBox) > 1) {
            add(Miss.of(Kind.TWO_CLOCKS, Severity.SPOILS, "", "", 2 * CLOCK_PPM * 1e-6 * 3600)
                    .mendedBy(
                            shelf.cheapest(
                                    AudioInterface.class,
                                    b -> b.voices() >= kit.seats().size() && Plug.XLR.fits(b.socket())),
                            1));
        }
        boolean port = kit.seats().stream().anyMatch(s -> s.microphone().plug() == Plug.USB)
                || kit.box()
                        .filter(b -> b.form() != AudioInterface.Form.SOUND_CARD)
                        .isPresent();
        if (kit.hub() && port) {
            add(Miss.of(Kind.HUB, Severity.SPOILS, "", "", 0));
        }
    }
}
