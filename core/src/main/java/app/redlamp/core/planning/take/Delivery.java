package app.redlamp.core.planning.take;

import app.redlamp.core.fault.Faults;
import java.time.LocalDateTime;
import java.util.List;

/**
 * What was made of a take for a client.
 *
 * @param take file of the take
 * @param specification id of what it was held against
 * @param made when it was finished
 * @param files master and delivery, as they lie in the production's folder, the delivery last
 * @param gainDb by how much it was lifted
 */
public record Delivery(String take, String specification, LocalDateTime made, List<String> files, double gainDb) {
    /** @throws IllegalArgumentException for a file that does not lie in the folder, or none at all */
    public Delivery {
        files = List.copyOf(files);
        Take.checkInside(take);
        files.forEach(Take::checkInside);
        if (files.isEmpty() || !Double.isFinite(gainDb)) {
            throw new IllegalArgumentException(Faults.say("delivery.delivery-with-gain", take, gainDb));
        }
    }
}
