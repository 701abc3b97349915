package app.redlamp.media.production;

import app.redlamp.core.planning.script.CharacterVoice;
import app.redlamp.core.planning.script.Piece;
import app.redlamp.core.planning.script.Saying;
import app.redlamp.core.planning.script.Script;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.planning.script.Span;
import app.redlamp.media.json.Codec;
import java.util.Optional;

/** How a script is divided and said, in {@code production.json} (docs/formats.md); its text is a file of its own. */
final class ScriptCodec {
    private static final Codec<Span> BLOCKS =
            Codec.of(o -> new Span(o.integer("from", Span::from), o.integer("to", Span::to)));

    private static final Codec<Piece> PIECE = Codec.of(o -> new Piece(
            o.text("title", Piece::title),
            o.list("blocks", BLOCKS, Piece::spans),
            o.optionalNumber("plannedS", Piece::plannedS)));

    private static final Codec<Saying> SAYING = Codec.of(
            o -> new Saying(o.text("term", Saying::term), o.text("said", Saying::said), o.text("note", Saying::note)));

    private static final Codec<CharacterVoice> VOICE = Codec.of(
            o -> new CharacterVoice(o.text("name", CharacterVoice::name), o.text("voice", CharacterVoice::voice)));

    private ScriptCodec() {}

    /**
     * A script.
     *
     * @param text the text that belongs to it
     * @param file name of the file in {@code script/} that holds it, where one is written
     */
    static Codec<Script> script(ScriptText text, Optional<String> file) {
        return Codec.of(o -> {
            o.optionalText("text", s -> file);
            return new Script(
                    text,
                    o.list("pieces", PIECE, Script::pieces),
                    o.list("sayings", SAYING, Script::sayings),
                    o.list("voices", VOICE, Script::voices));
        });
    }
}
