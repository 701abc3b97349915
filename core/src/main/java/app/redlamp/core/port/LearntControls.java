package app.redlamp.core.port;

import app.redlamp.core.setting.marks.Learnt;
import java.io.IOException;
import java.util.List;
import java.util.Optional;

/** What was learnt of knobs and sliders, a device each, for every production. Messages of faults are one line that says what to do. */
public interface LearntControls {

    /** What was learnt of a device, by its name; absent for nothing. */
    Optional<Learnt> of(String device);

    /**
     * Keeps what was learnt of a device, over what was kept of it before.
     *
     * @throws IOException where it cannot be written
     */
    void keep(Learnt learnt) throws IOException;

    /** One line for each document that cannot be read. */
    List<String> faults();
}
