package app.redlamp.core.analysis;

import app.redlamp.core.noise.Pauses;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.signal.LevelHistogram;
import java.util.List;
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
        Pauses pauses = new Pauses(
                floor,
                value(rms + 1),
                OptionalDouble.of(head),
                OptionalDouble.of(tail),
                0,
                List.of(new Pauses.Stretch(0.05, 0.65), new Pauses.Stretch(58.1, 59.9)));
        return new Report(
                info,
                value(lufs),
                value(peak),
                value(peak),
                value(rms),
                pauses,
                new HighPassed(value(rms), floor),
                clips,
                clips > 0 ? List.of(1.0) : List.of(),
                0,
                LevelHistogram.of(-66, -66),
                LevelHistogram.of(-20, -21),
                Outline.of(new float[] {0.01f, 0.02f}),
                List.of());
    }

    private static OptionalDouble value(double number) {
        return Double.isNaN(number) ? OptionalDouble.empty() : OptionalDouble.of(number);
    }
}
