package app.redlamp.media;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Other processes of the same programs, to be killed. */
public final class Processes {
    private Processes() {}

    /** Starts the main method of a class with the class path of the tests. */
    public static Process start(Class<?> main, String... arguments) throws IOException {
        List<String> line = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx512m",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-XX:-UsePerfData",
                "-cp",
                System.getProperty("java.class.path"),
                main.getName()));
        line.addAll(List.of(arguments));
        return new ProcessBuilder(line)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
    }

    /** Reads what a process prints until it says something. */
    public static void await(Process process, String said) throws IOException {
        BufferedReader out = process.inputReader(StandardCharsets.UTF_8);
        for (String line = out.readLine(); line != null; line = out.readLine()) {
            if (line.equals(said)) {
                return;
            }
        }
        throw new IOException("ended without saying " + said);
    }

    /** Everything that a process has printed when it ends. */
    public static List<String> lines(Process process) throws IOException {
        try (BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            return out.lines().toList();
        }
    }

    /** Kills it, as the system does that wants its memory back, and returns when it is gone. */
    public static void kill(Process process) throws InterruptedException {
        process.destroyForcibly();
        process.waitFor();
    }
}
