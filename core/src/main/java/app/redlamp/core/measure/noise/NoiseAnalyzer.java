package app.redlamp.core.measure.noise;

import app.redlamp.core.signal.AWeighting;
import app.redlamp.core.signal.Biquad;
import app.redlamp.core.signal.OctaveBands;
import app.redlamp.core.signal.PowerSpectrum;
import app.redlamp.core.units.Decibels;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Takes the noise in the pauses apart: spectrum, hum, tones, rumble, hiss.
 *
 * <p>The spectrum comes from windows of at most 190 ms and is scaled to the noise floor, so that its bands add up to
 * it.
 */
public final class NoiseAnalyzer {
    /** Spectra of so long part hum from what is beside it (ours). */
    private static final double WINDOW_S = 0.19;

    /** Below is rumble (common practice, no source). */
    private static final double RUMBLE_HZ = 100;

    /** Corner of the high-pass that finishing begins with: below every voice (common practice, no source). */
    public static final double HIGH_PASS_HZ = 80;

    /** Above is hiss (common practice, no source). */
    private static final double HISS_HZ = 2000;

    /** More are not told (ours). */
    private static final int MOST_TONES = 3;

    /** More change the mean by nothing (ours). */
    private static final int MOST_WINDOWS = 2000;

    /** Noise that changes is quieter in at least so much of the time (ours). */
    private static final double QUIETER_SHARE = 0.1;

    /** What stands for nothing (ours). */
    static final double LOWEST_DBFS = -150;

    private final int sampleRateHz;
    private final double steepHz;

    private NoiseAnalyzer(int sampleRateHz, double steepHz) {
        this.sampleRateHz = sampleRateHz;
        this.steepHz = steepHz;
    }

    /**
     * @param quiet what was kept of the quiet stretches
     * @param steepHz corner of the steep high-pass
     * @return absent where there is no noise floor or nothing was kept
     */
    public static Optional<NoiseProfile> analyze(QuietPieces quiet, Pauses pauses, int sampleRateHz, double steepHz) {
        if (pauses.noiseFloorDbfs().isEmpty()) {
            return Optional.empty();
        }
        return new NoiseAnalyzer(sampleRateHz, steepHz)
                .profile(quiet, pauses, Decibels.toPower(pauses.noiseFloorDbfs().getAsDouble()));
    }

    private Optional<NoiseProfile> profile(QuietPieces quiet, Pauses pauses, double floor) {
        PowerSpectrum spectrum = new PowerSpectrum(PowerSpectrum.lengthFor(WINDOW_S, sampleRateHz), sampleRateHz);
        HumFinder humFinder = new HumFinder(sampleRateHz);
        List<QuietPieces.Piece> pieces = quiet.within(pauses.stretches(), spectrum.length());
        OptionalDouble uneven = Unevenness.of(pieces, sampleRateHz);
        for (QuietPieces.Piece piece : pieces) {
            humFinder.add(piece.samples());
            int hop = spectrum.length() / 2;
            for (int at = 0; at + spectrum.length() <= piece.samples().length && spectrum.count() < MOST_WINDOWS; ) {
                spectrum.add(piece.samples(), at);
                at += hop;
            }
        }
        if (spectrum.count() == 0) {
            return Optional.empty();
        }
        double[] bins = spectrum.bins();
        bins[0] = 0;
        double scale = floor / Math.max(Double.MIN_NORMAL, Arrays.stream(bins).sum());
        for (int k = 0; k < bins.length; k++) {
            bins[k] *= scale;
        }
        double binHz = spectrum.binHz();
        Optional<Hum> hum = humFinder.find();
        Optional<BuzzFinder.Buzz> buzz = new BuzzFinder(bins, binHz).find(HISS_HZ);
        List<NoiseProfile.Tone> tones = new ToneFinder(bins, binHz, spectrum.count())
                        .find(f -> belongs(f, hum, binHz)
                                || buzz.filter(b -> b.holds(f, 1.5 * binHz)).isPresent())
                        .stream()
                        .limit(MOST_TONES)
                        .toList();
        double buzzPower = buzz.map(b -> power(b.levelDbfs())).orElse(0.0);
        double humPower = hum.map(h -> power(h.levelDbfs())).orElse(0.0);
        double tonePower = tones.stream().mapToDouble(t -> power(t.levelDbfs())).sum();
        double highTones = tones.stream()
                .filter(t -> t.frequencyHz() > HISS_HZ)
                .mapToDouble(t -> power(t.levelDbfs()))
                .sum();
        double rumble = OctaveBands.between(withoutHum(bins, binHz, hum), binHz, 0, RUMBLE_HZ);
        double highBuzz = buzz.map(BuzzFinder.Buzz::highPower).orElse(0.0);
        double hiss = Math.max(0, OctaveBands.between(bins, binHz, HISS_HZ, sampleRateHz) - highTones - highBuzz);
        double room = Math.max(0, floor - humPower - buzzPower - tonePower - rumble - hiss);
        NoiseProfile.Kind kind = most(Map.of(
                NoiseProfile.Kind.HUM, humPower,
                NoiseProfile.Kind.BUZZ, buzzPower,
                NoiseProfile.Kind.WHINE, tonePower,
                NoiseProfile.Kind.RUMBLE, rumble,
                NoiseProfile.Kind.HISS, hiss,
                NoiseProfile.Kind.ROOM, room));
        List<Double> octaves = Arrays.stream(OctaveBands.OCTAVES.powers(bins, binHz))
                .mapToObj(NoiseAnalyzer::dbfs)
                .toList();
        return Optional.of(new NoiseProfile(
                kind,
                dbfs(AWeighting.meanSquare(bins, binHz)),
                dbfs(highPassed(bins, binHz)),
                dbfs(steep(bins, binHz)),
                octaves,
                hum,
                buzz.isPresent() ? OptionalDouble.of(buzz.get().levelDbfs()) : OptionalDouble.empty(),
                tones,
                dbfs(rumble),
                dbfs(hiss),
                change(pauses),
                uneven));
    }

