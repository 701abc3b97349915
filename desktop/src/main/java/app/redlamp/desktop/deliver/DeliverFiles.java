package app.redlamp.desktop.deliver;

import app.redlamp.desktop.station.Doors;
import app.redlamp.desktop.station.StationParts;
import java.nio.file.Path;
import java.util.List;

/** Files that are asked for at the Deliver station: recordings to bring, and a name for the report. */
record DeliverFiles(StationParts<DeliverStation.Models> parts) {

    /** Asks for recordings and puts them on the docket. */
    void bring() {
        List<Path> chosen = parts.doors().openSeveral(Doors.Kind.RECORDING);
        if (!chosen.isEmpty()) {
            parts.models().deliver().open(chosen);
        }
    }

    /** Asks for a name and writes the report on the delivery. */
    void report() {
        if (!parts.models().deliver().rows().isEmpty()) {
            parts.doors()
                    .save(Doors.Kind.REPORT)
                    .ifPresent(file -> parts.models()
                            .deliver()
                            .writeSheet(parts.models().printing(), parts.words().recordings(), file));
        }
    }
}
