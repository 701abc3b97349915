package app.redlamp.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.verdict.FigureId;
import app.redlamp.desktop.look.Glossary;
import app.redlamp.desktop.look.Strings;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** The reading while it changes many times a second, and when it becomes another. */
@ExtendWith(ApplicationExtension.class)
class ReadingColumnTest {
    private final List<String> pressed = new ArrayList<>();
    private ReadingColumn column;

    @Start
    void start(Stage stage) {
        column = new ReadingColumn(new Glossary(new Strings(Locale.ENGLISH)));
        stage.setScene(new Scene(column, 360, 640));
        stage.show();
    }

    private Reading reading(String verdict, List<Reading.Figure> figures, Reading.Help... help) {
        return Reading.plain(
                        verdict, figures, "What helps", List.of(help), Optional.empty(), List.of("Caution."), "Source.")
                .hearing(
                        "",
                        List.of(),
                        new Reading.More(
                                "All figures",
                                List.of(),
                                List.of(new Reading.Figure(FigureId.KIT_SNR, "Deep", "42 dB", ""))));
    }

    private Reading.Help help(String title, String id) {
        return new Reading.Help(title, "because", Optional.of(new Reading.Action(id, "Do", () -> pressed.add(title))));
    }

    private List<String> texts(String style) {
        return column.lookupAll(style).stream()
                .map(n -> ((Label) n).getText().replace('\u00a0', ' '))
                .toList();
    }

    @Test
    void onlyWordsChangeWhereTheReadingIsAlike(FxRobot robot) {
        robot.interact(() -> column.show(reading(
                "First.", List.of(new Reading.Figure(FigureId.KIT_SNR, "Gap", "40 dB", "snr")), help("One", "do-it"))));
        Node card = column.lookup(".card");
        Node button = column.lookup("#do-it");
        robot.interact(button::requestFocus);
        robot.interact(() -> column.show(reading(
                "Second.",
                List.of(new Reading.Figure(FigureId.KIT_SNR, "Gap", "41 dB", "snr")),
                help("Two", "do-it"))));

        assertThat(column.lookup(".card")).isSameAs(card);
        assertThat(button.isFocused()).isTrue();
        assertThat(texts(".reading-verdict")).containsExactly("Second.");
        assertThat(texts(".figure-value")).containsExactly("41 dB");
        assertThat(texts(".card-title")).containsExactly("Two");
        robot.interact(((Button) button)::fire);
        assertThat(pressed).containsExactly("Two");
    }

    @Test
    void whatBecomesAnotherIsBuiltAnew(FxRobot robot) {
        robot.interact(() -> column.show(reading("First.", List.of(), help("One", "do-it"))));
        robot.interact(
                () -> column.show(reading("Second.", List.of(), help("One", "do-that"), help("Two", "do-more"))));
        assertThat(column.lookup("#do-it")).isNull();
        assertThat(texts(".card-title")).containsExactly("One", "Two");
        robot.interact(() -> column.show(reading("Third.", List.of())));
        assertThat(texts(".card-title")).isEmpty();
        assertThat(texts(".reading-caution")).containsExactly("Caution.");
    }

    /** From any label to its formula in one key. */
    @Test
    void howAFigureIsComputedIsOneKeyAway(FxRobot robot) {
        robot.interact(() -> column.show(
                reading("A.", List.of(new Reading.Figure(FigureId.KIT_SNR, "Signal-to-noise", "40 dB", "snr")))));
        assertThat(texts(".figure-how")).isEmpty();
        robot.interact(column::explain);
        assertThat(texts(".figure-how")).singleElement().asString().contains("Computed by chain.SignalPath");
        robot.interact(() -> column.show(
                reading("B.", List.of(new Reading.Figure(FigureId.KIT_CLARITY, "Clarity", "26 dB", "clarity")))));
        assertThat(texts(".figure-how")).singleElement().asString().contains("ISO 3382-1");
        robot.interact(column::explain);
        assertThat(texts(".figure-how")).isEmpty();
    }

    /** An explanation goes with its figure, and not with its line. */
    @Test
    void aTermDoesNotStayBehind(FxRobot robot) {
        robot.interact(() ->
                column.show(reading("A.", List.of(new Reading.Figure(FigureId.KIT_SNR, "Gap", "40 dB", "snr")))));
        assertThat(column.lookup(".figure-name").getAccessibleHelp()).isNotBlank();
        robot.interact(() ->
                column.show(reading("B.", List.of(new Reading.Figure(FigureId.KIT_SNR, "Colour", "warm", "")))));
        assertThat(column.lookup(".figure-name").getAccessibleHelp()).startsWith("Level of the voice");
        robot.interact(() -> column.show(reading(
                "C.",
                List.of(
                        new Reading.Figure(FigureId.KIT_SNR, "Colour", "cold", ""),
                        new Reading.Figure(FigureId.KIT_SNR, "Gap", "39 dB", "snr")))));
        assertThat(texts(".figure-value")).containsExactly("cold", "39 dB");
        robot.interact(() ->
                column.show(reading("D.", List.of(new Reading.Figure(FigureId.KIT_SNR, "Colour", "cold", "")))));
        assertThat(texts(".figure-value")).containsExactly("cold");
    }

    @Test
    void whatIsFoldedIsFilledWhenItIsUnfolded(FxRobot robot) {
        robot.interact(() -> column.show(reading("A.", List.of())));
        assertThat(texts(".figure-value")).isEmpty();
        ToggleButton more = (ToggleButton) column.lookup("#more");
        robot.interact(more::fire);
        assertThat(texts(".figure-value")).containsExactly("42 dB");
        // It stays unfolded from one reading to the next.
        robot.interact(() -> column.show(reading("B.", List.of(), help("One", "do-it"))));
        assertThat(texts(".figure-value")).containsExactly("42 dB");
        assertThat(((ToggleButton) column.lookup("#more")).isSelected()).isTrue();
    }
}
