package org.soberhem.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.soberhem.core.geometry.Alignment;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Role;

class GraftTest {

    private static final double MM = 1e-9;
    private static final Alignment AS_IT_IS = Grid.PAPER.paper();

    /** A half bodice: neck from the centre to the shoulder, drawn with a hollow of a depth. */
    private static PaperPiece bodice(double wide, double deep) {
        return PaperPiece.of(
                TracedPiece.begun("front")
                        .cut(CutShape.FOLD, 1, 0)
                        .with(List.of(
                                Knot.corner(new Point(0, deep), "neck"),
                                Knot.curve(new Point(wide * 0.7, deep * 0.7)),
                                Knot.corner(new Point(wide, 0), "shoulder"),
                                Knot.corner(new Point(180, 45), "side"),
                                Knot.corner(new Point(200, 400), "waist"),
                                Knot.corner(new Point(0, 400), "centre"))),
                AS_IT_IS);
    }

    private static PaperPiece paper(Graft.Grafted grafted) {
        return PaperPiece.of(grafted.piece(), AS_IT_IS);
    }

    @Test
    void firstEnd_keepsTheSizeOfTheNeck_andLeadsTheShoulderToIt() {
        PaperPiece body = bodice(70, 80);
        PaperPiece donor = bodice(95, 40);
        Graft.Grafted grafted = Graft.of(body, "neck", "neck", donor, "neck", "neck", Graft.By.FIRST_END);
        PaperPiece made = paper(grafted);
        assertThat(grafted.scale()).isEqualTo(1);
        assertThat(made.run(Role.NECK).orElseThrow().start()).isEqualTo(new Point(0, 80));
        assertThat(made.run(Role.NECK).orElseThrow().chord())
                .isCloseTo(donor.run(Role.NECK).orElseThrow().chord(), within(MM));
        assertThat(made.run(Role.SHOULDER).orElseThrow().start()).isEqualTo(new Point(95, 40));
        assertThat(made.run(Role.SHOULDER).orElseThrow().end()).isEqualTo(new Point(180, 45));
        assertThat(grafted.led()).isCloseTo(Math.hypot(25, 40), within(MM));
    }

    /** The same bodice with an arm-hole, its armpit at a place, and the waist marked. */
    private static PaperPiece withArmpit(double wide, double deep, Point armpit, double waist) {
        return PaperPiece.of(
                TracedPiece.begun("front")
                        .cut(CutShape.FOLD, 1, 0)
                        .with(List.of(
                                Knot.corner(new Point(0, deep), "neck"),
                                Knot.corner(new Point(wide, 0), "shoulder"),
                                Knot.corner(new Point(180, 45), "armscye"),
                                Knot.corner(armpit, "side"),
                                Knot.corner(new Point(200, waist), "waist"),
                                Knot.corner(new Point(0, waist), "centre")))
                        .level("waist", Optional.of(new Point(0, waist))),
                AS_IT_IS);
    }

    @Test
    void r3_neckOfOne_onTheBodyOfAnother_armpitOnArmpit_keepsItsSize() {
        PaperPiece body = withArmpit(70, 80, new Point(220, 200), 400);
        PaperPiece donor = withArmpit(95, 40, new Point(210, 230), 390);
        Graft.Grafted grafted = Graft.of(body, "neck", "neck", donor, "neck", "neck", Graft.By.ARMPIT);
        PaperPiece made = paper(grafted);
        assertThat(grafted.scale()).isEqualTo(1);
        Point start = donor.run(Role.NECK).orElseThrow().start();
        assertThat(made.run(Role.NECK).orElseThrow().start().distanceTo(start.plus(new Point(0, -30))))
                .isLessThan(MM);
        assertThat(made.run(Role.NECK).orElseThrow().path().length())
                .isCloseTo(donor.run(Role.NECK).orElseThrow().path().length(), within(MM));
        assertThat(made.run(Role.SIDE).orElseThrow().start())
                .isEqualTo(body.run(Role.SIDE).orElseThrow().start());
        PaperPiece hole = paper(Graft.of(body, "armscye", "armscye", donor, "armscye", "armscye", Graft.By.ARMPIT));
        assertThat(hole.run(Role.ARMSCYE).orElseThrow().end()).isEqualTo(new Point(220, 200));
        assertThat(hole.run(Role.ARMSCYE).orElseThrow().start()).isEqualTo(new Point(190, 15));
    }

    @Test
    void r3_waistOnWaist_andAMarkThatIsMissing() {
        PaperPiece body = withArmpit(70, 80, new Point(220, 200), 400);
        PaperPiece donor = withArmpit(95, 40, new Point(210, 230), 390);
        PaperPiece made = paper(Graft.of(body, "neck", "neck", donor, "neck", "neck", Graft.By.WAIST));
        assertThat(made.run(Role.NECK).orElseThrow().start()).isEqualTo(new Point(0, 50));
        assertThatThrownBy(() -> Graft.of(bodice(70, 80), "neck", "neck", donor, "neck", "neck", Graft.By.ARMPIT))
                .hasMessageContaining("No arm-hole meets a side on \"front\"");
    }

    @Test
    void bothEnds_stretchesTheNeck_andMovesNothingElse() {
        PaperPiece body = bodice(70, 80);
        PaperPiece donor = bodice(95, 40);
        Graft.Grafted grafted = Graft.of(body, "neck", "neck", donor, "neck", "neck", Graft.By.BOTH_ENDS);
        PaperPiece made = paper(grafted);
        assertThat(grafted.led()).isCloseTo(0, within(MM));
        assertThat(grafted.scale()).isCloseTo(Math.hypot(70, 80) / Math.hypot(95, 40), within(MM));
        assertThat(made.run(Role.SHOULDER).orElseThrow().chord())
                .isCloseTo(body.run(Role.SHOULDER).orElseThrow().chord(), within(MM));
    }

    @ParameterizedTest
    @EnumSource(Graft.By.class)
    void pieceGraftedWithItself_isTheSame(Graft.By by) {
        PaperPiece body = withArmpit(70, 80, new Point(220, 200), 400);
        PaperPiece made = paper(Graft.of(body, "neck", "shoulder", body, "neck", "shoulder", by));
        for (TracedEdge run : body.runs()) {
            TracedEdge other = made.runs().stream()
                    .filter(each -> each.edge().equals(run.edge()))
                    .findFirst()
                    .orElseThrow();
            for (int i = 0; i < run.places().size(); i++) {
                assertThat(other.places().get(i).distanceTo(run.places().get(i)))
                        .isLessThan(1e-6);
            }
        }
    }

    @Test
    void missingEdge_isToldWithThoseThatThereAre() {
        PaperPiece body = bodice(70, 80);
        assertThatThrownBy(() -> Graft.of(body, "collar", "collar", body, "neck", "neck", Graft.By.FIRST_END))
                .hasMessage("\"front\" has no edge \"collar\"; it has neck, shoulder, side, waist, centre");
        assertThatThrownBy(() -> Graft.of(body, "neck", "centre", body, "neck", "neck", Graft.By.FIRST_END))
                .hasMessage("An edge of \"front\" must stay: all were chosen");
    }
}
