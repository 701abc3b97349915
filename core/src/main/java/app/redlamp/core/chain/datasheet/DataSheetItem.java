package app.redlamp.core.chain.datasheet;

import java.util.Locale;

/** A figure of a data sheet, in the unit that it is brought to. */
public enum DataSheetItem {
    SENSITIVITY("mV/Pa"),
    SELF_NOISE("dB(A)"),
    /** Re 94 dB SPL, A-weighted. */
    SIGNAL_TO_NOISE("dB"),
    /** At 1 % distortion. */
    MAX_SPL("dB SPL"),
    OUTPUT_IMPEDANCE("Ω"),
    INPUT_IMPEDANCE("Ω"),
    /** Unweighted over 20 kHz, at 150 Ω. */
    INPUT_NOISE("dBu"),
    MIN_GAIN("dB"),
    MAX_GAIN("dB"),
    MAX_INPUT("dBu"),
    DYNAMIC_RANGE("dB(A)"),
    BITS("bit"),
    /** Sound pressure level at 1 mW. */
    HEADPHONE_SENSITIVITY("dB/mW"),
    /** Sound pressure level at 1 V. */
    HEADPHONE_SENSITIVITY_VOLT("dB/V"),
    HEADPHONE_IMPEDANCE("Ω"),
    /** RMS of a full-scale sine at a socket for headphones with nothing plugged in. */
    SOCKET_LEVEL("V"),
    /** What such a socket has in series. */
    SOCKET_IMPEDANCE("Ω"),
    WEIGHT("kg"),
    DIAPHRAGM("mm");

    private final String unit;

    DataSheetItem(String unit) {
        this.unit = unit;
    }

    /** Unit that it is kept in; empty for none. */
    public String unit() {
        return unit;
    }

    /** Name in reports, such as {@code self-noise}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
