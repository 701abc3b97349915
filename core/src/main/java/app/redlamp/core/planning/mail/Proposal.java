package app.redlamp.core.planning.mail;

import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.delivery.spec.Specification;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * A specification as a mail was understood.
 *
 * @param base specification of the library that says what the mail does not
 * @param specification what is proposed
 * @param quotes words of the mail, by the figure that was read from them
 * @param questions what has to be asked, what matters most first
 */
public record Proposal(
        Specification base, Specification specification, Map<Asked, String> quotes, List<Question> questions) {

    public Proposal {
        Map<Asked, String> ordered = new EnumMap<>(Asked.class);
        ordered.putAll(quotes);
        quotes = Map.copyOf(ordered);
        questions = List.copyOf(questions);
    }
}
