package app.redlamp.core.delivery.process;

import app.redlamp.core.units.Limits;
import java.util.List;
import java.util.function.Supplier;

class BandPassTest extends ProcessorContract {
    @Override
    Processor processor() {
        return new BandPass(Limits.atLeast(80));
    }

    @Override
    List<Supplier<Processor>> impossible() {
        return List.of(() -> new BandPass(Limits.atLeast(0)), () -> new BandPass(Limits.atLeast(-5)));
    }
}
