package app.redlamp.core.planning.script;

/**
 * Something of which it has to be decided, before reading, how it is said.
 *
 * @param kind what it is
 * @param term as it is written
 * @param count how often it occurs
 * @param first block in which it occurs first
 */
public record Mention(Kind kind, String term, int count, int first) {

    /** What has to be decided. */
    public enum Kind {
        NAME,
        NUMBER,
        ABBREVIATION,
        FOREIGN
    }
}
