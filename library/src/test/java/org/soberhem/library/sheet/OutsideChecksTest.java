package org.soberhem.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Side;
import org.soberhem.library.Library;

/** Drafts against closed forms, worked sums, and the same piece drawn by two systems. */
class OutsideChecksTest {

    private static final double INCH = 25.4;
    private static final Library LIBRARY = Library.shipped();

    /** Half a circle: the waist's radius is its length divided by π (closed form), here found by trying. */
    @ParameterizedTest
    @ValueSource(doubles = {24, 26, 31, 38})
    void halfCircleSkirt_hasTheRadiusOfTheClosedForm(double waist) {
        CompiledSheet sheet = LIBRARY.sheet("frock-1953").orElseThrow();
        Inputs inputs = sheet.middle().with("waist-crease", Inputs.Measured.both(waist * INCH));
        Draft draft = Drafter.draft(sheet, inputs);
        for (String name : new String[] {"skirt-front", "skirt-back"}) {
            Piece skirt = draft.pattern().piece(name, Side.LEFT).orElseThrow();
            double radius = skirt.points().get("A").y();
            double hem = skirt.points().get("D").y();
            assertThat(skirt.edge("waist").orElseThrow().path().length()).isCloseTo(Math.PI / 4 * radius, within(0.05));
            assertThat(skirt.edge("hem").orElseThrow().path().length()).isCloseTo(Math.PI / 4 * hem, within(0.5));
        }
    }

    /** A gore as long on its slanting edge as the straight edge it joins: 28 in, by Pythagoras. */
    @Test
    void gore_isShorterInTheMiddleThanAtItsSlantingEdge() {
        CompiledSheet sheet = LIBRARY.sheet("chemise-1910").orElseThrow();
        Piece gore = Drafter.draft(sheet, sheet.middle())
                .pattern()
                .piece("gore", Side.LEFT)
                .orElseThrow();
        Point corner = gore.points().get("C");
        double spring = corner.x() - INCH / 2;
        assertThat(Math.hypot(corner.y(), spring)).isEqualTo(28 * INCH, within(1e-9));
        assertThat(corner.y()).isLessThan(28 * INCH);
    }

    /** Two widths of 54 in pleated to a 27 in waist with 1 in of overlap a band: 108 in to 29 in (worked by hand). */
    @Test
    void petticoat_isAsFullAsTheSumSays() {
        CompiledSheet sheet = LIBRARY.sheet("petticoat-1778").orElseThrow();
        var pattern = Drafter.draft(sheet, sheet.middle()).pattern();
        assertThat(pattern.girth("hip", pattern.names())).isEqualTo(108 * INCH, within(1e-6));
        double bands = pattern.length(
                        List.of(EdgeRef.parse("front-band.pleats"), EdgeRef.parse("back-band.pleats")), Side.LEFT)
                * 2;
        assertThat(bands).isEqualTo(29 * INCH, within(1e-6));
    }

    /**
     * Half of 36 in is 18 in; a third of 42 in and 6 in is 20 in: where the two laws put the same point (from memory).
     */
    @ParameterizedTest
    @CsvSource({"36, 0, 18", "42, 0, 21", "42, 1, 20", "30, 1, 15"})
    void divisions_layOffAPointAtItsShareOfTheScale(double breast, double law, double scale) {
        CompiledSheet sheet = LIBRARY.sheet("bodice-1869").orElseThrow();
        Inputs inputs = sheet.middle()
                .with("full-bust", Inputs.Measured.both(breast * INCH))
                .withSetting("law", law);
        Draft draft = Drafter.draft(sheet, inputs);
        Piece back = draft.pattern().piece("back", Side.LEFT).orElseThrow();
        assertThat(back.points().get("B").x()).isEqualTo(0.152 * scale * INCH, within(1e-6));
    }

    private static final String HEAD = """
            title: A front panel
            place: nowhere
            years: [1900, 1910]
            garment: panel
            sources: [the same piece drawn by two systems for this check]
            measures: {bust: full-bust, waist: waist-crease, length: nape-to-waist}
            middle: {bust: 36 in, waist: 24 in, length: 16 in}
            """;

    /** By the ruler: every number in units of bust / 36. */
    private static final String BY_RULER = "draft: by-ruler\nsystem: proportional-ruler\n" + HEAD + """
            scale: {by: bust, unit: bust / 36}
            pieces:
              panel:
                cut: {outer: 2}
                shape: pair
                points: {A: [0, 0], B: [0, 3], C: [16, 6], D: [16, 0], E: [8, 9], M: [2, 1], N: [14, 1]}
                outline: [A, B, E, C, D]
                edges: {top: A..B, arm: B..E, side: E..C, waist: C..D, centre: D..A}
                grain: [M, N]
            """;

    /**
     * By measure: a quarter of bust and waist, the length by the tape, the neck a twelfth of the bust; arcs and
     * squares.
     */
    private static final String BY_MEASURE = "draft: by-measure\nsystem: measured\n" + HEAD + """
            pieces:
              panel:
                cut: {outer: 2}
                shape: pair
                points:
                  A: [0, 0]
                  D: {from: A, along: length}
                  K: {between: [A, D], at: 1/2}
                  E: {from: K, square-to: [A, D], by: bust / 4}
                  L: {from: D, out: 1 in}
                  C: {arc: [D, waist / 4], meets-line: [D, L]}
                  H: {from: A, out: 1 in}
                  B: {from: A, towards: H, by: bust / 12}
                  M: {from: A, along: 2 in, out: 1 in}
                  N: {from: D, along: -2 in, out: 1 in}
                outline: [A, B, E, C, D]
                edges: {top: A..B, arm: B..E, side: E..C, waist: C..D, centre: D..A}
                grain: [M, N]
            """;

    @Test
    void onePieceByTwoSystems_agreesForTheBodyOfTheRuler_andForNoOther() {
        CompiledSheet ruler = SheetReader.read(BY_RULER);
        CompiledSheet measured = SheetReader.read(BY_MEASURE);
        assertThat(furthest(ruler, measured, ruler.middle())).isLessThan(1e-6);
        Inputs longer = ruler.middle().with("nape-to-waist", Inputs.Measured.both(17 * INCH));
        assertThat(furthest(ruler, measured, longer)).isCloseTo(INCH, within(1e-6));
        Inputs twice = Inputs.of(Map.of("full-bust", 72 * INCH, "waist-crease", 48 * INCH, "nape-to-waist", 32 * INCH));
        assertThat(furthest(ruler, measured, twice)).isLessThan(1e-6);
    }

    private static double furthest(CompiledSheet one, CompiledSheet other, Inputs inputs) {
        Piece a = Drafter.draft(one, inputs).pattern().piece("panel", Side.LEFT).orElseThrow();
        Piece b =
                Drafter.draft(other, inputs).pattern().piece("panel", Side.LEFT).orElseThrow();
        return "ABCDE"
                .chars()
                .mapToObj(letter -> String.valueOf((char) letter))
                .mapToDouble(
                        letter -> a.points().get(letter).distanceTo(b.points().get(letter)))
                .max()
                .orElseThrow();
    }
}
