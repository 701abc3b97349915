package app.redlamp.media.script;

import java.util.Set;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import org.jsoup.select.NodeVisitor;

/** Takes the headings and paragraphs out of a page; goes through it step by step, however deep it is nested. */
final class HtmlBlocks implements NodeVisitor {
    private static final Set<String> LEFT_OUT =
            Set.of("script", "style", "head", "nav", "svg", "math", "template", "rt", "rp", "figure");
    /** What begins on a line of its own; the parser knows them only where it mends a page. */
    private static final Set<String> BLOCKS = Set.of(
            "html",
            "body",
            "p",
            "div",
            "section",
            "article",
            "main",
            "header",
            "footer",
            "aside",
            "address",
            "center",
            "blockquote",
            "pre",
            "hr",
            "h1",
            "h2",
            "h3",
            "h4",
            "h5",
            "h6",
            "ul",
            "ol",
            "li",
            "dl",
            "dt",
            "dd",
            "table",
            "caption",
            "thead",
            "tbody",
            "tfoot",
            "tr",
            "th",
            "td",
            "form",
            "fieldset",
            "details",
            "summary",
            "figcaption");

    private final BlockList blocks;
    private final StringBuilder line = new StringBuilder();
    private int level;
    private int leftOut;
    private DocumentFault fault;

    private HtmlBlocks(BlockList blocks) {
        this.blocks = blocks;
    }

    static void gather(Element body, BlockList blocks) throws DocumentFault {
        HtmlBlocks visitor = new HtmlBlocks(blocks);
        body.traverse(visitor);
        visitor.close();
        if (visitor.fault != null) {
            throw visitor.fault;
        }
    }

    @Override
    public void head(Node node, int depth) {
        if (node instanceof TextNode text && leftOut == 0) {
            line.append(text.getWholeText());
        } else if (node instanceof Element element) {
            if (LEFT_OUT.contains(name(element))) {
                leftOut++;
            } else if (BLOCKS.contains(name(element))) {
                close();
                level = headingLevel(element);
            } else if (name(element).equals("br")) {
                line.append(' ');
            }
        }
    }

    @Override
    public void tail(Node node, int depth) {
        if (node instanceof Element element) {
            if (LEFT_OUT.contains(name(element))) {
                leftOut--;
            } else if (BLOCKS.contains(name(element))) {
                close();
                level = 0;
            }
        }
    }

    private void close() {
        try {
            if (fault == null && level > 0) {
                blocks.heading(level, line.toString());
            } else if (fault == null) {
                blocks.paragraph(line.toString());
            }
        } catch (DocumentFault e) {
            fault = e;
        }
        line.setLength(0);
    }

    /** Without the prefix that some writers put before every name. */
    private static String name(Element element) {
        String name = element.normalName();
        return name.substring(name.indexOf(':') + 1);
    }

    private static int headingLevel(Element element) {
        String name = name(element);
        boolean heading = name.length() == 2 && name.charAt(0) == 'h' && name.charAt(1) >= '1' && name.charAt(1) <= '6';
        return heading ? name.charAt(1) - '0' : 0;
    }
}
