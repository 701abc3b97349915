package app.redlamp.desktop.level;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.kit.Seat;
import app.redlamp.core.log.LogEntry;
import app.redlamp.core.measure.analysis.Report;
import app.redlamp.core.measure.noise.NoiseProfile;
import app.redlamp.core.measure.voice.VoiceSpectrum;
import app.redlamp.core.planning.plan.Production;
import app.redlamp.core.setting.card.Cards;
import app.redlamp.core.setting.card.GainCard;
import app.redlamp.core.setting.card.Moved;
import app.redlamp.core.setting.card.Overrule;
import app.redlamp.core.setting.level.Peaks;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.core.setting.level.VoiceLevels;
import app.redlamp.desktop.look.Strings;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;

/** The gain cards of the open production, and what was overruled. */
public final class CardModel {
    private final LevelModel level;
    private final Strings strings;

    public CardModel(LevelModel level, Strings strings) {
        this.level = level;
        this.strings = strings;
    }

    public Cards cards() {
        Production production = level.openProduction().production().get();
        return production == null ? Cards.NONE : production.cards();
    }

    /** The last card of the voice that is looked at. */
    public Optional<GainCard> last() {
        return cards().last(level.voice());
    }

    /** Whether enough was measured for a card. */
    public boolean canWrite() {
        VoiceLevels levels = level.levels();
        return level.openProduction().production().get() != null
                && levels.of(SettingStep.STILL).flatMap(Report::noise).isPresent()
                && levels.averageDbfs().isPresent()
                && levels.loudest().isPresent()
                && level.chain().isPresent();
    }

    /**
     * Writes a card of how everything stands now.
     *
     * @param knobs positions in words, as somebody sees them; the gain is added
     * @param note anything else
     */
    public void write(List<GainCard.Knob> knobs, String note) {
        if (!canWrite()) {
            return;
        }
        VoiceLevels levels = level.levels();
        Chain chain = level.chain().orElseThrow();
        Seat seat = level.kit().currentSeat().orElseThrow();
        Report still = levels.of(SettingStep.STILL).orElseThrow();
        NoiseProfile noise = still.noise().orElseThrow();
        // The knob may have been turned since it was still: the noise with it.
        double shift = levels.floorShiftDb(chain.gainDb());
        LocalDateTime now = level.now();
        GainCard card = new GainCard(
                "card-" + now.toString().replaceAll("[^0-9]", ""),
                now,
                level.kit().kit().get().name(),
                level.voice(),
                input(),
                knobs,
                new GainCard.Place(chain.position(), seat.popFilterM()),
                new GainCard.Levels(
                        level.school().orElseThrow(),
                        levels.floorDbfs().orElse(noise.highPassedDbfs()) + shift,
                        noise.floorDbA() + shift,
                        levels.averageDbfs().orElseThrow(),
                        levels.loudest().orElseThrow().peakDbfs(),
                        levels.excited()
                                .map(Peaks::peakDbfs)
                                .map(OptionalDouble::of)
                                .orElse(OptionalDouble.empty()),
                        noise.octavesDbfs().stream().map(db -> db + shift).toList(),
                        levels.of(SettingStep.READ)
                                .flatMap(r -> r.voice().spectrum())
                                .map(VoiceSpectrum::levelsDb)
                                .orElse(List.of())),
                Optional.empty(),
                note);
        edit("edit.card", c -> c.with(card));
        level.openProduction().files().log(new LogEntry.GainCard(card.voice(), card.id()));
    }

    /** Adds a picture of how everything stands to the last card of the voice that is looked at; a copy is kept. */
    public void picture(Path file) {
        last().ifPresent(card -> level.openProduction()
                .files()
                .keepPicture(
                        file,
                        name -> edit(
                                "edit.picture",
                                c -> c.cards().stream()
                                        .filter(k -> k.id().equals(card.id()))
                                        .findFirst()
                                        .map(k -> c.replacing(k.pictured(Optional.of(name))))
                                        .orElse(c))));
    }

    /** Takes the picture off the last card; the file stays where it is kept. */
    public void unpicture() {
        last().ifPresent(card -> edit("edit.picture", c -> c.replacing(card.pictured(Optional.empty()))));
    }

    /** Where the picture of a card lies; absent without one. */
    public Optional<Path> photo(GainCard card) {
        return Optional.ofNullable(level.openProduction().folder().get())
                .flatMap(folder -> card.photo().map(folder::resolve));
    }

    private GainCard.Input input() {
        return new GainCard.Input(
                level.input().chosen().get().name(),
                level.input().simulated(),
                level.input().format().get().sampleRateHz(),
                level.input().format().get().bits());
    }

    /** What has moved since the last card; absent without a card, or before the still seconds. */
    public Optional<List<Moved>> moved() {
        Optional<Report> still = level.levels().of(SettingStep.STILL);
        Optional<GainCard> card = last();
        if (still.isEmpty() || card.isEmpty() || level.chain().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(Moved.of(
                card.get(),
                input(),
                still.get(),
                level.levels().floorShiftDb(level.chain().get().gainDb()),
                level.levels().averageDbfs(),
                level.levels().of(SettingStep.READ).flatMap(r -> r.voice().spectrum()),
                level.chain().get().position()));
    }

    /**
     * Overrules a verdict.
     *
     * @param problems what the verdict names, for the log
     * @throws IllegalArgumentException with one line, without a reason
     */
    public void overrule(Overrule.Station station, String reason, List<String> problems) {
        Overrule overrule = new Overrule(station, reason.strip(), level.now());
        edit("edit.overrule", c -> c.overruling(overrule));
        level.openProduction().files().log(new LogEntry.Overruled(station.id(), overrule.reason(), problems));
    }

    /** Trusts a station's verdict again. */
    public void trust(Overrule.Station station) {
        edit("edit.overrule", c -> c.trusting(station));
        level.openProduction().files().log(new LogEntry.Trusted(station.id()));
    }

    private void edit(String key, UnaryOperator<Cards> change) {
        if (level.openProduction().production().get() != null) {
            level.openProduction().edit(strings.say(key), p -> p.with(change.apply(p.cards())));
        }
    }
}
