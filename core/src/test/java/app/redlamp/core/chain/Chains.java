package app.redlamp.core.chain;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.kit.Parts;
import java.util.Optional;
import java.util.OptionalDouble;

/** Chains whose figures can be worked by hand. */
final class Chains {
    /** 30 dB of white noise in the room. */
    static final Surroundings ROOM = new Surroundings(Noise.white(30), 12, 0.25);

    static final FinishingTarget TO_16_BITS = new FinishingTarget(-20, -3, 0, 16, OptionalDouble.of(-60));

    static final Preamp PREAMP = new Preamp(0, 60, -127, 0, 10, 3000);

    private Chains() {}

    static Chain chain(Capsule capsule, double distanceM, double gainDb) {
        return new Chain(
                Parts.VOICE,
                Position.straight(distanceM),
                ROOM,
                capsule,
                Lead.NONE,
                Optional.empty(),
                PREAMP,
                gainDb,
                new Converter(24, 105),
                TO_16_BITS);
    }

    static Capsule dynamic() {
        return new Capsule(Pattern.CARDIOID, 1.5, OptionalDouble.empty(), 150, 300, OptionalDouble.of(0.075));
    }

    static Capsule condenser(double selfNoise) {
        return new Capsule(Pattern.CARDIOID, 20, OptionalDouble.of(selfNoise), 130, 150);
    }

    /** An interface that takes +14 dBu with the knob down. */
    static Chain typical(Capsule capsule, double distanceM) {
        Chain chain = chain(capsule, distanceM, 0);
        return new Chain(
                chain.voice(),
                chain.position(),
                chain.room(),
                capsule,
                Lead.NONE,
                Optional.empty(),
                new Preamp(0, 60, -127, 0, 14, 3000),
                0,
                chain.converter(),
                chain.finishing());
    }

    static double at(Node node, Source source) {
        return node.noises().get(source).flatDb();
    }
}
