package app.redlamp.core.booth;

import app.redlamp.core.acoustics.room.Pattern;
import app.redlamp.core.chain.VocalEffort;
import app.redlamp.core.fault.Faults;
import app.redlamp.core.signal.AudioSource;
import app.redlamp.core.signal.Convolver;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;

/**
 * What a simulated booth gives, without an end: one channel for each stand. The same booth, cued and changed at the same
 * samples, gives the same samples. May be used by one thread at a time.
 */
public final class BoothStream implements AudioSource {
    /** Samples that are made at a time; cues and changes count from the next ones on (ours). */
    public static final int BLOCK = 1024;

    private final int sampleRateHz;
    private final List<Channel> channels = new ArrayList<>();
    private final float[][] mouths;
    private final float[][] made;
    private Booth booth;
    private Optional<Loudspeaker> loudspeaker = Optional.empty();
    private long blocks;
    private int used = BLOCK;

    /** One microphone with all that leads to it. */
    private static final class Channel {
        final Reader reader;
        /** From each mouth, and what the room makes of its rush; beside it what goes in. */
        final List<Convolver> ways = new ArrayList<>();

        final List<float[]> sounds = new ArrayList<>();
        final RoomSound room;
        final Wire wire;
        final long grain;
        final float[] capsule = new float[BLOCK];

        Channel(Reader reader, RoomSound room, Wire wire, long grain) {
            this.reader = reader;
            this.room = room;
            this.wire = wire;
            this.grain = grain;
        }
    }

    /**
     * @param booth what is heard
     * @param tapes speech for each stand, at the booth's sample rate
     * @throws IllegalArgumentException for tapes that are too few, or of another rate
     */
    public BoothStream(Booth booth, List<Tape> tapes) {
        if (tapes.size() < booth.stands().size()
                || tapes.stream().anyMatch(t -> t.sampleRateHz() != booth.sampleRateHz())) {
            throw new IllegalArgumentException(
                    Faults.say("booth-stream.booth-voices-at", booth.stands().size(), booth.sampleRateHz()));
        }
        this.booth = booth;
        sampleRateHz = booth.sampleRateHz();
        mouths = new float[booth.stands().size()][BLOCK];
        made = new float[booth.stands().size()][BLOCK];
        SplittableRandom random = new SplittableRandom(booth.seed());
        for (int i = 0; i < booth.stands().size(); i++) {
            Stand stand = booth.stands().get(i);
            Channel channel = new Channel(
                    new Reader(i, stand, tapes.get(i), random.split()),
                    new RoomSound(booth, stand.chain().capsule().pattern().directivity(), BLOCK, random.split()),
                    new Wire(stand, booth.mains(), sampleRateHz, BLOCK, random.split()),
                    random.nextLong());
            channels.add(channel);
            for (int from = 0; from < booth.stands().size(); from++) {
                channel.ways.add(new Convolver(BLOCK, response(booth, i, from, channel.grain)));
                channel.sounds.add(mouths[from]);
            }
            channel.ways.add(channel.room.colour());
            channel.sounds.add(channel.room.white());
        }
    }

    private static float[] response(Booth booth, int microphone, int mouth, long grain) {
        Stand stand = booth.stands().get(microphone);
        VoiceResponse maker =
                new VoiceResponse(booth.scene(), booth.sampleRateHz(), new SplittableRandom(grain + mouth));
        return mouth == microphone
                ? maker.own(stand.chain().capsule(), stand.chain().position(), stand.diaphragmM())
                : maker.neighbour(stand, booth.seats(), Math.abs(mouth - microphone) * booth.apartM());
    }

    /** What a reader does from the next block on, as loud as its voice does it. */
    public void cue(int stand, Cue cue) {
        cue(stand, cue, cue.effort(booth.stands().get(stand).chain().voice()));
    }

    /** The same, as loud as told. */
    public void cue(int stand, Cue cue, VocalEffort effort) {
        channels.get(stand).reader.cue(cue, effort);
    }

    /** Whether another booth has the same voices, rate and room. */
    public boolean fits(Booth now) {
        return now.stands().size() == booth.stands().size()
                && now.sampleRateHz() == sampleRateHz
                && now.scene().equals(booth.scene());
    }

    /**
     * Knobs were moved, or the microphone: heard from the next block on.
     *
     * @throws IllegalArgumentException for a booth with other voices, another rate or another room
     */
    public void change(Booth now) {
        if (!fits(now)) {
            throw new IllegalArgumentException(Faults.say("booth-stream.booth-with-other"));
        }
        Booth before = booth;
        booth = now;
        for (int i = 0; i < channels.size(); i++) {
            Stand was = before.stands().get(i);
            Stand is = now.stands().get(i);
            Channel channel = channels.get(i);
            channel.reader.set(is);
            channel.wire.set(is);
            boolean moved = !before.seats().equals(now.seats()) || before.apartM() != now.apartM();
            if (moved
                    || !was.chain().position().equals(is.chain().position())
                    || !was.chain().capsule().equals(is.chain().capsule())) {
                channel.room.hearing(is.chain().capsule().pattern().directivity());
                for (int from = 0; from < channels.size(); from++) {
                    channel.ways.get(from).set(response(now, i, from, channel.grain));
                }
            }
        }
    }

    /** What gives sound in the room from the next block on; nothing where it is absent. */
    public void hearing(Optional<Loudspeaker> other) {
        loudspeaker = other;
    }

    /** What the readers did besides reading so far, in the order of time. */
    public List<BoothEvent> events() {
        return channels.stream()
                .flatMap(c -> c.reader.events().stream())
                .sorted(Comparator.comparingDouble(BoothEvent::startS))
                .toList();
    }

    /** Seconds that were made so far. */
    public double madeS() {
        return (double) (blocks * BLOCK) / sampleRateHz;
    }

    @Override
    public int sampleRateHz() {
        return sampleRateHz;
    }

    @Override
    public int channels() {
        return channels.size();
    }

    @Override
    public long expectedFrames() {
        return -1;
    }

    @Override
    public int read(float[][] block, int frames) {
        int done = 0;
        while (done < frames) {
            if (used == BLOCK) {
                make();
                used = 0;
            }
            int count = Math.min(frames - done, BLOCK - used);
            for (int c = 0; c < made.length; c++) {
                System.arraycopy(made[c], used, block[c], done, count);
            }
            used += count;
            done += count;
        }
        return frames;
    }

    private void make() {
        double seconds = madeS();
        for (int i = 0; i < channels.size(); i++) {
            Arrays.fill(mouths[i], 0);
            Arrays.fill(channels.get(i).capsule, 0);
            channels.get(i).reader.add(seconds, mouths[i], channels.get(i).capsule, BLOCK);
        }
        for (int i = 0; i < channels.size(); i++) {
            Channel channel = channels.get(i);
            channel.room.rush(seconds);
            Convolver.addAll(channel.ways, channel.sounds, channel.capsule);
            channel.room.hum(channel.capsule);
            Pattern pattern = booth.stands().get(i).chain().capsule().pattern();
            loudspeaker.ifPresent(l -> l.add(pattern, channel.capsule));
            channel.wire.convert(channel.capsule, made[i], BLOCK);
        }
        loudspeaker.ifPresent(l -> l.pass(BLOCK));
        blocks++;
    }

    @Override
    public void close() {}
}
