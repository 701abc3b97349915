package app.redlamp.words;

import app.redlamp.core.chain.GainSchool;
import app.redlamp.core.setting.marks.Learnt;
import app.redlamp.core.setting.marks.MarkAdvice;
import app.redlamp.core.setting.marks.Phrase;
import app.redlamp.core.setting.marks.Positions;
import app.redlamp.core.setting.marks.Scale;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Says what was learnt of knobs and sliders, in the user's own marks. */
public final class MarksWording {
    private static final Pattern CLOCK = Pattern.compile("(\\d{1,2})(?::(\\d{2}))?");
    private static final int MINUTES = 60;
    private static final int NOON = 12;

    private final Phrases phrases;
    private final Figures figures;

    public MarksWording(Figures figures) {
        this.figures = figures;
        phrases = new Phrases("marks", figures.locale());
    }

    /** A scale, in a few words. */
    public String scale(Scale scale) {
        return phrases.say("scale." + scale.id());
    }

    /** No slider. */
    public String noSlider() {
        return phrases.say("scale.none");
    }

    /** A mark as it stands beside the knob. */
    public String mark(Scale scale, double mark) {
        return switch (scale) {
            case TEN -> figures.tenths(mark);
            case PERCENT -> phrases.say("percent", figures.whole(mark));
            case CLOCK -> {
                long minutes = Math.round(mark * MINUTES);
                long hour = minutes / MINUTES;
                yield String.format(Locale.ROOT, "%d:%02d", hour > NOON ? hour - NOON : hour, minutes - hour * MINUTES);
            }
        };
    }

    /** @throws IllegalArgumentException for a text that is no mark of the scale; one line that says what is */
    public double read(Scale scale, String text) {
        OptionalDouble mark = scale == Scale.CLOCK ? clock(text.strip()) : number(text.strip());
        if (mark.isEmpty() || !scale.has(mark.getAsDouble())) {
            throw new IllegalArgumentException(
                    phrases.say("not-a-mark", text.strip(), mark(scale, scale.lowest()), mark(scale, scale.highest())));
        }
        return scale.snapped(mark.getAsDouble());
    }

    private static OptionalDouble clock(String text) {
        Matcher time = CLOCK.matcher(text);
        if (!time.matches()) {
            return OptionalDouble.empty();
        }
        double hour = Integer.parseInt(time.group(1));
        double minutes = time.group(2) == null ? 0 : Integer.parseInt(time.group(2));
        double mark = hour + minutes / MINUTES;
        return OptionalDouble.of(mark < Scale.CLOCK.lowest() ? mark + NOON : mark);
    }

    private static OptionalDouble number(String text) {
        try {
            return OptionalDouble.of(
                    Double.parseDouble(text.replace(',', '.').replace('%', ' ').strip()));
        } catch (NumberFormatException e) {
            return OptionalDouble.empty();
        }
    }

    /** Where both stand. */
    public String at(Learnt learnt, Positions at) {
        String knob = mark(learnt.knob(), at.knob());
        return learnt.slider()
                .map(s -> phrases.say("at.both", knob, mark(s, at.slider())))
                .orElseGet(() -> phrases.say("at.knob", knob));
    }

    /** What a line gave. */
    public String heard(Phrase phrase) {
        return phrase.plain()
                ? figures.tenths(phrase.peakDbfs())
                : phrases.say("heard." + phrase.heard().id());
    }

    /** What to do, in a sentence. */
    public String advice(Learnt learnt, MarkAdvice advice) {
        Optional<MarkAdvice.Setting> wanted = advice.wanted();
        if (wanted.isEmpty()) {
            return phrases.say("advice." + advice.state().id());
        }
        MarkAdvice.Setting to = wanted.get();
        if (advice.state() != MarkAdvice.State.FOUND && advice.best().isEmpty()) {
            return learnt.next().isPresent()
                    ? phrases.say("advice.slider")
                    : phrases.say("advice." + advice.state().id(), at(learnt, to.at()));
        }
        String there = phrases.say(
                to.at().equals(advice.from()) ? "advice.stands" : "advice.found",
                at(learnt, to.at()),
                figures.tenths(to.peakDbfs()));
        OptionalDouble gained = advice.gainedDb();
        return advice.best().equals(wanted)
                        && advice.state() == MarkAdvice.State.FOUND
                        && gained.orElse(0) >= MarkAdvice.WORTH_DB
                ? phrases.say("advice.quieter", there, figures.tenths(gained))
                : there;
    }

    /** Which pair has the least noise, or how it is found out; empty where there is no slider, and before the knob is learnt. */
    public String pair(Learnt learnt, MarkAdvice advice) {
        if (advice.best().isEmpty()) {
            boolean wanted =
                    advice.state() == MarkAdvice.State.FOUND && learnt.slider().isPresent();
            return wanted ? phrases.say(learnt.next().isPresent() ? "pair.slider" : "pair.unknown") : "";
        }
        if (advice.further().isPresent()) {
            return phrases.say("pair.higher", figures.whole(advice.quieterDb()));
        }
        return advice.spreadDb() < MarkAdvice.WORTH_DB
                ? phrases.say("pair.alike")
                : phrases.say("pair.best", at(learnt, advice.best().get().at()), figures.tenths(advice.spreadDb()));
    }

    /** A saying held against what was heard. */
    public String checked(MarkAdvice.Checked checked) {
        String saying = phrases.say("saying." + checked.saying().id());
        if (checked.cut()) {
            return phrases.say("checked.cut", saying);
        }
        if (checked.setting().isEmpty()) {
            return phrases.say("checked.unheard", saying);
        }
        double change = checked.changeDb();
        String level = Math.abs(change) < GainSchool.WORTH_DB
                ? phrases.say("checked.right")
                : phrases.say(change > 0 ? "checked.soft" : "checked.loud", figures.tenths(Math.abs(change)));
        OptionalDouble more = checked.noisierDb();
        String noise = more.isEmpty()
                ? ""
                : more.getAsDouble() < MarkAdvice.WORTH_DB
                        ? phrases.say("checked.no-noise")
                        : phrases.say("checked.noise", figures.tenths(more));
        return phrases.say("checked", saying, level, noise);
    }

    /** What a turn comes to in marks that were learnt. */
    public String turn(Scale scale, double from, double to) {
        return phrases.say("turn", mark(scale, from), mark(scale, to));
    }
}
