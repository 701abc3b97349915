package app.redlamp.core.planning.script;

/** What a script can be split at. */
public enum SplitRule {
    /** The highest level of headings of which there are several. */
    HEADINGS,
    /** Paragraphs or headings that begin with a number, rising. */
    CUES,
    /** Page breaks. */
    PAGES,
    /** Nothing: all of it is one file. */
    WHOLE
}
