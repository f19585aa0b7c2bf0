package org.soberhem.library.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.size.SizeChart;
import org.soberhem.core.trace.Grid;
import org.soberhem.core.trace.Knot;
import org.soberhem.core.trace.SheetPlan;
import org.soberhem.core.trace.SizedSheet;
import org.soberhem.core.trace.TracedCopy;
import org.soberhem.core.trace.TracedPiece;
import org.soberhem.core.trace.Tracing;
import org.soberhem.library.sheet.SheetReader;
import org.soberhem.library.sheet.TracedSheet;

/**
 * A pattern in sizes: at the body of its own chart nothing is to be altered; beside it the difference is told and
 * offered.
 */
class SizedSheetTest {

    private static final double EXACT = 0.05;
    private static final double STEP = 40;

    /** The plate's own body and its neighbours, 40 mm apart in every girth. */
    private static final SizeChart CHART = new SizeChart(
            "Own sizes", "invented for this test", List.of(row("34", -1), row("36", 0), row("38", 1)), Map.of());

    private static SizeChart.Row row(String size, int steps) {
        Map<String, Double> body = new HashMap<>();
        body.put("full-bust", 960 + steps * STEP);
        body.put("waist-crease", 800 + steps * STEP);
        body.put("nape-to-waist", 394.0 + steps * 5);
        return new SizeChart.Row(size, body);
    }

    /** The plate graded by hand: 40 mm more in girth are 10 mm more on each of four halves. */
    private static List<TracedPiece> graded(String size, int steps) {
        List<TracedPiece> pieces = new ArrayList<>();
        for (TracedPiece piece : TracedCopy.of(Plates.jacket(), TracedCopy.EXACT)) {
            if (piece.name().equals("sleeve")) {
                continue;
            }
            List<Knot> knots = piece.outline().stream()
                    .map(knot -> knot.at(moved(knot.at(), steps)))
                    .toList();
            TracedPiece other = piece.inSize(size).with(knots);
            for (var level : piece.levels().entrySet()) {
                other = other.level(level.getKey(), Optional.of(moved(level.getValue(), steps)));
            }
            pieces.add(other);
        }
        return pieces;
    }

    private static Point moved(Point at, int steps) {
        return new Point(at.x() + (at.x() > 150 ? 10 * steps : 0), at.y() + (at.y() > 300 ? 5 * steps : 0));
    }

    private static Tracing nested(int... steps) {
        List<TracedPiece> pieces = new ArrayList<>();
        for (int step : steps) {
            pieces.addAll(graded(String.valueOf(36 + 2 * step), step));
        }
        return Tracing.begun(
                        Tracing.About.begun("Sized", Tracing.Kind.SIZED, SheetSource.guessed("a pattern in sizes")),
                        Optional.empty(),
                        Grid.PAPER)
                .with(pieces)
                .sized(CHART.title());
    }

    private static SheetPlan plan(Tracing tracing) {
        return SizedSheet.of(tracing, CHART, List.of("full-bust"), Plates.LIBRARY.landmarks());
    }

    private static CompiledSheet sheet(Tracing tracing) {
        return SheetReader.read(TracedSheet.write("sized", tracing, plan(tracing)));
    }

    private static Inputs body(String size) {
        return Inputs.of(CHART.rows().stream()
                .filter(row -> row.size().equals(size))
                .findFirst()
                .orElseThrow()
                .body());
    }

    @ParameterizedTest
    @ValueSource(strings = {"34", "36", "38"})
    void chartsOwnBody_needsNoAdjustment_andTakesItsSize(String size) {
        CompiledSheet sheet = sheet(nested(-1, 0, 1));
        Pattern pattern = Drafter.draft(sheet, body(size)).pattern();
        List<CheckResult> checks = Checks.of(sheet, body(size), pattern);
        assertThat(checks).hasSize(3).allMatch(CheckResult::passes);
        assertThat(checks)
                .allSatisfy(
                        check -> assertThat(check.is()).isCloseTo((check.least() + check.most()) / 2, within(EXACT)));
        assertThat(pattern.seamChecks()).hasSize(2).allMatch(SeamCheck::isTrue);
    }

    @Test
    void differenceFromTheChart_isOfferedAsAlteration() {
        CompiledSheet sheet = sheet(nested(-1, 0, 1));
        Inputs wearer = body("36")
                .with("waist-crease", Inputs.Measured.both(835))
                .with("nape-to-waist", Inputs.Measured.both(410));
        List<CheckResult> wrong = Checks.of(
                        sheet, wearer, Drafter.draft(sheet, wearer).pattern())
                .stream()
                .filter(check -> !check.passes())
                .toList();
        assertThat(wrong).extracting(CheckResult::name).containsExactly("waist girth", "Back to the waist");
        assertThat(wrong.get(0).correction()).isCloseTo(35 - 6.35, within(0.2));
        assertThat(wrong.get(1).correction()).isCloseTo(16 - 6.35, within(0.2));
        assertThat(wrong).allMatch(check -> check.remedy().isPresent());
    }

    @Test
    void chosenSize_overrulesTheMeasure() {
        CompiledSheet sheet = sheet(nested(-1, 0, 1));
        double small = Drafter.draft(sheet, body("36").withSetting(SizedSheet.SIZE, 1))
                .pattern()
                .girth("bust", List.of("front", "back"));
        double usual = Drafter.draft(sheet, body("36")).pattern().girth("bust", List.of("front", "back"));
        assertThat(usual - small).isCloseTo(STEP, within(0.3));
    }

    @Test
    void oneSizeWithItsChart_isDrawnAsItIs() {
        CompiledSheet sheet = sheet(nested(0));
        assertThat(sheet.sheet().choices()).isEmpty();
        assertThat(Checks.of(sheet, body("36"), Drafter.draft(sheet, body("36")).pattern()))
                .allMatch(CheckResult::passes);
    }

    @Test
    void sizesThatDoNotGoTogether_areToldInWords() {
        assertThatThrownBy(() -> plan(nested(0).with(graded("44", 0))))
                .hasMessage("The chart \"Own sizes\" has no size \"44\"; it has 34, 36, 38");
        Tracing unlike = nested(0).adding(graded("38", 1).get(0));
        assertThatThrownBy(() -> plan(unlike))
                .hasMessage("Every size needs the same pieces in the same order: size 36 has [back, front], size 38 has"
                        + " [back]");
        TracedPiece front = graded("38", 1).get(1);
        Tracing edges = nested(0)
                .adding(graded("38", 1).get(0))
                .adding(front.replacing(0, front.outline().get(0).named("collar-line")));
        assertThatThrownBy(() -> plan(edges)).hasMessageStartingWith("\"front\" needs the same edges in every size");
        assertThatThrownBy(() -> SizedSheet.of(nested(0), CHART, List.of("chest"), Plates.LIBRARY.landmarks()))
                .hasMessageContaining("none of the measures that decide the size: chest");
    }
}
