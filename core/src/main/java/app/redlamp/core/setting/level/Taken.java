package app.redlamp.core.setting.level;

import app.redlamp.core.fault.Faults;
import app.redlamp.core.measure.analysis.Report;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What was heard in one step.
 *
 * @param step which
 * @param gainDb where the knob stood; absent where nobody knows
 * @param channels what each channel gave, in their order
 */
public record Taken(SettingStep step, OptionalDouble gainDb, List<Report> channels) {

    /** @throws IllegalArgumentException without a channel */
    public Taken {
        channels = List.copyOf(channels);
        if (channels.isEmpty()) {
            throw new IllegalArgumentException(Faults.say("taken.step-that-heard"));
        }
    }
}
