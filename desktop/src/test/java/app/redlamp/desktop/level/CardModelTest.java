package app.redlamp.desktop.level;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.redlamp.core.setting.card.Moved;
import app.redlamp.core.setting.card.Overrule;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.desktop.production.ProductionModel;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is written on the gain card, and what is held against it. */
class CardModelTest extends OnTheDemo {
    @Test
    void aCardIsWrittenAndHeldAgainstToday() throws IOException {
        kit.editSeat("edit.gain", s -> s.gained(30));
        assertThat(cards.canWrite()).isFalse();
        take(SettingStep.STILL);
        take(SettingStep.LOUDEST);
        take(SettingStep.READ);
        assertThat(cards.canWrite()).isTrue();
        cards.write(List.of(), "window shut");
        assertThat(cards.last().orElseThrow().note()).isEqualTo("window shut");
        assertThat(cards.last().get().input().simulated()).isTrue();
        assertThat(cards.moved().orElseThrow()).isEmpty();
        until(() -> open.saved().get() == ProductionModel.Saved.YES);
        assertThat(Files.readString(open.folder().get().resolve("production.json")))
                .contains("window shut");

        // Ten decibels more gain, and the noise says so.
        kit.editSeat("edit.gain", s -> s.gained(40));
        take(SettingStep.STILL);
        assertThat(cards.moved().orElseThrow()).anySatisfy(m -> {
            assertThat(m.kind()).isEqualTo(Moved.Kind.GAIN);
            assertThat(m.amount()).isCloseTo(10, within(1.0));
        });
        kit.editSeat("edit.gain", s -> s.at(s.position().at(0.10)).gained(30));
        take(SettingStep.STILL);
        assertThat(cards.moved().orElseThrow()).extracting(Moved::kind).contains(Moved.Kind.DISTANCE);
    }

    @Test
    void aVerdictIsOverruledWithAReason() throws IOException {
        assertThatThrownBy(() -> cards.overrule(Overrule.Station.ROOM, "  ", List.of("room.decay")))
                .hasMessageContaining("say why");
        cards.overrule(Overrule.Station.ROOM, "only a demo", List.of("room.decay"));
        assertThat(cards.cards().overruled(Overrule.Station.ROOM)).isPresent();
        until(() -> jobs.running().isEmpty());
        assertThat(Files.readString(open.folder().get().resolve("log.jsonl")))
                .contains("overruled")
                .contains("only a demo");
        cards.trust(Overrule.Station.ROOM);
        assertThat(cards.cards().overruled(Overrule.Station.ROOM)).isEmpty();
    }
}
