package app.redlamp.core.chain.fit;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.Capsule;
import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.Preamp;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.Voice;
import app.redlamp.core.chain.fit.Miss.Kind;
import app.redlamp.core.chain.kit.AudioInterface;
import app.redlamp.core.chain.kit.Extra;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Microphone;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.kit.Parts;
import app.redlamp.core.chain.kit.Plug;
import app.redlamp.core.chain.kit.Price;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.core.verdict.Severity;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What goes with what: facts of the trade (common practice, no source). */
class FitTest {
    private static final Need ONE_VOICE = Parts.need(1);

    private static Optional<Miss> miss(Kit kit, Need need, Kind kind) {
        return Fit.of(kit, need, Parts.SHELF).misses().stream()
                .filter(m -> m.kind() == kind)
                .findFirst();
    }

    private static Miss one(Kit kit, Kind kind) {
        return miss(kit, ONE_VOICE, kind).orElseThrow(() -> new AssertionError(kind + " is not seen"));
    }

    private static boolean none(Kit kit, Kind kind) {
        return miss(kit, ONE_VOICE, kind).isEmpty();
    }

    private static Kit seat(Kit kit, Seat seat) {
        return kit.with(0, seat);
    }

    private static Seat first(Kit kit) {
        return kit.seats().get(0);
    }

    @Test
    void aCompleteKitIsClear() {
        Fit fit = Fit.of(Parts.complete(), ONE_VOICE, Parts.SHELF);
        assertThat(fit.misses()).isEmpty();
        assertThat(fit.clear()).isTrue();
        assertThat(fit.blocked()).isFalse();
    }

    @Test
    void anXlrMicrophoneNeedsABoxAndTheBoxMustFeedIt() {
        Miss noBox = one(Parts.with(Parts.CONDENSER, Optional.empty()), Kind.NO_BOX);
        assertThat(noBox.severity()).isEqualTo(Severity.BLOCKS);
        // The cheaper box gives no 48 V and would not do.
        assertThat(noBox.remedy()).contains(Parts.ONE);
        assertThat(one(Parts.with(Parts.DYNAMIC, Optional.empty()), Kind.NO_BOX).remedy())
                .contains(Parts.BARE);
        Miss phantom = one(Parts.with(Parts.CONDENSER, Optional.of(Parts.BARE)), Kind.PHANTOM_MISSING);
        assertThat(phantom.severity()).isEqualTo(Severity.BLOCKS);
        assertThat(phantom.cost()).isEqualTo(70);
        assertThat(none(Parts.with(Parts.DYNAMIC, Optional.of(Parts.BARE)), Kind.PHANTOM_MISSING))
                .isTrue();
    }

    @Test
    void aBoosterLivesOnPhantomPowerAndLetsNoneThrough() {
        Kit kit = Parts.with(Parts.CONDENSER, Optional.of(Parts.ONE));
        assertThat(one(seat(kit, first(kit).boosted(Optional.of(Parts.BOOSTER))), Kind.BOOSTER_STOPS_PHANTOM)
                        .severity())
                .isEqualTo(Severity.BLOCKS);
        Kit bare = Parts.with(Parts.DYNAMIC, Optional.of(Parts.BARE));
        assertThat(one(seat(bare, first(bare).boosted(Optional.of(Parts.BOOSTER))), Kind.PHANTOM_MISSING)
                        .severity())
                .isEqualTo(Severity.BLOCKS);
    }

    @Test
    void aRibbonBesideACondenserGetsPhantomPower() {
        Kit alone = Parts.with(Parts.RIBBON, Optional.of(Parts.TWO));
        assertThat(one(alone, Kind.RIBBON_PHANTOM).severity()).isEqualTo(Severity.ADVISES);
        Seat other = Seat.of("Second", Parts.CONDENSER, Parts.VOICE).wired(Optional.of(Parts.XLR));
        assertThat(one(alone.seated(List.of(first(alone), other)), Kind.RIBBON_PHANTOM)
                        .severity())
                .isEqualTo(Severity.BLOCKS);
        // What stands in between stops it.
        Kit boosted = seat(alone, first(alone).boosted(Optional.of(Parts.BOOSTER)));
        assertThat(none(boosted, Kind.RIBBON_PHANTOM)).isTrue();
    }

