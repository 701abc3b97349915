package app.redlamp.desktop.kit;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Volts;
import app.redlamp.desktop.control.Ribbon;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Makes the picture of a way. Up to the preamp levels are drawn as the sound pressure that they stand for, 120 dB SPL where full
 * scale is; from there on as they are in the converter. So the step at the preamp is what its gain makes of that distance.
 */
final class KitPictures {
    private static final double AT_FULL_SCALE_DB = 120;
    private static final double LOW_DB = -118;
    private static final double HIGH_DB = 22;

    private final StationParts<KitStation.Models> parts;

    KitPictures(StationParts<KitStation.Models> parts) {
        this.parts = parts;
    }

    Ribbon ribbon(SignalPath path) {
        List<Ribbon.Stop> stops = new ArrayList<>();
        for (Node node : path.nodes()) {
            double shift = shift(node.stage(), path.chain());
            OptionalDouble ceiling = node.ceilingDb().isPresent()
                    ? OptionalDouble.of(node.ceilingDb().getAsDouble() + shift)
                    : node.ceilingDb();
            stops.add(new Ribbon.Stop(
                    node.stage().id(),
                    parts.words().chains().stage(node.stage()),
                    parts.words().chains().detail(node.stage(), path.chain()),
                    node.loudestPeakDb() + shift,
                    node.averageDb() + shift,
                    node.noise().flatDb() + shift,
                    ceiling,
                    parts.say("ribbon.snr", parts.bench().figures().whole(node.snrDb())),
                    node.stage() != Node.Stage.MOUTH
                            && node.snrDb() < path.chain().finishing().wantedSnrDb(),
                    node.stage() != Node.Stage.FINISHED && node.headroomDb().orElse(0) < 0,
                    parts.say(
                            "ribbon.levels",
                            parts.words().chains().stage(node.stage()),
                            parts.words().chains().levels(node)),
                    held(node.stage())));
        }
        return new Ribbon(
                stops,
                LOW_DB,
                HIGH_DB,
                parts.say("ribbon.voice"),
                parts.say("ribbon.noise", parts.words().chains().source(path.limit())),
                parts.say("ribbon.ceiling"));
    }

    static boolean held(Node.Stage stage) {
        return stage == Node.Stage.MOUTH || stage == Node.Stage.CAPSULE || stage == Node.Stage.PREAMP;
    }

    /** What is added to a level of a stage to stand on the common scale. */
    private static double shift(Node.Stage stage, Chain chain) {
        double volts = Volts.PASCAL_DB - chain.capsule().sensitivityDbu() - AT_FULL_SCALE_DB;
        return switch (stage) {
            case MOUTH, CAPSULE -> -AT_FULL_SCALE_DB;
            case MICROPHONE, LEAD, BOOSTER -> volts;
            case PREAMP -> -chain.preamp().fullScaleDbu() - Volts.SINE_CREST_DB;
            case CONVERTER, FINISHED -> 0;
        };
    }
}
