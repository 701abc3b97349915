package app.redlamp.desktop.control;

import java.util.List;

/**
 * What a {@link BookStrip} shows.
 *
 * @param chapters in their order
 */
public record Book(List<Chapter> chapters) {

    /**
     * One chapter.
     *
     * @param number its number, short
     * @param title its title
     * @param length its length, short
     * @param lengthS its length in seconds, which makes its width
     * @param shade 0 to 1, such as the share of dialogue
     * @param recorded whether it is recorded
     * @param late whether it is not done by the deadline
     */
    public record Chapter(
            String number, String title, String length, double lengthS, double shade, boolean recorded, boolean late) {}

    public Book {
        chapters = List.copyOf(chapters);
    }

    /** Left edge of each chapter and the right edge of the last, for a width in pixels with gaps between chapters. */
    double[] edges(double width, double gap) {
        double[] edges = new double[chapters.size() + 1];
        double sum = chapters.stream().mapToDouble(Chapter::lengthS).sum();
        double least = Math.min(16, width / Math.max(1, chapters.size()) / 2);
        double free = width - gap * (chapters.size() - 1) - least * chapters.size();
        double x = 0;
        for (int i = 0; i < chapters.size(); i++) {
            edges[i] = x;
            double share = sum > 0 ? chapters.get(i).lengthS() / sum : 1.0 / chapters.size();
            x += least + free * share + gap;
        }
        edges[chapters.size()] = x;
        return edges;
    }
}
