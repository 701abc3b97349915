package app.redlamp.core.units;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;

class IdsTest {
    @Test
    void whatIsFreeIsKept() {
        assertThat(Ids.free("box-room", Set.of("booth")::contains)).isEqualTo("box-room");
    }

    @Test
    void whatIsTakenGetsTheNextNumber() {
        Set<String> taken = Set.of("box-room", "box-room-2", "box-room-3");
        assertThat(Ids.free("box-room", taken::contains)).isEqualTo("box-room-4");
    }

    @Test
    void numbersBeginWhereAsked() {
        Set<String> taken = Set.of("thing-1", "thing-7", "thing-8");
        assertThat(Ids.numbered("thing", 7, taken::contains)).isEqualTo("thing-9");
    }
}
