package org.soberhem.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** {@code lay}. */
class LayCommandTest extends CommandTest {

    private static final String PANELS =
            "{\"pieces\": [{\"name\": \"panel\", \"count\": 4, \"kind\": \"plain\", \"outline\": [[0, 0], [400, 0], [400, 900], [0, 900]]}]}";

    private String file(String text) throws IOException {
        return Files.writeString(folder.resolve("pieces.json"), text).toString();
    }

    @Test
    void lay_ofPanels_tellsTheLengthAndWhereEachLies() throws IOException {
        Path out = folder.resolve("lay.json");
        assertThat(run("lay", file(PANELS), "--width", "80 cm", "--seconds", "0.2", "--out", out.toString(), "--json"))
                .isZero();
        assertThat(json().get("length_mm").asDouble()).isCloseTo(1800, within(1e-6));
        assertThat(json().get("bound_mm").asDouble()).isCloseTo(1800, within(1e-6));
        JsonNode written = JsonMapper.builder().build().readTree(Files.readString(out));
        assertThat(written.get("placements")).hasSize(4);
        assertThat(written.get("placements").get(0).get("mirrored").asBoolean()).isFalse();
    }

    @Test
    void lay_onFoldedCloth_isDrawnAtTrueSize() throws IOException {
        Path out = folder.resolve("lay.svg");
        assertThat(run("lay", file(PANELS), "--width", "80 cm", "--fold", "--seconds", "0.2", "--out", out.toString()))
                .isZero();
        assertThat(this.out.toString()).contains("length_mm: 1800.0");
        assertThat(Files.readString(out))
                .contains("height=\"1840.000mm\"")
                .contains("id=\"cloth\"")
                .contains("panel 1");
    }

    @Test
    void lay_ofADraftedPattern_readsItsCuttingLines() {
        Path pattern = folder.resolve("hood.json");
        assertThat(run("draft", "hood-1780", "--measures", middle().toString(), "--out", pattern.toString()))
                .as(err.toString())
                .isZero();
        assertThat(run("lay", pattern.toString(), "--width", "150 cm", "--seconds", "0.2", "--json"))
                .as(err.toString())
                .isZero();
        assertThat(json().get("length_mm").asDouble())
                .isGreaterThanOrEqualTo(json().get("bound_mm").asDouble());
    }

    private Path middle() {
        try {
            return Files.writeString(
                    folder.resolve("m.csv"),
                    "measure,value\ncrown-arc,30 in\nshoulder-length,5 in\nshoulder-slope,1 3/4 in\nhead,22 1/2 in\n");
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    @Test
    void lay_ofWhatIsTooWide_doesNotFit_andSaysWhatToDo() throws IOException {
        assertThat(run("lay", file(PANELS), "--width", "30 cm")).isEqualTo(1);
        assertThat(out.toString()).contains("\"panel\" is 15¾ in wide").contains("piece it");
        assertThat(out.toString()).contains("  Piece panel along the grain at the outer edge, out of sight: ");
        assertThat(run("lay", file(PANELS), "--width", "30 cm", "--json")).isEqualTo(1);
        assertThat(json().get("piece").asString()).isEqualTo("panel");
        assertThat(json().get("ways").get(0).asString()).startsWith("Piece panel along the grain");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{}|\"pieces\" must be a list",
                "nonsense|is not as JSON should be",
                "{\"pieces\": [{\"count\": 1}]}|piece 1: \"name\" is missing",
                "{\"pieces\": [{\"name\": \"a\", \"count\": 0}]}|piece \"a\": \"count\" must be",
                "{\"pieces\": [{\"name\": \"a\", \"count\": 1, \"kind\": \"bias\"}]}|must be plain, pair or fold: \"bias\"",
                "{\"pieces\": [{\"name\": \"a\", \"count\": 1, \"outline\": [[0, 0], [1, 1]]}]}|a list of 3 to",
                "{\"pieces\": [{\"name\": \"a\", \"count\": 1, \"outline\": [[0, 0], [9, 9], [9, 0], [0, 9]]}]}|crosses or touches itself",
                "{\"pieces\": [{\"name\": \"a\", \"count\": 1, \"outline\": [[0, 0], [1, 1], \"b\"]}]}|a corner must be [x, y]",
                "{\"pieces\": [{\"name\": \"a\", \"count\": 1, \"outline\": [[0, 0], [1, 1], [0, 1e9]]}]}|at most 100 m",
                "{\"pieces\": [{\"name\": \"a\", \"count\": 1, \"kind\": \"fold\", \"outline\": [[5, 0], [9, 1], [8, 9]]}]}|with the fold at x = 0",
                "{\"pieces\": [{\"name\": \"a\", \"count\": 1, \"outline\": [[0, 0], [9, 0], [9, 9]], \"grain\": [[1, 1], [1, 1]]}]}|grain line lie on one place",
                "{\"pieces\": [{\"name\": \"a\", \"count\": 1, \"outline\": [[0, 0], [9, 0], [9, 9]]}, {\"name\": \"a\", \"count\": 1, \"outline\": [[0, 0], [9, 0], [9, 9]]}]}|two pieces are called \"a\"",
            })
    void lay_ofWrongPieces_saysWhatAndWhere(String text, String said) throws IOException {
        assertThat(run("lay", file(text), "--width", "1 m")).isEqualTo(2);
        assertThat(err.toString()).contains(said).doesNotContain("Exception");
    }

    @ParameterizedTest
    @CsvSource({"--width,0 cm,10 m wide", "--lean,9,5 degrees", "--seconds,0,--seconds", "--out,lay.pdf,.svg or .json"})
    void lay_withAWrongOption_saysWhich(String option, String value, String said) throws IOException {
        String[] widthToo = option.equals("--width")
                ? new String[] {"lay", file(PANELS), option, value}
                : new String[] {"lay", file(PANELS), "--width", "1 m", option, value};
        assertThat(run(widthToo)).isEqualTo(2);
        assertThat(err.toString()).contains(said);
    }
}
