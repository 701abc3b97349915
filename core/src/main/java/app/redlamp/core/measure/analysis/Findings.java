package app.redlamp.core.measure.analysis;

import app.redlamp.core.measure.analysis.Finding.Kind;
import app.redlamp.core.measure.analysis.Finding.Severity;
import app.redlamp.core.measure.loudness.Clipping;
import app.redlamp.core.measure.noise.NoiseProfile;
import app.redlamp.core.measure.noise.Pauses;
import app.redlamp.core.measure.origin.Edge;
import app.redlamp.core.measure.origin.Origin;
import app.redlamp.core.measure.room.Reverberation;
import app.redlamp.core.measure.voice.Clock;
import app.redlamp.core.measure.voice.Event;
import app.redlamp.core.measure.voice.VoiceProfile;
import app.redlamp.core.measure.voice.VoiceSpectrum;
import app.redlamp.core.signal.AudioInfo;
import app.redlamp.core.units.Decibels;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Decides what of all that was measured is worth a word, and how grave it is. The limits are common practice, no
 * source. The gravest come first; what is equally grave stays in the order in which it is cheapest to put right.
 */
final class Findings {
    /** Where a file that is cut off ends, so much is heard of it (ours). */
    private static final double LAST_S = 3;

    /** An offset from here on is worth a word, in dBFS (common practice, no source). */
    private static final double DC_DBFS = -50;

    /** Digital silence that is shorter is a cut (ours). */
    private static final double LEAST_SILENCE_S = 0.3;

    /** A raw floor above this leaves little room for make-up gain; above −60 none (ours). */
    private static final double NOISE_NOTE_DBFS = -63;

    /** The usual limit of audiobooks (common practice, no source). */
    private static final double NOISE_WARNING_DBFS = -60;

    /** Softer hum is not heard under speech (common practice, no source). */
    private static final double HUM_DBFS = -72;

    /** Two pauses that differ by so much are two rooms (common practice, no source). */
    private static final double CHANGE_DB = 6;

    /** A noise that starts with so much is heard as it starts ... (ours). */
    private static final double GREAT_CHANGE_DB = 12;

    /** ... above this level (ours). */
    private static final double GREAT_CHANGE_DBFS = -75;

    /** More often they are a habit (ours). */
    private static final double PLOSIVES_A_MINUTE = 1;

    /** More often they are a habit (ours). */
    private static final double SIBILANTS_A_MINUTE = 3;

    /** More often they are a habit (ours). */
    private static final double CLICKS_A_MINUTE = 3;

    /** Clarity of a voice that stands freely, about what a room of 0.35 s leaves a narrator (common practice, no source). */
    private static final double CLEAR_DB = 20;

    private final double durationS;
    private final Pauses pauses;
    private final List<Finding> findings = new ArrayList<>();

    private Findings(double durationS, Pauses pauses) {
        this.durationS = durationS;
        this.pauses = pauses;
    }

    /** What was measured, without the findings, and how many samples were no numbers. */
    static List<Finding> of(Report report, long notNumbers) {
        Findings all = new Findings(report.info().durationS(), report.pauses());
        all.samples(report, notNumbers);
        all.origin(report.origin(), report.info());
        all.channels(report.relation());
        all.voice(report.voice());
        all.findings.addAll(DisturbanceFindings.of(report.disturbances(), all.durationS));
        all.place(report);
        all.findings.addAll(ProcessFindings.of(report, all.durationS));
        report.noise().ifPresent(all::noise);
        all.findings.sort(Comparator.comparing(Finding::severity).reversed());
        return all.findings;
    }

    private void samples(Report report, long notNumbers) {
        Clipping clipping = report.clipping();
        double missing = report.info().missingS();
        if (missing > 0) {
            findings.add(new Finding(
                    Kind.CUT_OFF, Severity.FAULT, Math.max(0, durationS - LAST_S), durationS, missing, List.of()));
        }
        if (notNumbers > 0) {
            whole(Kind.NOT_A_NUMBER, Severity.FAULT, (double) notNumbers);
        }
        if (clipping.runs() > 0) {
            runs(Kind.CLIPPING, Severity.FAULT, clipping.runs(), clipping.places(), report.info());
        }
        if (clipping.flatTopDbfs().isPresent()) {
            double level = clipping.flatTopDbfs().getAsDouble();
            runs(Kind.FLAT_TOPS, Severity.WARNING, level, clipping.flatTops(), report.info());
        }
        places(Kind.DROPOUTS, Severity.FAULT, report.voice().dropouts(), 0);
        places(Kind.JUMPS, Severity.WARNING, report.voice().jumps(), 0);
        OptionalDouble dc = Decibels.ofAmplitude(Math.abs(report.levels().dcOffset()));
        if (dc.isPresent() && dc.getAsDouble() >= DC_DBFS) {
            whole(Kind.DC_OFFSET, Severity.WARNING, dc.getAsDouble());
        }
        if (pauses.gated()) {
            whole(Kind.GATED, Severity.WARNING, pauses.digitalSilenceS());
        } else if (pauses.digitalSilenceS() >= LEAST_SILENCE_S) {
            whole(Kind.DIGITAL_SILENCE, Severity.NOTE, pauses.digitalSilenceS());
        } else if (pauses.noiseFloorDbfs().isEmpty()) {
            whole(Kind.NO_PAUSE, Severity.NOTE, LEAST_SILENCE_S);
        }
    }

