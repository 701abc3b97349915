package app.redlamp.core.chain.kit;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.Booster;
import app.redlamp.core.chain.Capsule;
import app.redlamp.core.chain.Converter;
import app.redlamp.core.chain.FinishingTarget;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.Preamp;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.Voice;
import app.redlamp.core.chain.fit.Stock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/** Made-up parts and jobs for tests. */
public final class Parts {
    public static final Voice VOICE = new Voice(VocalEffort.NORMAL, VocalEffort.RAISED, 15);
    public static final FinishingTarget AUDIOBOOK = new FinishingTarget(-20.5, -3, 0, 24, OptionalDouble.of(-60));
    public static final GainSchool MIDDLE = GainSchool.MIDDLE;
    public static final Preamp PREAMP = new Preamp(0, 56, -127, 4, 10, 3000);
    public static final Converter CONVERTER = new Converter(24, 105);

    public static final Microphone DYNAMIC =
            microphone("dynamic", Microphone.Kind.DYNAMIC, Pattern.CARDIOID, 1.5, OptionalDouble.empty(), 300, 0.5, 90);
    public static final Microphone CONDENSER = microphone(
            "condenser", Microphone.Kind.LARGE_CONDENSER, Pattern.CARDIOID, 20, OptionalDouble.of(10), 150, 0.45, 120);
    public static final Microphone HISSING = microphone(
            "hissing", Microphone.Kind.LARGE_CONDENSER, Pattern.CARDIOID, 10, OptionalDouble.of(28), 150, 0.3, 40);
    public static final Microphone RIBBON = microphone(
            "ribbon", Microphone.Kind.RIBBON, Pattern.FIGURE_EIGHT, 1.2, OptionalDouble.empty(), 300, 1.4, 300);
    public static final Microphone USB = digital(
            "usb",
            14,
            new Microphone.Inside(
                    new Preamp(0, 40, -120, 2, 2, 3000), new Converter(24, 100), true, Optional.empty(), false),
            130);
    public static final Microphone TELEPHONE = new Microphone(
            "telephone",
            "Telephone",
            Microphone.Kind.TELEPHONE,
            new Capsule(Pattern.OMNI, 10, OptionalDouble.of(30), 118, 1000),
            Microphone.Address.ANY,
            Plug.NONE,
            Microphone.Power.NONE,
            Optional.of(new Microphone.Inside(
                    new Preamp(0, 30, -112, 0, -4, 10_000), new Converter(16, 88), false, Optional.empty(), true)),
            0.005,
            0.2,
            Price.NOTHING,
            "");

    public static final AudioInterface ONE = box("one", 1, true, 70);
    public static final AudioInterface TWO = box("two", 2, true, 120);
    public static final AudioInterface BARE = box("bare", 2, false, 50);

    public static final Cable XLR = new Cable("xlr", "Lead, 3 m", Plug.XLR, Plug.XLR, 3, price(12), "");
    public static final Cable SHORT = new Cable("short", "Lead, 1 m", Plug.XLR, Plug.XLR, 1, price(8), "");
    public static final Cable THIN =
            new Cable("thin", "Lead to a large jack", Plug.XLR, Plug.JACK_UNBALANCED, 6, price(6), "");
    public static final BoosterPart BOOSTER =
            new BoosterPart("booster", "Inline booster", new Booster(25, -128.5, 2), price(65), "");

    public static final Extra CLOSED = extra("closed", Extra.Use.HEADPHONES_CLOSED, 0, 0, 0, 45);
    public static final Extra OPEN = extra("open", Extra.Use.HEADPHONES_OPEN, 0, 0, 0, 60);
    public static final Extra SPLITTER = extra("splitter", Extra.Use.HEADPHONE_SPLITTER, 0, 0, 4, 20);
    public static final Extra ARM = extra("arm", Extra.Use.DESK_ARM, 0.8, 1.2, 0, 35);
    public static final Extra TABLE = extra("table", Extra.Use.DESK_STAND, 0.2, 3, 0, 15);
    public static final Extra FLOOR = extra("floor", Extra.Use.FLOOR_STAND, 0.9, 2.5, 0, 40);
    public static final Extra SHOCK = extra("shock", Extra.Use.SHOCK_MOUNT, 0, 0, 0, 25);
    public static final Extra SCREEN = extra("screen", Extra.Use.POP_FILTER, 0, 0, 0, 12);
    public static final Extra ADAPTER = extra("adapter", Extra.Use.ADAPTER, 0, 0, 0, 9);

