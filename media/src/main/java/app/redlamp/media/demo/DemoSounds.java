package app.redlamp.media.demo;

import app.redlamp.core.acoustics.room.Face;
import app.redlamp.core.acoustics.room.ImpulseResponse;
import app.redlamp.core.acoustics.room.Material;
import app.redlamp.core.acoustics.room.Patch;
import app.redlamp.core.acoustics.room.Room;
import app.redlamp.core.acoustics.room.SixBands;
import app.redlamp.core.acoustics.spot.ClapPlace;
import app.redlamp.core.acoustics.spot.Spot;
import app.redlamp.core.port.Shelf;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.BiquadFilter;
import app.redlamp.core.signal.Fourier;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.signal.OctaveFilter;
import app.redlamp.media.wav.WavWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Arrays;
import java.util.OptionalDouble;

/**
 * What a microphone would have recorded in the demo's box room, by image sources: a clap, the same sentence before and after
 * more was hung up, and a short night with a fridge, mixers and a passing van.
 */
final class DemoSounds {
    static final String CLAP = "clap.wav";
    static final String BEFORE = "sentence-before.wav";
    static final String AFTER = "sentence-after.wav";
    static final String NIGHT = "night.wav";

    private static final int RATE = 44_100;
    private static final int NIGHT_RATE = 8000;
    private static final double LONGEST_S = 0.55;
    private static final double SENTENCE_S = 11;
    private static final double SILENCE_S = 1.5;
    private static final double NIGHT_S = 15 * 60;
    private static final double HIGHEST_OCTAVE_HZ = 5600;
    private static final double VAN_AT_S = 425;
    /** Further off it is more than 300 dB down. */
    private static final double VAN_HEARD_S = 30;

    private static final int SMOOTH_HZ = 60;

    private final Room room;
    private final Room treated;

    DemoSounds(Shelf<Material, Spot> shelf) {
        room = new DemoRooms(shelf).boxRoom().room();
        Material wool = shelf.part("wool-100-gap").orElseThrow();
        Material blanket = shelf.part("moving-blanket").orElseThrow();
        treated = room.with(new Patch("a", wool, Face.BACK, 0.98, 0.4, 1.2, 1.2))
                .with(new Patch("b", blanket, Face.FRONT, 0.4, 0.4, 1.5, 2.0))
                .with(new Patch("c", wool, Face.CEILING, 0.5, 0.3, 1.2, 1.2))
                .with(new Patch("d", shelf.part("rug").orElseThrow(), Face.FLOOR, 0.2, 0.1, 2.0, 1.6));
    }