    private void origin(Origin origin, AudioInfo info) {
        origin.edge()
                .filter(e -> info.lossless() || e.kind() == Edge.Kind.CALL)
                .ifPresent(e -> whole(kind(e.kind()), Severity.WARNING, e.hz()));
        origin.blockSamples().ifPresent(samples -> whole(Kind.CODED_IN_BLOCKS, Severity.WARNING, (double) samples));
        if (origin.isPadded(info)) {
            whole(Kind.PADDED, Severity.WARNING, origin.bits().orElseThrow());
        }
    }

    private static Kind kind(Edge.Kind edge) {
        return switch (edge) {
            case CALL -> Kind.CALL;
            case LOW_RATE -> Kind.LOW_RATE;
            case CODING -> Kind.CODED;
        };
    }

    private void channels(ChannelRelation relation) {
        switch (relation.kind()) {
            case INVERTED -> whole(Kind.CHANNELS_INVERTED, Severity.FAULT, 0);
            case DELAYED -> whole(Kind.CHANNELS_DELAYED, Severity.FAULT, relation.delayMs());
            case ONE_SILENT -> whole(Kind.CHANNEL_SILENT, Severity.WARNING, 0);
            case IDENTICAL -> whole(Kind.CHANNELS_IDENTICAL, Severity.NOTE, 0);
            case SINGLE, STEREO -> {}
        }
    }

    private void voice(VoiceProfile voice) {
        places(Kind.PLOSIVES, Severity.WARNING, voice.plosives(), PLOSIVES_A_MINUTE);
        places(Kind.ELECTRICAL_CLICKS, Severity.WARNING, voice.electricalClicks(), 0);
        voice.clock().ifPresent(this::clock);
        places(Kind.MOUTH_CLICKS, Severity.NOTE, voice.mouthClicks(), CLICKS_A_MINUTE);
        places(Kind.SIBILANCE, Severity.NOTE, voice.harshSibilants(), SIBILANTS_A_MINUTE);
        voice.swellDb().ifPresent(db -> longestPause(Kind.PUMPING, Severity.WARNING, db));
        voice.echo().ifPresent(e -> whole(Kind.ECHO, Severity.WARNING, 1000 * e.delayS()));
    }

    /** Where the voice comes from: one finding where side and distance explain them all. */
    private void place(Report report) {
        Reverberation room = report.voice().reverberation();
        if (OffSide.is(report)) {
            whole(Kind.OFF_SIDE, Severity.WARNING, room.clarityDb().getAsDouble());
            return;
        }
        if (room.against(CLEAR_DB) == Reverberation.Standing.UNCLEAR) {
            whole(Kind.REVERBERANT, Severity.WARNING, room.clarityDb().getAsDouble());
        }
        report.voice()
                .spectrum()
                .flatMap(VoiceSpectrum::colour)
                .ifPresent(colour -> whole(kind(colour.shade()), Severity.NOTE, colour.deviationDb()));
    }

    private void clock(Clock clock) {
        Event loudest = clock.ticks().worst().get(0);
        findings.add(new Finding(
                Kind.CLOCK,
                Severity.WARNING,
                loudest.startS(),
                loudest.endS(),
                clock.periodS(),
                Finding.inTime(clock.ticks().worst())));
    }

    private static Kind kind(VoiceSpectrum.Shade shade) {
        return switch (shade) {
            case THIN -> Kind.THIN;
            case MUDDY -> Kind.MUDDY;
            case BOXY -> Kind.BOXY;
            case HARSH -> Kind.HARSH;
            case DULL -> Kind.DULL;
        };
    }

