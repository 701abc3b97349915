package app.redlamp.desktop.level;

import app.redlamp.core.chain.Chain;
import app.redlamp.core.chain.kit.Kit;
import app.redlamp.core.chain.kit.Need;
import app.redlamp.core.chain.placement.Table;
import app.redlamp.core.setting.level.Hosts;
import app.redlamp.core.setting.level.SettingStep;
import app.redlamp.core.setting.level.Taken;
import app.redlamp.core.setting.level.VoiceLevels;
import app.redlamp.core.verdict.FigureId;
import app.redlamp.desktop.control.Reading;
import app.redlamp.desktop.station.StationParts;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What is said of the other voices: whether they are equally loud, and how much of each is in the others' microphones. */
record HostsReading(StationParts<LevelStation.Models> parts) {

    void add(List<Reading.Figure> all) {
        Kit kit = parts.models().level().kit().kit().get();
        if (kit == null) {
            return;
        }
        int own = parts.models().level().kit().seat().get();
        VoiceLevels mine = parts.models().level().levels();
        for (int i = 0; i < kit.seats().size(); i++) {
            if (i != own) {
                String name = kit.seats().get(i).name();
                match(mine, name, parts.models().level().levels(name, i), all);
                bleed(kit, mine, own, i, all);
            }
        }
    }

    private void match(VoiceLevels mine, String name, VoiceLevels theirs, List<Reading.Figure> all) {
        if (mine.of(SettingStep.READ).isPresent() && theirs.of(SettingStep.READ).isPresent()) {
            Hosts.louderDb(
                            mine.of(SettingStep.READ).get(),
                            theirs.of(SettingStep.READ).get())
                    .ifPresent(db -> all.add(new Reading.Figure(
                            FigureId.LEVEL_MATCH,
                            parts.say("level.figure.match"),
                            parts.words().level().match(parts.models().level().voice(), name, db),
                            "")));
        }
    }

    private void bleed(Kit kit, VoiceLevels mine, int own, int other, List<Reading.Figure> all) {
        Taken read = mine.steps().get(SettingStep.READ);
        Taken still = mine.steps().get(SettingStep.STILL);
        Need need = parts.models().level().kit().need().get();
        if (read == null || still == null || need == null) {
            return;
        }
        Optional<Chain> there = kit.chain(other, need.room(), need.finishing());
        OptionalDouble measured = Hosts.bleedDb(
                read,
                still,
                parts.models().level().channel(own),
                parts.models().level().channel(other));
        if (there.isEmpty() || measured.isEmpty()) {
            return;
        }
        Table table = parts.models().level().kit().table().get();
        double predicted = Hosts.predictedBleedDb(parts.models().level().chain().orElseThrow(), there.get(), table);
        all.add(new Reading.Figure(
                FigureId.LEVEL_BLEED,
                parts.say("level.figure.bleed"),
                parts.words()
                        .level()
                        .bleed(
                                parts.models().level().voice(),
                                kit.seats().get(other).name(),
                                measured.getAsDouble(),
                                predicted,
                                table.apartM()),
                "bleed"));
    }
}