    @Test
    void twoVoicesNeedTwoInputsAndTwoTracks() {
        Kit one = Parts.complete();
        assertThat(miss(one, Parts.need(2), Kind.VOICES).orElseThrow().amount()).isEqualTo(1);
        Kit two = one.seated(List.of(first(one), first(one).called("Second")));
        Miss inputs = miss(two, Parts.need(2), Kind.INPUTS).orElseThrow();
        assertThat(inputs.severity()).isEqualTo(Severity.BLOCKS);
        assertThat(inputs.amount()).isEqualTo(1);
        assertThat(inputs.remedy()).contains(Parts.BARE);
        AudioInterface mixer = new AudioInterface(
                "mixer",
                "Mixer",
                AudioInterface.Form.MIXER,
                4,
                Plug.COMBO,
                Parts.PREAMP,
                Parts.CONVERTER,
                true,
                1,
                1,
                Optional.empty(),
                true,
                0,
                Parts.price(100),
                "");
        assertThat(miss(two.through(Optional.of(mixer)), Parts.need(2), Kind.TRACKS)
                        .orElseThrow()
                        .severity())
                .isEqualTo(Severity.SPOILS);
        assertThat(miss(two.through(Optional.of(Parts.TWO)), Parts.need(2), Kind.INPUTS))
                .isEmpty();
    }

    @Test
    void leadsMustBeThereAndFit() {
        Kit kit = Parts.complete();
        Miss missing = one(seat(kit, first(kit).wired(Optional.empty())), Kind.LEAD_MISSING);
        assertThat(missing.remedy()).contains(Parts.SHORT);
        Kit wrong = Parts.with(Parts.DYNAMIC, Optional.of(box(Plug.MINI)));
        assertThat(one(wrong, Kind.PLUG).severity()).isEqualTo(Severity.BLOCKS);
        assertThat(one(wrong, Kind.PLUG).remedy()).contains(Parts.ADAPTER);
        assertThat(none(wrong.adding(Parts.ADAPTER), Kind.PLUG)).isTrue();
    }

    private static AudioInterface box(Plug socket) {
        return new AudioInterface(
                "small",
                "Small",
                AudioInterface.Form.SOUND_CARD,
                1,
                socket,
                Parts.PREAMP,
                Parts.CONVERTER,
                false,
                1,
                1,
                Optional.empty(),
                false,
                0,
                Price.NOTHING,
                "");
    }

    @Test
    void anUnbalancedLeadHums() {
        Kit kit = Parts.with(Parts.DYNAMIC, Optional.of(Parts.ONE));
        Miss hum = one(seat(kit, first(kit).wired(Optional.of(Parts.THIN))), Kind.UNBALANCED);
        assertThat(hum.amount()).isGreaterThan(3);
        assertThat(hum.remedy()).contains(Parts.SHORT);
        assertThat(none(kit, Kind.UNBALANCED)).isTrue();
    }

    @Test
    void aLowDynamicBeforeASmallPreampWantsABooster() {
        AudioInterface weak = new AudioInterface(
                "weak",
                "Weak",
                AudioInterface.Form.INTERFACE,
                1,
                Plug.COMBO,
                new Preamp(0, 40, -125, 4, 10, 3000),
                Parts.CONVERTER,
                true,
                1,
                1,
                Optional.empty(),
                true,
                400,
                Parts.price(50),
                "");
        Miss gain = one(Parts.with(Parts.DYNAMIC, Optional.of(weak)), Kind.GAIN_SHORT);
        assertThat(gain.amount()).isPositive();
        assertThat(gain.remedy()).contains(Parts.BOOSTER);
        // A condenser's 48 V must get through: no booster for it.
        assertThat(none(Parts.with(Parts.CONDENSER, Optional.of(weak)), Kind.GAIN_SHORT))
                .isTrue();
    }

