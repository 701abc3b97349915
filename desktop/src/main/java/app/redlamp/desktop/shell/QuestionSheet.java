package app.redlamp.desktop.shell;

import app.redlamp.desktop.edit.Question;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** A question laid over the page; nothing behind it can be reached until it is answered. */
final class QuestionSheet extends StackPane {
    private static final double WIDTH = 720;

    /** @param close takes it off the page */
    QuestionSheet(Question question, Runnable close) {
        setId(question.id());
        getStyleClass().add("keys-veil");
        Label heading = new Label(question.heading());
        heading.getStyleClass().add("question-heading");
        heading.setWrapText(true);
        heading.setMinHeight(Region.USE_PREF_SIZE);
        VBox sheet = new VBox(heading);
        sheet.getStyleClass().addAll("keys-sheet", "question-sheet");
        for (String line : question.lines()) {
            Label label = new Label(line);
            label.setWrapText(true);
            label.setMinHeight(Region.USE_PREF_SIZE);
            sheet.getChildren().add(label);
        }
        FlowPane answers = new FlowPane();
        answers.getStyleClass().add("question-answers");
        for (Question.Answer answer : question.answers()) {
            Button button = new Button(answer.label());
            button.setId(answer.id());
            button.setMinWidth(Region.USE_PREF_SIZE);
            if (answers.getChildren().isEmpty()) {
                button.getStyleClass().setAll("button", "primary");
            }
            button.setOnAction(e -> answer(answer, close));
            answers.getChildren().add(button);
        }
        sheet.getChildren().add(answers);
        sheet.setMaxSize(WIDTH, Region.USE_PREF_SIZE);
        getChildren().add(sheet);
        setAlignment(Pos.CENTER);
        Question.Answer last = question.answers().get(question.answers().size() - 1);
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                answer(last, close);
                e.consume();
            } else if (e.getCode() == KeyCode.ENTER && e.getTarget() instanceof Button focused) {
                focused.fire();
                e.consume();
            }
        });
    }

    /** The first answer has the focus, so that Enter gives it. */
    void begin() {
        lookupAll(".button").stream().findFirst().ifPresent(b -> b.requestFocus());
    }

    private static void answer(Question.Answer answer, Runnable close) {
        close.run();
        answer.action().run();
    }
}
