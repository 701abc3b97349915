package app.redlamp.desktop.level;

import app.redlamp.core.port.Capture;
import app.redlamp.desktop.input.InputModel;
import app.redlamp.desktop.input.MonitorModel;
import app.redlamp.desktop.station.StationParts;

/** What is wrong with the devices, and what to do, one sentence each. */
final class Trouble {
    private Trouble() {}

    /** With what is monitored; empty for nothing. */
    static String monitor(StationParts<LevelStation.Models> parts) {
        MonitorModel.Warning now = parts.models().monitor().warning().get();
        if (now.howlHz().isPresent()) {
            return parts.say(
                    "monitor.howl", parts.bench().figures().whole(now.howlHz().getAsDouble()));
        }
        return now.echo()
                .map(e -> parts.say(
                        "monitor.echo",
                        parts.bench().figures().whole(1000 * e.delayS()),
                        parts.bench().figures().whole(-e.levelDb())))
                .orElse("");
    }

    /** Why the input cannot be listened to. */
    static String device(StationParts<LevelStation.Models> parts) {
        InputModel input = parts.models().level().input();
        Capture.Format format = input.format().get();
        return parts.words()
                .level()
                .device(input.fault().get().id(), format.sampleRateHz(), format.bits(), format.channels());
    }
}
