package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.loudness.ActiveSpeech;
import app.redlamp.core.measure.loudness.Clipping;
import app.redlamp.core.measure.loudness.Levels;
import app.redlamp.core.measure.loudness.Loudness;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.measure.origin.Origin;
import app.redlamp.core.measure.room.Reverberation;
import app.redlamp.core.measure.voice.Event;
import app.redlamp.core.measure.voice.VoiceProfile;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.LevelHistogram;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** Reports with chosen figures, for judging and solving. A fresh one is a good audiobook master. */
public final class Reports {
    private double lufs = -20;
    private double rms = -20;
    private double peak = -4;
    private OptionalDouble floor = OptionalDouble.of(-66);
    private double head = 0.75;
    private double tail = 2;
    private int clips;
    private Reverberation room = Reverberation.UNKNOWN;
    private Origin origin = Origin.UNKNOWN;
    private ChannelRelation relation = new ChannelRelation(ChannelRelation.Kind.SINGLE, 0, 0, 0);
    private List<Finding> findings = List.of();
    private AudioInfo info = new AudioInfo("wav", "pcm_s24le", 44_100, OptionalInt.of(24), 1, 60, OptionalInt.empty());

    public static Reports good() {
        return new Reports();
    }

    /** Moves everything that gain moves. */
    public Reports gain(double db) {
        lufs += db;
        rms += db;
        peak += db;
        floor = floor.isPresent() ? OptionalDouble.of(floor.getAsDouble() + db) : floor;
        return this;
    }

    public Reports loudness(double value) {
        lufs = value;
        rms = value;
        return this;
    }

    public Reports peak(double dbfs) {
        peak = dbfs;
        return this;
    }

    public Reports floor(double dbfs) {
        floor = OptionalDouble.of(dbfs);
        return this;
    }

    public Reports noFloor() {
        floor = OptionalDouble.empty();
        return this;
    }

    public Reports edges(double headS, double tailS) {
        head = headS;
        tail = tailS;
        return this;
    }

    public Reports clipped(int runs) {
        clips = runs;
        return this;
    }

    public Reports findings(List<Finding> found) {
        findings = found;
        return this;
    }

    public Reports origin(Origin value) {
        origin = value;
        return this;
    }

    public Reports room(Reverberation heard) {
        room = heard;
        return this;
    }

    public Reports silent() {
        lufs = Double.NaN;
        rms = Double.NaN;
        return this;
    }

    public Reports info(AudioInfo value) {
        info = value;
        return this;
    }

    public Reports channels(int channels) {
        info = new AudioInfo(
                info.container(),
                info.codec(),
                info.sampleRateHz(),
                info.bitDepth(),
                channels,
                info.durationS(),
                info.bitRateKbps());
        return this;
    }

    public Reports mp3(int kbps) {
        return info(new AudioInfo("mp3", "mp3", 44_100, OptionalInt.empty(), 1, 60, OptionalInt.of(kbps)));
    }

    public Report get() {
        List<Pauses.Stretch> stretches = floor.isPresent()
                ? List.of(
                        new Pauses.Stretch(0.05, 0.65, floor.getAsDouble()),
                        new Pauses.Stretch(58.1, 59.9, floor.getAsDouble()))
                : List.of();
        Pauses pauses = new Pauses(
                floor,
                value(rms + 1),
                OptionalDouble.of(head),
                OptionalDouble.of(tail),
                Pauses.Edge.ROOM_TONE,
                Pauses.Edge.ROOM_TONE,
                0,
                false,
                stretches,
                stretches.stream().findFirst(),
                OptionalDouble.empty());
        Levels.Channel channel = new Levels.Channel(value(peak), value(peak), value(rms), 0, 0);
        List<Clipping.Run> runs = clips > 0 ? List.of(new Clipping.Run(1, 3, 0)) : List.of();
        return new Report(
                info,
                new Loudness(value(lufs), value(lufs + 8), value(lufs + 4), OptionalDouble.of(6)),
                new Levels(Collections.nCopies(info.channels(), channel)),
                new ActiveSpeech(value(rms + 1), 0.8),
                pauses,
                new HighPassed(value(rms), floor, floor, Optional.empty()),
                new Clipping(clips, runs, OptionalDouble.empty(), List.of()),
                Optional.empty(),
                plainVoice(room),
                List.of(),
                origin,
                relation,
                LevelHistogram.of(-66, -66),
                LevelHistogram.of(-20, -21),
                Outline.of(new float[] {0.01f, 0.02f}),
                findings);
    }

    private static VoiceProfile plainVoice(Reverberation room) {
        return new VoiceProfile(
                Optional.empty(),
                Event.Tally.NONE,
                Event.Tally.NONE,
                Event.Tally.NONE,
                Event.Tally.NONE,
                Event.Tally.NONE,
                Optional.empty(),
                Event.Tally.NONE,
                Event.Tally.NONE,
                room,
                Optional.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                OptionalDouble.empty());
    }

    private static OptionalDouble value(double number) {
        return Double.isNaN(number) ? OptionalDouble.empty() : OptionalDouble.of(number);
    }
}
