package app.redlamp.desktop.station;

import app.redlamp.core.setting.card.Overrule;
import app.redlamp.core.verdict.Verdict;
import app.redlamp.desktop.control.LampState;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;

/** One station of the job: what the shell needs to show it. */
public interface Station {

    /**
     * Where a station stands.
     *
     * @param verdict what its lamp shows
     * @param lit whether the big lamp is lit while this station is open
     * @param answer the big lamp's answer
     * @param first what comes first
     */
    record Standing(Verdict<?> verdict, boolean lit, String answer, String first) {

        /** Nothing is known yet. */
        public static Standing unknown(String answer, String first) {
            return new Standing(Verdict.unknown(List.of()), false, answer, first);
        }

        /** The lamp on the wire. */
        public LampState lamp() {
            return LampState.of(verdict.state());
        }
    }

    /** Which it is. */
    StationId id();

    /** Name on the wire. */
    String name();

    /** As whose verdict it can be overruled before the lamp goes on; absent where the lamp does not wait for it. */
    Optional<Overrule.Station> guards();

    /** Headings at the left end of the wire: the production and a line about it. */
    ObservableValue<Headings> headings();

    ObservableValue<Standing> standing();

    /** The picture and its controls. */
    Node bench();

    /** The right column. */
    Node reading();

    /** Keys that count while the station is open. */
    List<KeyBinding> keys();

    /**
     * What has the focus when the station is opened, and when what had it is gone; absent for the next thing to press. A station
     * whose plain keys mean something else than pressing a button names something here that takes no keys of its own.
     */
    default Optional<Node> work() {
        return Optional.empty();
    }

    /** Whether something has changed that is not drawn yet: what nobody looks at keeps its verdict and draws nothing. */
    ObservableValue<Boolean> stale();

    /** Draws what has changed: told before it is seen, or made ready out of sight. */
    void attend();

    /** What will stand in place of its bench as soon as a job is open; absent where that is the bench itself. */
    default Optional<Node> behind() {
        return Optional.empty();
    }

    /** Told when it is opened: what may have changed elsewhere is looked at again. */
    default void opened() {}

    /** Takes files that were dropped anywhere on the window. */
    void drop(List<Path> files);

    /** Short facts for the rail, left to right. */
    ObservableValue<List<String>> facts();

    /** Production and a line about it. */
    record Headings(String title, String line) {}
}
