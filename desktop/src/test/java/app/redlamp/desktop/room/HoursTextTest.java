package app.redlamp.desktop.room;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.redlamp.core.acoustics.outside.Hours;
import app.redlamp.desktop.look.Strings;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.EnumSet;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class HoursTextTest {
    private final HoursText hours = new HoursText(new Strings(Locale.ENGLISH), Locale.ENGLISH, s -> "");

    @Test
    void whatPeopleWriteIsRead() {
        assertThat(hours.read("04:00–08:00 Mon–Sat"))
                .containsExactly(new Hours(
                        EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.SATURDAY), LocalTime.of(4, 0), LocalTime.of(8, 0)));
        assertThat(hours.read("22-6")).containsExactly(Hours.daily(LocalTime.of(22, 0), LocalTime.of(6, 0)));
        assertThat(hours.read("19:30 - 24 tue, thursday"))
                .containsExactly(new Hours(
                        EnumSet.of(DayOfWeek.TUESDAY, DayOfWeek.THURSDAY), LocalTime.of(19, 30), LocalTime.MIDNIGHT));
        assertThat(hours.read("always")).containsExactly(Hours.always());
        assertThat(hours.read("9-17 sat-mon").get(0).days())
                .containsExactlyInAnyOrder(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY, DayOfWeek.MONDAY);
    }

    @ParameterizedTest
    @ValueSource(strings = {"sometimes", "25:00-26:00", "9-17 payday", "9", "9-17 m"})
    void whatIsNoneIsRefusedInOneLine(String written) {
        assertThatThrownBy(() -> hours.read(written))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("write");
    }
}
