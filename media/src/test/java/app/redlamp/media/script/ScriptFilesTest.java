package app.redlamp.media.script;

import static org.assertj.core.api.Assertions.assertThat;

import app.redlamp.core.planning.script.Block;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Progress;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ScriptFilesTest {
    @TempDir
    Path folder;

    private static ScriptText read(Path file) throws IOException {
        return new ScriptFiles().read(file, Progress.NONE);
    }

    private Path file(String name, String text, Charset charset) throws IOException {
        return Files.write(folder.resolve(name), text.getBytes(charset));
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "UTF-16", "windows-1252"})
    void readsTextInTheUsualEncodings(String charset) throws IOException {
        Path text = file("s.txt", "Chapter 1\n\nZoë’s café –\nopen.\n\nChapter 2\n\nShut.", Charset.forName(charset));
        assertThat(read(text).blocks())
                .containsExactly(
                        Block.heading(1, "Chapter 1"),
                        Block.paragraph("Zoë’s café – open."),
                        Block.heading(1, "Chapter 2"),
                        Block.paragraph("Shut."));
    }

    @Test
    void readsMarkdown() throws IOException {
        Path text = file(
                "s.md",
                "# Borrowed Weather\n\n## One\n\nIt *really* rained,\nsaid [Harrow](http://example.com).\n\n1. First cue\n2. Second cue\n\n***\n\n> Quoted.",
                StandardCharsets.UTF_8);
        assertThat(read(text).blocks())
                .containsExactly(
                        Block.heading(1, "Borrowed Weather"),
                        Block.heading(2, "One"),
                        Block.paragraph("It really rained, said Harrow."),
                        Block.paragraph("1. First cue"),
                        Block.paragraph("2. Second cue"),
                        Block.paragraph("Quoted."));
    }

    @Test
    void readsWord() throws IOException {
        assertThat(read(Documents.word(folder.resolve("s.docx"))).blocks())
                .containsExactly(
                        Block.heading(1, "The oven below"),
                        Block.paragraph("“Rain,” said Ysolde."),
                        Block.paragraph("Before the page"),
                        Block.PAGE,
                        Block.paragraph("after the page."),
                        Block.heading(1, "Flour"),
                        Block.paragraph("1. – Mind the step."),
                        Block.paragraph("2. – Look up."));
    }

    @Test
    void readsPdfWithoutWhatStandsOnEveryPage() throws IOException {
        Path pdf = Documents.pdf(
                folder.resolve("s.pdf"),
                List.of(
                        List.of(
                                "Borrowed Weather",
                                "",
                                "",
                                "Chapter 1",
                                "",
                                "",
                                "It rained on the ba-",
                                "kery and the yard.",
                                "",
                                "",
                                "1"),
                        List.of("Borrowed Weather", "", "", "Nobody minded, for the", "", "", "2"),
                        List.of(
                                "Borrowed Weather",
                                "",
                                "",
                                "bread was good.",
                                "",
                                "",
                                "Chapter 2",
                                "",
                                "",
                                "Sun.",
                                "",
                                "",
                                "3")));
        assertThat(read(pdf).blocks())
                .containsExactly(
                        Block.heading(1, "Chapter 1"),
                        Block.paragraph("It rained on the bakery and the yard."),
                        Block.PAGE,
                        Block.paragraph("Nobody minded, for the bread was good."),
                        Block.heading(1, "Chapter 2"),
                        Block.paragraph("Sun."),
                        Block.PAGE);
    }

    @Test
    void readsEpubInTheOrderOfItsSpine() throws IOException {
        Map<String, String> parts = new LinkedHashMap<>();
        parts.put(
                "text/b%20one.xhtml",
                "<html><head><title>x</title></head><body><h2>One</h2><p>It <i>rained</i>.<br/>Hard.</p></body></html>");
        parts.put(
                "a.xhtml",
                "<html><body><div><p>Sun &amp; <ruby>wind<rt>w</rt></ruby>.</p><script>no</script></div></body></html>");
        Path epub = Documents.epub(folder.resolve("s.epub"), parts);
        Map<String, String> renamed = new LinkedHashMap<>(parts);
        // The name in the archive is the decoded one.
        renamed.put("text/b one.xhtml", renamed.remove("text/b%20one.xhtml"));
        rename(epub, "OEBPS/text/b%20one.xhtml", "OEBPS/text/b one.xhtml");
        assertThat(read(epub).blocks())
                .containsExactly(
                        Block.heading(2, "One"),
                        Block.paragraph("It rained. Hard."),
                        Block.PAGE,
                        Block.paragraph("Sun & wind."));
    }

    private static void rename(Path zip, String from, String to) throws IOException {
        try (var files = java.nio.file.FileSystems.newFileSystem(zip)) {
            Files.move(files.getPath(from), files.getPath(to));
        }
    }

    @Test
    void whatADocumentIsIsToldByItsContentsAndNotByItsName() throws IOException {
        Path pdf = Documents.pdf(folder.resolve("really-pdf.txt"), List.of(List.of("Rain.")));
        Path word = Documents.word(folder.resolve("really-word.pdf"));
        assertThat(read(pdf).blocks().get(0)).isEqualTo(Block.paragraph("Rain."));
        assertThat(read(word).blocks().get(0)).isEqualTo(Block.heading(1, "The oven below"));
        assertThat(read(file("really-text.docx", "Rain.", StandardCharsets.UTF_8))
                        .size())
                .isEqualTo(1);
    }
}
