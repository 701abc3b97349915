package app.redlamp.core.chain.kit;

import app.redlamp.core.chain.Booster;

/**
 * A small amplifier to be put into the lead. It lives on 48 V and lets none through to the microphone.
 *
 * @param booster what it does
 */
public record BoosterPart(String id, String name, Booster booster, Price price, String note) implements Gear {
    public BoosterPart {
        Gear.check(id, name);
    }
}
