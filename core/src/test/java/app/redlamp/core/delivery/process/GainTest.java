package app.redlamp.core.delivery.process;

import java.util.List;
import java.util.function.Supplier;

class GainTest extends ProcessorContract {
    @Override
    Processor processor() {
        return new Gain(-6.5);
    }

    @Override
    List<Supplier<Processor>> impossible() {
        return List.of(() -> new Gain(Double.NaN), () -> new Gain(121));
    }
}
