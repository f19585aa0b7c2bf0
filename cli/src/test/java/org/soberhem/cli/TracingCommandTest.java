package org.soberhem.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.trace.Grid;
import org.soberhem.core.trace.TracedCopy;
import org.soberhem.core.trace.Tracing;
import org.soberhem.library.Library;
import org.soberhem.library.sheet.SheetReader;
import org.soberhem.library.sheet.TracingFile;
import tools.jackson.databind.JsonNode;

/** {@code trace}, {@code scale} and {@code serves}. */
class TracingCommandTest extends CommandTest {

    private Path tracing;
    private Path measures;

    @BeforeEach
    void files() throws IOException {
        Tracing plate = Tracing.begun(
                        Tracing.About.begun("Plate", Tracing.Kind.GRIDDED, SheetSource.guessed("drawn for a test")),
                        Optional.empty(),
                        Grid.PAPER)
                .with(TracedCopy.of(
                        Drafter.draft(
                                        SheetReader.read(Library.shipped().plate("dressing-jacket-1893")),
                                        Inputs.of(Map.of()))
                                .pattern(),
                        TracedCopy.EXACT));
        tracing = Files.writeString(folder.resolve("plate.yaml"), TracingFile.write(plate));
        measures = Files.write(
                folder.resolve("anna.csv"),
                List.of(
                        "measure,value",
                        "full-bust,36 in",
                        "waist-crease,26 in",
                        "full-hip,39 in",
                        "neck-base,14 1/4 in",
                        "nape-to-waist,15 1/2 in",
                        "front-waist-length,16 1/2 in",
                        "waist-to-full-hip,8 in",
                        "upper-arm,11 1/4 in",
                        "wrist,6 1/4 in",
                        "shoulder-to-wrist,23 in"));
    }

    @Test
    void trace_saysTheBodyAndWritesASheet_thatDrafts() {
        String sheet = folder.resolve("jacket.yaml").toString();
        assertThat(run("trace", tracing.toString(), "--out", sheet)).isZero();
        assertThat(out.toString()).startsWith("3 outlines").contains("Bust                 drawn 40 in");
        assertThat(run("trace", tracing.toString(), "--out", sheet, "--json")).isZero();
        JsonNode bust = json().get("made_for").get(0);
        assertThat(bust.get("landmark").asString()).isEqualTo("bust");
        assertThat(bust.get("drawn_mm").asDouble() - bust.get("ease_mm").asDouble())
                .isCloseTo(bust.get("body_mm").asDouble(), within(1e-9));
        assertThat(run("walk", sheet, "--measures", withShoulder().toString())).isZero();
    }

