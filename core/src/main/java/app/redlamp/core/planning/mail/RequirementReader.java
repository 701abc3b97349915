package app.redlamp.core.planning.mail;

import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.delivery.spec.LoudnessTarget;
import app.redlamp.core.delivery.spec.PeakLimit;
import app.redlamp.core.delivery.spec.Specification;
import app.redlamp.core.units.Limits;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads what a client writes about the files that are wanted, in English and in ordinary words. What it does not understand
 * it asks; it guesses nothing.
 */
public final class RequirementReader {
    /** Longer mails are read to here (ours). */
    public static final int MOST_CHARACTERS = 20_000;

    /** From a target that is given without a tolerance, in dB; asked for at the same time. Common practice, no source. */
    private static final double USUAL_TOLERANCE = 1;

    /** −23 to −18 dB is the usual window: 2.5 dB to each side (common practice, no source). */
    private static final double USUAL_RMS_TOLERANCE = 2.5;

    /** Letters within which a word belongs to a figure (ours). */
    private static final int FAR = 60;

    /** Letters within which it stands beside it (ours). */
    private static final int BESIDE = 28;

    private static final Pattern VAGUE = Pattern.compile(
            "broadcast quality|studio quality|professional quality|industry standards?|usual levels?|normal levels?"
                    + "|not too (?:loud|quiet)|loud enough|good quality|high quality|good levels?|decent levels?");
    /** The end of a line that was only broken because it was long. */
    private static final Pattern WRAPPED = Pattern.compile("(?<=[^\\n]{50})\\n(?=[^\\n*\\-•\\s])");

    private static final Pattern BLANKS = Pattern.compile("\\s+");
    private static final Pattern LABEL = Pattern.compile("^\\s*+[:=]\\s*+");
    private static final Pattern BREAK = Pattern.compile("[.;!?]\\s|\\n|\\bbut\\b");
    private static final Pattern ENDS_BOTH = Pattern.compile(
            "(?:head|start|beginning|front)\\s*(?:and|&|/|as well as)\\s*(?:at )?(?:the )?(?:tail|end)|both ends|either end|before and after");

    private static final Set<Asked> LEVELS = Set.of(Asked.LOUDNESS, Asked.PEAK, Asked.NOISE_FLOOR);
    private static final Set<Asked> TIMES = Set.of(Asked.HEAD, Asked.TAIL, Asked.LONGEST);

    private final String original;
    private final String text;
    private final Draft draft = new Draft();
    private final List<WrittenFigure> figures;
    private final List<Keyword> keywords;

    private RequirementReader(String mail) {
        original = mail.substring(0, Math.min(MOST_CHARACTERS, mail.length()));
        text = plain(original);
        figures = FigureScan.of(text);
        keywords = Keyword.in(text);
    }

    /**
     * Reads a mail.
     *
     * @param mail the mail or the part of it that says what is wanted
     * @param preferred says what the mail does not, unless another specification goes better with what it says
     * @param library specifications to choose from
     */
    public static Proposal read(String mail, Specification preferred, List<Specification> library) {
        return new RequirementReader(mail).proposal(preferred, library);
    }

    private Proposal proposal(Specification preferred, List<Specification> library) {
        figures.forEach(this::figure);
        new FormatScan(text, original, draft).read(figures);
        Matcher vague = VAGUE.matcher(text);
        if (vague.find() && !draft.says(Asked.LOUDNESS)) {
            draft.ask(Question.Kind.VAGUE, Asked.LOUDNESS, words(vague.start(), vague.end()));
        }
        Specification base = base(preferred, library);
        Specification proposed = draft.on(base);
        askForMissing(proposed);
        List<Question> ordered = draft.questions().stream()
                .sorted(Comparator.comparing((Question q) -> q.kind() == Question.Kind.MISSING)
                        .thenComparing(Question::asked))
                .toList();
        return new Proposal(base, proposed, draft.quotes(), ordered);
    }

    /** Another than the preferred one only where it has the very loudness that the mail asks for, and the preferred not. */
    private Specification base(Specification preferred, List<Specification> library) {
        if (!draft.says(Asked.LOUDNESS) || !Asked.LOUDNESS.differs(preferred, draft.on(preferred))) {
            return preferred;
        }
        return library.stream()
                .filter(s -> !Asked.LOUDNESS.differs(s, draft.on(s)))
                .min(Comparator.comparingLong(draft::against))
                .orElse(preferred);
    }

