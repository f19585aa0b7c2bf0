package org.soberhem.desk.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The one stylesheet. Contrast is that of the Web Content Accessibility Guidelines 2.1 (W3C, 2018), success criterion
 * 1.4.3: at least 4.5 for words, 3 for large words and marks.
 */
class ThemeTest {

    private static final Path SHEET = Path.of("src/main/resources/org/soberhem/desk/theme.css");

    private static Map<String, Color> tokens(boolean dark) throws IOException {
        String css = Files.readString(SHEET);
        Map<String, Color> tokens = new HashMap<>();
        read(css.substring(css.indexOf(".root {"), css.indexOf(".root.dark {")), tokens);
        if (dark) {
            String rest = css.substring(css.indexOf(".root.dark {"));
            read(rest.substring(0, rest.indexOf('}')), tokens);
        }
        return tokens;
    }

    private static void read(String block, Map<String, Color> tokens) {
        Matcher token = Pattern.compile("(-[a-z-]+): (#[0-9a-f]{6});").matcher(block);
        while (token.find()) {
            tokens.put(token.group(1), Color.web(token.group(2)));
        }
    }

    private static double luminance(Color color) {
        return 0.2126 * linear(color.getRed()) + 0.7152 * linear(color.getGreen()) + 0.0722 * linear(color.getBlue());
    }

    private static double linear(double channel) {
        return channel <= 0.03928 ? channel / 12.92 : Math.pow((channel + 0.055) / 1.055, 2.4);
    }

    private static double contrast(Color a, Color b) {
        double lighter = Math.max(luminance(a), luminance(b));
        double darker = Math.min(luminance(a), luminance(b));
        return (lighter + 0.05) / (darker + 0.05);
    }

    @Test
    void contrast_blackOnWhite_isTheGuidelinesTwentyOne() {
        assertThat(contrast(Color.BLACK, Color.WHITE)).isEqualTo(21, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"-ink, 4.5", "-ink-soft, 4.5", "-madder, 4.5", "-woad, 4.5", "-done, 4.5", "-ink-faint, 3"})
    void words_standOutFromEveryGround_lightAndDark(String token, double least) throws IOException {
        for (boolean dark : new boolean[] {false, true}) {
            Map<String, Color> tokens = tokens(dark);
            for (String ground : List.of("-ground", "-paper", "-raised", "-woad-ground")) {
                assertThat(contrast(tokens.get(token), tokens.get(ground)))
                        .as("%s on %s, %s", token, ground, dark ? "dark" : "light")
                        .isGreaterThanOrEqualTo(least);
            }
        }
    }

    @Test
    void weld_isOnlyAGround_underInk() throws IOException {
        for (boolean dark : new boolean[] {false, true}) {
            Map<String, Color> tokens = tokens(dark);
            assertThat(contrast(tokens.get("-ink"), tokens.get("-weld-ground"))).isGreaterThanOrEqualTo(4.5);
            assertThat(contrast(tokens.get("-ink"), tokens.get("-weld-hatch"))).isGreaterThanOrEqualTo(4.5);
        }
        assertThat(Files.readString(SHEET)).doesNotContain("-fx-text-fill: -weld", "-fx-stroke: -weld");
    }

    @Test
    void colours_areDecidedInTheTokensAlone() throws IOException {
        String css = Files.readString(SHEET);
        String rules = css.substring(css.indexOf("/* Type */"));
        assertThat(Pattern.compile("#[0-9a-fA-F]{3,8}\\b")
                        .matcher(rules)
                        .results()
                        .toList())
                .isEmpty();
        try (Stream<Path> sources = Files.walk(Path.of("src/main/java"))) {
            for (Path source :
                    sources.filter(file -> file.toString().endsWith(".java")).toList()) {
                assertThat(Files.readString(source))
                        .as(source.toString())
                        .doesNotContain("setStyle(", "Color.", "setFont(");
            }
        }
    }

    @Test
    void drawing_hasItsFourWeights() throws IOException {
        String css = Files.readString(SHEET);
        assertThat(css)
                .containsPattern("\\.construction \\{[^}]*-fx-stroke-width: 0\\.6;")
                .containsPattern("\\.fold \\{[^}]*-fx-stroke-width: 0\\.9;")
                .containsPattern("\\.seam-line \\{[^}]*-fx-stroke-width: 1\\.4;")
                .containsPattern("\\.cut-line \\{[^}]*-fx-stroke-width: 2\\.2;");
    }
}
