package app.redlamp.core.setting.level;

import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.noise.NoiseProfile;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * All that was heard of one voice.
 *
 * @param channel which channel is its microphone's, from 0
 * @param steps what each step gave last
 */
public record VoiceLevels(int channel, Map<SettingStep, Taken> steps) {

    /** What stands for no level at all (ours). */
    private static final double SILENCE_DBFS = -120;

    /** A fridge that stops between the steps is no more than that (ours). */
    private static final double PUMPING_DB = 9;

    /** An automatic gain raises every octave as much, but for what noise wavers (ours). */
    private static final double EVEN_DB = 6;

    public VoiceLevels {
        steps = steps.isEmpty() ? Map.of() : java.util.Collections.unmodifiableMap(new EnumMap<>(steps));
    }

    /** Nothing heard yet on a channel, counted from 0. */
    public static VoiceLevels none(int channel) {
        return new VoiceLevels(channel, Map.of());
    }

    /** With a step taken anew; what it makes doubtful is forgotten. */
    public VoiceLevels with(Taken taken) {
        Map<SettingStep, Taken> all = new EnumMap<>(SettingStep.class);
        all.putAll(steps);
        all.put(taken.step(), taken);
        // Another gain: the excited line was spoken at the old one.
        if (taken.step() == SettingStep.LOUDEST) {
            all.remove(SettingStep.EXCITED);
        }
        VoiceLevels now = new VoiceLevels(channel, all);
        // Into another side: the lines before were spoken into the wrong one.
        if (taken.step() == SettingStep.READ && offSide() && !now.offSide()) {
            all.remove(SettingStep.LOUDEST);
            all.remove(SettingStep.EXCITED);
            return new VoiceLevels(channel, all);
        }
        return now;
    }

    private boolean offSide() {
        return faults(SettingStep.READ).stream().anyMatch(f -> f.kind() == InputFault.Kind.OFF_SIDE);
    }

    /** What was heard in a step; absent before it. */
    public Optional<Report> of(SettingStep step) {
        return Optional.ofNullable(steps.get(step))
                .filter(t -> channel < t.channels().size())
                .map(t -> t.channels().get(channel));
    }

    /** What is wrong with the input, as far as a step tells; nothing where it was not taken. */
    public List<InputFault> faults(SettingStep step) {
        List<InputFault> own =
                of(step).map(r -> InputFault.of(r, step.spoken())).orElse(List.of());
        boolean dead = own.stream().anyMatch(f -> f.kind() == InputFault.Kind.ZEROS);
        boolean others = dead
                && steps.get(step).channels().stream()
                        .anyMatch(r -> r.samplePeakDbfs().orElse(SILENCE_DBFS) > SILENCE_DBFS);
        if (others) {
            return List.of(new InputFault(InputFault.Kind.ONE_CHANNEL_SILENT, 0));
        }
        // A line is too short to tell the side by: the reading does.
        return step == SettingStep.READ
                ? own
                : own.stream().filter(f -> f.kind() != InputFault.Kind.OFF_SIDE).toList();
    }

    /** Peaks of the loudest line. */
    public Optional<Peaks> loudest() {
        return of(SettingStep.LOUDEST).map(Peaks::of);
    }

    /** Peaks of the excited line; absent before it. */
    public Optional<Peaks> excited() {
        return of(SettingStep.EXCITED).map(Peaks::of);
    }

    /** By how much the gain was changed between two steps, in dB; 0 where nobody knows. */
    private double shiftDb(SettingStep from, SettingStep to) {
        OptionalDouble a = gain(from);
        OptionalDouble b = gain(to);
        return a.isPresent() && b.isPresent() ? b.getAsDouble() - a.getAsDouble() : 0;
    }

    /** Where the knob stood in a step, in dB; absent before it, and where nobody knows. */
    public OptionalDouble gain(SettingStep step) {
        Taken taken = steps.get(step);
        return taken == null ? OptionalDouble.empty() : taken.gainDb();
    }

    /** Active level of the reading in dBFS, as it would be at the gain of the loudest line. */
    public OptionalDouble averageDbfs() {
        OptionalDouble level =
                of(SettingStep.READ).map(r -> r.activeSpeech().levelDbov()).orElse(OptionalDouble.empty());
        return level.isPresent() && steps.containsKey(SettingStep.LOUDEST)
                ? OptionalDouble.of(level.getAsDouble() + shiftDb(SettingStep.READ, SettingStep.LOUDEST))
                : level;
    }

    /** Noise floor behind the high-pass of finishing in dBFS, as recorded. */
    public OptionalDouble floorDbfs() {
        return of(SettingStep.STILL).map(r -> r.highPassed().noiseFloorDbfs()).orElse(OptionalDouble.empty());
    }

    /** By how much the noise is louder at a gain than when nobody spoke, in dB; 0 where nobody knows. */
    public double floorShiftDb(double gainDb) {
        return gain(SettingStep.STILL).isPresent()
                ? gainDb - gain(SettingStep.STILL).getAsDouble()
                : 0;
    }

    /** From the voice down to the noise, in dB, both at one gain. */
    public OptionalDouble snrDb() {
        OptionalDouble level =
                of(SettingStep.READ).map(r -> r.activeSpeech().levelDbov()).orElse(OptionalDouble.empty());
        return level.isPresent() && floorDbfs().isPresent()
                ? OptionalDouble.of(level.getAsDouble()
                        + shiftDb(SettingStep.READ, SettingStep.STILL)
                        - floorDbfs().getAsDouble())
                : OptionalDouble.empty();
    }

    /**
     * By how much the noise was louder while nobody spoke than in the pauses of the reading, both at one gain, in dB: an automatic
     * gain turns it up for as long as there is no voice, and every octave of it alike. Where only some octaves rose, something
     * began to run between the two. Absent where it was not, or where it is not known.
     */
    public OptionalDouble pumpingDb() {
        Optional<Report> still = of(SettingStep.STILL);
        Optional<Report> read = of(SettingStep.READ);
        OptionalDouble quiet = still.map(Report::noiseFloorDbfs).orElse(OptionalDouble.empty());
        OptionalDouble pauses = read.map(Report::noiseFloorDbfs).orElse(OptionalDouble.empty());
        if (quiet.isEmpty() || pauses.isEmpty()) {
            return OptionalDouble.empty();
        }
        double shift = shiftDb(SettingStep.STILL, SettingStep.READ);
        double louder = quiet.getAsDouble() + shift - pauses.getAsDouble();
        OptionalDouble everywhere = still.flatMap(Report::noise)
                .flatMap(s -> read.flatMap(Report::noise).map(r -> leastRiseDb(s, r) + shift))
                .map(OptionalDouble::of)
                .orElse(OptionalDouble.of(louder));
        return louder >= PUMPING_DB && everywhere.getAsDouble() >= louder - EVEN_DB
                ? OptionalDouble.of(louder)
                : OptionalDouble.empty();
    }

    /** By how much the octave rose that rose least but one: one may be all hum. */
    private static double leastRiseDb(NoiseProfile still, NoiseProfile read) {
        return IntStream.range(0, still.octavesDbfs().size())
                .mapToDouble(
                        b -> still.octavesDbfs().get(b) - read.octavesDbfs().get(b))
                .sorted()
                .skip(1)
                .findFirst()
                .orElse(0);
    }

    /** Every recorded step that was taken. */
    public boolean complete() {
        return steps.containsKey(SettingStep.STILL)
                && steps.containsKey(SettingStep.LOUDEST)
                && steps.containsKey(SettingStep.READ)
                && steps.containsKey(SettingStep.EXCITED);
    }
}
