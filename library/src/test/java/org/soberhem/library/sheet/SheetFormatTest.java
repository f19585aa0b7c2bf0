package org.soberhem.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.DraftedPiece;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.geometry.Point;
import org.soberhem.library.Library;

/** The published format: its JSON Schema, its page, and what a scale law promises. */
class SheetFormatTest {

    private static final Path FORMATS = Path.of("..", "docs", "formats");
    private static final double RELATIVE = 1e-9;

    static Stream<String> shipped() {
        return Library.shipped().sheets().stream().map(sheet -> sheet.sheet().id());
    }

    private static List<Error> problems(String yaml) throws IOException {
        Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(Files.readString(FORMATS.resolve("draft-sheet.schema.json")), InputFormat.JSON);
        return schema.validate(yaml, InputFormat.YAML);
    }

    @ParameterizedTest
    @MethodSource("shipped")
    void schema_acceptsEveryShippedSheet(String id) throws IOException {
        assertThat(problems(Library.shipped().sheetText(id).orElseThrow())).isEmpty();
    }

    @Test
    void schema_refusesWhatTheReaderRefuses() throws IOException {
        String sheet = Library.shipped().sheetText("blouse-1906").orElseThrow();
        assertThat(problems(sheet.replace("shape: pair", "shape: twin"))).isNotEmpty();
        assertThat(problems(sheet.replace("B: [0, 3]", "B: [0, 3, 4]"))).isNotEmpty();
        assertThat(problems(sheet.replace("garment: blouse", "garmnet: blouse")))
                .isNotEmpty();
    }

    @Test
    void example_ofThePage_isReadAndDrawn() throws IOException {
        Matcher example = Pattern.compile("```yaml\n(.*?)```", Pattern.DOTALL)
                .matcher(Files.readString(FORMATS.resolve("draft-sheet.md")));
        assertThat(example.find()).isTrue();
        CompiledSheet sheet = SheetReader.read(example.group(1));
        assertThat(problems(example.group(1))).isEmpty();
        Draft draft = Drafter.draft(sheet, Inputs.of(Map.of("hand", 203.2)));
        assertThat(draft.scale().orElseThrow().unit()).isCloseTo(25.4, within(RELATIVE));
        assertThat(draft.pattern().seamChecks()).allMatch(check -> check.isTrue());
    }

    static Stream<String> proportional() {
        return Library.shipped().sheets().stream()
                .filter(sheet -> sheet.sheet().about().system().equals("proportional-ruler"))
                .map(sheet -> sheet.sheet().id());
    }

    @ParameterizedTest
    @MethodSource("proportional")
    void plate_atScaleK_isKTimesThatAtOne_butAmountsInInchesAreNot(String id) {
        CompiledSheet sheet = Library.shipped().sheet(id).orElseThrow();
        Inputs once = sheet.middle();
        double k = 1.37;
        Inputs larger = once;
        for (var measure : once.measures().entrySet()) {
            larger = larger.with(
                    measure.getKey(), Inputs.Measured.both(measure.getValue().left() * k));
        }
        // A clearance is an amount in inches that stands in the points of the skirt; without it every point scales.
        if (sheet.sheet().settings().containsKey("clearance")) {
            once = once.withSetting("clearance", 50.8);
            larger = larger.withSetting("clearance", 50.8 * k > 101.6 ? 101.6 : 50.8 * k);
        }
        Draft small = Drafter.draft(sheet, once);
        Draft large = Drafter.draft(sheet, larger);
        assertThat(large.scale().orElseThrow().unit())
                .isCloseTo(
                        small.scale().orElseThrow().unit() * k,
                        within(RELATIVE * large.scale().orElseThrow().unit()));
        assertThat(large.settings().get("allowance")).isEqualTo(small.settings().get("allowance"));
        int scaled = 0;
        for (int i = 0; i < small.plates().size(); i++) {
            DraftedPiece a = small.plates().get(i);
            DraftedPiece b = large.plates().get(i);
            for (int p = 0; p < a.points().size(); p++) {
                DraftedPiece.PlatePoint point = a.points().get(p);
                boolean inches = (point.along() + " " + point.out()).matches(".*(stand|lap|\\bin\\b).*");
                Point wanted = point.at().times(k);
                if (inches) {
                    assertThat(b.points().get(p).at().distanceTo(wanted)).isGreaterThan(1);
                } else {
                    scaled++;
                    assertThat(b.points().get(p).at().distanceTo(wanted))
                            .as("%s %s", a.piece(), point.name())
                            .isLessThan(1e-6);
                }
            }
            for (int line = 0; line < a.drawn().size(); line++) {
                if (a.points().stream()
                        .noneMatch(p -> (p.along() + " " + p.out()).matches(".*(stand|lap|\\bin\\b).*"))) {
                    assertThat(b.drawn().get(line).length())
                            .isCloseTo(a.drawn().get(line).length() * k, within(1e-6));
                }
            }
        }
        assertThat(scaled).isGreaterThan(30);
    }
}
