package app.redlamp.core.planning.script;

import app.redlamp.core.fault.Faults;
import java.util.List;

/**
 * A script with everything that was decided about it.
 *
 * @param text the text as it came
 * @param pieces chapters, stops, cues or episodes in the order in which they are delivered
 * @param sayings pronunciations, decided once
 * @param voices character voices, decided once
 */
public record Script(ScriptText text, List<Piece> pieces, List<Saying> sayings, List<CharacterVoice> voices) {
    public static final Script NONE = new Script(ScriptText.EMPTY, List.of(), List.of(), List.of());

    /** @throws IllegalArgumentException where a piece points beyond the text */
    public Script {
        pieces = List.copyOf(pieces);
        sayings = List.copyOf(sayings);
        voices = List.copyOf(voices);
        for (Piece piece : pieces) {
            for (Span span : piece.spans()) {
                if (span.to() > text.size()) {
                    throw new IllegalArgumentException(
                            Faults.say("script.ends-at-block", piece.title(), span.to(), text.size()));
                }
            }
        }
    }

    /** The same text in other pieces. */
    public Script with(List<Piece> newPieces) {
        return new Script(text, newPieces, sayings, voices);
    }

    /** Another text in its pieces. */
    public Script withText(ScriptText newText, List<Piece> newPieces) {
        return new Script(newText, newPieces, sayings, voices);
    }

    /** The same with other pronunciations. */
    public Script withSayings(List<Saying> newSayings) {
        return new Script(text, pieces, newSayings, voices);
    }

    /** The same with other characters. */
    public Script withVoices(List<CharacterVoice> newVoices) {
        return new Script(text, pieces, sayings, newVoices);
    }

    /** Counts of a piece; nothing for one that is spoken freely. */
    public Count count(Piece piece) {
        return Counter.of(text.of(piece));
    }
}
