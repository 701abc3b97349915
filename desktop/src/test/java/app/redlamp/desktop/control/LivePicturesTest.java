package app.redlamp.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.setting.level.LiveMeter;
import app.redlamp.desktop.look.Look;
import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.animation.AnimationTimer;
import javafx.scene.Scene;
import javafx.scene.layout.HBox;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** The pictures that move many times a second make nothing new for a frame. */
@ExtendWith(ApplicationExtension.class)
class LivePicturesTest {
    private static final int RATE = 48_000;
    private static final int WARM = 200;
    private static final int FRAMES = 200;

    private final Dial dial = new Dial();
    private final LiveHills hills = new LiveHills();
    private final FloorSpectrum floor = new FloorSpectrum();
    private final LiveMeter meter = new LiveMeter(RATE);
    private final LiveMeter.Look look = new LiveMeter.Look();
    private final LiveHills.Levels levels = new LiveHills.Levels() {
        @Override
        public int noise(int bin) {
            return look.noise(bin);
        }

        @Override
        public int voice(int bin) {
            return look.voice(bin);
        }

        @Override
        public int peakCount() {
            return look.peakCount();
        }

        @Override
        public double peakDb(int index) {
            return look.peakDb(index);
        }
    };

    private final float[] block = new float[800];
    private long hillsSeen;
    private long spectraSeen;
    private final FloorSpectrum.Thirds thirds = look::thirdDb;

    @Start
    void start(Stage stage) {
        Look.loadFonts();
        hills.set(new LiveHills.Words("noise", "voice", "peaks here", List.of("-90", "-45", "0")), -12, -6);
        HBox all = new HBox(dial, hills, floor);
        stage.setScene(new Scene(all, 1280, 400));
        stage.show();
        SplittableRandom random = new SplittableRandom(2);
        for (int n = 0; n < 2000; n++) {
            for (int i = 0; i < block.length; i++) {
                block[i] = (float) ((n % 100 < 60 ? 0.1 : 0.001) * random.nextGaussian());
            }
            meter.accept(block, block.length);
        }
    }

    /** Bytes that the interface thread takes for a frame. */
    private static final class Cost {
        final CountDownLatch over = new CountDownLatch(1);
        int frame;
        long bytes;
    }

    @Test
    void aFrameTakesNoMemory(FxRobot robot) throws InterruptedException {
        ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        Cost cost = new Cost();
        AnimationTimer timer = new AnimationTimer() {
            @Override
            public void handle(long now) {
                long bytes = threads.getCurrentThreadAllocatedBytes();
                meter.accept(block, 800);
                meter.look(look);
                dial.follow(look.levelDb() - cost.frame % 5, look.highestDb());
                if (look.hills() != hillsSeen) {
                    hillsSeen = look.hills();
                    hills.draw(levels);
                }
                if (look.spectra() != spectraSeen) {
                    spectraSeen = look.spectra();
                    floor.draw(thirds);
                }
                cost.frame++;
                if (cost.frame > WARM) {
                    cost.bytes += threads.getCurrentThreadAllocatedBytes() - bytes;
                }
                if (cost.frame == WARM + FRAMES) {
                    stop();
                    cost.over.countDown();
                }
            }
        };
        robot.interact(timer::start);
        assertThat(cost.over.await(60, TimeUnit.SECONDS)).isTrue();
        assertThat(cost.bytes / FRAMES).as("bytes a frame").isLessThan(512);
    }
}
