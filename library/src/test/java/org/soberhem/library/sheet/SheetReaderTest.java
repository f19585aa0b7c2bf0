package org.soberhem.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.draft.CheckResult;
import org.soberhem.core.draft.Checks;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.DraftException;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.draft.Inputs.Measured;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Side;

class SheetReaderTest {

    private static final double MM = 1e-6;

    /** A square of 10 units with a hollow right side; one unit is a quarter inch at a bust of 9 in. */
    private static final String SQUARE = """
            draft: square
            title: Square
            place: nowhere
            years: [1900, 1900]
            garment: test
            system: proportional-ruler
            sources: [invented for this test]
            scale: {by: bust, unit: bust / 36}
            measures: {bust: full-bust | chest, hand: hand}
            middle: {bust: 36 in, hand: 8 in}
            settings:
              stand: {default: 1 in, least: 1/2 in, most: 2 in, why: a test}
            ease:
              bust: {least: 1 in, most: 4 in, why: a test}
            pieces:
              front:
                cut: {outer: 2}
                shape: pair
                points:
                  A: [0, 0]
                  B: [0, 10]
                  C: [10, 10]
                  D: [10, -stand]
                  E: [5, 0]
                  F: [5, "distance(A, B)"]
                outline: [A, B, {to: C, hollow: 1}, D]
                edges: {top: A..B, side: B..C, hem: C..D, front: D..A}
                grain: [A, E]
                levels: {bust: [E, F]}
            seams:
            - {join: [front.top, front.side], kind: plain, ease: 0 .. 1/8 in}
            openings:
            - {loop: [front.top], passes: hand, opens: 0 in}
            checks:
            - {girth: bust, across: [front], body: bust, ease: bust}
            - {length: top, run: [front.top], want: 10 * unit, within: 1/8 in}
            """;

    private static Inputs bust(double inches) {
        return Inputs.of(Map.of("full-bust", inches * 25.4, "hand", 8 * 25.4));
    }

    @Test
    void read_scalesPointsButNotAmountsInInches() {
        CompiledSheet sheet = SheetReader.read(SQUARE);
        Piece at36 = Drafter.draft(sheet, bust(36))
                .pattern()
                .piece("front", Side.LEFT)
                .orElseThrow();
        Piece at54 = Drafter.draft(sheet, bust(54))
                .pattern()
                .piece("front", Side.LEFT)
                .orElseThrow();
        assertThat(at36.points().get("C").x()).isEqualTo(254, within(MM));
        assertThat(at54.points().get("C").x()).isEqualTo(254 * 1.5, within(MM));
        assertThat(at36.points().get("D").x()).isEqualTo(-25.4, within(MM));
        assertThat(at54.points().get("D").x()).isEqualTo(-25.4, within(MM));
        assertThat(at54.edge("side").orElseThrow().path().length())
                .isEqualTo(1.5 * at36.edge("side").orElseThrow().path().length(), within(1e-9));
    }

    @Test
    void hollow_isAsDeepAsWritten_inward() {
        Piece piece = Drafter.draft(SheetReader.read(SQUARE), bust(36))
                .pattern()
                .piece("front", Side.LEFT)
                .orElseThrow();
        assertThat(piece.edge("side").orElseThrow().path().atShare(0.5).x()).isEqualTo(9 * 25.4, within(1e-6));
    }

    @Test
    void checks_judgeGirthFromBothSides() {
        CompiledSheet sheet = SheetReader.read(SQUARE);
        Draft draft = Drafter.draft(sheet, bust(36));
        CheckResult girth = Checks.of(sheet, bust(36), draft.pattern()).get(0);
        // Two pieces, each 9 in wide at mid-height from the base line and half the stand's slant beyond it.
        assertThat(girth.is()).isEqualTo(2 * 9.5 * 25.4, within(0.05));
        assertThat(girth.passes()).isFalse();
        assertThat(girth.correction()).isEqualTo((37 - 19) * 25.4, within(0.05));
    }

    @Test
    void checks_missingMeasureOfACheck_isNotJudged() {
        CompiledSheet sheet = SheetReader.read(SQUARE);
        Inputs inputs = Inputs.of(Map.of("full-bust", 914.4));
        CheckResult opening =
                Checks.of(sheet, inputs, Drafter.draft(sheet, inputs).pattern()).get(2);
        assertThat(opening.isJudged()).isFalse();
        assertThat(opening.passes()).isFalse();
    }

    @Test
    void draft_missingGoverningMeasure_namesWhatMayServe() {
        assertThatThrownBy(() -> Drafter.draft(SheetReader.read(SQUARE), Inputs.of(Map.of("hand", 200.0))))
                .isInstanceOf(DraftException.class)
                .hasMessage("Measurement \"full-bust\" or \"chest\" is missing: draft \"square\" needs it");
    }

    @Test
    void draft_chestServesWhereThereIsNoBust() {
        Draft draft = Drafter.draft(SheetReader.read(SQUARE), Inputs.of(Map.of("chest", 36 * 25.4)));
        assertThat(draft.scale().orElseThrow().unit()).isEqualTo(25.4, within(MM));
        assertThat(draft.measures()).containsOnlyKeys("chest");
    }

