package app.redlamp.media.room;

import app.redlamp.core.acoustics.room.SixBands;
import com.fasterxml.jackson.databind.node.ArrayNode;

/** Six numbers in a list. */
final class Numbers {
    private Numbers() {}

    static void put(ArrayNode list, SixBands bands) {
        for (double value : bands.toArray()) {
            list.add(value);
        }
    }
}
