package app.redlamp.words;

import app.redlamp.core.planning.take.JoinKind;
import app.redlamp.core.port.Capture;
import app.redlamp.core.port.TakeRecording.News;
import app.redlamp.core.taking.joins.JoinFigures;
import java.util.Locale;

/** Says what happens to a recording. */
public final class TakeWording {
    private final Phrases phrases;
    private final Figures figures;

    public TakeWording(Locale locale) {
        phrases = new Phrases("take", locale);
        figures = new Figures(locale);
    }

    /** What it is recorded from; that a booth is simulated is always said. */
    public String from(Capture.Input input) {
        return phrases.say(input.simulated() ? "from.simulated" : "from", input.name());
    }

    /** Something that happened, one sentence. */
    public String news(News news) {
        return phrases.say(
                "news." + news.what().name().toLowerCase(Locale.ROOT).replace('_', '-'),
                news.detail(),
                figures.whole(news.figure()));
    }

    /** A length, and what was lost of it. */
    public String length(double seconds, long lostFrames) {
        return lostFrames == 0
                ? phrases.say("length", figures.tenths(seconds))
                : phrases.say("length.lost", figures.tenths(seconds), figures.whole((double) lostFrames));
    }

    /** A part of it that no place took. */
    public String unwritten(double seconds) {
        return phrases.say("unwritten", figures.tenths(seconds));
    }

    /** That no take was left by a kill. */
    public String nothingToRecover() {
        return phrases.say("recover.nothing");
    }

    /** How long a chapter is that was put together, and of how many passages. */
    public String assembled(double seconds, int passages) {
        return phrases.say("assembled", figures.clockTenths(seconds), passages);
    }

    /**
     * A join, and what of it could be heard.
     *
     * @param atS seconds from the beginning of the chapter
     */
    public String join(double atS, JoinKind kind, JoinFigures heard) {
        String how = phrases.say("join." + kind.id());
        if (heard.unheard()) {
            return phrases.say("join", figures.clockTenths(atS), how);
        }
        boolean click = heard.clickDb() > JoinFigures.MOST_CLICK_DB;
        boolean step = Math.abs(heard.levelStepDb().orElse(0)) > JoinFigures.MOST_LEVEL_DB;
        String why = click ? "click" : step ? "level" : "spectrum";
        double value = step && !click
                ? Math.abs(heard.levelStepDb().orElse(0))
                : heard.spectralStepDb().orElse(0);
        return phrases.say("join.heard." + why, figures.clockTenths(atS), how, figures.tenths(value));
    }

    /**
     * What was salvaged.
     *
     * @param by what its format is known from, such as {@code header}
     */
    public String salvaged(double seconds, int sampleRateHz, int bits, int channels, String by) {
        return phrases.say(
                "salvaged",
                figures.tenths(seconds),
                String.valueOf(sampleRateHz),
                String.valueOf(bits),
                String.valueOf(channels),
                phrases.say("salvaged." + by));
    }
}
