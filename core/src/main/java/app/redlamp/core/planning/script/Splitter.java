package app.redlamp.core.planning.script;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Splits a script into chapters or cues. What it does is a proposal: {@link Pieces} corrects it by hand. */
public final class Splitter {
    private static final Pattern CLOSING =
            Pattern.compile("(?<![\\p{Punct}“”‘’«»…–—&&[^'()’]])[\\p{Punct}“”‘’«»…–—&&[^'()’]]+$");
    private static final Pattern OPENING = Pattern.compile("^[\"'“‘«]+");

    /** Fewer are chance (ours). */
    private static final int FEWEST_CUES = 3;

    /** WordScan of a title that is made of a beginning (ours). */
    private static final int TITLE_WORDS = 6;

    /** Letters of it (ours). */
    private static final int TITLE_LENGTH = 60;

    private final ScriptText text;

    public Splitter(ScriptText text) {
        this.text = text;
    }

    /** The pieces of a script as it is split at first, by the rule that suits it best. */
    public List<Piece> first(boolean cuesFirst) {
        return by(best(cuesFirst));
    }

    /**
     * The rule that suits a script best.
     *
     * @param cuesFirst whether numbered cues are looked for before headings, as in guides and prompts
     */
    public SplitRule best(boolean cuesFirst) {
        boolean cues = cueStarts().size() >= FEWEST_CUES;
        if (cues && cuesFirst) {
            return SplitRule.CUES;
        }
        if (headingStarts().size() > 1) {
            return SplitRule.HEADINGS;
        }
        if (cues) {
            return SplitRule.CUES;
        }
        return pageStarts().size() > 1 ? SplitRule.PAGES : SplitRule.WHOLE;
    }

    /**
     * The pieces in their order; every block with words is in one of them. A piece before the first place to split at is kept
     * where it holds more than headings.
     */
    public List<Piece> by(SplitRule rule) {
        if (text.blocks().stream().noneMatch(b -> WordScan.count(b.text()) > 0)) {
            return List.of();
        }
        List<Integer> starts = switch (rule) {
            case HEADINGS -> headingStarts();
            case CUES -> cueStarts();
            case PAGES -> pageStarts();
            case WHOLE -> List.of(0);
        };
        return pieces(starts.isEmpty() ? List.of(0) : starts);
    }

    private List<Piece> pieces(List<Integer> found) {
        List<Integer> starts = new ArrayList<>(found);
        boolean opening =
                text.blocks().subList(0, starts.get(0)).stream().anyMatch(b -> b.kind() == Block.Kind.PARAGRAPH);
        if (opening) {
            starts.add(0, 0);
        } else {
            starts.set(0, 0);
        }
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < starts.size(); i++) {
            int to = i + 1 < starts.size() ? starts.get(i + 1) : text.size();
            if (text.blocks().subList(starts.get(i), to).stream().anyMatch(b -> WordScan.count(b.text()) > 0)) {
                int titled = i == 0 && !opening ? found.get(0) : starts.get(i);
                pieces.add(Piece.read(title(titled, to), List.of(new Span(starts.get(i), to))));
            }
        }
        return pieces;
    }

    /** Headings of the highest level of which there are several and that stand above text; of any level otherwise. */
    private List<Integer> headingStarts() {
        int level = 0;
        for (int l = 1; l <= Block.DEEPEST && level == 0; l++) {
            level = several(l) && !onlyCovers(l) ? l : 0;
        }
        List<Integer> starts = new ArrayList<>();
        for (int i = 0; i < text.size(); i++) {
            Block block = text.blocks().get(i);
            if (block.isHeading() && (level == 0 || block.level() <= level)) {
                starts.add(i);
            }
        }
        return withoutEmpty(starts, level);
    }

    private boolean several(int level) {
        return text.blocks().stream().filter(b -> b.level() == level).count() > 1;
    }

    /** Whether every heading of a level is followed at once by a lower one, as those of parts are by their first chapter's. */
    private boolean onlyCovers(int level) {
        for (int i = 0; i < text.size(); i++) {
            boolean covers = i + 1 < text.size() && text.blocks().get(i + 1).level() > level;
            if (text.blocks().get(i).level() == level && !covers) {
                return false;
            }
        }
        return true;
    }

    /** A part's heading that is followed at once by that of its first chapter belongs to the chapter. */
    private List<Integer> withoutEmpty(List<Integer> starts, int level) {
        List<Integer> kept = new ArrayList<>();
        boolean joined = false;
        for (int i = 0; i < starts.size(); i++) {
            int at = starts.get(i);
            boolean next = i + 1 < starts.size() && starts.get(i + 1) == at + 1;
            boolean above = text.blocks().get(at).level() < level;
            if (!joined) {
                kept.add(at);
            }
            joined = next && above;
        }
        return kept;
    }

    private List<Integer> cueStarts() {
        List<Integer> starts = new ArrayList<>();
        int before = -1;
        for (int i = 0; i < text.size(); i++) {
            int number =
                    CueMark.of(text.blocks().get(i).text()).map(CueMark::number).orElse(-1);
            if (number > before) {
                starts.add(i);
                before = number;
            }
        }
        return starts;
    }

    private List<Integer> pageStarts() {
        List<Integer> starts = new ArrayList<>();
        boolean open = false;
        for (int i = 0; i < text.size(); i++) {
            boolean page = text.blocks().get(i).kind() == Block.Kind.PAGE_BREAK;
            if (!open && !page) {
                starts.add(i);
            }
            open = !page;
        }
        return starts;
    }

    /** The heading with the one below it where that belongs to it, what follows a cue's number, or the first words. */
    private String title(int from, int to) {
        int at = from;
        while (at + 1 < to && text.blocks().get(at).kind() == Block.Kind.PAGE_BREAK) {
            at++;
        }
        Block first = text.blocks().get(at);
        if (first.isHeading()) {
            return shortened(headingTitle(at, to));
        }
        String words = CueMark.of(first.text())
                .map(c -> c.rest().isBlank() ? String.valueOf(c.number()) : c.rest())
                .orElse(first.text());
        return firstWords(words);
    }

    /** A heading with the one below it, as of a part and its first chapter; not with that of the whole book above it. */
    private String headingTitle(int from, int to) {
        Block first = text.blocks().get(from);
        boolean another = from + 1 < to && text.blocks().get(from + 1).isHeading();
        if (!another) {
            return first.text();
        }
        Block second = text.blocks().get(from + 1);
        boolean book = second.level() > first.level() && !several(first.level());
        return book ? second.text() : first.text() + ": " + second.text();
    }

    private static String shortened(String title) {
        return title.length() <= TITLE_LENGTH
                ? title
                : title.substring(0, TITLE_LENGTH - 1).strip() + "…";
    }

    private static String firstWords(String text) {
        WordScan words = new WordScan(text);
        int end = 0;
        boolean over = false;
        for (int i = 0; i < TITLE_WORDS && !over && words.next(); i++) {
            end = words.end();
            over = Sentences.endsAt(text, words);
        }
        String title = end == 0 ? text : text.substring(0, end);
        String plain = OPENING.matcher(CLOSING.matcher(title).replaceAll(""))
                .replaceAll("")
                .strip();
        return plain.isEmpty() ? shortened(text) : shortened(plain);
    }
}
