package org.soberhem.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.DraftingSteps;
import org.soberhem.core.formula.SheetException;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.LengthFormat;

/** Every way of finding a point, against plain geometry; lengths in inches. */
class StepsTest {

    private static final double INCH = 25.4;

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "X: [3 in, 4 in]; 3; 4",
                "X: {along: 3 in}; 3; 0",
                "X: {from: C, along: -1 in, out: 2 in}; 9; 12",
                "X: {from: C, out: arm / 4}; 10; 13",
                "X: {from: A, towards: C, by: 5 in}; 3.5355339; 3.5355339",
                "X: {from: C, towards: A, by: -2 in}; 11.4142136; 11.4142136",
                "X: {from: A, towards: D, by: 2 in, turned: 90 deg}; 0; 2",
                "X: {from: A, towards: D, by: 2 in, turned: -30 deg}; 1.7320508; -1",
                "X: {from: D, square-to: [A, D], by: 3 in}; 10; 3",
                "X: {from: B, square-to: [A, B], by: 1 in}; -1; 10",
                "X: {between: [A, C], at: 1/4}; 2.5; 2.5",
                "X: {arc: [B, 26 in], meets-line: [A, D]}; 24; 0",
                "X: {arc: [B, 26 in], meets-line: [A, D], take: near}; -24; 0",
                "X: {arc: [A, 13 in], meets-arc: [D, 13 in]}; 5; 12",
                "X: {arc: [A, 13 in], meets-arc: [D, 13 in], take: right}; 5; -12",
                "X: {crossing: [[A, C], [B, D]]}; 5; 5",
                "X: {mirror: B, in: [A, C]}; 10; 0",
                "X: {foot: B, on: [A, C]}; 5; 5"
            })
    void step_findsItsPoint(String written, double along, double out) {
        Point at = SmallSheet.point(written, "X");
        assertThat(at.y() / INCH).as(written).isEqualTo(along, within(1e-6));
        assertThat(at.x() / INCH).as(written).isEqualTo(out, within(1e-6));
    }

    @Test
    void step_mayUsePointsThatAreWrittenLater() {
        assertThat(SmallSheet.point("X: {between: [Y, A], at: 1/2}\nY: {from: C, along: 2 in}", "X")
                        .y())
                .isEqualTo(6 * INCH, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "X: {arc: [B, 9 in], meets-line: [A, D]}; does not reach the line A–D",
                "X: {arc: [A, 4 in], meets-arc: [D, 5 in]}; do not meet",
                "X: {crossing: [[A, B], [D, C]]}; are parallel",
                "X: {from: A, towards: A, by: 1 in}; fall together and give no line",
                "X: [bust / (bust - 40 in) * 1 in, 0]; comes out nowhere",
                "X: {between: [A, X], at: 1/2}; wait for each other: X → X",
                "X: {between: [A, Q], at: 1/2}; \"Q\" is not among the points",
                "X: {between: [A, B], at: 1 in}; is a length, but a pure number must stand here",
                "X: {from: A, towards: B, by: 1 in, turned: 3}; is a pure number, but an angle must stand here",
                "X: [3, 4 in]; the sheet has no scale: add a unit",
                "X: {from: A, sideways: 3 in}; \"sideways\" is not known here",
                "X: {by: 3 in}; a step is",
                "X: {arc: [A, 5 in], meets-line: [B, C], take: left}; must be far or near",
                "X: {crossing: [[A, B]]}; two lines must stand here",
                "X: {mirror: A, in: [B]}; 2 things must stand here"
            })
    void step_withoutAPlace_isRefusedWithItsLine(String written, String words) {
        assertThatThrownBy(() -> SmallSheet.withPoint(written))
                .isInstanceOf(SheetException.class)
                .hasMessageContaining(words)
                .hasMessageStartingWith("line ");
    }

    @Test
    void solve_findsTheAmount_andSaysSoInTheWalk() {
        // The right edge of a square whose bottom is let down by x is 10 in + x; the wish is 12 1/2 in.
        String text = SmallSheet.text(
                        "", "solve: {drop: {from: 0 in, to: 5 in, until: length(square.right), is: 12 1/2 in}}", "")
                .replace("C: [10 in, 10 in]", "C: [10 in + drop, 10 in]");
        CompiledSheet sheet = SheetReader.read(text);
        var draft = Drafter.draft(sheet, sheet.middle());
        assertThat(SmallSheet.piece(draft).edge("right").orElseThrow().path().length())
                .isEqualTo(12.5 * INCH, within(1e-6));
        assertThat(DraftingSteps.of(sheet, sheet.middle())
                        .steps()
                        .get(0)
                        .whole()
                        .in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("square: drop is 2½ in: tried between 0 in and 5 in until the right came to 12½ in");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "X: [3 in, 4 in]; square: X: along the base line 3 in, square out 4 in",
                "X: [bust / 8 + 1/2 in, 0]; square: X: along the base line bust ÷ 8 + ½ in (5½ in)",
                "X: {from: C, along: -1 in, out: 2 in}; square: X: from C 1 in up and 2 in out",
                "X: {from: A, towards: C, by: arm / 4}; square: X: from A towards C, arm ÷ 4 (3 in)",
                "X: {from: A, towards: D, by: 2 in, turned: -19 deg}; square: X: from A towards D, 2 in, turned 19.0° inward",
                "X: {from: D, square-to: [A, D], by: -3 in}; square: X: from D square to A–D, 3 in inward",
                "X: {between: [A, C], at: 1/4, why: a test}; square: X: ¼ of the way from A to C, 3½ in from A (a test)",
                "X: {arc: [B, 26 in], meets-line: [A, D]}; square: X: strike an arc of 26 in round B onto the line A–D",
                "X: {crossing: [[A, C], [B, D]]}; square: X: where the line A–C crosses the line B–D",
                "X: {mirror: B, in: [A, C]}; square: X: B mirrored in the line A–C",
                "X: {foot: B, on: [A, C]}; square: X: square from B onto the line A–C"
            })
    void walk_saysEachStepInTheWearersNumbers(String written, String sentence) {
        CompiledSheet sheet = SmallSheet.withPoint(written);
        assertThat(DraftingSteps.of(sheet, sheet.middle()).of("square"))
                .filteredOn(step -> step.subject().equals("X"))
                .singleElement()
                .satisfies(step ->
                        assertThat(step.whole().in(LengthFormat.INCH_EIGHTHS)).isEqualTo(sentence));
    }

    @Test
    void walk_beginsWithTheAmounts() {
        CompiledSheet sheet =
                SheetReader.read(SmallSheet.text("amounts: {half: bust / 2, twice: 2 * half / bust}", "", ""));
        assertThat(DraftingSteps.of(sheet, sheet.middle()).steps())
                .extracting(step -> step.whole().in(LengthFormat.INCH_EIGHTHS))
                .startsWith("first: half is bust ÷ 2: 20 in", "first: twice is 2 × half ÷ bust: 1.0");
    }

    @Test
    void walk_endsEachPieceWithHowItIsCut() {
        CompiledSheet sheet = SheetReader.read(SmallSheet.TEXT);
        var steps = DraftingSteps.of(sheet, sheet.middle()).steps();
        assertThat(steps.get(steps.size() - 1).whole().in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("square: cut 1 outer: no allowance all round");
        assertThat(steps)
                .extracting(DraftingSteps.Step::kind)
                .contains(DraftingSteps.Kind.POINT, DraftingSteps.Kind.LINE, DraftingSteps.Kind.CUT);
    }

    @ParameterizedTest
    @CsvSource({"10 in, 10", "15 in, 15"})
    void solve_theAnswerLiesAtALimit_isFound(String wish, double inches) {
        String text = SmallSheet.text(
                        "", "solve: {drop: {from: 0 in, to: 5 in, until: length(square.right), is: " + wish + "}}", "")
                .replace("C: [10 in, 10 in]", "C: [10 in + drop, 10 in]");
        CompiledSheet sheet = SheetReader.read(text);
        assertThat(SmallSheet.piece(Drafter.draft(sheet, sheet.middle()))
                        .edge("right")
                        .orElseThrow()
                        .path()
                        .length())
                .isEqualTo(inches * INCH, within(1e-6));
    }

    @Test
    void solve_forAnAngle_tellsItInDegrees() {
        String text = SmallSheet.text(
                        "", "solve: {lean: {from: 10 deg, to: 20 deg, until: length(square.right), is: 90 in}}", "")
                .replace("C: [10 in, 10 in]", "C: [10 in + 1 in * sin(lean), 10 in]");
        assertThatThrownBy(() -> SheetReader.read(text))
                .hasMessageContaining("by its lean what must come to 90 in can be made 10⅛ in to 10⅜ in only");
    }

    @Test
    void solve_withoutAnAnswer_tellsBothValues() {
        String text = SmallSheet.text(
                        "", "solve: {drop: {from: 0 in, to: 1 in, until: length(square.right), is: 15 in}}", "")
                .replace("C: [10 in, 10 in]", "C: [10 in + drop, 10 in]");
        assertThatThrownBy(() -> SheetReader.read(text))
                .hasMessageContaining("The square cannot be drawn from these measurements")
                .hasMessageContaining("by its drop what must come to 15 in can be made 10 in to 11 in only");
    }

    @Test
    void piece_measuringItsOwnEdgeOutsideASolve_isRefused() {
        assertThatThrownBy(() -> SmallSheet.withPoint("X: [length(square.top), 0]"))
                .hasMessageContaining("measures its own edges: only a solve may");
    }

    @Test
    void curve_throughPlaces_setsOutAndComesInAsBound() {
        String text = SmallSheet.text("", "", "P: [2 in, 11 in]\nL: [0, 12 in]\nM: [9 in, 12 in]")
                .replace("outline: [A, B, C, D]", "outline: [A, B, {to: C, through: [P], leaves: L, comes: M}, D]");
        var path = SmallSheet.piece(Drafter.draft(
                        SheetReader.read(text), SheetReader.read(text).middle()))
                .edge("right")
                .orElseThrow()
                .path();
        assertThat(path.startDirection().y()).isEqualTo(0, within(1e-9));
        assertThat(path.segments()).hasSize(2);
        assertThat(path.segments().get(0).end()).isEqualTo(new Point(11 * INCH, 2 * INCH));
    }

    @Test
    void curve_thatLoops_isToldAsSuch() {
        String text = SmallSheet.text("", "", "L: [8 in, 16 in]\nM: [2 in, 16 in]\nN: [6 in, 8 in]")
                .replace("outline: [A, B, C, D]", "outline: [A, B, {to: C, through: [L, M, N]}, D]");
        assertThatThrownBy(() -> SheetReader.read(text)).hasMessageContaining("The right of piece \"square\" loops");
    }
}
