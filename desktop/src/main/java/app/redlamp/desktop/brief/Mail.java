package app.redlamp.desktop.brief;

import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.planning.mail.Proposal;
import app.redlamp.core.planning.mail.RequirementReader;
import java.util.List;

/**
 * A client's mail that is to be read.
 *
 * @param basedOn specification that says what the mail does not
 * @param library specifications to choose from
 */
public record Mail(String text, Specification basedOn, List<Specification> library) {

    /**
     * A mail with what was understood of it.
     *
     * @param text the mail itself
     */
    public record Understood(String text, Proposal proposal) {}

    Understood understood() {
        return new Understood(text, RequirementReader.read(text, basedOn, library));
    }
}
