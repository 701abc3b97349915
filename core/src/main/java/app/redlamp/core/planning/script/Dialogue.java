package app.redlamp.core.planning.script;

/**
 * Knows at each place of a paragraph whether somebody is speaking: what stands between quotation marks. Apostrophes are
 * told from closing marks by what stands beside them. Speech that is not closed ends with the paragraph.
 */
final class Dialogue {
    private final String text;
    private int position;
    private char closing;

    Dialogue(String text) {
        this.text = text;
    }

    /** Whether there is speech at a place; places must be asked for in rising order. */
    boolean at(int place) {
        while (position <= place && position < text.length()) {
            step(text.charAt(position));
            position++;
        }
        return closing != 0;
    }

    private void step(char c) {
        if (closing != 0) {
            boolean same = c == closing;
            if (same && ((c != '’' && c != '\'') || closesHere())) {
                closing = 0;
            }
            return;
        }
        closing = switch (c) {
            case '“', '„' -> '”';
            case '"' -> '"';
            case '«' -> '»';
            case '»' -> '«';
            case '‘' -> '’';
            case '\'' -> opensHere() ? '\'' : 0;
            default -> 0;
        };
        if (c == '„' && text.indexOf('“', position) >= 0) {
            closing = '“';
        }
    }

    /** A straight mark opens before a capital and after a blank: "'Tis" counts too, and a closing mark never comes. */
    private boolean opensHere() {
        boolean before =
                position == 0 || Character.isWhitespace(text.charAt(position - 1)) || text.charAt(position - 1) == '—';
        boolean after = position + 1 < text.length() && Character.isUpperCase(text.charAt(position + 1));
        return before && after && closesLater();
    }

    private boolean closesLater() {
        for (int i = position + 1; i < text.length(); i++) {
            if (text.charAt(i) == '\'' && closes(i)) {
                return true;
            }
        }
        return false;
    }

    private boolean closesHere() {
        return closes(position);
    }

    /** Closing marks stand after a mark of punctuation and before no letter. */
    private boolean closes(int at) {
        boolean before = at > 0 && ".,!?…—–;:".indexOf(text.charAt(at - 1)) >= 0;
        boolean after = at + 1 == text.length() || !Character.isLetterOrDigit(text.charAt(at + 1));
        return before && after;
    }
}
