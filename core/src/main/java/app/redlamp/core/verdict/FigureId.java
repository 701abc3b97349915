package app.redlamp.core.verdict;

import java.util.Arrays;
import java.util.Optional;

/**
 * Every figure that a screen shows by name, with its unit and the class that computes it. How it is computed, in words and with
 * its source, stands under its id among the sentences.
 */
public enum FigureId {
    PLAN_PACE("plan.pace", "words/min", "planning.plan.Pace"),
    PLAN_BOOTH("plan.booth", "h", "planning.plan.ProductionPlan"),
    PLAN_EDITING("plan.editing", "h", "planning.plan.ProductionPlan"),
    PLAN_SPARE("plan.spare", "days", "planning.plan.Schedule"),
    PLAN_DISK("plan.disk", "bytes", "planning.plan.DiskNeed"),
    PLAN_FEE("plan.fee", "", "planning.plan.Fee"),

    ROOM_DECAY("room.decay", "s", "acoustics.room.DrawnDecay"),
    ROOM_ECHO("room.echo", "dB", "acoustics.room.Reflections"),
    ROOM_BOOM("room.boom", "dB", "acoustics.room.Boominess"),
    ROOM_NOISE("room.noise", "dB(A)", "acoustics.outside.WeekNoise"),
    ROOM_SCHROEDER("room.schroeder", "Hz", "acoustics.room.DrawnDecay"),
    ROOM_DIRECT("room.direct", "dB", "acoustics.room.DirectSound"),
    ROOM_RATING("room.rating", "", "acoustics.outside.OctaveLevels"),
    ROOM_REFLECTION("room.reflection", "dB", "acoustics.room.Reflection"),

    KIT_AT_CAPSULE("kit.at-capsule", "dB", "chain.Node"),
    KIT_AFTER_PREAMP("kit.after-preamp", "dB", "chain.Node"),
    KIT_SNR("kit.signal-to-noise", "dB", "chain.SignalPath"),
    KIT_FLOOR("kit.floor", "dBFS", "chain.SignalPath"),
    KIT_HEADROOM("kit.headroom", "dB", "chain.SignalPath"),
    KIT_GAIN("kit.gain", "dB", "chain.GainFit"),
    KIT_CLARITY("kit.clarity", "dB", "chain.Surroundings"),
    KIT_SELF_NOISE("kit.self-noise", "dB", "chain.SignalPath"),
    KIT_SHOUT("kit.shout", "dB", "chain.SignalPath"),
    KIT_MAKE_UP("kit.make-up", "dB", "chain.SignalPath"),
    KIT_SHARE("kit.share", "dBFS", "chain.Node"),
    KIT_LEVELS("kit.levels", "dB", "chain.Node"),

    LEVEL_LOUDEST("level.loudest", "dBFS", "setting.level.Peaks"),
    LEVEL_FLOOR("level.floor", "dBFS", "setting.level.FloorForecast"),
    LEVEL_SNR("level.signal-to-noise", "dB", "setting.level.VoiceLevels"),
    LEVEL_DISTANCE("level.distance", "m", "setting.level.DistanceGuess"),
    LEVEL_EXCITED("level.excited", "dBFS", "setting.level.Peaks"),
    LEVEL_AVERAGE("level.average", "dBFS", "measure.loudness.ActiveSpeechMeter"),
    LEVEL_RAW_FLOOR("level.raw-floor", "dBFS", "setting.level.FloorForecast"),
    LEVEL_PLOSIVES("level.plosives", "", "measure.voice.VoiceAnalyzer"),
    LEVEL_SIBILANTS("level.sibilants", "", "measure.voice.VoiceAnalyzer"),
    LEVEL_ROOM("level.room", "dB", "measure.room.RoomByEar"),
    LEVEL_DRIFT("level.drift", "dB", "setting.level.Drift"),
    LEVEL_MATCH("level.match", "dB", "setting.level.Hosts"),
    LEVEL_BLEED("level.bleed", "dB", "setting.level.Hosts"),

