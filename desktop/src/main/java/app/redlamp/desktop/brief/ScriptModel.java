package app.redlamp.desktop.brief;

import app.redlamp.core.log.LogEntry;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.planning.script.Block;
import app.redlamp.core.planning.script.CharacterVoice;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Pieces;
import app.redlamp.core.planning.script.PlainText;
import app.redlamp.core.planning.script.Saying;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.planning.script.Span;
import app.redlamp.core.planning.script.SplitRule;
import app.redlamp.core.planning.script.Splitter;
import app.redlamp.core.port.Scripts;
import app.redlamp.desktop.job.JobService;
import app.redlamp.desktop.look.Strings;
import app.redlamp.desktop.production.ProductionModel;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleIntegerProperty;

/** The script: brought in, split, corrected, and marked with how things are said. */
public final class ScriptModel {
    private static final double MINUTE_S = 60;
    private static final int TITLE_LENGTH = 60;

    private final ProductionModel open;
    private final Scripts scripts;
    private final JobService jobs;
    private final Strings strings;
    private final IntegerProperty selected = new SimpleIntegerProperty(-1);

    ScriptModel(ProductionModel open, Scripts scripts, JobService jobs, Strings strings) {
        this.open = open;
        this.scripts = scripts;
        this.jobs = jobs;
        this.strings = strings;
        open.production().addListener((o, was, now) -> keepSelected(now));
    }

    /** Index of the piece that is looked at; −1 for none. */
    public IntegerProperty selected() {
        return selected;
    }

    /** The piece that is looked at; empty for none. */
    public Optional<Piece> selectedPiece() {
        int at = selected.get();
        return at < 0 ? Optional.empty() : Optional.of(pieces().get(at));
    }

    private void keepSelected(Production now) {
        int size = now == null ? 0 : now.pieces().size();
        selected.set(Math.min(Math.max(selected.get(), size > 0 ? 0 : -1), size - 1));
    }

    /** A text that was brought, and how it is split at first. */
    private record Read(ScriptText text, List<Piece> pieces) {
        static Read of(ScriptText text, boolean cues) {
            return new Read(text, new Splitter(text).first(cues));
        }
    }

    private boolean hasCues() {
        return open.production().get().brief().kind().hasCues();
    }

    /** Reads a script away from the interface thread and puts it in place of the one before. */
    public void bring(Path file) {
        boolean cues = hasCues();
        List<JobService.Work<Read>> work = List.of(progress -> Read.of(scripts.read(file, progress), cues));
        jobs.start(strings.say("job.script"), work, new JobService.Listener<>() {
            @Override
            public void done(int part, Read text) {
                replace(text);
                open.files().keepScript(file);
                open.files().log(new LogEntry.Script(String.valueOf(file.getFileName())));
            }

            @Override
            public void failed(int part, String message) {
                jobs.notify(file.getFileName() + " " + message);
            }

            @Override
            public void ended(boolean cancelled) {}
        });
    }

    /** Puts a pasted text in place of the script, or below it. */
    public void paste(String text, boolean below) {
        boolean cues = hasCues();
        jobs.chore(progress -> Read.of(plain(text), cues), read -> {
            if (below) {
                append(read);
            } else {
                replace(read);
            }
        });
    }

    private ScriptText plain(String text) throws IOException {
        if (text.length() > ScriptText.MOST_CHARACTERS) {
            throw new IOException(strings.say("paste.long", ScriptText.tooLong()));
        }
        return PlainText.read(text);
    }

    private void replace(Read read) {
        change("edit.script", s -> s.withText(read.text(), read.pieces()));
    }

    private void append(Read more) {
        change("edit.script", s -> {
            int offset = s.text().size();
            List<Piece> all = new ArrayList<>(s.pieces());
            for (Piece piece : more.pieces()) {
                List<Span> moved = piece.spans().stream()
                        .map(span -> new Span(span.from() + offset, span.to() + offset))
                        .toList();
                all.add(Piece.read(piece.title(), moved));
            }
            return s.withText(s.text().and(more.text()), all);
        });
    }

    /** Splits the whole script anew; corrections made by hand go, and come back when it is undone. */
    public void split(SplitRule rule) {
        ScriptText text = script().text();
        jobs.chore(progress -> new Splitter(text).by(rule), pieces -> {
            if (text.equals(script().text())) {
                change("edit.split", s -> s.with(pieces));
            }
        });
    }

    public void merge(int index) {
        if (index >= 0 && index + 1 < pieces().size()) {
            change("edit.merge", s -> s.with(Pieces.merge(s.pieces(), index)));
        }
    }

    /** Splits a piece before a block of it; the new one is called by what the block begins with. */
    public void splitBefore(int index, int block) {
        Block first = script().text().blocks().get(block);
        String title = first.text().length() <= TITLE_LENGTH
                ? first.text()
                : first.text().substring(0, TITLE_LENGTH).strip() + "…";
        boolean inside = pieces().get(index).spans().stream().anyMatch(s -> s.contains(block))
                && pieces().get(index).spans().get(0).from() != block;
        if (inside) {
            change("edit.split", s -> s.with(Pieces.split(s.pieces(), index, block, title)));
        }
    }

    public void rename(int index, String title) {
        if (!title.isBlank()) {
            change("edit.rename", s -> s.with(Pieces.rename(s.pieces(), index, title.strip())));
        }
    }

    /** Moves a piece by so many places; where there is no such place it stays. */
    public void move(int index, int by) {
        int to = index + by;
        if (index >= 0 && to >= 0 && to < pieces().size()) {
            change("edit.move", s -> s.with(Pieces.move(s.pieces(), index, to)));
            selected.set(to);
        }
    }

    public void remove(int index) {
        if (index >= 0 && index < pieces().size()) {
            change("edit.take-out", s -> s.with(Pieces.remove(s.pieces(), index)));
        }
    }

    /** Adds an episode that is spoken freely. */
    public void addSpoken(String title, double minutes) {
        if (!title.isBlank() && minutes > 0) {
            change("edit.episode", s -> {
                List<Piece> all = new ArrayList<>(s.pieces());
                all.add(Piece.spoken(title.strip(), minutes * MINUTE_S));
                return s.with(all);
            });
            selected.set(pieces().size() - 1);
        }
    }

    /** Decides how a term is said; an empty saying takes the decision back. */
    public void say(String term, String said) {
        change("edit.saying", s -> {
            List<Saying> all = new ArrayList<>(s.sayings());
            all.removeIf(one -> one.term().equals(term));
            if (!said.isBlank()) {
                all.add(new Saying(term, said.strip(), ""));
            }
            return s.withSayings(all);
        });
    }

    /** Gives somebody a voice; an empty one takes it back. */
    public void voice(String name, String voice) {
        change("edit.voice", s -> {
            List<CharacterVoice> all = new ArrayList<>(s.voices());
            all.removeIf(one -> one.name().equals(name));
            if (!voice.isBlank()) {
                all.add(new CharacterVoice(name, voice.strip()));
            }
            return s.withVoices(all);
        });
    }

    public Script script() {
        return open.production().get().script();
    }

    public List<Piece> pieces() {
        return open.production().get().pieces();
    }

    private void change(String name, UnaryOperator<Script> change) {
        try {
            open.edit(strings.say(name), p -> p.with(change.apply(p.script())));
        } catch (IllegalArgumentException e) {
            // What cannot be changes nothing.
            jobs.notify(String.valueOf(e.getMessage()));
        }
    }
}
