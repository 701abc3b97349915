package app.redlamp.desktop.control;

import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.scene.AccessibleRole;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;

/**
 * A script as a row of chapters, each as wide as it is long and filled from below by its shade. A recorded chapter has a
 * solid foot, one that is late a turned corner. Arrows go from chapter to chapter.
 */
public final class BookStrip extends Picture<Book> {
    private static final double HEIGHT = 70;
    private static final double LEAST_HEIGHT = 46;
    private static final double WIDE = 34;
    private static final double FOOT = 4;
    private static final double INSET = 7;
    private static final double CORNER = 14;
    private static final int MANY = 60;

    private int selected = -1;
    private IntConsumer onSelect = index -> {};

    public BookStrip() {
        super("book-strip");
        setMinHeight(LEAST_HEIGHT);
        setPrefHeight(HEIGHT);
        setMaxHeight(HEIGHT);
        setMinWidth(100);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.LIST_VIEW);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        focusedProperty().addListener((o, was, now) -> requestLayout());
    }

    /** @param index of the selected chapter; −1 for none */
    public void show(Book book, int index) {
        selected = index;
        setAccessibleText(
                index >= 0 && index < book.chapters().size()
                        ? book.chapters().get(index).number() + " "
                                + book.chapters().get(index).title() + ", "
                                + book.chapters().get(index).length()
                        : "");
        show(Optional.of(book));
    }

    /** Told when another chapter is chosen. */
    public void onSelect(IntConsumer told) {
        onSelect = told;
    }

    private static double gap(Book book) {
        return book.chapters().size() > MANY ? 1 : 4;
    }

    private void pressed(MouseEvent event) {
        requestFocus();
        shown().ifPresent(book -> {
            double[] edges = book.edges(getWidth(), gap(book));
            for (int i = 0; i < book.chapters().size(); i++) {
                if (event.getX() >= edges[i] && event.getX() < edges[i + 1]) {
                    onSelect.accept(i);
                }
            }
        });
        event.consume();
    }

    private void key(KeyEvent event) {
        int last = shown().map(b -> b.chapters().size()).orElse(0) - 1;
        int wanted = switch (event.getCode()) {
            case LEFT -> Math.max(0, selected - 1);
            case RIGHT -> Math.min(last, selected + 1);
            case HOME -> 0;
            case END -> last;
            default -> -1;
        };
        if (wanted >= 0 && !event.isShortcutDown() && !event.isAltDown()) {
            onSelect.accept(wanted);
            event.consume();
        }
    }

    @Override
    void draw(Book book) {
        double gap = gap(book);
        double[] edges = book.edges(getWidth(), gap);
        for (int i = 0; i < book.chapters().size(); i++) {
            chapter(book.chapters().get(i), edges[i], edges[i + 1] - edges[i] - gap, i == selected);
        }
    }

    private void chapter(Book.Chapter chapter, double x, double width, boolean isSelected) {
        double height = getHeight();
        box("book-chapter", x, 0, width, height);
        double shade = Math.round(chapter.shade() * (height - FOOT));
        if (shade > 0) {
            box("book-shade", x, height - shade, width, shade);
        }
        if (chapter.recorded()) {
            box("book-recorded", x, height - FOOT, width, FOOT);
        }
        if (chapter.late()) {
            Polygon corner = front.take("book-late", Polygon.class, Polygon::new);
            corner.getPoints().setAll(x + width - CORNER, 0.0, x + width, 0.0, x + width, CORNER);
        }
        if (isSelected) {
            Line line = front.take(isFocused() ? "book-selected-focused" : "book-selected", Line.class, Line::new);
            line.setStartX(x + 2);
            line.setEndX(x + width - 2);
            line.setStartY(1.5);
            line.setEndY(1.5);
        }
        if (width >= INSET * 2) {
            text("book-number", chapter.number(), x + INSET, 20, width);
        }
        if (width >= WIDE) {
            text("book-length", chapter.length(), x + INSET, height - 10, width);
        }
    }

    private void text(String styleClass, String words, double x, double y, double width) {
        Text text = front.take(styleClass, Text.class, Text::new);
        text.setText(words);
        text.setX(x);
        text.setY(y);
        if (text.getLayoutBounds().getWidth() > width - INSET - 1) {
            text.setVisible(false);
        }
    }

    private void box(String styleClass, double x, double y, double width, double height) {
        Rectangle box = back.take(styleClass, Rectangle.class, Rectangle::new);
        box.setX(x);
        box.setY(y);
        box.setWidth(Math.max(1, width));
        box.setHeight(height);
        box.setArcWidth(5);
        box.setArcHeight(5);
    }
}
