package app.redlamp.desktop.level;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.redlamp.core.booth.WeekTime;
import app.redlamp.core.port.Capture;
import app.redlamp.core.port.LearntControls;
import app.redlamp.core.port.SimulatedBooth;
import app.redlamp.core.setting.card.GainCard;
import app.redlamp.core.setting.level.InputFault;
import app.redlamp.core.setting.level.LiveMeter;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.core.setting.marks.Learnt;
import app.redlamp.core.setting.marks.Phrase;
import app.redlamp.core.setting.marks.Positions;
import app.redlamp.core.setting.marks.Scale;
import app.redlamp.desktop.edit.UndoHistory;
import app.redlamp.desktop.input.BoothModel;
import app.redlamp.desktop.input.InputModel;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.KitModel;
import app.redlamp.desktop.production.ProductionModel;
import app.redlamp.media.demo.DemoProduction;
import app.redlamp.media.kit.KitShelf;
import app.redlamp.media.production.ProductionFolders;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayDeque;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Queue;
import java.util.SplittableRandom;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A box with four sockets, and the microphone in the second. What the box gives is handed over block by block. */
class RealInputTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-02-16T17:00:00Z"), ZoneOffset.UTC);
    private static final double NOISE = 0.001;

    @TempDir
    Path home;

    private final Queue<Runnable> pending = new ArrayDeque<>();
    private final JobService jobs = new JobService(Runnable::run, pending::add);
    private final Box box = new Box();
    private InputModel input;
    private LevelModel level;

    private static final class Box implements Capture {
        Taker taker;
        Format format;

        @Override
        public List<Input> inputs() {
            return List.of(new Input("device:box", "Lamp box", false, 4));
        }

        @Override
        public Line open(Input input, Format wanted, Taker to) {
            taker = to;
            format = wanted;
            Line line = mock(Line.class);
            return line;
        }

        @Override
        public void close() {}

        /** Noise in the second socket, nothing in the others. */
        void give(double seconds) {
            SplittableRandom random = new SplittableRandom(9);
            float[][] block = new float[format.channels()][480];
            for (int n = 0; n < seconds * format.sampleRateHz(); n += 480) {
                if (block.length > 1) {
                    for (int i = 0; i < 480; i++) {
                        block[1][i] = (float) (NOISE * random.nextGaussian());
                    }
                }
                taker.take(block, 480, 0);
            }
        }
    }

    @BeforeEach
    void begin() throws IOException {
        Strings strings = new Strings(Locale.ENGLISH);
        ProductionModel open =
                new ProductionModel(new ProductionFolders(CLOCK), jobs, new UndoHistory(), strings, CLOCK);
        KitModel kit = new KitModel(open, KitShelf.in(home.resolve("library")), jobs, strings);
        input = new InputModel(box, jobs, pending::add);
        BoothModel booth =
                new BoothModel(kit, input, mock(SimulatedBooth.class), jobs, WeekTime.of(LocalDateTime.now(CLOCK)));
        level = new LevelModel(kit, input, booth, jobs, strings, CLOCK);
        input.refresh();
        try (DemoProduction demo = DemoProduction.in(home, CLOCK)) {
            open.open(demo.folder());
        }
        settle();
        assertThat(level.voice()).isNotBlank();
    }

    private void settle() {
        while (!pending.isEmpty()) {
            pending.remove().run();
        }
    }

    private void take(SettingStep step) {
        level.take(step);
        settle();
        assertThat(level.running().get()).isEqualTo(step);
        box.give(step.seconds() + 1);
        settle();
        assertThat(level.running().get()).isNull();
    }

    @Test
    void theFirstSocketIsSilentAndSaidToBe() {
        take(SettingStep.STILL);
        assertThat(input.simulated()).isFalse();
        assertThat(level.verdict().get().faults()).extracting(InputFault::kind).containsExactly(InputFault.Kind.ZEROS);
    }

    private static Phrase line(double knob, double slider) {
        double level = -80 + 6 * knob + 0.4 * (slider - 65);
        return new Phrase(
                new Positions(knob, slider), Phrase.Heard.PLAINLY, level, level + 14, OptionalDouble.of(level - 50));
    }

    /** Of a real device it is said where knob and slider stand; by so many dB the gain of the kit goes along, and the marks with it. */
    @Test
    void theGainGoesAlongWithTheMarks() throws IOException {
        Learnt learnt = Learnt.nothing("Lamp box")
                .with(line(1, 65))
                .with(line(4.5, 65))
                .with(line(9, 65))
                .with(line(4.5, 40))
                .with(line(4.5, 100));
        LearntControls kept = mock(LearntControls.class);
        when(kept.of("Lamp box")).thenReturn(Optional.of(learnt));
        MarksModel marks = new MarksModel(level, new LineTake(level, jobs), kept, jobs);
        assertThat(marks.stands()).as("nobody said so yet").isEmpty();
        double first = level.chain().orElseThrow().gainDb();
        marks.put(new Positions(5, 65));
        settle();
        assertThat(level.chain().orElseThrow().gainDb())
                .as("where it was is not known")
                .isEqualTo(first);
        marks.put(new Positions(4, 80));
        settle();
        assertThat(marks.stands()).contains(new Positions(4, 80));
        assertThat(level.chain().orElseThrow().gainDb())
                .as("6 dB down and 6 up")
                .isCloseTo(first, within(0.3));
        double to = level.chain().orElseThrow().gainDb() - 9;
        level.kit().editSeat("edit.gain", s -> s.gained(to));
        settle();
        assertThat(marks.stands().orElseThrow().knob()).isCloseTo(2.5, within(0.1));
        assertThat(marks.turned(6).orElseThrow()).isCloseTo(3.5, within(0.1));
    }

    /** What cannot be written is said, and is known for as long as the window is open. */
    @Test
    void whatCannotBeKeptIsSaid() throws IOException {
        LearntControls full = mock(LearntControls.class);
        when(full.of(any())).thenReturn(Optional.empty());
        doThrow(new IOException("marks cannot be kept: the disk is full"))
                .when(full)
                .keep(any());
        MarksModel marks = new MarksModel(level, new LineTake(level, jobs), full, jobs);
        marks.scale(Scale.CLOCK, Optional.empty());
        settle();
        assertThat(jobs.notice().get()).contains("the disk is full");
        assertThat(marks.learnt().get().knob()).isEqualTo(Scale.CLOCK);
    }

    @Test
    void theVoiceIsHeardOnTheChannelThatWasChosen() {
        take(SettingStep.STILL);
        level.route(1);
        settle();
        assertThat(level.channel()).isEqualTo(1);
        assertThat(input.format().get().channels()).as("as many as are needed").isEqualTo(2);
        assertThat(level.levels().of(SettingStep.STILL))
                .as("what the other socket gave")
                .isEmpty();
        take(SettingStep.STILL);
        assertThat(level.levels()
                        .of(SettingStep.STILL)
                        .orElseThrow()
                        .noiseFloorDbfs()
                        .orElseThrow())
                .isCloseTo(20 * Math.log10(NOISE), within(1.5));
        assertThat(level.verdict().get().faults()).isEmpty();
        LiveMeter.Look look = new LiveMeter.Look();
        input.meters().get().get(level.channel()).look(look);
        assertThat(look.levelDb()).isBetween(-60.0, -40.0);
    }

    @Test
    void moreThanTheBoxHasIsTheLastItHas() {
        level.route(11);
        settle();
        assertThat(level.channel()).isEqualTo(3);
        assertThat(input.format().get().channels()).isEqualTo(4);
        take(SettingStep.STILL);
        level.route(11);
        assertThat(level.levels().of(SettingStep.STILL))
                .as("nothing was changed")
                .isPresent();
    }

    @Test
    void aCardNamesTheBox() {
        CardModel cards = new CardModel(level, new Strings(Locale.ENGLISH));
        take(SettingStep.STILL);
        assertThat(cards.canWrite()).as("only silence so far").isFalse();
        cards.write(List.of(), "");
        assertThat(cards.last().map(GainCard::input)).isEmpty();
    }
}
