package app.redlamp.core.chain;

import app.redlamp.core.signal.SpeechSpectrum;
import java.util.Locale;

/**
 * How loud somebody speaks, by the level at 1 m in front of the mouth. Normal to shouted: ANSI S3.5-1997 (from memory); whisper
 * and quiet: common practice, no source.
 */
public enum VocalEffort {
    WHISPER(45),
    QUIET(56),
    NORMAL(62.35),
    RAISED(68.34),
    LOUD(74.85),
    SHOUT(82.30);

    private final double atOneMetreDb;

    VocalEffort(double atOneMetreDb) {
        this.atOneMetreDb = atOneMetreDb;
    }

    /** Average level at 1 m in dB SPL. */
    public double atOneMetreDb() {
        return atOneMetreDb;
    }

    /** What it sounds like. */
    public SpeechSpectrum spectrum() {
        return this == WHISPER ? SpeechSpectrum.WHISPERED : SpeechSpectrum.VOICED;
    }

    /** Name in files, such as {@code raised}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** One step louder; a shout stays one. */
    public VocalEffort louder() {
        return switch (this) {
            case WHISPER -> QUIET;
            case QUIET -> NORMAL;
            case NORMAL -> RAISED;
            case RAISED -> LOUD;
            case LOUD, SHOUT -> SHOUT;
        };
    }
}
