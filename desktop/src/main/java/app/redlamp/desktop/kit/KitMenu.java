package app.redlamp.desktop.kit;

import app.redlamp.core.chain.kit.Kit;
import app.redlamp.desktop.station.Doors;
import app.redlamp.desktop.station.StationParts;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** What can be done with the production's kits. */
final class KitMenu {
    private final StationParts<KitStation.Models> parts;

    KitMenu(StationParts<KitStation.Models> parts) {
        this.parts = parts;
    }

    List<MenuItem> items() {
        List<MenuItem> items = new ArrayList<>();
        Kit current = parts.models().kit().kit().get();
        for (Kit kit : parts.models().kit().kits().all()) {
            boolean shown = current != null && kit.id().equals(current.id());
            items.add(item(
                    "kit-use-" + kit.id(),
                    shown ? parts.say("kit.in-use", kit.name()) : kit.name(),
                    () -> parts.models().kit().change("edit.kit.choose", k -> k.choosing(kit.id()))));
        }
        items.add(new SeparatorMenuItem());
        items.add(item(
                "kit-copy",
                parts.say("kit.copy"),
                () -> parts.models()
                        .kit()
                        .change("edit.kit", k -> k.with(current.called(parts.say("kit.copy.name", current.name()))))));
        items.add(item(
                "kit-remove",
                parts.say("kit.remove"),
                () -> parts.models().kit().change("edit.kit.remove", k -> k.without(current.id()))));
        items.add(item(
                "kit-keep", parts.say("kit.keep"), () -> parts.models().shelf().keep(current)));
        items.add(item(
                "kit-open",
                parts.say("kit.open"),
                () -> parts.doors()
                        .open(Doors.Kind.KIT)
                        .ifPresent(file -> parts.models()
                                .shelf()
                                .read(file, kit -> parts.models().kit().change("edit.kit", k -> k.with(kit))))));
        List<Kit> kept = parts.models().shelf().kept();
        if (!kept.isEmpty()) {
            items.add(new SeparatorMenuItem());
            kept.forEach(k -> items.add(item(
                    "kit-kept-" + k.id(),
                    parts.say("kit.from-library", k.name()),
                    () -> parts.models().kit().change("edit.kit", all -> all.with(k)))));
        }
        return items;
    }

    private static MenuItem item(String id, String text, Runnable run) {
        MenuItem item = new MenuItem(text);
        item.setId(id);
        item.setMnemonicParsing(false);
        item.setOnAction(e -> run.run());
        return item;
    }
}
