package app.redlamp.desktop.app;

import app.redlamp.core.port.Settings;

/** Settings that begin as they come and are forgotten afterwards: nothing of the user's taste is read or changed. */
final class InMemorySettings implements Settings {
    private Values values = Values.DEFAULT;

    @Override
    public Values load() {
        return values;
    }

    @Override
    public void save(Values now) {
        values = now;
    }
}
