package app.redlamp.media.script;

import app.redlamp.core.fault.Reason;
import app.redlamp.core.planning.script.ScriptText;
import app.redlamp.core.port.Progress;
import app.redlamp.media.fault.Faults;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.parser.Parser;

/** EPUB books: the documents of the spine in their order, each beginning on a page of its own. */
final class EpubScript {
    private static final String CONTAINER = "META-INF/container.xml";
    private static final String ENCRYPTION = "META-INF/encryption.xml";
    private static final int MOST_DOCUMENTS = 5_000;

    private final ZippedDocument zip;
    private final Progress progress;
    private final BlockList blocks = new BlockList();

    private EpubScript(ZippedDocument zip, Progress progress) {
        this.zip = zip;
        this.progress = progress;
    }

    static ScriptText read(Path file, Progress progress) throws IOException {
        try (ZippedDocument zip = new ZippedDocument(file)) {
            return new EpubScript(zip, progress).text();
        }
    }

    private ScriptText text() throws IOException {
        Element root = xml(CONTAINER).selectFirst("rootfile[full-path]");
        if (root == null) {
            throw new DocumentFault(Faults.say("epub-script.does-not-say"));
        }
        String packagePath = inside("", root.attr("full-path"));
        List<String> spine = spine(packagePath);
        Set<String> locked = locked();
        for (int i = 0; i < spine.size(); i++) {
            progress.check();
            progress.at((double) i / spine.size());
            if (locked.contains(spine.get(i))) {
                throw new DocumentFault(Faults.say("epub-script.is-protected-against"));
            }
            Document page = xhtml(spine.get(i));
            blocks.page();
            HtmlBlocks.gather(page, blocks);
        }
        return blocks.text();
    }

    private List<String> spine(String packagePath) throws IOException {
        Document contents = xml(packagePath);
        Map<String, Element> manifest = new HashMap<>();
        contents.select("manifest > item[id]").forEach(item -> manifest.put(item.attr("id"), item));
        List<String> spine = new ArrayList<>();
        for (Element reference : contents.select("spine > itemref[idref]")) {
            Element item = manifest.get(reference.attr("idref"));
            boolean read = item != null
                    && !reference.attr("linear").equals("no")
                    && !item.attr("properties").contains("nav")
                    && item.attr("media-type").contains("html");
            if (read) {
                spine.add(inside(packagePath, item.attr("href")));
            }
        }
        if (spine.isEmpty() || spine.size() > MOST_DOCUMENTS) {
            throw new DocumentFault(Faults.say("epub-script.lists-parts-to", spine.size(), MOST_DOCUMENTS));
        }
        // Each part stands in it once (EPUB 3.3, 5.7.1; from memory).
        return spine.stream().distinct().toList();
    }

    /** Parts that are encrypted; fonts often are, and do not matter. */
    private Set<String> locked() throws IOException {
        Set<String> locked = new HashSet<>();
        if (zip.has(ENCRYPTION)) {
            for (Element reference : xml(ENCRYPTION).getElementsByTag("enc:CipherReference")) {
                locked.add(inside("", reference.attr("URI")));
            }
            xml(ENCRYPTION).select("CipherReference").forEach(r -> locked.add(r.attr("URI")));
        }
        return locked;
    }

    /** No parser that is used here looks up what a document declares outside itself. */
    private Document xml(String name) throws IOException {
        return Jsoup.parse(new ByteArrayInputStream(zip.bytes(name)), null, "", Parser.xmlParser());
    }

    private Document xhtml(String name) throws IOException {
        byte[] page = zip.bytes(name);
        Document wellFormed = Jsoup.parse(new ByteArrayInputStream(page), null, "", Parser.xmlParser());
        // Pages of a book are XHTML. What has no body of its own is mended as browsers do it, which takes longer.
        return wellFormed.selectFirst("body") != null
                ? wellFormed
                : Jsoup.parse(new ByteArrayInputStream(page), null, "", Parser.htmlParser());
    }

    /**
     * The name of a part as another refers to it.
     *
     * @throws DocumentFault where it leads out of the document
     */
    private static String inside(String from, String reference) throws DocumentFault {
        String path = URLDecoder.decode(reference.replace("+", "%2B").replaceAll("#.*$", ""), StandardCharsets.UTF_8);
        Deque<String> steps = new ArrayDeque<>();
        int slash = from.lastIndexOf('/');
        List<String> all = new ArrayList<>(
                slash < 0 ? List.of() : List.of(from.substring(0, slash).split("/")));
        all.addAll(List.of(path.split("/", -1)));
        for (String step : all) {
            if (step.equals("..")) {
                if (steps.pollLast() == null) {
                    throw outside(reference);
                }
            } else if (!step.isEmpty() && !step.equals(".")) {
                steps.addLast(step);
            }
        }
        if (path.startsWith("/") || path.contains(":") || path.contains("\\")) {
            throw outside(reference);
        }
        return String.join("/", steps);
    }

    private static DocumentFault outside(String reference) {
        return new DocumentFault(Faults.say("epub-script.points-outside-itself", Reason.shown(reference)));
    }
}
