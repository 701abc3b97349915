package app.redlamp.cli;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** Runs commands as a script does, and keeps what they printed last. */
final class Shell {
    private String out = "";
    private String err = "";

    int run(String... arguments) {
        ByteArrayOutputStream printed = new ByteArrayOutputStream();
        ByteArrayOutputStream errors = new ByteArrayOutputStream();
        int code = Main.run(
                new Console(
                        new PrintStream(printed, true, StandardCharsets.UTF_8),
                        new PrintStream(errors, true, StandardCharsets.UTF_8),
                        Locale.UK),
                arguments);
        out = printed.toString(StandardCharsets.UTF_8);
        err = errors.toString(StandardCharsets.UTF_8);
        return code;
    }

    String out() {
        return out;
    }

    String err() {
        return err;
    }

    JsonNode json() throws IOException {
        return new ObjectMapper().readTree(out);
    }
}
