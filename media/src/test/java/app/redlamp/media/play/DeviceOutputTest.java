package app.redlamp.media.play;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assumptions.assumeThat;
import static org.junit.jupiter.api.condition.OS.LINUX;

import app.redlamp.core.signal.Signals;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.io.TempDir;

/** The JDK's own sound devices, on a machine whose only device is ALSA's null device; skipped where ALSA is missing. */
@EnabledOnOs(LINUX)
class DeviceOutputTest {
    @TempDir
    Path folder;

    @Test
    void aRealDeviceIsFoundAndTakesEverySample() throws IOException, InterruptedException {
        assertThat(run("pcm.!default { type null }\nctl.!default { type hw card 0 }\n"))
                .hasSize(2)
                .anyMatch(line -> line.startsWith("real ") && line.contains("default"))
                .contains("heard 22050");
    }

    @Test
    void withoutADeviceTheStandInIsUsedAndSaysSo() throws IOException, InterruptedException {
        assertThat(run("")).containsExactly("stand-in silent stand-in");
    }

    private List<String> run(String alsa) throws IOException, InterruptedException {
        assumeThat(alsaIsThere()).isTrue();
        Path configuration = Files.writeString(folder.resolve("asound.conf"), alsa);
        Path out = folder.resolve("out.txt");
        ProcessBuilder builder = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        DeviceOutputTest.class.getName())
                .redirectOutput(out.toFile())
                .redirectError(ProcessBuilder.Redirect.DISCARD);
        builder.environment().put("ALSA_CONFIG_PATH", configuration.toString());
        assertThat(builder.start().waitFor()).isZero();
        return Files.readAllLines(out);
    }

    private static boolean alsaIsThere() throws IOException {
        try (Stream<Path> libraries = Files.find(
                Path.of("/usr/lib"),
                3,
                (path, attributes) -> path.getFileName().toString().startsWith("libasound.so"))) {
            return libraries.findAny().isPresent();
        }
    }

    /** Runs in a process of its own, because the JDK looks for devices once. */
    public static void main(String[] arguments) throws IOException {
        try (SourcePlayback playback = SourcePlayback.onThisMachine()) {
            System.out.println((playback.output().simulated() ? "stand-in " : "real ")
                    + playback.output().name());
        }
        if (DeviceOutput.first().isPresent()) {
            float[][] tone = {Signals.sine(440, -6, 0.1, 44_100)};
            try (SoundOutput.Line line = DeviceOutput.first().get().open(44_100, 1)) {
                for (int i = 0; i < 5; i++) {
                    line.write(tone, tone[0].length);
                }
                line.drain();
                System.out.println("heard " + line.heard());
            }
        }
    }
}