    DELIVERY_LOUDNESS("delivery.loudness", "", "measure.loudness.LoudnessMeter"),
    DELIVERY_PEAK("delivery.peak", "", "measure.loudness.TruePeakMeter"),
    DELIVERY_FLOOR("delivery.noise-floor", "dBFS", "measure.noise.NoiseAnalyzer"),
    DELIVERY_SHORT_TERM("delivery.short-term", "LUFS", "measure.loudness.LoudnessMeter"),
    DELIVERY_RANGE("delivery.range", "LU", "measure.loudness.LoudnessMeter"),
    DELIVERY_MOMENTARY("delivery.momentary", "LUFS", "measure.loudness.LoudnessMeter"),
    DELIVERY_INTEGRATED("delivery.integrated", "LUFS", "measure.loudness.LoudnessMeter"),
    DELIVERY_TRUE_PEAK("delivery.true-peak", "dBTP", "measure.loudness.TruePeakMeter"),
    DELIVERY_SAMPLE_PEAK("delivery.sample-peak", "dBFS", "measure.loudness.Levels"),
    DELIVERY_RMS("delivery.rms", "dBFS", "measure.loudness.Levels"),
    DELIVERY_ACTIVE("delivery.active", "dBov", "measure.loudness.ActiveSpeechMeter"),
    DELIVERY_ACTIVITY("delivery.activity", "%", "measure.loudness.ActiveSpeechMeter"),
    DELIVERY_SNR("delivery.signal-to-noise", "dB", "measure.analysis.Report"),
    DELIVERY_CLIPPING("delivery.clipping", "", "measure.loudness.ClipMeter"),
    DELIVERY_DRYNESS("delivery.dryness", "dB", "measure.room.RoomByEar"),
    DELIVERY_BAND("delivery.band", "dB", "delivery.spec.VoiceBand"),
    DELIVERY_BANDWIDTH("delivery.bandwidth", "kHz", "measure.origin.EdgeMeter"),
    DELIVERY_BLOCKS("delivery.blocks", "", "measure.origin.BlockMeter"),
    DELIVERY_HEAD("delivery.head", "s", "measure.noise.Pauses"),
    DELIVERY_TAIL("delivery.tail", "s", "measure.noise.Pauses"),
    DELIVERY_ROOM_TONE("delivery.room-tone", "", "measure.noise.Pauses"),
    DELIVERY_LENGTH("delivery.length", "s", "signal.AudioInfo"),
    DELIVERY_CHANNELS("delivery.channels", "", "delivery.spec.Judge"),
    DELIVERY_SAMPLE_RATE("delivery.sample-rate", "Hz", "signal.AudioInfo"),
    DELIVERY_BIT_DEPTH("delivery.bit-depth", "bit", "signal.AudioInfo"),
    DELIVERY_BIT_RATE("delivery.bit-rate", "kbit/s", "signal.AudioInfo"),
    DELIVERY_CONSTANT_RATE("delivery.constant-rate", "", "signal.AudioInfo"),
    DELIVERY_CODING("delivery.coding", "", "signal.AudioInfo"),
    DELIVERY_NAME("delivery.name", "", "delivery.spec.Naming"),
    DELIVERY_TAGS("delivery.tags", "", "delivery.spec.Judge"),
    DELIVERY_GAIN("delivery.gain", "dB", "delivery.finish.GainPlan"),
    DELIVERY_FLOOR_AFTER("delivery.floor-after", "dBFS", "delivery.finish.Forecast"),
    DELIVERY_HIGH_PASS("delivery.high-pass", "Hz", "delivery.finish.FinishSettings"),
    DELIVERY_CHANNEL_USED("delivery.channel-used", "", "delivery.finish.ChannelMix"),
    DELIVERY_EDGES("delivery.edges", "s", "delivery.finish.EdgePlan"),
    DELIVERY_NOISE("delivery.noise", "", "measure.noise.NoiseAnalyzer"),
    DELIVERY_FLOOR_A("delivery.floor-a", "dBA", "measure.noise.NoiseAnalyzer"),
    DELIVERY_HUM("delivery.hum", "dBFS", "measure.noise.HumFinder"),
    DELIVERY_LONGEST_PAUSE("delivery.longest-pause", "s", "measure.noise.PauseFinder"),
    DELIVERY_PACE("delivery.pace", "syllables/s", "measure.voice.SyllablePace"),
    DELIVERY_CLARITY("delivery.clarity", "dB", "measure.room.RoomByEar"),
    DELIVERY_DECAY("delivery.decay", "s", "measure.room.RoomByEar"),
    DELIVERY_READY("delivery.ready", "", "delivery.DeliveryVerdict");

    private final String id;
    private final String unit;
    private final String by;

    FigureId(String id, String unit, String by) {
        this.id = id;
        this.unit = unit;
        this.by = by;
    }

    /** Name in reports and bundles, with its station in front, such as {@code kit.clarity}. */
    public String id() {
        return id;
    }

    /** Unit of its values; empty for a count, and where it depends on what is measured. */
    public String unit() {
        return unit;
    }

    /** The class of this core that computes it, such as {@code chain.SignalPath}. */
    public String by() {
        return by;
    }

    /** The figure of a name; absent for none. */
    public static Optional<FigureId> of(String id) {
        return Arrays.stream(values()).filter(f -> f.id.equals(id)).findFirst();
    }
}
