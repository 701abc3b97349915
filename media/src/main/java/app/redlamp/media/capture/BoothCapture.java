package app.redlamp.media.capture;

import app.redlamp.core.booth.Booth;
import app.redlamp.core.booth.BoothStream;
import app.redlamp.core.booth.Cue;
import app.redlamp.core.booth.Defect;
import app.redlamp.core.booth.DefectiveSource;
import app.redlamp.core.booth.Loudspeaker;
import app.redlamp.core.booth.Stand;
import app.redlamp.core.booth.Tape;
import app.redlamp.core.port.Capture;
import app.redlamp.core.port.SimulatedBooth;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.media.booth.DemoVoice;
import app.redlamp.media.fault.Faults;
import app.redlamp.media.play.SilentOutput;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The simulated booth as an input: gives samples in real time, or as fast as its pace lets it. */
public final class BoothCapture implements Capture, SimulatedBooth {
    public static final String ID = "booth";

    private static final double BLOCK_S = 0.01;

    private final String name;
    private final SilentOutput.Pace pace;
    private final double speed;
    private final DemoVoice voice = new DemoVoice();
    private Optional<Booth> booth = Optional.empty();
    private Optional<Defect> defect = Optional.empty();
    private Optional<Loudspeaker> loudspeaker = Optional.empty();
    private Optional<BoothLine> open = Optional.empty();

    /** @param name that it is shown under */
    public BoothCapture(String name, SilentOutput.Pace pace) {
        this(name, pace, 1);
    }

    /**
     * One whose time passes faster.
     *
     * @param speed how many times faster than a real one, more than 0
     */
    public BoothCapture(String name, SilentOutput.Pace pace, double speed) {
        this.speed = speed;
        this.name = name;
        this.pace = pace;
    }

    @Override
    public synchronized List<Input> inputs() {
        int channels = booth.map(b -> b.stands().size()).orElse(1);
        return List.of(new Input(ID, name, true, channels));
    }

    @Override
    public synchronized void prepare(Booth now) {
        booth = Optional.of(now);
        open.ifPresent(line -> line.change(now));
    }

    @Override
    public void rehearse() throws IOException {
        Optional<Booth> now = known();
        if (now.isPresent()) {
            tapes(now.get());
        }
    }

    private synchronized Optional<Booth> known() {
        return booth;
    }

    /** What is wrong with the device from the next opening on; nothing where it is absent. */
    public synchronized void spoil(Optional<Defect> wrong) {
        defect = wrong;
    }

    /** What gives sound in the booth while somebody monitors; nothing where it is absent. */
    public synchronized void hearing(Optional<Loudspeaker> sound) {
        loudspeaker = sound;
        open.ifPresent(line -> line.hearing(sound));
    }

    @Override
    public synchronized void cue(int stand, Cue cue) {
        open.ifPresent(line -> line.cue(stand, cue));
    }

    @Override
    public Line open(Input input, Format format, Taker taker) throws CaptureException {
        try {
            // Speech that has to be made first is made while nobody waits for the lock.
            Optional<Booth> now = known();
            if (now.isPresent() && format.channels() <= now.get().stands().size()) {
                tapes(now.get().sampled(format.sampleRateHz()));
            }
        } catch (IOException e) {
            throw new CaptureException(Fault.OTHER, e.getMessage(), e);
        }
        return opened(input, format, taker);
    }

    private synchronized Line opened(Input input, Format format, Taker taker) throws CaptureException {
        if (!input.id().equals(ID) || booth.isEmpty()) {
            throw new CaptureException(Fault.GONE, Faults.say("booth-capture.not-set-up"), null);
        }
        if (open.filter(BoothLine::running).isPresent()) {
            throw new CaptureException(Fault.IN_USE, Faults.say("booth-capture.open-already"), null);
        }
        if (format.channels() > booth.get().stands().size()) {
            throw new CaptureException(Fault.WRONG_FORMAT, Faults.say("booth-capture.fewer-microphones"), null);
        }
        try {
            Booth here = booth.get().sampled(format.sampleRateHz());
            BoothStream stream = new BoothStream(here, tapes(here));
            stream.hearing(loudspeaker);
            AudioSource source =
                    defect.<AudioSource>map(d -> new DefectiveSource(stream, d)).orElse(stream);
            BoothLine line = new BoothLine(input, format, stream, source, taker, pace, speed);
            open = Optional.of(line);
            line.start();
            return line;
        } catch (IOException e) {
            throw new CaptureException(Fault.OTHER, e.getMessage(), e);
        }
    }

    private List<Tape> tapes(Booth now) throws IOException {
        List<Tape> tapes = new ArrayList<>();
        for (int i = 0; i < now.stands().size(); i++) {
            Stand stand = now.stands().get(i);
            tapes.add(voice.tape(now.sampleRateHz(), i, stand.chain().voice().crestDb()));
        }
        return tapes;
    }

    @Override
    public synchronized void close() {
        open.ifPresent(BoothLine::close);
    }

    /** The booth while it is listened to. */
    private static final class BoothLine implements Line {
        private final Input input;
        private final Format format;
        private final BoothStream stream;
        private final AudioSource source;
        private final Taker taker;
        private final SilentOutput.Pace pace;
        private final double speed;
        private final Thread thread = new Thread(this::run, "booth");
        private volatile boolean closed;

        BoothLine(
                Input input,
                Format format,
                BoothStream stream,
                AudioSource source,
                Taker taker,
                SilentOutput.Pace pace,
                double speed) {
            this.speed = speed;
            this.input = input;
            this.format = format;
            this.stream = stream;
            this.source = source;
            this.taker = taker;
            this.pace = pace;
            thread.setDaemon(true);
        }

        void start() {
            thread.start();
        }

        boolean running() {
            return !closed;
        }

        void cue(int stand, Cue cue) {
            synchronized (stream) {
                stream.cue(stand, cue);
            }
        }

        void hearing(Optional<Loudspeaker> sound) {
            synchronized (stream) {
                stream.hearing(sound);
            }
        }

        /** Another room is heard when it is opened next. */
        void change(Booth now) {
            synchronized (stream) {
                Booth here = now.sampled(format.sampleRateHz());
                if (stream.fits(here)) {
                    stream.change(here);
                }
            }
        }

        private void run() {
            int frames = (int) (BLOCK_S * format.sampleRateHz());
            float[][] block = new float[source.channels()][frames];
            long due = System.nanoTime();
            try {
                while (!closed) {
                    int count;
                    synchronized (stream) {
                        count = source.read(block, frames);
                    }
                    if (count == 0) {
                        end();
                        return;
                    }
                    due += (long) (count * 1e9 / format.sampleRateHz() / speed);
                    pace.pass(Math.max(0, due - System.nanoTime()));
                    if (!closed) {
                        taker.take(block, count, 0);
                    }
                }
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            } catch (IOException e) {
                end();
            }
        }

        private void end() {
            if (!closed) {
                closed = true;
                taker.ended(Fault.GONE);
            }
        }

        @Override
        public Input input() {
            return input;
        }

        @Override
        public Format format() {
            return format;
        }

        @Override
        public double latencyS() {
            return BLOCK_S;
        }

        @Override
        public void close() {
            closed = true;
            thread.interrupt();
        }
    }
}