    private void askForMissing(Specification proposed) {
        for (Asked asked : Asked.values()) {
            boolean counts = switch (asked) {
                case BIT_RATE -> proposed.format().coding().hasBitRate();
                case BIT_DEPTH -> proposed.format().coding().lossless();
                case LOUDNESS -> proposed.loudness().isPresent();
                case LONGEST, HEAD, TAIL, NOISE_FLOOR -> false;
                default -> true;
            };
            if (counts && !draft.says(asked) && !draft.isAbout(asked)) {
                draft.ask(Question.Kind.MISSING, asked, "");
            }
        }
    }

    private void figure(WrittenFigure figure) {
        if (figure.unit() == WrittenFigure.Unit.SECONDS) {
            time(figure);
        } else if (figure.isLevel() || (figure.unit() == WrittenFigure.Unit.NONE && figure.low() < 0)) {
            level(figure);
        }
    }

    private void level(WrittenFigure figure) {
        Optional<Keyword> nearest = nearest(figure, LEVELS);
        Asked asked = nearest.map(Keyword::asked).orElse(null);
        if (figure.unit() == WrittenFigure.Unit.LUFS) {
            asked = Asked.LOUDNESS;
        } else if (figure.unit() == WrittenFigure.Unit.DBTP) {
            asked = Asked.PEAK;
        } else if (figure.unit() == WrittenFigure.Unit.DBOV
                || (figure.unit() == WrittenFigure.Unit.RMS && asked != Asked.NOISE_FLOOR)) {
            asked = Asked.LOUDNESS;
        }
        String words = quote(figure, nearest);
        if (asked == null) {
            return;
        }
        if (figure.low() > 0 || figure.high().orElse(figure.low()) > 0) {
            draft.ask(Question.Kind.SIGN, asked, words);
            return;
        }
        switch (asked) {
            case LOUDNESS -> loudness(figure, nearest, words);
            case PEAK -> peak(figure, nearest, words);
            default -> draft.say(Asked.NOISE_FLOOR, figure.high().orElse(figure.low()), words);
        }
    }

    private void loudness(WrittenFigure figure, Optional<Keyword> keyword, String words) {
        Optional<LoudnessTarget.Measure> measure = switch (figure.unit()) {
            case LUFS -> Optional.of(LoudnessTarget.Measure.INTEGRATED);
            case RMS -> Optional.of(LoudnessTarget.Measure.RMS);
            case DBOV -> Optional.of(LoudnessTarget.Measure.ACTIVE);
            default -> keyword.map(Keyword::measure).flatMap(RequirementReader::measure);
        };
        if (measure.isEmpty()) {
            draft.ask(Question.Kind.MEASURE, Asked.LOUDNESS, words);
            return;
        }
        double usual = measure.get() == LoudnessTarget.Measure.RMS ? USUAL_RMS_TOLERANCE : USUAL_TOLERANCE;
        double tolerance = figure.tolerance().orElse(usual);
        boolean range = figure.high().isPresent() && figure.high().getAsDouble() > figure.low();
        if (!range && figure.tolerance().isEmpty()) {
            draft.ask(Question.Kind.TOLERANCE, Asked.LOUDNESS, words);
        }
        Limits window = range
                ? Limits.between(figure.low(), figure.high().getAsDouble())
                : Limits.between(figure.low() - tolerance, figure.low() + tolerance);
        draft.say(Asked.LOUDNESS, new LoudnessTarget(measure.get(), window), words);
    }

    private static Optional<LoudnessTarget.Measure> measure(String word) {
        return switch (word) {
            case "rms" -> Optional.of(LoudnessTarget.Measure.RMS);
            case "lufs" -> Optional.of(LoudnessTarget.Measure.INTEGRATED);
            case "active" -> Optional.of(LoudnessTarget.Measure.ACTIVE);
            default -> Optional.empty();
        };
    }

    private void peak(WrittenFigure figure, Optional<Keyword> keyword, String words) {
        boolean isTrue = figure.unit() == WrittenFigure.Unit.DBTP
                || keyword.map(k -> k.measure().equals("true")).orElse(false);
        PeakLimit.Measure measure = isTrue ? PeakLimit.Measure.TRUE : PeakLimit.Measure.SAMPLE;
        boolean range = figure.high().isPresent() && figure.high().getAsDouble() > figure.low();
        draft.say(
                Asked.PEAK,
                range
                        ? new PeakLimit(
                                measure,
                                OptionalDouble.of(figure.low()),
                                figure.high().getAsDouble())
                        : new PeakLimit(measure, figure.low()),
                words);
    }