    private void noise(NoiseProfile noise) {
        double floor = pauses.noiseFloorDbfs().orElse(Double.NEGATIVE_INFINITY);
        Severity severity = floor > NOISE_WARNING_DBFS ? Severity.WARNING : Severity.NOTE;
        boolean worth = floor > NOISE_NOTE_DBFS;
        noise.hum()
                .filter(h -> h.levelDbfs() > HUM_DBFS || (worth && noise.kind() == NoiseProfile.Kind.HUM))
                .ifPresent(h -> longestPause(
                        h.familyHz() == 50 ? Kind.HUM_50 : Kind.HUM_60,
                        h.levelDbfs() > NOISE_WARNING_DBFS ? Severity.WARNING : Severity.NOTE,
                        h.levelDbfs()));
        noise.buzzDbfs().stream()
                .filter(level -> level > HUM_DBFS || (worth && noise.kind() == NoiseProfile.Kind.BUZZ))
                .forEach(level ->
                        longestPause(Kind.BUZZ, level > NOISE_WARNING_DBFS ? Severity.WARNING : Severity.NOTE, level));
        tone(noise, worth && noise.kind() == NoiseProfile.Kind.WHINE, severity);
        if (worth) {
            switch (noise.kind()) {
                case RUMBLE -> longestPause(Kind.RUMBLE, severity, noise.rumbleDbfs());
                case HISS -> longestPause(Kind.HISS, severity, noise.hissDbfs());
                case ROOM -> longestPause(Kind.ROOM_NOISE, severity, floor);
                case HUM, BUZZ, WHINE -> {}
            }
        }
        Pauses.Stretch noisiest = pauses.noisiest().orElseThrow();
        // Where a swell is shorter than a pause, every pause is as loud.
        boolean changes = (noise.changeDb() >= CHANGE_DB || pauses.throbS().isPresent())
                && noisiest.levelDbfs() > NOISE_NOTE_DBFS;
        boolean starts = noise.changeDb() >= GREAT_CHANGE_DB && noisiest.levelDbfs() > GREAT_CHANGE_DBFS;
        if (changes || starts) {
            findings.add(new Finding(
                    pauses.throbS().isPresent() ? Kind.THROBBING_NOISE : Kind.CHANGING_NOISE,
                    noisiest.levelDbfs() > NOISE_WARNING_DBFS ? Severity.WARNING : Severity.NOTE,
                    noisiest.startS(),
                    noisiest.endS(),
                    pauses.throbS().orElse(noise.changeDb()),
                    List.of()));
        }
    }

    /** The tone that there is most of in the noise, and otherwise the one that is heard most. */
    private void tone(NoiseProfile noise, boolean mostly, Severity ofFloor) {
        Optional<NoiseProfile.Tone> heard =
                pauses.voiceDbfs().isPresent() ? noise.heard(pauses.voiceDbfs().getAsDouble()) : Optional.empty();
        if (mostly) {
            longestPause(Kind.WHINE, ofFloor, noise.tones().get(0).frequencyHz());
        } else {
            heard.ifPresent(t -> longestPause(
                    Kind.WHINE,
                    t.audibilityDb() >= NoiseProfile.Tone.PROMINENT_DB ? Severity.WARNING : Severity.NOTE,
                    t.frequencyHz()));
        }
    }

    private void whole(Kind kind, Severity severity, double amount) {
        findings.add(new Finding(kind, severity, 0, durationS, amount, List.of()));
    }

    private void longestPause(Kind kind, Severity severity, double amount) {
        Pauses.Stretch heard = pauses.longest().orElse(new Pauses.Stretch(0, durationS, 0));
        findings.add(new Finding(kind, severity, heard.startS(), heard.endS(), amount, List.of()));
    }

    /** A finding of events, unless there are fewer than so many a minute. */
    private void places(Kind kind, Severity severity, Event.Tally tally, double leastAMinute) {
        if (tally.count() > leastAMinute * Math.max(1, durationS / 60)) {
            findings.add(Finding.of(kind, severity, tally));
        }
    }

    private void runs(Kind kind, Severity severity, double amount, List<Clipping.Run> runs, AudioInfo info) {
        List<Event> events = runs.stream()
                .map(r -> new Event(r.startS(), r.startS() + r.samples() / (double) info.sampleRateHz(), r.samples()))
                .toList();
        Event worst =
                events.stream().max(Comparator.comparingDouble(Event::amount)).orElseThrow();
        findings.add(new Finding(kind, severity, worst.startS(), worst.endS(), amount, Finding.inTime(events)));
    }
}
