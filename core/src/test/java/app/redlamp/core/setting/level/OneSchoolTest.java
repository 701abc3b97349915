package app.redlamp.core.setting.level;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.Capsule;
import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.chain.Lead;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.Preamp;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.chain.Voice;
import app.redlamp.core.chain.kit.Parts;
import app.redlamp.core.chain.kit.RoomGuess;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is predicted and what is measured go by one table: where the one says right, the other does not turn. */
class OneSchoolTest {
    private static final Preamp WIDE = new Preamp(-20, 90, -127, 4, 10, 3000);

    private static Chain chain(double sensitivity, double distanceM, Voice voice) {
        return new Chain(
                voice,
                Position.straight(distanceM),
                RoomGuess.USUAL.surroundings(),
                new Capsule(Pattern.CARDIOID, sensitivity, OptionalDouble.of(12), 150, 150),
                Lead.NONE,
                Optional.empty(),
                WIDE,
                0,
                Parts.CONVERTER,
                Parts.AUDIOBOOK);
    }

    private static Turn heard(Chain chain, GainSchool school) {
        Node converter = SignalPath.of(chain).node(Node.Stage.CONVERTER).orElseThrow();
        return Turn.of(
                school,
                new Peaks(converter.loudestPeakDb(), 0),
                OptionalDouble.of(converter.averageDb()),
                Optional.of(Knob.of(chain.preamp(), chain.gainDb())));
    }

    @ParameterizedTest
    @EnumSource(GainSchool.class)
    void whatTheKitCallsRightTheLevelLeavesAlone(GainSchool school) {
        for (VocalEffort reading : VocalEffort.values()) {
            for (VocalEffort loudest : VocalEffort.values()) {
                if (loudest.compareTo(reading) >= 0) {
                    for (double crest : new double[] {4, 11, 15, 19}) {
                        for (double sensitivity : new double[] {1.1, 8, 25}) {
                            Voice voice = new Voice(reading, loudest, crest);
                            Chain set = chain(sensitivity, 0.14, voice).set(school);
                            assertThat(set.isSet(school)).as("%s", voice).isTrue();
                            assertThat(heard(set, school).verdict())
                                    .as("%s for %s", voice, school)
                                    .isEqualTo(Turn.Verdict.FITS);
                        }
                    }
                }
            }
        }
    }

    /** Wherever the knob stands, both agree on whether it is right. */
    @ParameterizedTest
    @EnumSource(GainSchool.class)
    void bothAgreeWhereverTheKnobStands(GainSchool school) {
        Chain set = chain(9, 0.2, new Voice(VocalEffort.NORMAL, VocalEffort.LOUD, 14))
                .set(school);
        for (double off = -8; off <= 8; off += 0.25) {
            Chain turned = set.gained(set.gainDb() + off);
            assertThat(heard(turned, school).verdict() == Turn.Verdict.FITS)
                    .as("%s, %s dB off", school, off)
                    .isEqualTo(turned.isSet(school));
        }
    }
}
