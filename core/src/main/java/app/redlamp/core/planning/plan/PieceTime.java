package app.redlamp.core.planning.plan;

/**
 * How long one piece takes.
 *
 * @param words words to read; 0 where it is spoken freely
 * @param finishedS finished length in seconds: measured where it is recorded, else from words and pace
 * @param recorded whether there is a recording of it
 * @param boothMin minutes in the booth that are left
 * @param editMin minutes of editing that are left
 * @param proofMin minutes of proof listening that are left
 */
public record PieceTime(
        int words, double finishedS, boolean recorded, double boothMin, double editMin, double proofMin) {}
