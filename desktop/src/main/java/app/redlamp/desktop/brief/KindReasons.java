package app.redlamp.desktop.brief;

import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.planning.plan.JobKind;
import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.desktop.station.StationParts;

/** Says what goes with a kind of job, and why. */
final class KindReasons {
    private KindReasons() {}

    static String of(JobKind kind, StationParts<BriefStation.Models> parts) {
        RecordingFormat capture = kind.capture();
        return parts.strings()
                .say(
                        "why.kind",
                        recording(capture, parts),
                        gain(kind.school(), parts),
                        parts.strings().say("why." + kind.id()));
    }

    /** Rate, depth and tracks, and why these. */
    static String recording(RecordingFormat capture, StationParts<BriefStation.Models> parts) {
        String rate = parts.strings().say(capture.sampleRateHz() == 44_100 ? "why.rate.voice" : "why.rate.video");
        return parts.strings()
                .say(
                        "why.recording",
                        parts.bench().figures().kiloHertz(capture.sampleRateHz()),
                        capture.bitDepth(),
                        capture.channels(),
                        rate);
    }

    /** Where the gain is set, and why. */
    static String gain(GainSchool school, StationParts<BriefStation.Models> parts) {
        String key = switch (school) {
            case MIDDLE -> "why.gain.middle";
            case HOT -> "why.gain.hot";
            case EDITED -> "why.gain.edited";
            case LIVE -> "why.gain.live";
            case MIXER -> "why.gain.mixer";
        };
        return parts.strings().say(key);
    }
}