    @Test
    void aShoutIntoATelephoneClips() {
        Kit kit = Parts.with(Parts.TELEPHONE, Optional.empty());
        Seat close = first(kit).at(Position.straight(0.03)).spoken(new Voice(VocalEffort.SHOUT, VocalEffort.SHOUT, 15));
        assertThat(one(seat(kit, close), Kind.CAPSULE_CLIPS).amount()).isPositive();
        assertThat(one(kit, Kind.AUTOMATIC).severity()).isEqualTo(Severity.SPOILS);
        assertThat(one(kit, Kind.BITS).amount()).isEqualTo(16);
    }

    @Test
    void headphonesForEverybodyClosedAndWithASocket() {
        Kit bare = Parts.complete().with(List.of(Parts.ARM, Parts.SHOCK, Parts.SCREEN));
        assertThat(one(bare, Kind.HEADPHONES).severity()).isEqualTo(Severity.ADVISES);
        assertThat(one(bare.adding(Parts.OPEN), Kind.HEADPHONES_OPEN).remedy()).contains(Parts.CLOSED);
        assertThat(none(bare.adding(Parts.OPEN).adding(Parts.CLOSED), Kind.HEADPHONES_OPEN))
                .isTrue();
        Kit two =
                bare.seated(List.of(first(bare), first(bare).called("Second"))).through(Optional.of(Parts.TWO));
        Need both = Parts.need(2);
        assertThat(miss(two, both, Kind.HEADPHONES).orElseThrow().severity()).isEqualTo(Severity.SPOILS);
        Kit heard = two.adding(Parts.CLOSED).adding(Parts.CLOSED);
        Miss socket = miss(heard, both, Kind.HEADPHONE_OUTPUTS).orElseThrow();
        assertThat(socket.amount()).isEqualTo(1);
        assertThat(socket.remedy()).contains(Parts.SPLITTER);
        assertThat(miss(heard.adding(Parts.SPLITTER), both, Kind.HEADPHONE_OUTPUTS))
                .isEmpty();
    }

    @Test
    void twoUsbMicrophonesDriftApart() {
        Kit one = Parts.with(Parts.USB, Optional.empty());
        Kit two = one.seated(List.of(first(one), first(one).called("Second")));
        Miss clocks = miss(two, Parts.need(2), Kind.TWO_CLOCKS).orElseThrow();
        // 50 parts in a million each, in opposite directions: 0.36 s in an hour.
        assertThat(clocks.amount()).isEqualTo(0.36);
        assertThat(clocks.severity()).isEqualTo(Severity.SPOILS);
        assertThat(none(one, Kind.TWO_CLOCKS)).isTrue();
        Seat xlr = Seat.of("Third", Parts.DYNAMIC, Parts.VOICE).wired(Optional.of(Parts.XLR));
        Kit mixed = one.seated(List.of(first(one), xlr)).through(Optional.of(Parts.ONE));
        assertThat(miss(mixed, Parts.need(2), Kind.TWO_CLOCKS)).isPresent();
    }

    @Test
    void straightIntoAPort() {
        assertThat(one(Parts.with(Parts.USB, Optional.empty()).hubbed(true), Kind.HUB)
                        .severity())
                .isEqualTo(Severity.SPOILS);
        assertThat(none(Parts.with(Parts.TELEPHONE, Optional.empty()).hubbed(true), Kind.HUB))
                .isTrue();
        assertThat(none(Parts.complete(), Kind.USB_POWER)).isTrue();
    }

