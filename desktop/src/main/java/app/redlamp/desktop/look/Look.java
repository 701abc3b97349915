package app.redlamp.desktop.look;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.net.URL;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.text.Font;

/** Fonts and stylesheets. */
public final class Look {
    private static final String[] FONTS = {
        "media/fonts/Lato-Regular",
        "media/fonts/Lato-Bold",
        "desktop/fonts/Vollkorn-Regular",
        "desktop/fonts/Vollkorn-SemiBold"
    };
    private static final int BASE_PX = 14;
    private static final int NATURAL = 100;
    private static final String FOLDER = "/app/redlamp/desktop/";
    private static final List<String> SHEETS = sheets();

    private Look() {}

    /** Loads the fonts; once, before the first scene. */
    public static void loadFonts() {
        for (String font : FONTS) {
            Font.loadFont(Look.class.getResourceAsStream("/app/redlamp/" + font + ".ttf"), BASE_PX);
        }
    }

    /**
     * Dresses a scene.
     *
     * @param scalePercent size of what opens in windows of its own (lists, tooltips), which the scaled pane does not
     *     reach
     */
    public static void dress(Scene scene, Theme theme, int scalePercent) {
        Application.setUserAgentStylesheet(base(theme == Theme.DUSK ? new PrimerDark() : new PrimerLight()));
        scene.getStylesheets().setAll(SHEETS);
        if (scalePercent != NATURAL) {
            scene.getStylesheets().add(popups(scalePercent));
        }
        scene.getRoot().getStyleClass().removeAll(Theme.DUSK.id(), Theme.DAYLIGHT.id());
        scene.getRoot().getStyleClass().add(theme.id());
    }

    /** The base theme in its binary form, which loads ten times as fast as its text is parsed. */
    private static String base(atlantafx.base.theme.Theme theme) {
        return theme.getUserAgentStylesheet().replaceFirst("\\.css$", ".bss");
    }

    /** The tokens, what all have in common, and after them what each package brings. */
    private static List<String> sheets() {
        return Stream.concat(
                        Stream.of("tokens", "redlamp"), Packages.ALL.stream().map(name -> name + "/" + name))
                .flatMap(name -> sheet(name).stream())
                .toList();
    }

    /** A stylesheet in its binary form, which the build makes of its text; the text where nothing was built. */
    private static Optional<String> sheet(String name) {
        return Stream.of(".bss", ".css")
                .map(end -> Look.class.getResource(FOLDER + name + end))
                .filter(Objects::nonNull)
                .map(URL::toExternalForm)
                .findFirst();
    }

    private static String popups(int scalePercent) {
        String css =
                ".tooltip, .context-menu, .combo-box-popup > .list-view > .virtual-flow > .clipped-container > .sheet > .list-cell"
                        + " { -fx-font-size: " + BASE_PX * scalePercent / 100 + "px; }";
        return "data:text/css;base64," + Base64.getEncoder().encodeToString(css.getBytes(StandardCharsets.UTF_8));
    }
}
