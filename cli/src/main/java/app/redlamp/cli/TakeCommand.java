package app.redlamp.cli;

import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.port.Productions;
import app.redlamp.core.port.TakeRecording;
import app.redlamp.core.port.TakeRecording.Kept;
import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What commands that record have in common: a production that is held, and takes that it is told of. */
final class TakeCommand {
    private final Productions productions;
    private final TakeRecording recording;
    private final Path folder;

    TakeCommand(Productions productions, TakeRecording recording, Path folder) {
        this.productions = productions;
        this.recording = recording;
        this.folder = folder;
    }

    /**
     * Title of a chapter or cue. What is spoken freely has no chapters: it is the production itself.
     *
     * @param number from 1
     * @throws IOException where there is none of that number; one line
     */
    static String title(Production production, int number) throws IOException {
        List<Piece> pieces = production.pieces();
        if (pieces.isEmpty() && number == 1) {
            return production.brief().title();
        }
        if (!(number >= 1 && number <= pieces.size())) {
            throw new IOException(Faults.say("record-command.no-chapter", number, pieces.size()));
        }
        return pieces.get(number - 1).title();
    }

    /** @throws IOException where it cannot be changed; one line */
    Productions.Held open() throws IOException {
        Productions.Held held;
        try {
            held = productions.open(folder);
        } catch (IOException e) {
            throw new IOException(Faults.say("chain-command.plain", folder, e.getMessage()), e);
        }
        if (held.readOnly().isPresent()) {
            held.close();
            throw new IOException(
                    Faults.say("chain-command.plain", folder, held.readOnly().get()));
        }
        return held;
    }

    /** The production knows the takes, and is saved; only then nobody need get them back any more. */
    void keep(Productions.Held held, List<Kept> kept) throws IOException {
        List<Kept> home = kept.stream().filter(Kept::home).toList();
        if (!home.isEmpty()) {
            Production production = held.production();
            held.save(production.with(production
                    .takes()
                    .recording(home.stream().map(k -> k.take().take()).toList())));
            for (Kept one : home) {
                held.log(one.take().entry());
            }
            recording.settled(held.folder(), home);
        }
    }

    /** What is printed of a take. */
    Map<String, Object> json(Kept kept) {
        Map<String, Object> one = new LinkedHashMap<>();
        one.put("file", shown(kept).toString());
        one.put("seconds", kept.take().lengthS());
        one.put("lostFrames", kept.take().lostFrames());
        one.put("sha256", kept.take().sha256());
        return one;
    }

    /** The file as it is found from where the command was given. */
    Path shown(Kept kept) {
        return kept.home() ? folder.resolve(kept.take().head().file()) : kept.file();
    }
}
