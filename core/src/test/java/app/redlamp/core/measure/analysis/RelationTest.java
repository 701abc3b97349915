package app.redlamp.core.measure.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.signal.Signals;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** How two channels go together. */
class RelationTest {
    private static final int RATE = 48_000;

    @Test
    void theSameSoundTwice() {
        float[] voice = voice(1);
        assertThat(relation(voice, voice.clone()).kind()).isEqualTo(ChannelRelation.Kind.IDENTICAL);
    }

    @Test
    void oneIsSilent() {
        float[] voice = voice(1);
        assertThat(relation(voice, new float[voice.length]).kind()).isEqualTo(ChannelRelation.Kind.ONE_SILENT);
        assertThat(relation(Signals.noise(-85, 8, RATE, 5), voice).kind()).isEqualTo(ChannelRelation.Kind.ONE_SILENT);
    }

    @Test
    void oneIsUpsideDown() {
        float[] voice = voice(1);
        float[] other = Signals.of(voice.length, n -> -0.9 * voice[n]);
        assertThat(relation(voice, other).kind()).isEqualTo(ChannelRelation.Kind.INVERTED);
    }

    /** 15 ms late, as two microphones 5 m apart, or a driver that lost its place. */
    @ParameterizedTest
    @ValueSource(ints = {48, 720, -960})
    void oneIsLate(int samples) {
        float[] voice = voice(1);
        float[] other =
                Signals.of(voice.length, n -> n - samples >= 0 && n - samples < voice.length ? voice[n - samples] : 0);
        ChannelRelation relation = relation(voice, other);
        assertThat(relation.kind()).isEqualTo(ChannelRelation.Kind.DELAYED);
        assertThat(relation.delayMs()).isCloseTo(samples / 48.0, within(0.03));
    }

    @Test
    void twoDifferentSounds() {
        assertThat(relation(voice(1), voice(2)).kind()).isEqualTo(ChannelRelation.Kind.STEREO);
    }

    @Test
    void oneChannelHasNoRelation() {
        assertThat(Measured.report(RATE, voice(1)).relation().kind()).isEqualTo(ChannelRelation.Kind.SINGLE);
    }

    private static ChannelRelation relation(float[] first, float[] second) {
        return Measured.report(RATE, first, second).relation();
    }

    private static float[] voice(long seed) {
        float[] words = Signals.join(
                Signals.silence(1, RATE),
                Signals.noise(-20, 3, RATE, seed),
                Signals.silence(1, RATE),
                Signals.noise(-20, 3, RATE, seed + 10));
        return Signals.add(words, Arrays.copyOf(Signals.noise(-65, 8, RATE, seed + 20), words.length));
    }
}
