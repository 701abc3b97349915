package app.redlamp.core.planning.script;

/**
 * Goes through a text word by word. A word is a run between blanks, dashes (–, —, --) and ellipses that holds a letter or
 * a digit; hyphens and apostrophes join ("well-known", "isn't"), and so do points and commas inside figures ("1,204").
 * For scripts that put blanks between words.
 */
public final class WordScan {
    private final String text;
    private int position;
    private int start;
    private int end;

    public WordScan(String text) {
        this.text = text;
    }

    /** Goes to the next word; false where there is none. */
    public boolean next() {
        int length = text.length();
        while (position < length) {
            while (position < length && parts(position)) {
                position++;
            }
            start = position;
            boolean spoken = false;
            while (position < length && !parts(position)) {
                int c = text.codePointAt(position);
                spoken |= Character.isLetterOrDigit(c);
                position += Character.charCount(c);
            }
            end = position;
            if (spoken) {
                return true;
            }
        }
        return false;
    }

    /** Where the word begins, with any sign before it, such as a quotation mark. */
    public int start() {
        return start;
    }

    /** Where it ends, with any sign after it. */
    public int end() {
        return end;
    }

    /** The word with the signs around it. */
    public String written() {
        return text.substring(start, end);
    }

    /** The word without the signs around it: from its first letter or digit to its last. */
    public String bare() {
        int from = start;
        while (!Character.isLetterOrDigit(text.codePointAt(from))) {
            from += Character.charCount(text.codePointAt(from));
        }
        int to = end;
        while (!isSpoken(text.codePointBefore(to))) {
            to -= Character.charCount(text.codePointBefore(to));
        }
        return text.substring(from, to);
    }

    /** How many words there are in a text. */
    public static int count(String text) {
        WordScan words = new WordScan(text);
        int count = 0;
        while (words.next()) {
            count++;
        }
        return count;
    }

    private static boolean isSpoken(int c) {
        return Character.isLetterOrDigit(c) || Character.getType(c) == Character.NON_SPACING_MARK;
    }

    private boolean parts(int at) {
        char c = text.charAt(at);
        return c == ' '
                || c == '—'
                || c == '–'
                || c == '…'
                || c == '\u00a0'
                || c == '\u202f'
                || Character.isWhitespace(c)
                || (c == '-' && (beside(at - 1) || beside(at + 1)));
    }

    private boolean beside(int at) {
        return at >= 0 && at < text.length() && text.charAt(at) == '-';
    }
}
