package app.redlamp.desktop.station;

import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.ProductionModel;
import java.util.function.Consumer;

/**
 * What every station is given.
 *
 * @param production that is open
 * @param jobs runs what takes long
 * @param strings words of the interface
 * @param units lengths and all wordings
 * @param doors ways out of the window
 * @param go opens another station
 */
public record StationContext(
        ProductionModel production,
        JobService jobs,
        Strings strings,
        Units units,
        Doors doors,
        Consumer<StationId> go) {}
