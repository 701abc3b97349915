package app.redlamp.core.planning.script;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class SplitterTest {
    private static ScriptText text(Object... blocks) {
        List<Block> all = new ArrayList<>();
        for (Object block : blocks) {
            all.add(block instanceof Block b ? b : Block.paragraph((String) block));
        }
        return new ScriptText(all);
    }

    private static List<String> titles(List<Piece> pieces) {
        return pieces.stream().map(Piece::title).toList();
    }

    @Test
    void splitsAtTheHighestHeadingsOfWhichThereAreSeveral() {
        ScriptText book = text(
                Block.heading(1, "Borrowed Weather"),
                Block.heading(2, "One"),
                "Rain.",
                Block.heading(3, "Later"),
                "More rain.",
                Block.heading(2, "Two"),
                "Sun.");
        List<Piece> pieces = new Splitter(book).by(SplitRule.HEADINGS);
        assertThat(new Splitter(book).best(false)).isEqualTo(SplitRule.HEADINGS);
        assertThat(titles(pieces)).containsExactly("One", "Two");
        assertThat(Counter.of(book.of(pieces.get(0))).words()).isEqualTo(7);
    }

    @Test
    void whatStandsBeforeTheFirstHeadingIsKept() {
        ScriptText book = text("For my mother.", Block.heading(1, "One"), "Rain.", Block.heading(1, "Two"), "Sun.");
        assertThat(titles(new Splitter(book).by(SplitRule.HEADINGS))).containsExactly("For my mother", "One", "Two");
    }

    @Test
    void findsHeadingsInPlainText() {
        ScriptText book = HeadingFinder.mark(text(
                "Chapter 1",
                "It rained.",
                "Chapter Two: The Oven",
                "He baked bread in chapter two of his life.",
                "EPILOGUE",
                "Done."));
        assertThat(titles(new Splitter(book).by(SplitRule.HEADINGS)))
                .containsExactly("Chapter 1", "Chapter Two: The Oven", "EPILOGUE");
    }

    @Test
    void partsOfPlainTextStandAboveTheirChapters() {
        ScriptText book = HeadingFinder.mark(
                text("Part One", "Chapter 1", "Rain.", "Chapter 2", "Sun.", "Part Two", "Chapter 3", "Snow."));
        assertThat(titles(new Splitter(book).by(SplitRule.HEADINGS)))
                .containsExactly("Part One: Chapter 1", "Chapter 2", "Part Two: Chapter 3");
    }

    @Test
    void splitsAtNumberedCues() {
        ScriptText guide = text(
                "1. Welcome to the mill. Mind the step.",
                "The wheel turns 3. times.",
                "2) The wheel",
                "[3] The miller’s bed",
                "Stop 4: Flour and dust",
                "2. is not a new cue");
        Splitter splitter = new Splitter(guide);
        assertThat(splitter.best(true)).isEqualTo(SplitRule.CUES);
        assertThat(titles(splitter.by(SplitRule.CUES)))
                .containsExactly("Welcome to the mill", "The wheel", "The miller’s bed", "Flour and dust");
    }

    @Test
    void aGuideWithHeadingsForItsStopsIsSplitAtThem() {
        ScriptText guide = HeadingFinder.mark(text("Stop 1 – The mill", "Hello.", "Stop 2 – The wheel", "It turns."));
        assertThat(titles(new Splitter(guide).by(new Splitter(guide).best(true))))
                .containsExactly("Stop 1 – The mill", "Stop 2 – The wheel");
    }

    @Test
    void splitsAtPages() {
        ScriptText pages = text("First page.", Block.PAGE, Block.PAGE, "Second page.", "Goes on.", Block.PAGE);
        assertThat(new Splitter(pages).best(false)).isEqualTo(SplitRule.PAGES);
        assertThat(titles(new Splitter(pages).by(SplitRule.PAGES))).containsExactly("First page", "Second page");
    }

    @Test
    void aTextWithNothingToSplitAtIsOnePiece() {
        Splitter splitter = new Splitter(text("Just this.", "And that."));
        assertThat(splitter.best(false)).isEqualTo(SplitRule.WHOLE);
        assertThat(splitter.by(SplitRule.WHOLE)).hasSize(1);
        assertThat(new Splitter(text("— * —")).by(SplitRule.WHOLE)).isEmpty();
        assertThat(new Splitter(ScriptText.EMPTY).by(SplitRule.HEADINGS)).isEmpty();
    }

    @Test
    void correctsByHand() {
        ScriptText book =
                text(Block.heading(1, "One"), "a", "b", Block.heading(1, "Two"), "c", Block.heading(1, "Three"), "d");
        List<Piece> pieces = new Splitter(book).by(SplitRule.HEADINGS);
        List<Piece> merged = Pieces.merge(pieces, 0);
        assertThat(merged.get(0)).isEqualTo(Piece.read("One", List.of(new Span(0, 5))));
        List<Piece> split = Pieces.split(merged, 0, 2, "Halfway");
        assertThat(titles(split)).containsExactly("One", "Halfway", "Three");
        assertThat(split.get(1).spans()).containsExactly(new Span(2, 5));
        assertThat(titles(Pieces.move(split, 2, 0))).containsExactly("Three", "One", "Halfway");
        assertThat(titles(Pieces.rename(split, 0, "First"))).containsExactly("First", "Halfway", "Three");
        List<Piece> apart = Pieces.merge(Pieces.move(pieces, 2, 1), 0);
        assertThat(apart.get(0).spans()).as("not next to each other").containsExactly(new Span(0, 3), new Span(5, 7));
        assertThatThrownBy(() -> Pieces.split(pieces, 0, 0, "x")).hasMessageContaining("choose a paragraph");
        assertThatThrownBy(() -> Pieces.split(pieces, 0, 5, "x")).isInstanceOf(IllegalArgumentException.class);
    }

    /** Seeded: no rule loses or doubles a word, whatever the text. */
    @Test
    void everyWordIsInOnePieceWhateverTheRule() {
        Random random = new Random(5);
        for (int round = 0; round < 300; round++) {
            List<Block> blocks = new ArrayList<>();
            for (int i = random.nextInt(30); i > 0; i--) {
                blocks.add(
                        switch (random.nextInt(5)) {
                            case 0 -> Block.heading(1 + random.nextInt(3), "Heading " + i);
                            case 1 -> Block.PAGE;
                            case 2 -> Block.paragraph(random.nextInt(40) + ". cue of some words");
                            default -> Block.paragraph("Some words here.");
                        });
            }
            ScriptText text = new ScriptText(blocks);
            int words = Counter.of(blocks).words();
            for (SplitRule rule : SplitRule.values()) {
                List<Piece> pieces = new Splitter(text).by(rule);
                int split = pieces.stream()
                        .mapToInt(p -> Counter.of(text.of(p)).words())
                        .sum();
                assertThat(split).as("%s of %s", rule, blocks).isEqualTo(words);
            }
        }
    }
}
