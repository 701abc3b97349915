package app.redlamp.media.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import app.redlamp.core.port.Settings;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SettingsFileTest {
    @TempDir
    Path folder;

    @Test
    void whatIsSavedIsLoadedAndNothingElseStays() throws IOException {
        Path path = folder.resolve("deep/settings.json");
        Settings.Values values = new Settings.Values("daylight", 125, "podcast-mono")
                .opened("/home/a/Book")
                .opened("/home/a/Guide")
                .opened("/home/a/Book");
        new SettingsFile(path).save(values);
        assertThat(values.recent()).containsExactly("/home/a/Book", "/home/a/Guide");
        assertThat(new SettingsFile(path).load()).isEqualTo(values);
        try (Stream<Path> files = Files.list(path.getParent())) {
            assertThat(files).containsExactly(path);
        }
    }

    @Test
    void unknownFieldsSurvive() throws IOException {
        Path path = Files.writeString(folder.resolve("settings.json"), "{\"theme\":\"dusk\",\"later\":{\"x\":[1,2]}}");
        new SettingsFile(path).save(new Settings.Values("daylight", 100, "podcast-mono"));
        assertThat(Files.readString(path)).contains("\"later\"").contains("daylight");
    }

    @Test
    void missingBrokenOrStrangeSettingsAreTheDefaults() throws IOException {
        assertThat(new SettingsFile(folder.resolve("none.json")).load()).isEqualTo(Settings.Values.DEFAULT);
        for (String broken : new String[] {"", "{", "[1]", "null", "\u0000\u0001", "{\"scalePercent\":\"huge\"}"}) {
            Path path = Files.writeString(folder.resolve("broken.json"), broken);
            assertThat(new SettingsFile(path).load()).as(broken).isEqualTo(Settings.Values.DEFAULT);
        }
        Path odd = Files.writeString(
                folder.resolve("odd.json"), "{\"theme\":7,\"recent\":[\"/a\",1],\"lengths\":\"metric\"}");
        Settings.Values kept = new SettingsFile(odd).load();
        assertThat(kept.theme()).as("one field that is odd costs no other").isEqualTo(Settings.Values.DEFAULT.theme());
        assertThat(kept.recent()).containsExactly("/a");
        assertThat(kept.lengths()).isEqualTo("metric");
        assertThat(Settings.Values.nearestScale(1000)).isEqualTo(150);
        assertThat(Settings.Values.nearestScale(113)).isEqualTo(115);
        assertThat(Settings.Values.nearestScale(-5)).isEqualTo(90);
    }

    @Test
    void aPlaceThatCannotBeWrittenIsAnError() throws IOException {
        Path inTheWay = Files.writeString(folder.resolve("file"), "x");
        assertThatExceptionOfType(IOException.class)
                .isThrownBy(() -> new SettingsFile(inTheWay.resolve("settings.json")).save(Settings.Values.DEFAULT));
    }
}
