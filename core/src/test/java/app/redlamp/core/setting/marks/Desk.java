package app.redlamp.core.setting.marks;

import app.redlamp.core.units.Decibels;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;

/** A knob and a slider whose curves and noises are known, and a speaker who never says a line twice alike. */
record Desk(
        DoubleUnaryOperator knobDb,
        DoubleUnaryOperator sliderDb,
        double roomDb,
        double converterDbfs,
        double behindDbfs,
        double swayDb) {
    /** From the average of the line to its peaks. */
    static final double CREST_DB = 14;

    double averageDbfs(Positions at) {
        return knobDb.applyAsDouble(at.knob()) + sliderDb.applyAsDouble(at.slider());
    }

    /** Noise against the voice, by adding powers. */
    double noiseDb(Positions at) {
        double slider = sliderDb.applyAsDouble(at.slider());
        double noise = Decibels.toPower(roomDb + averageDbfs(at))
                + Decibels.toPower(converterDbfs + slider)
                + Decibels.toPower(behindDbfs);
        return Decibels.levelOfPower(noise) - averageDbfs(at);
    }

    Phrase say(Positions at, SplittableRandom random) {
        double sway = swayDb * (2 * random.nextDouble() - 1);
        double converter = knobDb.applyAsDouble(at.knob()) + sway + CREST_DB;
        double average = averageDbfs(at) + sway;
        Phrase.Heard heard = converter > 0 || average + CREST_DB > 0
                ? Phrase.Heard.CUT
                : noiseDb(at) > -6 ? Phrase.Heard.DROWNED : Phrase.Heard.PLAINLY;
        return new Phrase(
                at,
                heard,
                Math.min(0, average),
                Math.min(0, average + CREST_DB),
                OptionalDouble.of(noiseDb(at) + averageDbfs(at)));
    }

    /** Says the line wherever it is asked to, until both controls are learnt. */
    Learnt learn(Learnt from, SplittableRandom random) {
        Learnt now = from;
        Optional<Positions> next = now.next();
        for (int i = 0; i < 15 && next.isPresent(); i++) {
            now = now.with(say(next.get(), random));
            next = now.next();
        }
        return now;
    }
}
