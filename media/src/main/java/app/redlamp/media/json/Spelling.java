package app.redlamp.media.json;

import java.util.Locale;

/** Whether one name may be another that somebody has misspelt. */
final class Spelling {
    /** More slips than this make another word (common practice). */
    private static final int MOST_WRONG = 2;

    private Spelling() {}

    /** Whether two names differ by two slips at most, and not in a third of their letters. */
    static boolean near(String one, String other) {
        if (Math.abs(one.length() - other.length()) > MOST_WRONG) {
            return false;
        }
        int slips = slips(one.toLowerCase(Locale.ROOT), other.toLowerCase(Locale.ROOT));
        return slips <= MOST_WRONG && 3 * slips < other.length();
    }

    /** Letters replaced, left out, put in or swapped with the next (Damerau 1964; each place touched once). */
    private static int slips(String a, String b) {
        int[][] slips = new int[a.length() + 1][b.length() + 1];
        for (int i = 0; i <= a.length(); i++) {
            for (int j = 0; j <= b.length(); j++) {
                if (i == 0 || j == 0) {
                    slips[i][j] = i + j;
                    continue;
                }
                int same = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
                int least = Math.min(slips[i - 1][j - 1] + same, Math.min(slips[i - 1][j], slips[i][j - 1]) + 1);
                boolean swapped =
                        i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1);
                slips[i][j] = swapped ? Math.min(least, slips[i - 2][j - 2] + 1) : least;
            }
        }
        return slips[a.length()][b.length()];
    }
}