    /** Builds one of them, whole or not at all. */
    void write(String name, Path file) throws IOException {
        Path part = file.resolveSibling(file.getFileName() + ".part");
        Files.deleteIfExists(part);
        try {
            switch (name) {
                case CLAP -> clap(part);
                case BEFORE -> sentence(part, room, -58);
                case AFTER -> sentence(part, treated, -66);
                default -> night(part);
            }
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    private void clap(Path file) throws IOException {
        float[] heard = response(ClapPlace.of(room));
        float[] samples = new float[RATE * 2];
        float top = 0;
        for (float x : heard) {
            top = Math.max(top, Math.abs(x));
        }
        RoomNoise noise = new RoomNoise(RATE, -66, OptionalDouble.empty(), 11);
        for (int n = 0; n < samples.length; n++) {
            int at = n - RATE / 2;
            double clap = at >= 0 && at < heard.length ? 0.8 * heard[at] / top : 0;
            samples[n] = (float) (clap + noise.next());
        }
        write(file, RATE, samples);
    }

    private static void sentence(Path file, Room where, double noiseDbfs) throws IOException {
        float[] heard = response(where);
        float direct = 0;
        for (float x : heard) {
            direct = Math.max(direct, Math.abs(x));
        }
        float[] voice = voice();
        float[] sound = convolved(voice, heard, 0.9f / direct);
        RoomNoise noise = new RoomNoise(RATE, noiseDbfs, OptionalDouble.of(noiseDbfs - 8), 5);
        for (int n = 0; n < sound.length; n++) {
            sound[n] = (float) Math.max(-1, Math.min(1, sound[n] + noise.next()));
        }
        write(file, RATE, sound);
    }

    /** The first seconds of the demo's dry voice, with silence before and after, as one is asked for. */
    private static float[] voice() throws IOException {
        float[] dry = DryVoice.samples(0, RATE);
        float[] all = new float[(int) ((SENTENCE_S + 2 * SILENCE_S) * RATE)];
        int at = (int) (SILENCE_S * RATE);
        System.arraycopy(dry, 0, all, at, Math.min(dry.length, all.length - 2 * at));
        return all;
    }

    private void night(Path file) throws IOException {
        RoomNoise house = new RoomNoise(NIGHT_RATE, -72, OptionalDouble.empty(), 3);
        RoomNoise fridge = new RoomNoise(NIGHT_RATE, -90, OptionalDouble.of(-56), 7);
        RoomNoise van = new RoomNoise(NIGHT_RATE, -48, OptionalDouble.empty(), 9);
        double rumble = 0;
        double low = 0;
        float[] samples = new float[(int) (NIGHT_S * NIGHT_RATE)];
        double smoothing = 1 - Math.exp(-2 * Math.PI * SMOOTH_HZ / NIGHT_RATE);
        for (int n = 0; n < samples.length; n++) {
            double t = (double) n / NIGHT_RATE;
            double sum = house.next();
            double humming = fridge.next();
            double passing = van.next();
            rumble += smoothing * (passing - rumble);
            low += smoothing * (rumble - low);
            sum += t < 600 && t % 150 > 60 && t % 150 < 100 ? humming : 0;
            sum += t > 640 ? low * 5 : 0;
            sum += Math.abs(t - VAN_AT_S) < VAN_HEARD_S ? passing * Math.exp(-Math.pow((t - VAN_AT_S) / 5, 2)) : 0;
            sum += Math.abs(t - 520) < 0.01 || Math.abs(t - 533) < 0.01 ? passing * 8 : 0;
            samples[n] = (float) sum;
        }
        write(file, NIGHT_RATE, samples);
    }

    /** What is heard of a burst, all octaves together; above the highest it falls as in the highest. */
    private static float[] response(Room where) {
        float[] sum = new float[(int) (LONGEST_S * RATE) + 1];
        float[][] bands = ImpulseResponse.of(where, LONGEST_S, RATE);
        for (int b = 0; b < SixBands.COUNT; b++) {
            float[] band = bands[b];
            float[] octave = new OctaveFilter(OctaveBands.octaveHz(b - 3.0), RATE).filter(band);
            add(sum, octave);
            if (b == SixBands.COUNT - 1) {
                BiquadFilter above = new BiquadFilter(Biquad.highPass(HIGHEST_OCTAVE_HZ, Biquad.BUTTERWORTH_Q, RATE));
                for (int n = 0; n < band.length; n++) {
                    band[n] = (float) above.next(band[n]);
                }
                add(sum, band);
            }
        }
        return sum;
    }

    private static void add(float[] sum, float[] more) {
        for (int n = 0; n < Math.min(sum.length, more.length); n++) {
            sum[n] += more[n];
        }
    }

    private static float[] convolved(float[] voice, float[] response, float gain) {
        int length = Integer.highestOneBit(voice.length + response.length - 1) * 2;
        Fourier transform = new Fourier(length);
        float[] a = Arrays.copyOf(voice, length);
        float[] b = Arrays.copyOf(response, length);
        transform.forward(a);
        transform.forward(b);
        a[0] *= b[0];
        a[1] *= b[1];
        for (int k = 1; k < length / 2; k++) {
            float re = a[2 * k] * b[2 * k] - a[2 * k + 1] * b[2 * k + 1];
            float im = a[2 * k] * b[2 * k + 1] + a[2 * k + 1] * b[2 * k];
            a[2 * k] = re;
            a[2 * k + 1] = im;
        }
        transform.inverse(a);
        float[] out = Arrays.copyOf(a, voice.length);
        for (int n = 0; n < out.length; n++) {
            out[n] *= gain;
        }
        return out;
    }

    private static void write(Path file, int rate, float[] samples) throws IOException {
        try (WavWriter writer = new WavWriter(file, rate, 1, 24)) {
            writer.accept(new float[][] {samples}, samples.length);
        }
    }
}
