package org.soberhem.desk.shell;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import javafx.scene.Scene;
import javafx.scene.text.Font;

/** Loads the fonts and the one stylesheet. */
public final class Theme {

    private static final List<String> FONTS =
            List.of("IBMPlexSans_400Regular", "IBMPlexSans_600SemiBold", "IBMPlexSerif_400Regular_Italic");

    private Theme() {}

    /** Dresses a scene. */
    public static void dress(Scene scene) {
        for (String font : FONTS) {
            try (InputStream in = Theme.class.getResourceAsStream("/fonts/" + font + ".ttf")) {
                Font.loadFont(in, 14);
            } catch (IOException broken) {
                throw new UncheckedIOException("Cannot load font " + font, broken);
            }
        }
        scene.getStylesheets()
                .add(Theme.class.getResource("/org/soberhem/desk/theme.css").toExternalForm());
    }
}
