package app.redlamp.desktop.room;

/** Names of what can be dragged in a plan and is no thing. */
final class PlanIds {
    static final String READER = "@reader";
    static final String MICROPHONE = "@microphone";

    private PlanIds() {}

    /** Whether it can be moved and not removed. */
    static boolean isFixed(String id) {
        return id.equals(READER) || id.equals(MICROPHONE);
    }
}
