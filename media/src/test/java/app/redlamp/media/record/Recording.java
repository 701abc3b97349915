package app.redlamp.media.record;

import app.redlamp.core.planning.plan.RecordingFormat;
import app.redlamp.core.port.TakeRecording.Running;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.concurrent.locks.LockSupport;

/** Records a ramp, ten blocks of a hundredth of a second at a time, saying after each how many frames it gave; made to be killed. */
final class Recording {
    static final RecordingFormat FORMAT = new RecordingFormat(44_100, 24, 1);
    private static final int STEP = 441;
    private static final long STEP_NS = 2_000_000;

    private Recording() {}

    public static void main(String[] arguments) throws IOException {
        Running running = new TakeRecorder(Clock.systemUTC())
                .begin(Takings.order(Path.of(arguments[0]), FORMAT, Optional.empty()), news -> {});
        running.mark("good", "at the start");
        System.out.println("open");
        long due = System.nanoTime();
        for (long at = 0; ; at += STEP) {
            Ramp.give(running.taker(), FORMAT, at, at + STEP);
            System.out.println(at + STEP);
            due += STEP_NS;
            LockSupport.parkNanos(Math.max(0, due - System.nanoTime()));
        }
    }
}
