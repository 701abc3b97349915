package app.redlamp.desktop.shell;

import app.redlamp.core.verdict.Verdict;
import app.redlamp.desktop.control.LampState;
import java.nio.file.Path;
import java.util.List;
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

    /** Name on the wire. */
    String name();

    /** Headings at the left end of the wire: the production and a line about it. */
    ObservableValue<Headings> headings();

    ObservableValue<Standing> standing();

    /** The picture and its controls. */
    Node bench();

    /** The right column. */
    Node reading();

    /** Keys that count while the station is open. */
    List<KeyBinding> keys();

    /** Told when it is opened: what may have changed elsewhere is looked at again. */
    default void opened() {}

    /** Takes files that were dropped anywhere on the window. */
    void drop(List<Path> files);

    /** Short facts for the rail, left to right. */
    ObservableValue<List<String>> facts();

    /** Production and a line about it. */
    record Headings(String title, String line) {}
}
