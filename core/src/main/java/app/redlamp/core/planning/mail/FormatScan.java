package app.redlamp.core.planning.mail;

import app.redlamp.core.delivery.spec.Asked;
import app.redlamp.core.delivery.spec.DeliveryFormat.Coding;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads codings, channels, sample rates, bit depths and bit rates. */
final class FormatScan {
    private static final Map<Pattern, Coding> CODINGS = Map.of(
            Pattern.compile("\\bmp3s?\\b"), Coding.MP3,
            Pattern.compile("\\b(?:b?wavs?|wave files?|bwf)\\b"), Coding.WAV,
            Pattern.compile("\\bflacs?\\b"), Coding.FLAC,
            Pattern.compile("\\baiffs?\\b|\\baif\\b"), Coding.AIFF,
            Pattern.compile("\\b(?:m4a|aac)\\b"), Coding.AAC,
            Pattern.compile("\\b(?:mu|µ|μ|u)-?\\s?law\\b"), Coding.MU_LAW,
            Pattern.compile("\\ba-?law\\b"), Coding.A_LAW);
    private static final Pattern REFUSED = Pattern.compile(
            "(?:\\bno|\\bnot|\\bnever|don't|do not|cannot|can't|instead of|rather than|without)\\b[^.;,\\n]{0,24}$");
    private static final Pattern EITHER = Pattern.compile("mono or stereo|stereo or mono|mono/stereo|stereo/mono");
    private static final Pattern CHANNELS = Pattern.compile("\\bmono\\b|\\b(?:joint )?stereo\\b");
    private static final Pattern PAIR = Pattern.compile(
            "\\b(?:(16|24)\\s?-?(?:bits?)?\\s?/\\s?(44[.,]1|48|96)|(44[.,]1|48|96)\\s?k?(?:hz)?\\s?/\\s?(16|24))(?![\\d.,])");
    private static final Pattern BARE_RATE =
            Pattern.compile("(?<![\\d.,])(44[.,]1|44100|48000|96000)(?![\\d]|[.,]\\d)");
    private static final Set<Integer> RATES =
            Set.of(8000, 11_025, 16_000, 22_050, 24_000, 32_000, 44_100, 48_000, 88_200, 96_000, 176_400, 192_000);

    private final String text;
    private final String original;
    private final Draft draft;

    FormatScan(String text, String original, Draft draft) {
        this.text = text;
        this.original = original;
        this.draft = draft;
    }

    void read(List<WrittenFigure> figures) {
        codings();
        channels();
        pairs();
        figures.forEach(this::figure);
        Matcher rate = BARE_RATE.matcher(text);
        while (rate.find() && !draft.says(Asked.SAMPLE_RATE)) {
            double value = Double.parseDouble(rate.group(1).replace(',', '.'));
            rate(value < 1000 ? value * 1000 : value, words(rate.start(), rate.end()));
        }
    }

    private void codings() {
        CODINGS.forEach((pattern, coding) -> {
            Matcher found = pattern.matcher(text);
            while (found.find()) {
                if (!refused(found.start())) {
                    coding(coding, words(found.start(), found.end()));
                }
            }
        });
    }

    private void coding(Coding coding, String words) {
        if (coding.written()) {
            draft.say(Asked.CODING, coding, words);
        } else {
            draft.ask(Question.Kind.IMPOSSIBLE, Asked.CODING, words);
        }
    }

    private void channels() {
        Matcher either = EITHER.matcher(text);
        if (either.find()) {
            draft.say(Asked.CHANNELS, new Draft.Channels(1, 2), words(either.start(), either.end()));
            return;
        }
        Matcher found = CHANNELS.matcher(text);
        while (found.find()) {
            boolean dual = text.substring(Math.max(0, found.start() - 5), found.start())
                    .equals("dual ");
            int count = found.group().equals("mono") && !dual ? 1 : 2;
            if (!refused(found.start())) {
                draft.say(Asked.CHANNELS, new Draft.Channels(count, count), words(found.start(), found.end()));
            }
        }
    }

    private void pairs() {
        Matcher pair = PAIR.matcher(text);
        while (pair.find()) {
            String bits = pair.group(1) == null ? pair.group(4) : pair.group(1);
            String rate = pair.group(2) == null ? pair.group(3) : pair.group(2);
            String words = words(pair.start(), pair.end());
            draft.say(Asked.BIT_DEPTH, Integer.parseInt(bits), words);
            rate(Double.parseDouble(rate.replace(',', '.')) * 1000, words);
        }
    }

    private void figure(WrittenFigure figure) {
        String words = words(figure.from(), figure.to());
        int rounded = (int) Math.round(figure.low());
        if (figure.unit() == WrittenFigure.Unit.HERTZ
                && (RATES.contains(rounded) || figure.high().isEmpty())) {
            if (figure.low() >= 8000) {
                rate(figure.low(), words);
            }
        } else if (figure.unit() == WrittenFigure.Unit.BITS) {
            if (rounded == 16 || rounded == 24) {
                draft.say(Asked.BIT_DEPTH, rounded, words);
            } else {
                draft.ask(Question.Kind.IMPOSSIBLE, Asked.BIT_DEPTH, words);
            }
        } else if (figure.unit() == WrittenFigure.Unit.KBPS) {
            if (rounded >= 32 && rounded <= 320) {
                draft.say(Asked.BIT_RATE, rounded, words);
            } else {
                draft.ask(Question.Kind.IMPOSSIBLE, Asked.BIT_RATE, words);
            }
        }
    }

    private void rate(double hertz, String words) {
        int rounded = (int) Math.round(hertz);
        if (RATES.contains(rounded)) {
            draft.say(Asked.SAMPLE_RATE, rounded, words);
        } else {
            draft.ask(Question.Kind.IMPOSSIBLE, Asked.SAMPLE_RATE, words);
        }
    }

    private boolean refused(int at) {
        return REFUSED.matcher(text.substring(Math.max(0, at - 40), at)).find();
    }

    private String words(int from, int to) {
        return original.substring(from, to).strip();
    }
}