    @Test
    void draft_settingBeyondTheUsual_isDrawnAndTold_theImpossibleRefused() {
        assertThat(Drafter.draft(SheetReader.read(SQUARE), bust(36).withSetting("stand", 60))
                        .beyond())
                .singleElement()
                .satisfies(each -> assertThat(each.words().in(LengthFormat.CENTIMETRES))
                        .startsWith("Stand is 6.0 cm: 1.3 cm to 5.1 cm is usual"));
        assertThatThrownBy(() -> Drafter.draft(SheetReader.read(SQUARE), bust(36).withSetting("stand", -6)))
                .hasMessageStartingWith("Stand can be ");
        assertThatThrownBy(() -> Drafter.draft(SheetReader.read(SQUARE), bust(36).withSetting("tail", 60)))
                .hasMessageContaining("\"tail\" is not among the settings [stand]");
    }

    @Test
    void draft_leftAndRightDiffer_drawnApart() {
        Inputs inputs = bust(36).with("full-bust", new Measured(900, 930));
        Draft draft = Drafter.draft(SheetReader.read(SQUARE), inputs);
        double left = draft.pattern().length(EdgeRef.parse("front.top"), Side.LEFT);
        double right = draft.pattern().length(EdgeRef.parse("front.top"), Side.RIGHT);
        assertThat(left).isEqualTo(250, within(MM));
        assertThat(right).isEqualTo(10 * 930 / 36.0, within(MM));
        assertThat(draft.pattern().seamChecks()).hasSize(2);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "B: [0, 10]; B: [0]; there; a point has two columns, [along, out]: found 1",
                "B: [0, 10]; B: [0, 10, 4]; there; a point has two columns, [along, out]: found 3",
                "outline: [A, B,; outline: [A, X,; there; point \"X\" of the outline is not among the points",
                "distance(A, B); distance(F, B); there; points of \"front\" wait for each other: F → F",
                "A: [0, 0]; A: [0, \"distance(F, E)\"]; there; wait for each other",
                "D: [10, -stand]; D: [-10, 5]; piece; run into each other",
                "unit: bust / 36; unit: bust / hip; there; \"hip\" is not known here",
                "unit: bust / 36; unit: bust * bust; there; is an area, but a length must stand here",
                "D: [10, -stand]; D: [10, bust + 3]; there; \"+\" joins a length and a pure number",
                "D: [10, -stand]; D: [10, bust-3]; there; a minus sign needs a blank on each side",
                "side: B..C, hem; side: B..X, hem; there; point \"X\" is not on the outline",
                "side: B..C, hem: C..D; side: B..C; piece; the outline from C to D of piece \"front\" belongs to no edge",
                "hem: C..D; hem: B..D; there; belongs to edge \"side\" and to edge \"hem\"",
                "cut: {outer: 2}; colour: red; there; \"colour\" is not known here",
                "shape: pair; shape: pear; there; \"pear\" is not known here; known are [pair, plain, fold]",
                "[front.top, front.side]; [front.top, back.side]; there; edge \"back.side\" is not known",
                "ease: 0 .. 1/8 in; ease: 1/8 in; there; must be written 0 .. 1/8 in",
                "across: [front]; across: [back]; there; piece \"back\" is not among the pieces [front]",
                "body: bust, ease: bust; body: bust, ease: hip; there; \"hip\" is not in the ease table",
                "want: 10 * unit, within; want: 10 * / unit, within; there; \"/\" was not expected",
                "want: 10 * unit, within; want: sin(unit), within; there; sin needs one angle",
                "want: 10 * unit, within; want: \"if(unit, 1 in, 2 in)\", within; there; if needs a comparison"
            })
    void read_wrongSheet_saysLineAndWords(String good, String bad, String where, String words) {
        assertThat(SQUARE).contains(good);
        SheetException wrong =
                catchThrowableOfType(SheetException.class, () -> SheetReader.read(SQUARE.replace(good, bad)));
        assertThat(wrong).isNotNull();
        assertThat(wrong.problem()).contains(words);
        // The piece's values begin in the line after its name.
        String before = "piece".equals(where) ? "  front:\n" : good;
        int line = (int) SQUARE.substring(0, SQUARE.indexOf(before)).lines().count() + ("piece".equals(where) ? 2 : 0);
        assertThat(wrong.line()).as(wrong.problem()).isEqualTo(line);
    }

    @Test
    void read_notYaml_saysLine() {
        assertThatThrownBy(() -> SheetReader.read("draft: [a\ntitle: b"))
                .isInstanceOf(SheetException.class)
                .hasMessageContaining("this is not YAML");
        assertThatThrownBy(() -> SheetReader.read("")).hasMessageContaining("the file is empty");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "1 3/4 * unit;44.45",
                "3/4 in + 1 cm;29.05",
                "max(1 in, 3 cm);30",
                "if(bust > 40 in, 2 in, 1 in);25.4",
                "up(bust, 5 in);1016",
                "down(bust, 5 in);889",
                "round(bust, 8 in);812.8",
                "abs(-2 in);50.8",
                "sqrt(4 in * 9 in);152.4",
                "unit * sin(30 deg);12.7",
                "unit * tan(45 deg);25.4",
                "unit * cos(60 deg);12.7",
                "bust / 2 ÷ 2;228.6",
                "2 × (unit − 1 cm);30.8",
                "unit * tan(atan2(3 in, 4 in));19.05",
                "length(front.top) / 2;127",
                "min(girth(bust), 2 in);50.8"
            })
    void formula_yields(String formula, double millimetres) {
        String text = SQUARE.replace("want: 10 * unit", "want: \"" + formula + "\"");
        CompiledSheet sheet = SheetReader.read(text);
        CheckResult result = Checks.of(
                        sheet, bust(36), Drafter.draft(sheet, bust(36)).pattern())
                .get(1);
        assertThat(result.body()).isEqualTo(millimetres, within(1e-9));
    }
}