    /** The lowest bins with each harmonic's lobe bridged by what lies beside it, whichever side of a limit the harmonic falls on. */
    private static double[] withoutHum(double[] bins, double binHz, Optional<Hum> hum) {
        double[] bridged = bins.clone();
        for (int h = 1; hum.isPresent() && h <= 1 + RUMBLE_HZ / hum.get().baseHz(); h++) {
            int at = (int) Math.rint(h * hum.get().baseHz() / binHz);
            int from = at - ToneFinder.LOBE - 1;
            int to = at + ToneFinder.LOBE + 1;
            if (from > 0 && to < bins.length) {
                double beside = (bins[from] + bins[to]) / 2;
                for (int k = from + 1; k < to; k++) {
                    bridged[k] = Math.min(bins[k], beside);
                }
            }
        }
        return bridged;
    }

    private double highPassed(double[] bins, double binHz) {
        Biquad highPass = Biquad.highPass(HIGH_PASS_HZ, Biquad.BUTTERWORTH_Q, sampleRateHz);
        double sum = 0;
        for (int k = 1; k < bins.length; k++) {
            double gain = highPass.gainAt(k * binHz, sampleRateHz);
            sum += bins[k] * gain * gain;
        }
        return sum;
    }

    /** Power behind a Butterworth response of the sixth order: 1 / (1 + (corner / f)¹²) of it (any filter table, from memory). */
    private double steep(double[] bins, double binHz) {
        double sum = 0;
        for (int k = 1; k < bins.length; k++) {
            sum += bins[k] / (1 + Math.pow(steepHz / (k * binHz), 12));
        }
        return sum;
    }

    private static NoiseProfile.Kind most(Map<NoiseProfile.Kind, Double> powers) {
        return powers.entrySet().stream()
                .max(Map.Entry.<NoiseProfile.Kind, Double>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                .orElseThrow()
                .getKey();
    }

    private static boolean belongs(double frequencyHz, Optional<Hum> hum, double binHz) {
        if (hum.isEmpty()) {
            return false;
        }
        double base = hum.get().baseHz();
        double nearest = Math.rint(frequencyHz / base) * base;
        return nearest <= base * hum.get().harmonicsDbfs().size() && Math.abs(frequencyHz - nearest) < 1.5 * binHz;
    }

    private static double change(Pauses pauses) {
        return pauses.noisiestDbfs().orElseThrow() - pauses.quieterDbfs(QUIETER_SHARE);
    }

    private static double power(double db) {
        return Decibels.toPower(db);
    }

    private static double dbfs(double power) {
        return Math.max(LOWEST_DBFS, Decibels.levelOfPower(power));
    }
}