    public static final Stock SHELF = new Stock(List.of(
            DYNAMIC, CONDENSER, HISSING, RIBBON, USB, TELEPHONE, ONE, TWO, BARE, XLR, SHORT, BOOSTER, CLOSED, OPEN,
            SPLITTER, ARM, TABLE, FLOOR, SHOCK, SCREEN, ADAPTER));

    private Parts() {}

    public static Price price(double fresh) {
        return new Price(fresh, OptionalDouble.of(fresh * 0.6));
    }

    private static Microphone microphone(
            String id,
            Microphone.Kind kind,
            Pattern pattern,
            double sensitivity,
            OptionalDouble noise,
            double ohm,
            double kg,
            double price) {
        boolean condenser = kind.isCondenser();
        return new Microphone(
                id,
                "Microphone " + id,
                kind,
                new Capsule(pattern, sensitivity, noise, condenser ? 130 : 150, ohm),
                condenser ? Microphone.Address.SIDE : Microphone.Address.END,
                Plug.XLR,
                condenser ? Microphone.Power.PHANTOM : Microphone.Power.NONE,
                Optional.empty(),
                0.025,
                kg,
                price(price),
                "");
    }

    public static Microphone digital(String id, double noise, Microphone.Inside inside, double price) {
        return new Microphone(
                id,
                "Microphone " + id,
                Microphone.Kind.LARGE_CONDENSER,
                new Capsule(Pattern.CARDIOID, 15, OptionalDouble.of(noise), 122, 150),
                Microphone.Address.SIDE,
                Plug.USB,
                Microphone.Power.USB,
                Optional.of(inside),
                0.025,
                0.5,
                price(price),
                "");
    }

    public static AudioInterface box(String id, int inputs, boolean phantom, double price) {
        return new AudioInterface(
                id,
                "Box " + id,
                AudioInterface.Form.INTERFACE,
                inputs,
                Plug.COMBO,
                PREAMP,
                CONVERTER,
                phantom,
                inputs,
                1,
                Optional.empty(),
                true,
                450,
                price(price),
                "");
    }

    private static Extra extra(String id, Extra.Use use, double reach, double holds, int outputs, double price) {
        return new Extra(
                id,
                "Extra " + id,
                use,
                reach > 0 ? OptionalDouble.of(reach) : OptionalDouble.empty(),
                holds > 0 ? OptionalDouble.of(holds) : OptionalDouble.empty(),
                outputs,
                Optional.empty(),
                Optional.empty(),
                price(price),
                "");
    }

    /** Quiet and dead enough for a book. */
    public static Surroundings quietRoom() {
        return Surroundings.of(22, 12, 0.25);
    }

    public static Need need(int voices) {
        return need(voices, quietRoom(), Map.of());
    }

    public static Need need(int voices, Surroundings room, Map<String, Integer> owned) {
        return new Need(
                voices,
                false,
                false,
                VOICE,
                room,
                AUDIOBOOK,
                MIDDLE,
                Need.clarityFor(0.25),
                24,
                OptionalDouble.of(400),
                owned);
    }

    /** One voice before a condenser, with everything that belongs to it. */
    public static Kit complete() {
        Seat seat = Seat.of("Reader", CONDENSER, VOICE)
                .wired(Optional.of(XLR))
                .screened(OptionalDouble.of(0.1))
                .gained(30);
        return new Kit(
                "complete", "Complete", List.of(seat), Optional.of(ONE), List.of(ARM, SHOCK, SCREEN, CLOSED), false);
    }

    public static Kit with(Microphone microphone, Optional<AudioInterface> box) {
        Seat seat = Seat.of("Reader", microphone, VOICE)
                .wired(microphone.isDigital() ? Optional.empty() : Optional.of(XLR))
                .gained(30);
        return new Kit("kit", "Kit", List.of(seat), box, List.of(), false);
    }
}
