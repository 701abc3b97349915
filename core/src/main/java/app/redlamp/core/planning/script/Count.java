package app.redlamp.core.planning.script;

/**
 * What there is to read.
 *
 * @param words words
 * @param sentences sentences, headings among them
 * @param longestSentence words of the longest sentence
 * @param longest the longest sentence itself, cut after some 200 characters; empty where there is none
 * @param dialogueWords words between quotation marks
 */
public record Count(int words, int sentences, int longestSentence, String longest, int dialogueWords) {
    public static final Count NONE = new Count(0, 0, 0, "", 0);

    /** Share of the words that somebody in the story speaks, 0 to 1. */
    public double dialogueShare() {
        return words == 0 ? 0 : (double) dialogueWords / words;
    }

    /** Both together. */
    public Count plus(Count other) {
        boolean longer = other.longestSentence > longestSentence;
        return new Count(
                words + other.words,
                sentences + other.sentences,
                Math.max(longestSentence, other.longestSentence),
                longer ? other.longest : longest,
                dialogueWords + other.dialogueWords);
    }
}
