package app.redlamp.desktop.deliver;

import java.nio.file.Path;
import java.util.Set;

/** Where what is finished goes: {@code ready/} beside {@code raw/} and {@code working/}, or beside the recording. */
final class ReadyFolder {
    private static final Set<String> STAGES = Set.of("raw", "working", "ready");

    private ReadyFolder() {}

    static Path of(Path recording) {
        return production(recording).resolve("ready");
    }

    /** The folder of the production that a recording belongs to. */
    static Path production(Path recording) {
        Path parent = recording.toAbsolutePath().normalize().getParent();
        Path name = parent.getFileName();
        boolean stage = name != null && STAGES.contains(name.toString());
        return stage && parent.getParent() != null ? parent.getParent() : parent;
    }
}
