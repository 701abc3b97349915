package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.voice.Event;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/**
 * Something about a recording that its figures alone do not say.
 *
 * @param kind what it is
 * @param severity how much it matters
 * @param startS where to hear it, in seconds from the start of the recording: its worst place, or all of it
 * @param endS where that place ends
 * @param amount how much of it, in the kind's own unit (see {@link Kind})
 * @param places where it is, in the order of time, at most {@value #MOST_PLACES}; empty where it is everywhere
 */
public record Finding(Kind kind, Severity severity, double startS, double endS, double amount, List<Event> places) {

    /** More places nobody listens to (ours). */
    public static final int MOST_PLACES = 50;

    /** The kinds, each with the unit of its amount. */
    public enum Kind {
        /** Digital clipping; number of runs. */
        CLIPPING,
        /** Clipping before the level was turned down; dBFS at which it was cut off. */
        FLAT_TOPS,
        /** Mean of the samples away from zero; dBFS. */
        DC_OFFSET,
        /** Digital silence where room tone belongs; seconds. */
        DIGITAL_SILENCE,
        /** The file is shorter than it says; seconds that are missing. */
        CUT_OFF,
        /** The band of a telephone; Hz at which it ends. */
        CALL,
        /** Kept at a low sample rate once; Hz at which it ends. */
        LOW_RATE,
        /** Coded with loss once; Hz at which it ends. */
        CODED,
        /** Coded with loss once, whatever was left of the top; samples of a block. */
        CODED_IN_BLOCKS,
        /** Fewer bits than the file has; bits that are used. */
        PADDED,
        /** Samples that are no numbers, read as zero; how many. */
        NOT_A_NUMBER,
        /** Pauses gated to digital silence, so that the floor is unknown; seconds. */
        GATED,
        /** No pause long enough to measure the floor in; seconds that would be needed. */
        NO_PAUSE,
        /** Mains hum of the 50 Hz family; dBFS. */
        HUM_50,
        /** Mains hum of the 60 Hz family; dBFS. */
        HUM_60,
        /** Harmonics of the mains above 800 Hz, as of dimmers; dBFS. */
        BUZZ,
        /** A steady tone that is heard; Hz. */
        WHINE,
        /** Noise below 100 Hz; dBFS. */
        RUMBLE,
        /** Noise above 2 kHz; dBFS. */
        HISS,
        /** Noise of the room, neither low nor high; dBFS. */
        ROOM_NOISE,
        /** Noise that comes and goes; by how many dB its noisiest half second lies above the quieter pauses. */
        CHANGING_NOISE,
        /** Noise that swells and goes evenly; seconds from swell to swell. */
        THROBBING_NOISE,
        /** Noise that rings and bubbles, as where noise was taken out; times that of noise as it is. */
        MUSICAL_NOISE,
        /** Noise that swells in pauses: an automatic gain; dB. */
        PUMPING,
        /** Breath blown into the microphone; how often. */
        PLOSIVES,
        /** Sibilants as loud as the voice; how many. */
        SIBILANCE,
        /** Clicks of the mouth in pauses; how many. */
        MOUTH_CLICKS,
        /** Clicks of a lead or an edit in pauses; how many. */
        ELECTRICAL_CLICKS,
        /** A clock that ticks; seconds from tick to tick. */
        CLOCK,
        /** Thumps that shake the floor, as of steps; how many. */
        STEPS,
        /** Knocks on the desk; how many. */
        KNOCKS,
        /** Hands on stand or lead; how often. */
        HANDLING,
        /** Keys and buttons of a computer; how often. */
        KEYS,
        /** The same, most of it through the desk; how often. */
        KEYS_ON_DESK,
        /** A chair that creaks; how often. */
        CHAIR,
        /** The same, and it shakes the floor; how often. */
        CHAIR_ON_FLOOR,
        /** Paper or cloth that rustles; how often. */
        PAPER,
        /** The same, most of it through the desk; how often. */
        PAPER_ON_DESK,
        /** Sound lost or played twice for moments; how often. */
        DROPOUTS,
        /** Breaks of the waveform in speech; how many. */
        JUMPS,
        /** Peaks that end at one ceiling: limited flat; percent of the speech. */
        LIMITED,
        /** The gain is turned down under words: compressed much; dB. */
        COMPRESSED,
        /** The voice once more, late; milliseconds. */
        ECHO,
        /** Dull, roomy and soft at once: the wrong side of the microphone, or too far from it; clarity in dB. */
        OFF_SIDE,
        /** The room is heard; clarity in dB. */
        REVERBERANT,
        /** Too little at 160 to 400 Hz; dB against speech in general. */
        THIN,
        /** Too much at 200 to 400 Hz; dB against speech in general. */
        MUDDY,
        /** Too much at 400 to 1000 Hz; dB against speech in general. */
        BOXY,
        /** Too much at 2 to 4 kHz; dB against speech in general. */
        HARSH,
        /** Too little at 5 to 10 kHz; dB against speech in general. */
        DULL,
        /** Two channels with the same sound; 0. */
        CHANNELS_IDENTICAL,
        /** One of two channels is silent; 0. */
        CHANNEL_SILENT,
        /** The same sound, in one channel upside down; 0. */
        CHANNELS_INVERTED,
        /** The same sound, in one channel later; milliseconds. */
        CHANNELS_DELAYED;

        /** Whether it says how two channels spoil each other, which ends where one is taken alone. */
        public boolean isOfChannels() {
            return this == CHANNELS_INVERTED || this == CHANNELS_DELAYED;
        }

        /** Name in reports, such as {@code dc-offset}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** How much a finding matters. */
    public enum Severity {
        NOTE,
        WARNING,
        FAULT;

        /** Name in reports, such as {@code hum}. */
        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public Finding {
        places = List.copyOf(places);
    }

    /** Of events, of which there is one at least: the loudest is its worst place. */
    static Finding of(Kind kind, Severity severity, Event.Tally tally) {
        Event worst = tally.worst().get(0);
        return new Finding(kind, severity, worst.startS(), worst.endS(), tally.count(), inTime(tally.worst()));
    }

    /** As many events as are kept, in the order of time. */
    static List<Event> inTime(List<Event> events) {
        return events.stream()
                .limit(MOST_PLACES)
                .sorted(Comparator.comparingDouble(Event::startS))
                .toList();
    }
}
