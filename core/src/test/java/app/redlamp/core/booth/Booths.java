package app.redlamp.core.booth;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.Capsule;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.Converter;
import app.redlamp.core.chain.FinishingTarget;
import app.redlamp.core.chain.Lead;
import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.Preamp;
import app.redlamp.core.chain.Surroundings;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.Voice;
import app.redlamp.core.chain.placement.Bleed;
import app.redlamp.core.measure.analysis.RecordingAnalyzer;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.signal.AudioInfo;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/** Booths for tests. */
final class Booths {
    static final int RATE = 48_000;
    static final WeekTime MORNING = new WeekTime(DayOfWeek.MONDAY, LocalTime.of(9, 30));
    static final Scene BOX = Scene.of(24, 12, 0.25);

    private Booths() {}

    static Chain chain() {
        return new Chain(
                new Voice(VocalEffort.NORMAL, VocalEffort.RAISED, 15),
                Position.straight(0.18),
                new Surroundings(BOX.noiseAt(MORNING), 12, 0.25),
                new Capsule(Pattern.CARDIOID, 20, OptionalDouble.of(14), 130, 150),
                new Lead(3, true),
                Optional.empty(),
                new Preamp(0, 60, -128, 2, 10, 3000),
                32,
                new Converter(24, 110),
                new FinishingTarget(-20, -3, 0, 16, OptionalDouble.of(-60)));
    }

    static Stand stand() {
        return new Stand("Reader", chain(), OptionalDouble.of(0.1), 0.02, true, Habits.NONE);
    }

    static Booth of(Stand... stands) {
        return new Booth(List.of(stands), BOX, Bleed.Seats.ACROSS, 1, Mains.EUROPEAN, MORNING, RATE, 11);
    }

    static float[][] read(BoothStream stream, double seconds) {
        int count = (int) (seconds * RATE);
        float[][] all = new float[stream.channels()][count];
        stream.read(all, count);
        return all;
    }

    /** What its first reader, reading from a tape, is measured as. */
    static Rates.Heard heard(Booth booth, Tape tape, int seconds) {
        BoothStream stream = new BoothStream(booth, List.of(tape));
        Report report = measured(stream, Cue.READ, seconds);
        return new Rates.Heard(report, stream.events());
    }

    /** What the first reader of a booth gives in the next seconds. */
    static Report measured(BoothStream stream, Cue cue, int seconds) {
        stream.cue(0, cue);
        RecordingAnalyzer analyzer = new RecordingAnalyzer(RATE, 1);
        float[][] block = new float[1][RATE];
        for (int i = 0; i < seconds; i++) {
            stream.read(block, RATE);
            analyzer.accept(block, RATE);
        }
        AudioInfo info = new AudioInfo("wav", "pcm_s24le", RATE, OptionalInt.of(24), 1, seconds, OptionalInt.empty());
        return analyzer.report(info);
    }

    static double rmsDb(float[] samples, double fromS, double toS) {
        double sum = 0;
        int from = (int) (fromS * RATE);
        int to = (int) (toS * RATE);
        for (int n = from; n < to; n++) {
            sum += (double) samples[n] * samples[n];
        }
        return 10 * Math.log10(sum / (to - from));
    }
}
