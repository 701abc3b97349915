package app.redlamp.core.chain.kit;

import java.util.Locale;

/** How things are put together. */
public enum Plug {
    XLR,
    /** A socket that takes XLR and the large jack. */
    COMBO,
    /** Large jack with three contacts: balanced. */
    JACK_BALANCED,
    /** Large jack with two contacts: unbalanced. */
    JACK_UNBALANCED,
    /** Small jack of cameras, recorders and sound cards. */
    MINI,
    /** Small jack with four contacts, of telephones and headsets. */
    MINI_HEADSET,
    USB,
    /** Built in. */
    NONE;

    /** Name in files, such as {@code jack-balanced}. */
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Whether a plug of this kind goes into a socket without an adapter. */
    public boolean fits(Plug socket) {
        return this == socket || (socket == COMBO && (this == XLR || this == JACK_BALANCED || this == JACK_UNBALANCED));
    }

    /** Whether it carries the signal on two wires against each other. */
    public boolean balanced() {
        return this == XLR || this == COMBO || this == JACK_BALANCED;
    }
}
