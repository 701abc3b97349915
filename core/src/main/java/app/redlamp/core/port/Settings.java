package app.redlamp.core.port;

import java.io.IOException;

/** What the application remembers of its user's taste between two starts. */
public interface Settings {

    /**
     * The settings.
     *
     * @param theme {@code dusk} or {@code daylight}
     * @param scalePercent size of the interface, 90 to 150 in steps of {@value #SCALE_STEP}
     * @param specificationId the specification chosen last
     */
    record Values(String theme, int scalePercent, String specificationId) {
        public static final int SMALLEST_SCALE = 90;
        public static final int LARGEST_SCALE = 150;
        public static final int SCALE_STEP = 5;

        public static final Values DEFAULT = new Values("dusk", 100, "audiobook-retail");

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
