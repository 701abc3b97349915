package app.redlamp.core.booth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.core.acoustics.outside.Timbre;
import app.redlamp.core.chain.Position;
import app.redlamp.core.chain.placement.Bleed;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import org.junit.jupiter.api.Test;

class BoothStreamTest {
    private static final Tape TAPE = Speech.tape(Booths.RATE);

    private static BoothStream stream(Booth booth) {
        return new BoothStream(booth, booth.stands().stream().map(s -> TAPE).toList());
    }

    @Test
    void theSameSeedGivesTheSameSamples() {
        Booth booth = Booths.of(Booths.stand().behaving(Habits.USUAL));
        float[][] all = new float[3][];
        for (int i = 0; i < 3; i++) {
            BoothStream stream = stream(i < 2 ? booth : booth.seeded(12));
            stream.cue(0, Cue.READ);
            all[i] = Booths.read(stream, 2)[0];
        }
        assertThat(all[0]).isEqualTo(all[1]);
        assertThat(all[0]).isNotEqualTo(all[2]);
    }

    /** However it is read, the samples are the same. */
    @Test
    void blocksDoNotMatter() {
        BoothStream one = stream(Booths.of(Booths.stand()));
        BoothStream other = stream(Booths.of(Booths.stand()));
        one.cue(0, Cue.READ);
        other.cue(0, Cue.READ);
        float[] whole = Booths.read(one, 1)[0];
        float[] pieces = new float[whole.length];
        float[][] block = new float[1][700];
        for (int at = 0; at < pieces.length; ) {
            int count = Math.min(700, pieces.length - at);
            other.read(block, count);
            System.arraycopy(block[0], 0, pieces, at, count);
            at += count;
        }
        assertThat(pieces).isEqualTo(whole);
    }

    @Test
    void aTurnedKnobIsHeardAtOnceAndByAsMuch() {
        Booth booth = Booths.of(Booths.stand());
        BoothStream stream = stream(booth);
        stream.cue(0, Cue.READ);
        float[] before = Booths.read(stream, 20)[0];
        stream.change(booth.with(0, Booths.stand().with(Booths.chain().gained(26))));
        float[] after = Booths.read(stream, 20)[0];
        // The tape is twenty seconds long: the same words again.
        assertThat(Booths.rmsDb(after, 1, 20) - Booths.rmsDb(before, 1, 20)).isCloseTo(-6, within(0.1));
    }

    @Test
    void comingNearerIsHeard() {
        Booth booth = Booths.of(Booths.stand());
        BoothStream stream = stream(booth);
        stream.cue(0, Cue.READ);
        float[] before = Booths.read(stream, 20)[0];
        stream.change(booth.with(0, Booths.stand().with(Booths.chain().at(Position.straight(0.09)))));
        float[] after = Booths.read(stream, 20)[0];
        // 6.02 dB by the distance; the rest is the bass of nearness.
        assertThat(Booths.rmsDb(after, 1, 20) - Booths.rmsDb(before, 1, 20)).isBetween(6.5, 10.0);
    }

    @Test
    void theWrongSideIsMuchQuieter() {
        Booth booth = Booths.of(Booths.stand());
        Booth turned = booth.with(0, Booths.stand().with(Booths.chain().at(new Position(0.18, 180, 0, 0))));
        BoothStream right = stream(booth);
        BoothStream wrong = stream(turned);
        right.cue(0, Cue.READ);
        wrong.cue(0, Cue.READ);
        float[] front = Booths.read(right, 10)[0];
        float[] back = Booths.read(wrong, 10)[0];
        assertThat(Booths.rmsDb(back, 1, 10) - Booths.rmsDb(front, 1, 10)).isLessThan(-4);
        // What is left is the bass of nearness: consonants are gone.
        assertThat(Booths.rmsDb(bent(back), 1, 10) - Booths.rmsDb(bent(front), 1, 10))
                .isLessThan(-14);
    }

    /** Second differences, which have the treble. */
    private static float[] bent(float[] samples) {
        float[] out = new float[samples.length];
        for (int n = 2; n < out.length; n++) {
            out[n] = samples[n] - 2 * samples[n - 1] + samples[n - 2];
        }
        return out;
    }

    @Test
    void withoutItsVoltageACondenserGivesNextToNothing() {
        BoothStream stream = stream(Booths.of(Booths.stand().powered(false)));
        stream.cue(0, Cue.LOUDEST);
        assertThat(Booths.rmsDb(Booths.read(stream, 5)[0], 1, 5)).isLessThan(-80);
    }

    /** 82.3 dB at 1 m, and half of it again: far beyond what the converter takes. */
    @Test
    void tooMuchGainClipsAtFullScale() {
        BoothStream stream = stream(Booths.of(Booths.stand().with(Booths.chain().gained(58))));
        stream.cue(0, Cue.EXCITED);
        float[] out = Booths.read(stream, 4)[0];
        float most = 0;
        int clipped = 0;
        for (float x : out) {
            most = Math.max(most, Math.abs(x));
            clipped += x <= -1 || x >= 1 - 1.3e-7f ? 1 : 0;
        }
        assertThat(most).isEqualTo(1);
        assertThat(clipped).isGreaterThan(100);
    }

