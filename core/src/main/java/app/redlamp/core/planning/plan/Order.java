package app.redlamp.core.planning.plan;

import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.delivery.spec.DeliveryFormat;
import app.redlamp.core.delivery.spec.Specification;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What the client will check, and where each figure comes from.
 *
 * @param specification what the recordings are held against
 * @param basedOn the specification of the library that it began as
 * @param quotes words of the client's mail, by the figure that was read from them
 * @param mail the mail itself; empty where there is none
 */
public record Order(Specification specification, Specification basedOn, Map<Asked, String> quotes, String mail) {

    public Order {
        Map<Asked, String> ordered = new EnumMap<>(Asked.class);
        ordered.putAll(quotes);
        quotes = Map.copyOf(ordered);
    }

    /** As it stands in the library. */
    public static Order of(Specification specification) {
        return new Order(specification, specification, Map.of(), "");
    }

    /** Whether a figure is another than in the library's specification. */
    public boolean deviates(Asked asked) {
        return asked.differs(basedOn, specification);
    }

    /** Whether any is, or anything else that the specification says. */
    public boolean deviates() {
        return List.of(Asked.values()).stream().anyMatch(this::deviates) || deviatesOtherwise();
    }

    /** Whether something is another than in the library's that is no figure of its own, such as the names of files. */
    public boolean deviatesOtherwise() {
        DeliveryFormat now = specification.format();
        DeliveryFormat then = basedOn.format();
        boolean file = now.coding() == then.coding()
                && !(now.accepted().equals(then.accepted())
                        && now.constantBitRate() == then.constantBitRate()
                        && now.broadcast() == then.broadcast()
                        && now.sameChannels() == then.sameChannels());
        return file
                || !specification.sound().equals(basedOn.sound())
                || !specification.set().equals(basedOn.set())
                || !specification.naming().equals(basedOn.naming())
                || !specification.time().totalS().equals(basedOn.time().totalS());
    }
}