    private void time(WrittenFigure figure) {
        int end = sentenceEnd(figure.to());
        Matcher both =
                ENDS_BOTH.matcher(text).region(figure.to(), Math.max(figure.to(), Math.min(end, figure.to() + FAR)));
        if (both.find()) {
            String words = words(figure.from(), both.end());
            draft.say(Asked.HEAD, window(figure), words);
            draft.say(Asked.TAIL, window(figure), words);
            return;
        }
        Optional<Keyword> nearest = nearestOf(figure);
        nearest.ifPresent(keyword -> {
            String words = quote(figure, nearest);
            if (keyword.asked() == Asked.LONGEST) {
                draft.say(Asked.LONGEST, figure.high().orElse(figure.low()), words);
            } else {
                draft.say(keyword.asked(), window(figure), words);
            }
        });
    }

    /** A single length of room tone is the least that is wanted. */
    private static Limits window(WrittenFigure figure) {
        return figure.high().isPresent()
                ? Limits.between(figure.low(), figure.high().getAsDouble())
                : new Limits(OptionalDouble.of(figure.low()), OptionalDouble.empty());
    }

    /** Times are told by what follows them first: "a second at the head and three at the end". */
    private Optional<Keyword> nearestOf(WrittenFigure figure) {
        return nearest(figure, TIMES);
    }

    /** The keyword of a kind in the same sentence that stands nearest, with no other figure of the kind between. */
    private Optional<Keyword> nearest(WrittenFigure figure, Set<Asked> kind) {
        boolean time = kind.equals(TIMES);
        return keywords.stream()
                .filter(k -> kind.contains(k.asked()) && (k.to() <= figure.from() || k.from() >= figure.to()))
                .filter(k -> apart(figure, k) <= FAR && distance(figure, k, time) <= FAR)
                .min(Comparator.comparingInt(k -> distance(figure, k, time)));
    }

    /** Characters between; what is too far away is not looked at any closer, however long the mail is. */
    private static int apart(WrittenFigure figure, Keyword keyword) {
        return keyword.to() <= figure.from() ? figure.from() - keyword.to() : keyword.from() - figure.to();
    }

    private int distance(WrittenFigure figure, Keyword keyword, boolean followingFirst) {
        boolean before = keyword.to() <= figure.from();
        int from = before ? keyword.to() : figure.to();
        int to = before ? figure.from() : keyword.from();
        String between = text.substring(from, to);
        boolean parted = BREAK.matcher(between).find()
                || figures.stream().anyMatch(f -> f.from() >= from && f.to() <= to && f.isLevel() == figure.isLevel());
        if (parted) {
            return Integer.MAX_VALUE;
        }
        int distance = to - from;
        if (before && LABEL.matcher(between).matches()) {
            return 0;
        }
        boolean comma = between.indexOf(',') >= 0 || between.contains(" and ") || between.contains(" with ");
        if (before) {
            return distance + (followingFirst ? 8 : 0) + (comma ? 12 : 0);
        }
        return distance > BESIDE || (comma && !followingFirst)
                ? Integer.MAX_VALUE
                : distance + (followingFirst ? 0 : 6);
    }

    private int sentenceEnd(int from) {
        Matcher end = BREAK.matcher(text);
        return end.find(Math.min(from, text.length())) ? end.start() : text.length();
    }

    private String quote(WrittenFigure figure, Optional<Keyword> keyword) {
        int from = keyword.map(k -> Math.min(k.from(), figure.from())).orElse(figure.from());
        int to = keyword.map(k -> Math.max(k.to(), figure.to())).orElse(figure.to());
        return words(from, to);
    }

    private String words(int from, int to) {
        return BLANKS.matcher(original.substring(from, to).strip()).replaceAll(" ");
    }

    /** Small letters, plain minus signs and blanks, wrapped lines joined; every character stays where it was. */
    private static String plain(String mail) {
        StringBuilder plain = new StringBuilder(mail.length());
        for (int i = 0; i < mail.length(); i++) {
            char c = mail.charAt(i);
            plain.append(
                    switch (c) {
                        case '−', '‒', '‑', '‐' -> '-';
                        case '\u00a0', '\u202f', '\u2009', '\t' -> ' ';
                        case '’' -> '\'';
                        default -> Character.toLowerCase(c);
                    });
        }
        Matcher wrapped = WRAPPED.matcher(plain);
        while (wrapped.find()) {
            plain.setCharAt(wrapped.end() - 1, ' ');
        }
        return plain.toString();
    }
}
