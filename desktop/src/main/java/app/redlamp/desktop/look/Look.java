package app.redlamp.desktop.look;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
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
        scene.getStylesheets().setAll(sheet("tokens"), sheet("redlamp"));
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

    /** Address of a stylesheet that ships, in its binary form, which the build makes of its text. */
    private static String sheet(String name) {
        return Look.class.getResource("/app/redlamp/desktop/" + name + ".bss").toExternalForm();
    }

    private static String popups(int scalePercent) {
        String css =
                ".tooltip, .context-menu, .combo-box-popup > .list-view > .virtual-flow > .clipped-container > .sheet > .list-cell"
                        + " { -fx-font-size: " + BASE_PX * scalePercent / 100 + "px; }";
        return "data:text/css;base64," + Base64.getEncoder().encodeToString(css.getBytes(StandardCharsets.UTF_8));
    }
}
