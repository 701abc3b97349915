package app.redlamp.core.chain.fit;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.Node;
import app.redlamp.core.chain.SignalPath;
import app.redlamp.core.chain.Volts;
import app.redlamp.core.chain.kit.Extra;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Need;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How loud a voice gets in the headphones of whoever speaks, with their knob wide open and the gain where it should be.
 *
 * @param extra the headphones
 * @param voiceDb sound pressure level of the voice in them, as most of the job is read
 * @param wantedDb of that voice at its owner's ear without headphones: softer, they are not heard over one's own head
 * @param fullScaleDb of the loudest that can come out of them: a pop, a howl
 */
public record HeadphoneLevel(Extra extra, double voiceDb, double wantedDb, double fullScaleDb) {
    /**
     * From a voice at 1 m up to the same voice at its owner's ear, in dB: some 28 from 1 m to the lips, some 14 back from there
     * to the ear (common practice, no source; the artificial mouth and ear of ITU-T P.58 are about so far apart, from memory).
     */
    static final double OWN_EAR_DB = 14;

    /** Of every voice whose headphones and socket are known, in the order of the seats. */
    public static List<HeadphoneLevel> of(Kit kit, Need need) {
        List<HeadphoneLevel> all = new ArrayList<>();
        for (HeadphonePair pair : HeadphonePair.of(kit)) {
            Optional<Chain> chain = kit.chain(pair.seat(), need.room(), need.finishing());
            chain.map(c -> level(c.set(need.school()), pair)).ifPresent(all::add);
        }
        return all;
    }

    private static HeadphoneLevel level(Chain chain, HeadphonePair pair) {
        Node converter = SignalPath.of(chain).node(Node.Stage.CONVERTER).orElseThrow();
        double voice = pair.fullScaleDb() + converter.averageDb() + Volts.SINE_CREST_DB;
        double own = chain.voice().reading().atOneMetreDb() + OWN_EAR_DB;
        return new HeadphoneLevel(pair.extra(), voice, own, pair.fullScaleDb());
    }

    /** The loudest that can come out of any headphones of a kit, in dB; absent where nothing is known of them. */
    public static OptionalDouble loudestDb(Kit kit) {
        return HeadphonePair.of(kit).stream()
                .mapToDouble(HeadphonePair::fullScaleDb)
                .max();
    }

    /** By how much the voice is too soft in them, in dB; 0 or less where it is not. */
    public double shortDb() {
        return wantedDb - voiceDb;
    }
}