    @Test
    void stands() {
        Kit kit = Parts.complete();
        assertThat(one(kit.with(List.of(Parts.CLOSED)), Kind.HOLDER).remedy()).contains(Parts.ARM);
        Miss reach = one(kit.with(List.of(Parts.TABLE, Parts.SHOCK, Parts.CLOSED)), Kind.REACH);
        assertThat(reach.amount()).isGreaterThan(0.3);
        assertThat(one(kit.with(List.of(Parts.ARM, Parts.CLOSED)), Kind.SHOCK_MOUNT)
                        .severity())
                .isEqualTo(Severity.ADVISES);
        assertThat(none(kit.with(List.of(Parts.FLOOR, Parts.CLOSED)), Kind.SHOCK_MOUNT))
                .isTrue();
        Kit heavy = seat(kit, first(kit).with(Parts.RIBBON));
        Miss weight = one(heavy, Kind.WEIGHT);
        assertThat(weight.amount()).isEqualTo(1.4 + 0.35);
        assertThat(weight.remedy()).contains(Parts.FLOOR);
        Kit tight = seat(kit, first(kit).wired(Optional.of(Parts.SHORT)));
        assertThat(one(tight, Kind.LEAD_SHORT).remedy()).contains(Parts.XLR);
    }

    @Test
    void popFilters() {
        Kit kit = Parts.complete();
        Seat close = first(kit).at(Position.straight(0.08));
        assertThat(one(seat(kit, close.screened(OptionalDouble.empty())), Kind.POP_FILTER)
                        .severity())
                .isEqualTo(Severity.SPOILS);
        assertThat(one(seat(kit, close.screened(OptionalDouble.of(0.075))), Kind.POP_FILTER_NEAR)
                        .amount())
                .isLessThan(10);
        Seat beside = close.at(Position.straight(0.08).beside(30)).screened(OptionalDouble.empty());
        assertThat(none(seat(kit, beside), Kind.POP_FILTER)).isTrue();
        assertThat(one(seat(kit, first(kit).at(Position.straight(0.5))), Kind.TOO_FAR)
                        .amount())
                .isEqualTo(0.5);
    }

    /** Angles that a pattern does not hear are refused, and one turn mends them; a figure of eight hears both its sides. */
    @ParameterizedTest
    @CsvSource({
        "CARDIOID,180,true",
        "CARDIOID,120,true",
        "CARDIOID,60,false",
        "SUPERCARDIOID,130,true",
        "HYPERCARDIOID,100,true",
        "FIGURE_EIGHT,90,true",
        "FIGURE_EIGHT,180,false",
        "OMNI,180,false",
        "SUPERCARDIOID,45,false"
    })
    void theWrongSideIsRefused(Pattern pattern, double degrees, boolean refused) {
        Kit kit = Parts.complete();
        Microphone own = first(kit).microphone();
        Microphone microphone = new Microphone(
                own.id(),
                own.name(),
                own.kind(),
                new Capsule(pattern, 2, OptionalDouble.empty(), 140, 200),
                own.address(),
                own.plug(),
                own.power(),
                own.inside(),
                own.diaphragmM(),
                own.weightKg(),
                own.price(),
                own.note());
        Seat seat = first(kit).with(microphone);
        Kit turned = seat(kit, seat.at(seat.position().turned(degrees)));
        Optional<Miss> miss = miss(turned, ONE_VOICE, Kind.WRONG_SIDE);
        assertThat(miss.isPresent()).isEqualTo(refused);
        miss.ifPresent(m -> {
            assertThat(m.severity()).isEqualTo(Severity.SPOILS);
            assertThat(m.amount()).isGreaterThan(6);
            assertThat(none(Mend.of(turned, m).orElseThrow(), Kind.WRONG_SIDE)).isTrue();
        });
    }

