package org.soberhem.core.garment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.soberhem.core.garment.Hood.School;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.LengthFormat;

class HoodTest {

    private static final double MM = 1e-9;

    private static Hood hood(School school, double drop) {
        return new Hood(school, 760, 130, drop, 230, 25, 280, 25, 0);
    }

    private static double angle(List<Point> corners, int at) {
        Point corner = corners.get(at);
        Point before = corners.get((at + corners.size() - 1) % corners.size()).minus(corner);
        Point after = corners.get((at + 1) % corners.size()).minus(corner);
        return Math.acos(before.dot(after) / before.norm() / after.norm());
    }

    /**
     * The neck corner follows the shoulder, the lower corner is square, the four angles fill a full turn (geometry).
     */
    @Test
    void kite_hasTheShouldersAngleAbove_andARightAngleBelow() {
        Random random = new Random(1780);
        for (int i = 0; i < 100; i++) {
            Hood hood = hood(School.SHOULDER_ANGLE, 20 + random.nextDouble() * 90);
            List<Point> kite = hood.kite();
            assertThat(angle(kite, 0)).isCloseTo(Math.PI - 2 * hood.slope(), within(MM));
            assertThat(angle(kite, 2)).isCloseTo(Math.PI / 2, within(MM));
            assertThat(angle(kite, 1)).isCloseTo(angle(kite, 3), within(MM));
            assertThat(kite.get(0).distanceTo(kite.get(1))).isCloseTo(230, within(MM));
            assertThat(kite.get(1).distanceTo(kite.get(2))).isCloseTo(hood.lowerEdge(), within(MM));
        }
    }

    @Test
    void squares_areSquares_whateverTheShoulder_andKitesBecomeThemAt45Degrees() {
        List<Point> square = hood(School.SQUARES, 40).kite();
        for (int i = 0; i < 4; i++) {
            assertThat(angle(square, i)).isCloseTo(Math.PI / 2, within(MM));
        }
        List<Point> steep = hood(School.SHOULDER_ANGLE, 130 * Math.sqrt(0.5)).kite();
        for (int i = 0; i < 4; i++) {
            assertThat(steep.get(i).distanceTo(square.get(i))).isLessThan(1e-9);
        }
        assertThat(square.get(0).distanceTo(square.get(2))).isCloseTo(230 * Math.sqrt(2), within(MM));
    }

    /** The opening is twice the strip and the gap (common practice). */
    @Test
    void loop_isTwiceTheStripAndTheGap() {
        assertThat(hood(School.SQUARES, 40).loop()).isEqualTo(2 * 280 + 25);
    }

    @Test
    void strip_goesFromEdgeToEdge_andItsEdgesAreAllUsed() {
        Hood hood = hood(School.SHOULDER_ANGLE, 45);
        assertThat(hood.stripLength()).isEqualTo(760 + 2 * 100 + 25);
        assertThat(2 * hood.mantle() + 2 * hood.crownSeam()).isCloseTo(hood.stripLength(), within(MM));
        assertThat(hood.face() - hood.gap() + 2 * (hood.mantle() - hood.tip()))
                .isCloseTo(hood.stripLength(), within(MM));
        // The tip is cut where the piece is as broad as the gap.
        assertThat(2 * hood.tip() * Math.cos(hood.cutSlope())).isCloseTo(25, within(MM));
    }

    @Test
    void lift_growsWithTheArm_andIsNothingWhereTheMantleEndsOnTheShoulder() {
        Hood hood = hood(School.SHOULDER_ANGLE, 45);
        assertThat(hood.lift(0)).isZero();
        assertThat(hood.lift(Math.PI / 2)).isCloseTo(100, within(MM));
        assertThat(hood.lift(Math.PI)).isCloseTo(200, within(MM));
        assertThat(hood.lift(1)).isLessThan(hood.lift(1.2));
        assertThat(new Hood(School.SQUARES, 760, 130, 45, 120, 25, 280, 25, 0).lift(3))
                .isZero();
    }

    @Test
    void nonsense_isRefused() {
        assertThatThrownBy(() -> hood(School.SQUARES, 131))
                .hasMessageContaining("The shoulder must be longer than its drop");
        assertThatThrownBy(() -> new Hood(School.SQUARES, 760, 130, 40, 0, 25, 280, 25, 0))
                .isInstanceOf(SumException.class);
    }

    private static Sum sum(double strip, String school, String finish) {
        return HoodSum.of(Givens.inches(
                "hood",
                Map.of(
                        "crown",
                        30.0,
                        "shoulder",
                        5.0,
                        "drop",
                        1.5,
                        "mantle",
                        9.0,
                        "strip",
                        strip,
                        "gap",
                        1.0,
                        "head",
                        22.5),
                Map.of("school", school, "finish", finish),
                1780));
    }

    @Test
    void sum_asksForAWiderStrip_whereTheHeadDoesNotPass() {
        assertThat(Givens.asked(sum(10, "shoulder-angle", "lined")))
                .containsExactly(
                        "To let a head of 22½ in through with 1 in to pull it on, make the strip 1¼ in wider or the gap 2½ in longer");
        assertThat(Givens.asked(sum(11.5, "shoulder-angle", "lined"))).isEmpty();
    }

    @Test
    void sum_saysThatSquaresBunch_onAFlatterShoulder() {
        assertThat(Givens.asked(sum(12, "squares", "lined")))
                .singleElement()
                .asString()
                .contains("cloth bunches", "17°");
    }

    @Test
    void sum_tellsTheBacksEndsApart_andTheOrderOfTheEdges() {
        Sum single = sum(12, "shoulder-angle", "single");
        List<List<String>> ends = single.tables().get(1).in(LengthFormat.INCH_EIGHTHS);
        assertThat(ends).extracting(row -> row.get(0)).containsExactly("NECK", "sides", "DOWN");
        assertThat(ends.get(2).get(1)).isEqualTo("90°");
        assertThat(single.steps().get(0).in(LengthFormat.INCH_EIGHTHS))
                .isEqualTo("Cut 1 in to 1½ in beyond every edge that is turned twice");
        assertThat(single.figure("layers of cloth").orElseThrow().value()).isEqualTo(1);
        Sum lined = sum(12, "shoulder-angle", "lined");
        assertThat(lined.figure("layers of cloth").orElseThrow().value()).isEqualTo(2);
        assertThat(lined.steps())
                .noneMatch(step -> step.in(LengthFormat.INCH_EIGHTHS).contains("Before joining"));
    }
}
