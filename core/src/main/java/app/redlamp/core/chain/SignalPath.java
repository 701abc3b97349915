package app.redlamp.core.chain;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What becomes of a voice and of all noise on the way to the file. Levels add in dB, noises in power; peaks are as high as a
 * sine's whose RMS is a level, plus 3.01 dB.
 *
 * @param chain what it was computed from
 * @param nodes in the order of the way
 */
public record SignalPath(Chain chain, List<Node> nodes) {

    public SignalPath {
        nodes = List.copyOf(nodes);
    }

    /** Follows the voice and every noise from mouth to file. */
    public static SignalPath of(Chain chain) {
        return new Walk(chain).path();
    }

    /** Goes from node to node. */
    private static final class Walk {
        private final Chain chain;
        private final List<Node> nodes = new ArrayList<>();
        private final Map<Source, Noise> noises = new EnumMap<>(Source.class);
        private double averageDb;

        Walk(Chain chain) {
            this.chain = chain;
        }

        SignalPath path() {
            Capsule capsule = chain.capsule();
            Preamp preamp = chain.preamp();
            averageDb = chain.voice().reading().atOneMetreDb();
            noises.put(Source.ROOM, chain.room().noise());
            add(Node.Stage.MOUTH, OptionalDouble.empty());
            averageDb = chain.atCapsuleDb();
            noises.put(Source.ROOM, chain.room().heardBy(capsule.pattern()));
            add(Node.Stage.CAPSULE, sine(capsule.maxSplDb()));
            noises.put(Source.MICROPHONE, capsule.noise());
            shift(capsule.outputDbu(0));
            add(Node.Stage.MICROPHONE, sine(capsule.outputDbu(capsule.maxSplDb())));
            shift(Lead.loadDb(capsule.outputOhm(), preamp.inputOhm()));
            noises.put(Source.LEAD, chain.lead().hum(capsule.outputOhm()));
            double atJack = preamp.fullScaleDbu() - chain.gainDb();
            add(
                    Node.Stage.LEAD,
                    sine(chain.booster()
                            .map(b -> Math.min(b.maxOutputDbu(), atJack) - b.gainDb())
                            .orElse(atJack)));
            chain.booster().ifPresent(b -> {
                noises.put(Source.BOOSTER, b.noise());
                shift(b.gainDb());
                add(Node.Stage.BOOSTER, sine(Math.min(b.maxOutputDbu(), atJack)));
            });
            noises.put(Source.PREAMP, preamp.noise(chain.gainDb()));
            shift(chain.gainDb());
            add(Node.Stage.PREAMP, sine(preamp.fullScaleDbu()));
            shift(-preamp.fullScaleDbu() - Volts.SINE_CREST_DB);
            noises.put(Source.CONVERTER, chain.converter().noise());
            add(Node.Stage.CONVERTER, OptionalDouble.of(0));
            finish();
            return new SignalPath(chain, nodes);
        }

        /** Everything that has come in so far gets louder by so much. */
        private void shift(double db) {
            averageDb += db;
            noises.replaceAll((source, noise) -> noise.plus(db));
        }

        private static OptionalDouble sine(double rmsDb) {
            return OptionalDouble.of(rmsDb + Volts.SINE_CREST_DB);
        }

        private void add(Node.Stage stage, OptionalDouble ceiling) {
            double peak = averageDb + chain.voice().crestDb();
            nodes.add(new Node(stage, averageDb, peak, peak + chain.voice().swellDb(), noises, ceiling));
        }

        /** The voice gets where it is wanted; the compressor's make-up lifts noise and not the voice. */
        private void finish() {
            FinishingTarget finishing = chain.finishing();
            double makeUp = finishing.levelDbfs() - averageDb + finishing.compressionDb();
            noises.replaceAll((source, noise) -> noise.plus(makeUp));
            noises.put(Source.FILE, finishing.steps());
            averageDb = finishing.levelDbfs();
            double ceiling = finishing.ceilingDbfs();
            double peak = averageDb + chain.voice().crestDb();
            double loudest = peak + chain.voice().swellDb() - finishing.compressionDb();
            nodes.add(new Node(
                    Node.Stage.FINISHED,
                    averageDb,
                    Math.min(ceiling, peak),
                    Math.min(ceiling, loudest),
                    noises,
                    OptionalDouble.of(ceiling)));
        }
    }

    /** What is at a stage; absent where the chain has no such stage. */
    public Optional<Node> node(Node.Stage stage) {
        return nodes.stream().filter(n -> n.stage() == stage).findFirst();
    }

    private Node at(Node.Stage stage) {
        return node(stage).orElseThrow();
    }

    /** What is in the finished file. */
    public Node file() {
        return at(Node.Stage.FINISHED);
    }

    /** Noise floor that the file will have, in dBFS RMS. */
    public double floorDbfs() {
        return file().noise().flatDb();
    }

    /** From voice down to noise in the file, in dB. */
    public double snrDb() {
        return file().snrDb();
    }

    /** How much more the signal-to-noise ratio is than what is asked for, in dB; negative where it is less. */
    public double marginDb() {
        return snrDb() - chain.finishing().wantedSnrDb();
    }

    /** How far finishing lifts the recording, in dB. */
    public double makeUpDb() {
        return chain.finishing().levelDbfs()
                - at(Node.Stage.CONVERTER).averageDb()
                + chain.finishing().compressionDb();
    }

    /** By how much a limiter has to take the loudest peaks down, in dB; 0 for nothing. */
    public double limitingDb() {
        double loudest = chain.finishing().levelDbfs()
                + chain.voice().crestDb()
                + chain.voice().swellDb()
                - chain.finishing().compressionDb();
        return Math.max(0, loudest - chain.finishing().ceilingDbfs());
    }

    /** Peaks of the loudest line in the converter, in dBFS. */
    public double loudestPeakDbfs() {
        return at(Node.Stage.CONVERTER).loudestPeakDb();
    }

    /** Where the loudest line first meets a ceiling. */
    public Node tightest() {
        return nodes.stream()
                .filter(n -> n.stage() != Node.Stage.FINISHED && n.headroomDb().isPresent())
                .min((a, b) -> Double.compare(
                        a.headroomDb().getAsDouble(), b.headroomDb().getAsDouble()))
                .orElseThrow();
    }

    /** Least headroom that the loudest line has before finishing, in dB. */
    public double headroomDb() {
        return tightest().headroomDb().orElseThrow();
    }

    /** What the noise in the file is most of all. */
    public Source limit() {
        return file().dominant();
    }

    /** By how much the signal-to-noise ratio would grow if a noise were not there, in dB. */
    public double without(Source source) {
        return file().without(source);
    }

    /** Level of the voice over that of the room's reverberation, in dB. */
    public double directDb() {
        return chain.room().directDb(chain.position(), chain.capsule().pattern());
    }

    /** Clarity of the voice in the room, in dB; see {@link Surroundings#clarityDb}. */
    public double clarityDb() {
        return chain.room().clarityDb(chain.position(), chain.capsule().pattern());
    }
}