    @Test
    void whatGetsGoingIsFourDecibelsLouder() {
        BoothStream plain = stream(Booths.of(Booths.stand()));
        BoothStream excited = stream(Booths.of(Booths.stand()));
        plain.cue(0, Cue.LOUDEST);
        excited.cue(0, Cue.EXCITED);
        assertThat(Booths.rmsDb(Booths.read(excited, 8)[0], 1, 8) - Booths.rmsDb(Booths.read(plain, 8)[0], 1, 8))
                .isCloseTo(Cue.CARRIED_AWAY_DB, within(0.1));
    }

    /** A fan that is on until half past nine and two seconds: then the room alone is left. */
    @Test
    void noiseKeepsItsHours() {
        Scene scene = Booths.BOX.hearing(List.of(
                RoomSource.steady("room", Timbre.FAN.at(20)),
                new RoomSource(
                        "fan",
                        Timbre.FAN.at(45),
                        List.of(Hours.daily(LocalTime.of(8, 0), LocalTime.of(9, 30))),
                        0,
                        RoomSource.Cycle.STEADY)));
        WeekTime before = new WeekTime(DayOfWeek.MONDAY, LocalTime.of(9, 29, 56));
        Booth booth = new Booth(
                List.of(Booths.stand()), scene, Bleed.Seats.ACROSS, 1, Mains.EUROPEAN, before, Booths.RATE, 5);
        assertThat(scene.noiseAt(before).dbA()).isCloseTo(45.01, within(0.02));
        float[] out = Booths.read(stream(booth), 12)[0];
        assertThat(Booths.rmsDb(out, 0.5, 3.5) - Booths.rmsDb(out, 6, 12)).isGreaterThan(15);
    }

    /** On for three seconds, off for three. */
    @Test
    void aFridgeCutsInAndOut() {
        RoomSource fridge = RoomSource.steady("fridge", Timbre.HUM.at(45)).cycling(new RoomSource.Cycle(3, 3, 0));
        Scene scene = Booths.BOX.hearing(List.of(RoomSource.steady("room", Timbre.FAN.at(20)), fridge));
        Booth booth = new Booth(
                List.of(Booths.stand()), scene, Bleed.Seats.ACROSS, 1, Mains.EUROPEAN, Booths.MORNING, Booths.RATE, 5);
        float[] out = Booths.read(stream(booth), 12)[0];
        assertThat(Booths.rmsDb(out, 0.5, 2.8) - Booths.rmsDb(out, 3.5, 5.8)).isGreaterThan(10);
        assertThat(Booths.rmsDb(out, 6.5, 8.8) - Booths.rmsDb(out, 9.5, 11.8)).isGreaterThan(10);
    }

    /** Two hosts: the other is heard as far down as {@link Bleed} says, direct and by way of the room. */
    @Test
    void theOtherHostIsHeardAsFarDownAsPredicted() {
        Booth booth = Booths.of(Booths.stand(), Booths.stand()).seated(Bleed.Seats.ACROSS, 1.2);
        BoothStream stream = stream(booth);
        stream.cue(0, Cue.READ);
        float[][] out = Booths.read(stream, 20);
        double down = Booths.rmsDb(out[1], 1, 20) - Booths.rmsDb(out[0], 1, 20);
        double predicted = Bleed.of(Booths.chain(), Bleed.Seats.ACROSS, 1.2).totalDb()
                - Booths.chain().straightDb();
        assertThat(down).isCloseTo(predicted, within(1.5));
    }

    @Test
    void whatCannotBeIsSaid() {
        Booth booth = Booths.of(Booths.stand());
        assertThatThrownBy(() -> new BoothStream(booth, List.of())).hasMessageContaining("as many tapes");
        assertThatThrownBy(() -> stream(booth).change(Booths.of(Booths.stand(), Booths.stand())))
                .hasMessageContaining("start again");
        assertThatThrownBy(() -> Booths.of()).hasMessageContaining("1 to 16");
        assertThatThrownBy(() -> booth.humming(new Mains(55, 0))).hasMessageContaining("50 or 60");
        assertThatThrownBy(() -> booth.seated(Bleed.Seats.BESIDE, 0.1)).hasMessageContaining("between 0.3 and 5 m");
        assertThatThrownBy(() -> new Habits(500, 0, 0, 0, 0, 0, 0)).hasMessageContaining("0 and 120");
        assertThatThrownBy(() -> new RoomSource.Cycle(0, 1, 0)).hasMessageContaining("more than 0 s on");
        assertThatThrownBy(() -> Tape.of(new float[48_000], 48_000, 15)).hasMessageContaining("silent");
        assertThatThrownBy(() -> Tape.of(new float[10], 48_000, 15)).hasMessageContaining("a second or more");
    }

    @Test
    void timeGoesRoundTheWeek() {
        WeekTime sunday = new WeekTime(DayOfWeek.SUNDAY, LocalTime.of(23, 59, 30));
        assertThat(sunday.plus(45)).isEqualTo(new WeekTime(DayOfWeek.MONDAY, LocalTime.of(0, 0, 15)));
        assertThat(sunday.plus(0.9)).isEqualTo(sunday);
    }
}
