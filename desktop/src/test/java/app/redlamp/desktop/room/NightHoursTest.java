package app.redlamp.desktop.room;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.acoustics.diary.NoiseEvent;
import app.redlamp.core.acoustics.diary.NoiseGroup;
import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.core.acoustics.outside.OctaveLevels;
import java.time.LocalTime;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class NightHoursTest {
    private static final LocalTime TEN = LocalTime.of(22, 0);

    private static NoiseEvent event(double startS, double lengthS) {
        return new NoiseEvent(startS, lengthS, NoiseEvent.Kind.RUMBLE, -50, 10, 12, OctaveLevels.silence());
    }

    @Test
    void whatWasHeardOnceKeepsItsHours() {
        NoiseGroup mixers = new NoiseGroup(List.of(event(6 * 3600 + 300, 3.6 * 3600)), OptionalDouble.empty());

        assertThat(NightHours.of(mixers, TEN)).containsExactly(Hours.daily(LocalTime.of(4, 0), LocalTime.of(8, 0)));
    }

    @Test
    void whatComesByTheClockComesAlways() {
        NoiseGroup fridge =
                new NoiseGroup(List.of(event(100, 60), event(2500, 60), event(4900, 60)), OptionalDouble.of(2400));

        assertThat(NightHours.of(fridge, TEN)).containsExactly(Hours.always());
    }
}
