package app.redlamp.core.booth;

import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.core.acoustics.outside.OctaveLevels;
import app.redlamp.core.acoustics.outside.OutsideSource;
import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.acoustics.outside.WeekNoise;
import app.redlamp.core.acoustics.room.Reflection;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.acoustics.spot.Study;
import app.redlamp.core.chain.Noise;
import app.redlamp.core.fault.Faults;
import java.util.ArrayList;
import java.util.List;

/**
 * The room of a simulated booth.
 *
 * @param volumeM3 0.2 to 10 000 m³
 * @param decayS how long it rings in each band, 0.02 to 10 s
 * @param echoes first reflections; none where the room is not drawn
 * @param drawnM distance from mouth to microphone that the echoes are told for
 * @param sources what is heard in it
 */
public record Scene(
        double volumeM3, SixBands decayS, List<Reflection> echoes, double drawnM, List<RoomSource> sources) {
    /** A room without any noise that is known is as quiet as rooms are, and not silent (common practice, no source). */
    private static final double STILLEST_DBA = 14;

    /** What hums is half hum and half rush (an estimate, no source). */
    private static final double TONAL = 0.5;

    /** What hums day and night is a compressor that cuts in: ten minutes in every twenty-five (an estimate, no source). */
    private static final RoomSource.Cycle COMPRESSOR = new RoomSource.Cycle(600, 900, 0);

    /** @throws IllegalArgumentException out of range */
    public Scene {
        echoes = List.copyOf(echoes);
        sources = List.copyOf(sources);
        if (!(volumeM3 >= 0.2 && volumeM3 <= 10_000 && decayS.lowest() >= 0.02 && decayS.highest() <= 10)) {
            throw new IllegalArgumentException(Faults.say("scene.must-lie-between", volumeM3, decayS));
        }
    }

    /** A room by three figures; the noise is that of a fan. */
    public static Scene of(double noiseDbA, double volumeM3, double decayS) {
        return new Scene(
                volumeM3,
                SixBands.all(decayS),
                List.of(),
                1,
                List.of(RoomSource.steady("room", Timbre.FAN.at(noiseDbA))));
    }

    /** A room as it is drawn, with every noise that is known of it. */
    public static Scene of(Study study) {
        SixBands decay = study.decay().seconds().map(t -> Math.max(0.02, Math.min(10, t)));
        List<RoomSource> sources = new ArrayList<>();
        List<OctaveLevels> shares = study.week().map(WeekNoise::shares).orElse(List.of());
        for (int i = 0; i < shares.size(); i++) {
            OutsideSource source = study.spot().sources().get(i);
            double tonal = source.timbre() == Timbre.HUM ? TONAL : 0;
            boolean cutsIn = source.timbre() == Timbre.HUM && source.hours().equals(List.of(Hours.always()));
            sources.add(new RoomSource(
                    source.name(),
                    shares.get(i),
                    source.hours(),
                    tonal,
                    cutsIn ? COMPRESSOR : RoomSource.Cycle.STEADY));
        }
        sources.add(RoomSource.steady("room", Timbre.FAN.at(STILLEST_DBA)));
        double volume = Math.max(0.2, study.spot().room().space().volume());
        return new Scene(
                volume,
                decay,
                study.reflections(),
                Math.max(0.01, study.spot().room().distanceM()),
                sources);
    }

    /** What is heard at a moment of all that does not cut out, in dB SPL. */
    public OctaveLevels heardAt(WeekTime time) {
        OctaveLevels all = OctaveLevels.silence();
        for (RoomSource source : sources) {
            if (source.on(time)) {
                all = all.and(source.levels());
            }
        }
        return all;
    }

    /** The same as one noise. */
    public Noise noiseAt(WeekTime time) {
        return Noise.of(heardAt(time));
    }

    /** Mean of 500 Hz to 2 kHz, which speaks for the whole, in seconds. */
    public double middleS() {
        return decayS.mean(SixBands.MIDDLE, SixBands.MIDDLE + 2);
    }

    /** The same with other noises. */
    public Scene hearing(List<RoomSource> other) {
        return new Scene(volumeM3, decayS, echoes, drawnM, other);
    }
}
