package app.redlamp.core.delivery.process;

import java.util.List;
import java.util.function.Supplier;

class LimiterTest extends ProcessorContract {
    @Override
    Processor processor() {
        return new Limiter(-9);
    }

    @Override
    List<Supplier<Processor>> impossible() {
        return List.of(() -> new Limiter(0.1), () -> new Limiter(Double.NaN));
    }
}
