package app.redlamp.core.setting.card;

import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.Position;
import app.redlamp.core.fault.Faults;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Pattern;

/**
 * How everything stood when the gain was right, so that what is recorded in three weeks matches.
 *
 * @param id tells it from the others
 * @param when it was written
 * @param kit name of the kit
 * @param voice whose microphone
 * @param input what was listened to
 * @param knobs how each stood
 * @param place where the microphone stood
 * @param levels what was measured
 * @param photo name of a picture in the production's folder; absent for none
 * @param note anything else
 */
public record GainCard(
        String id,
        LocalDateTime when,
        String kit,
        String voice,
        Input input,
        List<Knob> knobs,
        Place place,
        Levels levels,
        Optional<String> photo,
        String note) {
    /** No interface has more (ours). */
    private static final int MOST_KNOBS = 40;

    /** A longer note nobody reads (ours). */
    private static final int LONGEST = 2000;

    /**
     * What was listened to.
     *
     * @param simulated whether it was the simulated booth
     */
    public record Input(String name, boolean simulated, int sampleRateHz, int bits) {}

    /**
     * A knob or a switch.
     *
     * @param name such as "gain"
     * @param position in words, such as "half past one"
     * @param gainDb where it is known
     */
    public record Knob(String name, String position, OptionalDouble gainDb) {}

    /** Where the microphone stood; pop filter from the lips, absent for none. */
    public record Place(Position position, OptionalDouble popFilterM) {}

    /**
     * What was measured.
     *
     * @param school where the gain was put
     * @param floorDbfs noise floor, RMS
     * @param floorDbA the same A-weighted
     * @param averageDbfs active level of the reading (ITU-T P.56)
     * @param loudestPeakDbfs peaks of the loudest line
     * @param excitedPeakDbfs peaks of the excited line; absent where it was left out
     * @param floorOctavesDbfs the floor in octaves from 31.5 Hz to 16 kHz
     * @param voiceThirdsDb the voice in third octaves from 63 Hz to 16 kHz, all together 0 dB; empty where it is not known
     */
    public record Levels(
            GainSchool school,
            double floorDbfs,
            double floorDbA,
            double averageDbfs,
            double loudestPeakDbfs,
            OptionalDouble excitedPeakDbfs,
            List<Double> floorOctavesDbfs,
            List<Double> voiceThirdsDb) {
        /** Octaves of the floor, 31.5 Hz to 16 kHz (IEC 61260-1). */
        private static final int OCTAVES = 10;

        /** @throws IllegalArgumentException unless all are numbers and there are ten octaves */
        public Levels {
            floorOctavesDbfs = List.copyOf(floorOctavesDbfs);
            voiceThirdsDb = List.copyOf(voiceThirdsDb);
            if (floorOctavesDbfs.size() != OCTAVES
                    || !Double.isFinite(floorDbfs + floorDbA + averageDbfs + loudestPeakDbfs)) {
                throw new IllegalArgumentException(Faults.say("gain-card.levels-gain-card", OCTAVES));
            }
        }
    }

    /** Folder of pictures in that of the production. */
    public static final String PICTURES = "pictures";

    private static final Pattern PICTURE = Pattern.compile(PICTURES + "/[^/\\\\:]{1,200}");

    /** @throws IllegalArgumentException without an id or a voice, with a photo that lies elsewhere, or with too many knobs or too long a note */
    public GainCard {
        knobs = List.copyOf(knobs);
        if (id.isBlank() || voice.isBlank()) {
            throw new IllegalArgumentException(Faults.say("gain-card.gain-card-needs"));
        }
        if (photo.isPresent() && !PICTURE.matcher(photo.get()).matches()) {
            throw new IllegalArgumentException(Faults.say("gain-card.photo-must-be", photo.get(), PICTURES));
        }
        if (knobs.size() > MOST_KNOBS || note.length() > LONGEST) {
            throw new IllegalArgumentException(
                    Faults.say("gain-card.knobs-note-characters", knobs.size(), note.length(), MOST_KNOBS, LONGEST));
        }
    }

    /** The same with another note. */
    public GainCard noting(String other) {
        return new GainCard(id, when, kit, voice, input, knobs, place, levels, photo, other);
    }

    /** The same with another photo, named from the production's folder; absent for none. */
    public GainCard pictured(Optional<String> picture) {
        return new GainCard(id, when, kit, voice, input, knobs, place, levels, picture, note);
    }
}
