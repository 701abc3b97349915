package app.redlamp.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.condition.OS.LINUX;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.io.TempDir;

/** The application as a process of its own. */
class MainTest {
    @TempDir
    Path folder;

    private record Ended(int code, String out, String err) {}

    @Test
    @EnabledOnOs(LINUX)
    void shotsDrawsEveryMainViewWithoutAMonitor() throws IOException, InterruptedException {
        Path shots = folder.resolve("shots");
        Ended ended = run("shots", shots.toString());
        assertThat(ended.code()).as(ended.err()).isZero();
        List<Path> pictures;
        try (Stream<Path> files = Files.list(shots)) {
            pictures = files.toList();
        }
        assertThat(pictures).hasSizeGreaterThanOrEqualTo(60);
        assertThat(ended.out().lines()).hasSameSizeAs(pictures);
        for (Path picture : pictures) {
            BufferedImage image = ImageIO.read(picture.toFile());
            assertThat(image.getWidth()).isEqualTo(1280);
            assertThat(image.getHeight()).isEqualTo(800);
        }
        // The window's own programs were loaded from the user's own folder, and nothing temporary is left.
        Path cache = folder.resolve("cache/redlamp");
        assertThat(cache.resolve("window")).isDirectoryContaining("glob:**.so");
        assertThat(Files.getPosixFilePermissions(cache.resolve("window")))
                .isEqualTo(PosixFilePermissions.fromString("rwx------"));
        assertThat(cache.resolve("scratch")).isEmptyDirectory();
    }

    @Test
    @EnabledOnOs(LINUX)
    void withoutADisplayItSaysSoInOneSentence() throws IOException, InterruptedException {
        for (String[] arguments : new String[][] {{}, {"demo"}}) {
            Ended ended = run(arguments);
            assertThat(ended.code()).isEqualTo(2);
            assertThat(ended.err().lines())
                    .singleElement()
                    .asString()
                    .startsWith("redlamp: there is no display here")
                    .contains("shots DIR");
        }
    }

    @Test
    void shotsWithoutAFolderSaysWhatIsMissing() throws IOException, InterruptedException {
        Ended ended = run("shots");
        assertThat(ended.code()).isEqualTo(2);
        assertThat(ended.err().strip()).isEqualTo("redlamp: shots needs one folder: './redlamp shots DIR'");
    }

    private Ended run(String... arguments) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-cp",
                System.getProperty("java.class.path"),
                Main.class.getName()));
        command.addAll(List.of(arguments));
        Path out = folder.resolve("out.txt");
        Path err = folder.resolve("err.txt");
        ProcessBuilder builder =
                new ProcessBuilder(command).redirectOutput(out.toFile()).redirectError(err.toFile());
        builder.environment().put("XDG_CACHE_HOME", folder.resolve("cache").toString());
        builder.environment().remove("DISPLAY");
        builder.environment().remove("WAYLAND_DISPLAY");
        int code = builder.start().waitFor();
        return new Ended(
                code, Files.readString(out, StandardCharsets.UTF_8), Files.readString(err, StandardCharsets.UTF_8));
    }
}
