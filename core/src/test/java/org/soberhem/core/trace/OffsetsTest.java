package org.soberhem.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Role;

class OffsetsTest {

    private static final double NEAR = 6;

    private static Offsets yoke(double right) {
        return new Offsets(
                "yoke",
                List.of(
                        new Offsets.Row(0, 2, 1, true, "neck"),
                        new Offsets.Row(20, 55, Double.NaN, false, ""),
                        new Offsets.Row(-15, 70, 74, true, "shoulder"),
                        new Offsets.Row(30, 190, right, true, "armscye"),
                        new Offsets.Row(120, 180, 182, true, "hem"),
                        new Offsets.Row(122, 0, 0, true, "centre")),
                true);
    }

    @Test
    void oneSide_isTakenForBoth_andTheFoldIsStraight() {
        PaperPiece piece = PaperPiece.of(yoke(190).trued(Offsets.Take.LEFT, NEAR), Grid.PAPER.paper());
        assertThat(piece.shape()).isEqualTo(CutShape.FOLD);
        assertThat(piece.run(Role.CENTRE).orElseThrow().places()).allMatch(place -> place.x() == 0);
        assertThat(piece.run(Role.SHOULDER).orElseThrow().end()).isEqualTo(new Point(190, 30));
        // The curve meets the fold square, whatever was measured beside it.
        Point leaves = piece.run(Role.NECK).orElseThrow().path().startDirection();
        assertThat(Math.abs(leaves.y())).isLessThan(1e-9);
    }

    @Test
    void mean_liesBetweenTheSides_andAPlaceMeasuredOnceIsTaken() {
        TracedPiece piece = yoke(194).trued(Offsets.Take.MEAN, NEAR);
        assertThat(piece.outline().get(3).at().x()).isCloseTo(192, within(1e-9));
        assertThat(piece.outline().get(1).at().x()).isEqualTo(55);
        assertThat(yoke(194).uneven()).isEqualTo(4);
    }

    @Test
    void sideThatWasNotMeasured_isToldWithItsPlace() {
        assertThatThrownBy(() -> yoke(190).trued(Offsets.Take.RIGHT, NEAR))
                .hasMessage(
                        "Place 2 of \"yoke\" was not measured on the side that is taken: measure it, or take the other side");
    }
}
