package app.redlamp.core.port;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/** What the application remembers of its user's taste between two starts. */
public interface Settings {

    /**
     * The settings.
     *
     * @param theme {@code dusk} or {@code daylight}
     * @param scalePercent size of the interface, 90 to 150 in steps of {@value #SCALE_STEP}
     * @param specificationId the specification chosen last
     * @param recent folders of the productions opened last, the newest first, at most {@value #MOST_RECENT}
     * @param lengths {@code metric} or {@code imperial}; empty where the country decides
     */
    record Values(String theme, int scalePercent, String specificationId, List<String> recent, String lengths) {
        /** Smaller text is not readable (ours). */
        public static final int SMALLEST_SCALE = 90;

        /** Larger leaves no room on a small screen (ours). */
        public static final int LARGEST_SCALE = 150;

        /** A step that one sees (ours). */
        public static final int SCALE_STEP = 5;

        /** As many as one looks through (ours). */
        public static final int MOST_RECENT = 8;

        public static final Values DEFAULT = new Values("dusk", 100, "audiobook-retail");

        public Values {
            recent = List.copyOf(recent.subList(0, Math.min(MOST_RECENT, recent.size())));
        }

        /** Without a production that was opened. */
        public Values(String theme, int scalePercent, String specificationId) {
            this(theme, scalePercent, specificationId, List.of(), "");
        }

        /** The same with another theme. */
        public Values withTheme(String newTheme) {
            return new Values(newTheme, scalePercent, specificationId, recent, lengths);
        }

        /** The same with another size in percent. */
        public Values withScale(int newPercent) {
            return new Values(theme, newPercent, specificationId, recent, lengths);
        }

        /** The same with another specification chosen. */
        public Values withSpecification(String newId) {
            return new Values(theme, scalePercent, newId, recent, lengths);
        }

        /** The same with lengths said in other units. */
        public Values withLengths(String newLengths) {
            return new Values(theme, scalePercent, specificationId, recent, newLengths);
        }

        /** With a production that was opened just now. */
        public Values opened(String folder) {
            List<String> all = new ArrayList<>(recent);
            all.remove(folder);
            all.add(0, folder);
            return new Values(theme, scalePercent, specificationId, all, lengths);
        }

        /** The allowed scale nearest to a number. */
        public static int nearestScale(int percent) {
            int stepped = Math.round((float) percent / SCALE_STEP) * SCALE_STEP;
            return Math.max(SMALLEST_SCALE, Math.min(LARGEST_SCALE, stepped));
        }
    }

    /** The settings as saved; the defaults where there are none or they cannot be read. */
    Values load();

    void save(Values values) throws IOException;
}