    private Path withShoulder() {
        try {
            List<String> all = new ArrayList<>(Files.readAllLines(measures));
            all.add("shoulder-length,4 7/8 in");
            return Files.write(folder.resolve("whole.csv"), all);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    @Test
    void scale_saysWhatEachWayMisses_andWhatWasNotMeasured() {
        assertThat(run("scale", tracing.toString(), "--measures", measures.toString()))
                .isZero();
        assertThat(out.toString()).contains("landmarks", "one-factor", "not measured, so not scaled by: shoulder");
        assertThat(run("scale", tracing.toString(), "--measures", measures.toString(), "--json"))
                .isZero();
        JsonNode answer = json();
        assertThat(answer.get("without").get(0).asString()).isEqualTo("shoulder");
        double worst = 0;
        for (JsonNode row : answer.get("landmarks")) {
            assertThat(row.get("errors_mm").get(0).asDouble()).isCloseTo(0, within(0.5));
            worst = Math.max(worst, Math.abs(row.get("errors_mm").get(2).asDouble()));
        }
        assertThat(worst).isGreaterThan(50);
    }

    @Test
    void serves_saysBetweenWhichMeasurements() {
        String whole = withShoulder().toString();
        String sheet = folder.resolve("jacket.yaml").toString();
        run("trace", tracing.toString(), "--out", sheet);
        assertThat(run("serves", sheet, "--measures", whole)).isZero();
        assertThat(out.toString()).contains("Full bust 35⅜ in to 36½ in as it is, to 38 in with its seams let out");
        assertThat(run("serves", sheet, "--measures", whole, "--json")).isZero();
        assertThat(json().get("serves").get(0).get("measure").asString()).isEqualTo("full-bust");
    }

    @Test
    void drawingWithoutNames_cannotBeScaledBy() throws IOException {
        String text = Files.readString(tracing)
                .replaceAll("(?m)^  levels:.*$", "")
                .replaceAll(", \"[a-z-]+\"\\]", ", \"\"]")
                .replace("shape: fold", "shape: pair");
        Path bare = Files.writeString(folder.resolve("bare.yaml"), text);
        assertThat(run("scale", bare.toString(), "--measures", measures.toString()))
                .isEqualTo(2);
        assertThat(err.toString()).contains("nothing can be scaled by");
    }

    @Test
    void drawingThatKnowsTheBustOnly_isScaledByIt() throws IOException {
        String text = Files.readString(tracing);
        for (String level : List.of("waist", "hip", "upper-arm", "wrist")) {
            text = text.replace(level + ": [", "no-" + level + ": [");
        }
        Path bust = Files.writeString(folder.resolve("bust.yaml"), text);
        assertThat(run("scale", bust.toString(), "--measures", measures.toString()))
                .isZero();
        assertThat(out.toString()).contains("bust girth           38 in");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "shape: fold | shape: half | line 10: ",
                "[0.000000, 0.000000, \"neck\"] | [900, 900, \"neck\"] | crosses itself",
                "grid: {way: paper} | grid: {way: two-points, marks: [[0, 0]], across: 4, square: 1 in} | needs 2 marks: 1 are set",
            })
    void wrongTracing_isOneLine(String was, String now, String told) throws IOException {
        String text = Files.readString(tracing);
        assertThat(text).contains(was);
        Path wrong = Files.writeString(folder.resolve("wrong.yaml"), text.replace(was, now));
        assertThat(run("scale", wrong.toString(), "--measures", measures.toString()))
                .isEqualTo(2);
        assertThat(err.toString().strip().lines()).hasSize(1);
        assertThat(err.toString()).contains(told);
    }

    @Test
    void sizesOfAChart_needPiecesInTheChartsSizes() throws IOException {
        Path chart = Files.writeString(folder.resolve("sizes.csv"), "size,full-bust\n36,96.5 cm\n38,101 cm\n");
        String sheet = folder.resolve("sized.yaml").toString();
        assertThat(run("trace", tracing.toString(), "--chart", chart.toString(), "--out", sheet))
                .isEqualTo(2);
        assertThat(err.toString()).contains("Say which size of the chart each piece is drawn in");
        Path sized = Files.writeString(
                folder.resolve("sized-tracing.yaml"),
                Files.readString(tracing).replace("  shape: ", "  size: \"36\"\n  shape: "));
        assertThat(run("trace", sized.toString(), "--chart", chart.toString(), "--out", sheet))
                .isZero();
        assertThat(run("check", sheet, "--measures", measures.toString())).isEqualTo(1);
        assertThat(out.toString()).contains("Bust girth is ");
    }

    @Test
    void r3_graft_putsANeckOnAnotherBody_withoutACostume() throws IOException {
        Path made = folder.resolve("grafted.yaml");
        assertThat(run(
                        "graft",
                        "bodice-1883",
                        "gown-bodice-1785",
                        "--piece",
                        "front",
                        "--replace",
                        "neck",
                        "--out",
                        made.toString()))
                .isZero();
        assertThat(out.toString()).contains("neck of gown-bodice-1785 on front of bodice-1883, its size kept");
        Path sheet = folder.resolve("sheet.yaml");
        assertThat(run("trace", made.toString(), "--out", sheet.toString())).isZero();
        assertThat(Files.readString(sheet)).contains("front");
        assertThat(run(
                        "graft",
                        "bodice-1883",
                        "gown-bodice-1785",
                        "--piece",
                        "tail",
                        "--replace",
                        "neck",
                        "--out",
                        made.toString()))
                .isEqualTo(2);
        assertThat(err.toString()).contains("bodice-1883 has no piece \"tail\"");
    }

    @Test
    void r2_trace_asksAboutEdgesThatAreNamedAlike() throws IOException {
        Tracing laced = TracedCopy.ofSheet(
                        Library.shipped().sheet("bodice-1580").orElseThrow(),
                        Library.shipped().sheet("bodice-1580").orElseThrow().middle())
                .asItIs(false);
        Path file = Files.writeString(folder.resolve("laced.yaml"), TracingFile.write(laced));
        assertThat(run(
                        "trace",
                        file.toString(),
                        "--out",
                        folder.resolve("s.yaml").toString()))
                .isZero();
        assertThat(out.toString()
                        .lines()
                        .filter(line -> line.startsWith("asks"))
                        .count())
                .isEqualTo(laced.alike().size());
        Tracing said = laced.gathering(laced.alike().get(0).key(), true);
        assertThat(TracingFile.read(TracingFile.write(said)).unused()).isEqualTo(said.unused());
    }
}
