package org.soberhem.desk.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.soberhem.core.costume.Work;
import org.soberhem.core.draft.CompiledSheet;
import org.soberhem.core.draft.Draft;
import org.soberhem.core.draft.Drafter;
import org.soberhem.core.draft.Inputs;
import org.soberhem.core.length.LengthFormat;
import org.soberhem.desk.studio.Studios;

class WalkStepTest {

    private static final CompiledSheet BLOUSE =
            Studios.LIBRARY.sheet("blouse-1906").orElseThrow();

    private static Draft draft(double bust) {
        return Drafter.draft(BLOUSE, BLOUSE.middle().with("full-bust", Inputs.Measured.both(bust)));
    }

    @Test
    void walk_goesThroughEveryPointThenEveryEdge_pieceByPiece() {
        Draft draft = draft(914.4);
        List<WalkStep> steps = WalkStep.of(draft);
        int points =
                draft.plates().stream().mapToInt(plate -> plate.points().size()).sum();
        assertThat(steps.stream().filter(step -> step.point().isPresent())).hasSize(points);
        assertThat(steps.get(0).sentence(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("front, A: along the base line 3⅝ (3⅝ in)");
        assertThat(steps)
                .allSatisfy(step -> assertThat(step.sentence(LengthFormat.CENTIMETRES))
                        .endsWith(
                                step.point().filter(point -> point.corner()).isPresent()
                                        ? "guides a curve"
                                        : step.point().isPresent() ? ")" : " cm"));
    }

    @Test
    void walk_speaksInTheWearersOwnNumbers() {
        // Point C of the front: 2 1/8 along, 7 5/8 out; at a 54 in bust one unit is an inch and a half.
        String sentence = WalkStep.of(draft(54 * 25.4)).get(2).sentence(LengthFormat.INCH_EIGHTHS);
        assertThat(sentence).isEqualTo("front, C: along the base line 2⅛ (3¼ in), square out 7⅝ (11½ in)");
    }

    @Test
    void edges_areDrawnWithTheirSeamLength() {
        List<WalkStep> steps = WalkStep.of(draft(914.4));
        assertThat(steps.stream()
                        .filter(step -> step.edge().isPresent())
                        .map(step -> step.sentence(LengthFormat.INCH_EIGHTHS)))
                .anyMatch(words -> words.matches("front: draw the shoulder from B to C; its seam line is .* in"));
    }

    @ParameterizedTest
    @CsvSource({"1 3/4, 1¾", "-1 1/2, −1½", "2 11/16, 2\u2009¹¹⁄₁₆", "0, 0", "7 * unit, 7 * unit"})
    void units_areShownWithRealFractions(String written, String shown) {
        assertThat(Units.shown(written)).isEqualTo(shown);
    }

    @Test
    void scaleLaw_isStatedInNumbers() {
        var work = Work.of(BLOUSE, BLOUSE.middle().with("full-bust", Inputs.Measured.both(977.9)), List.of());
        assertThat(Scale.sentence(work, LengthFormat.INCH_EIGHTHS))
                .isEqualTo("1 unit = bust ÷ 36 = 27.16 mm, at a bust of 38½ in");
    }
}
