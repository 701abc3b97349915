package app.redlamp.media.script;

import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Progress;
import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Code;
import org.commonmark.node.FencedCodeBlock;
import org.commonmark.node.HardLineBreak;
import org.commonmark.node.Heading;
import org.commonmark.node.IndentedCodeBlock;
import org.commonmark.node.ListItem;
import org.commonmark.node.Node;
import org.commonmark.node.OrderedList;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;

/** Markdown: headings and paragraphs; what is emphasised, linked or listed is read like the rest. */
final class MarkdownScript {
    private static final int MOST_NESTED = 100;

    private MarkdownScript() {}

    static ScriptText read(Path file, Progress progress) throws IOException {
        String text = TextScript.string(file);
        progress.check();
        Node document =
                Parser.builder().maxOpenBlockParsers(MOST_NESTED).build().parse(text);
        progress.at(0.5);
        progress.check();
        Gatherer gatherer = new Gatherer();
        document.accept(gatherer);
        if (gatherer.fault != null) {
            throw gatherer.fault;
        }
        progress.at(1);
        return gatherer.blocks.text();
    }

    private static final class Gatherer extends AbstractVisitor {
        private final BlockList blocks = new BlockList();
        private final Map<Node, Integer> numbers = new HashMap<>();
        private DocumentFault fault;

        @Override
        public void visit(Heading heading) {
            add(() -> blocks.heading(heading.getLevel(), words(heading)));
        }

        @Override
        public void visit(Paragraph paragraph) {
            add(() -> blocks.paragraph(number(paragraph) + words(paragraph)));
        }

        @Override
        public void visit(FencedCodeBlock code) {
            add(() -> blocks.paragraph(code.getLiteral()));
        }

        @Override
        public void visit(IndentedCodeBlock code) {
            add(() -> blocks.paragraph(code.getLiteral()));
        }

        /** A numbered list may be a list of cues: the first paragraph of each keeps its number. */
        private String number(Paragraph paragraph) {
            if (!(paragraph.getParent() instanceof ListItem item)
                    || !(item.getParent() instanceof OrderedList list)
                    || paragraph.getPrevious() != null) {
                return "";
            }
            int first = list.getMarkerStartNumber() == null ? 1 : list.getMarkerStartNumber();
            return numbers.merge(list, first, (before, start) -> before + 1) + ". ";
        }

        private void add(Adding adding) {
            try {
                if (fault == null) {
                    adding.run();
                }
            } catch (DocumentFault e) {
                fault = e;
            }
        }

        private static String words(Node node) {
            StringBuilder words = new StringBuilder();
            node.accept(new AbstractVisitor() {
                @Override
                public void visit(Text text) {
                    words.append(text.getLiteral());
                }

                @Override
                public void visit(Code code) {
                    words.append(code.getLiteral());
                }

                @Override
                public void visit(SoftLineBreak line) {
                    words.append(' ');
                }

                @Override
                public void visit(HardLineBreak line) {
                    words.append(' ');
                }
            });
            return words.toString();
        }
    }

    private interface Adding {
        void run() throws DocumentFault;
    }
}