    @Test
    void whatIsWornNeedsNoStandAndATelephonesPlugNoLead() {
        Microphone lavalier = new Microphone(
                "lavalier",
                "Lavalier",
                Microphone.Kind.LAVALIER,
                Parts.TELEPHONE.capsule(),
                Microphone.Address.ANY,
                Plug.MINI,
                Microphone.Power.PLUG_IN,
                Optional.empty(),
                0.005,
                0.02,
                Parts.price(25),
                "");
        Kit worn = new Kit(
                "worn",
                "Worn",
                List.of(Seat.of("Reader", lavalier, Parts.VOICE)),
                Optional.of(box(Plug.MINI)),
                List.of(Parts.CLOSED),
                false);
        assertThat(none(worn, Kind.HOLDER)).isTrue();
        assertThat(none(worn, Kind.LEAD_MISSING)).isTrue();
        assertThat(none(worn, Kind.PLUG_IN_POWER_MISSING)).isTrue();
        Kit wrong = worn.through(Optional.of(Parts.ONE));
        assertThat(one(wrong, Kind.PLUG_IN_POWER_MISSING).severity()).isEqualTo(Severity.BLOCKS);
        assertThat(one(wrong, Kind.PLUG).severity()).isEqualTo(Severity.BLOCKS);
    }

    @Test
    void theWorstComesFirstAndNothingIsPricedTwice() {
        Kit bad = Parts.with(Parts.CONDENSER, Optional.of(Parts.BARE)).hubbed(true);
        List<Miss> misses = Fit.of(bad, Parts.need(2), Parts.SHELF).misses();
        assertThat(misses).isSortedAccordingTo(Comparator.comparing(Miss::severity));
        assertThat(misses).allMatch(m -> m.remedy().isPresent() == (m.pieces() > 0));
        assertThat(misses).allMatch(m -> m.cost() >= 0);
    }

    @Test
    void plugs() {
        assertThat(Plug.XLR.fits(Plug.COMBO)).isTrue();
        assertThat(Plug.JACK_UNBALANCED.fits(Plug.COMBO)).isTrue();
        assertThat(Plug.MINI.fits(Plug.COMBO)).isFalse();
        assertThat(Plug.MINI_HEADSET.fits(Plug.MINI)).isFalse();
        assertThat(Parts.XLR.balanced()).isTrue();
        assertThat(Parts.THIN.balanced()).isFalse();
        assertThat(Map.of(Extra.Use.DESK_ARM, true)).containsEntry(Extra.Use.DESK_ARM, Extra.Use.DESK_ARM.holds());
    }

    /** Whatever is put in ends what it was put in for, and one after the other everything is mended. */
    @Test
    void everyMissThatCanBeMendedIs() {
        Kit bad = new Kit(
                "bad",
                "Bad",
                List.of(Seat.of("Ada", Parts.DYNAMIC, Parts.VOICE)
                        .wired(Optional.of(Parts.THIN))
                        .screened(OptionalDouble.of(0.079))),
                Optional.empty(),
                List.of(Parts.TABLE, Parts.OPEN),
                true);
        Need both = Parts.need(2);
        Kit kit = bad;
        for (int i = 0; i < 40; i++) {
            Kit now = kit;
            Optional<Kit> next = Fit.of(now, both, Parts.SHELF).misses().stream()
                    .map(m -> Mend.of(now, m))
                    .flatMap(Optional::stream)
                    .filter(k -> !k.equals(now))
                    .findFirst();
            if (next.isEmpty()) {
                break;
            }
            kit = next.get();
        }
        assertThat(Fit.of(kit, both, Parts.SHELF).misses()).isEmpty();
        assertThat(kit.seats()).hasSize(2);
        assertThat(kit.hub()).isFalse();
    }

    @Test
    void whatNothingMendsStaysAsItIs() {
        Kit one = Parts.with(Parts.USB, Optional.empty());
        Kit two = one.seated(List.of(first(one), first(one).called("Second")));
        assertThat(Mend.of(two, miss(two, Parts.need(2), Kind.TWO_CLOCKS).orElseThrow()))
                .isEmpty();
        Kit far = seat(Parts.complete(), first(Parts.complete()).at(Position.straight(0.5)));
        assertThat(Mend.of(far, one(far, Kind.TOO_FAR))
                        .orElseThrow()
                        .seats()
                        .get(0)
                        .position()
                        .distanceM())
                .isEqualTo(0.18);
    }
}
