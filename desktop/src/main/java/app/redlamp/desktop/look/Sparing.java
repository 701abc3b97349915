package app.redlamp.desktop.look;

/** While something is dragged, words follow more slowly than pictures: nobody reads faster, and they cost more. */
public final class Sparing {
    private static final long BETWEEN_NS = 150_000_000;

    private final Runnable work;
    private long last = System.nanoTime() - BETWEEN_NS;

    public Sparing(Runnable work) {
        this.work = work;
    }

    /** Does it, unless it was done a moment ago. */
    public void ask() {
        long now = System.nanoTime();
        if (now - last > BETWEEN_NS) {
            last = now;
            work.run();
        }
    }
}
