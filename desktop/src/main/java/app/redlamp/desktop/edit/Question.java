package app.redlamp.desktop.edit;

import java.util.List;

/**
 * Something that must be decided before anything else, because one of the answers cannot be undone.
 *
 * @param id for whoever looks it up
 * @param heading what it is about, one line
 * @param lines what one has to know to answer
 * @param answers the first is what most people want, the last changes nothing
 */
public record Question(String id, String heading, List<String> lines, List<Answer> answers) {

    public Question {
        lines = List.copyOf(lines);
        answers = List.copyOf(answers);
    }

    /** One way to answer; the question is gone before its action runs. */
    public record Answer(String id, String label, Runnable action) {}
}
