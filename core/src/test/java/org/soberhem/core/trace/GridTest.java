package org.soberhem.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.core.geometry.Alignment;
import org.soberhem.core.geometry.Point;

class GridTest {

    private static final double MM = 1e-6;
    private static final double POUCE = 27.070;

    private static Grid corners(List<Point> marks) {
        return new Grid(Grid.Way.FOUR_CORNERS, marks, 20, 12, POUCE);
    }

    private static List<Point> anyView(Random random) {
        return List.of(
                new Point(0.1 + 0.1 * random.nextDouble(), 0.1 + 0.1 * random.nextDouble()),
                new Point(0.8 + 0.1 * random.nextDouble(), 0.1 + 0.1 * random.nextDouble()),
                new Point(0.8 + 0.1 * random.nextDouble(), 0.6 + 0.1 * random.nextDouble()),
                new Point(0.1 + 0.1 * random.nextDouble(), 0.6 + 0.1 * random.nextDouble()));
    }

    @Test
    void corners_comeToLieOnTheirSquares_inAnyUnit() {
        Grid grid = corners(anyView(new Random(3)));
        Alignment paper = grid.paper();
        assertThat(paper.of(grid.marks().get(0)).distanceTo(Point.ORIGIN)).isLessThan(MM);
        assertThat(paper.of(grid.marks().get(2)).distanceTo(new Point(20 * POUCE, 12 * POUCE)))
                .isLessThan(MM);
    }

    /**
     * Projective geometry draws the middle of a rectangle seen askew where its diagonals cross, and its halving lines
     * through there and the vanishing points of its sides (a construction of every handbook of perspective; common
     * practice).
     */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void middle_liesWhereTheDiagonalsCross_andHalvesPointToTheVanishingPoints(long seed) {
        List<Point> marks = anyView(new Random(seed));
        Alignment paper = corners(marks).paper();
        Point middle = crossing(marks.get(0), marks.get(2), marks.get(1), marks.get(3));
        assertThat(paper.of(middle).distanceTo(new Point(10 * POUCE, 6 * POUCE)))
                .isLessThan(1e-5);
        Point vanishing = crossing(marks.get(0), marks.get(1), marks.get(3), marks.get(2));
        Point half = crossing(middle, vanishing, marks.get(0), marks.get(3));
        assertThat(paper.of(half).distanceTo(new Point(0, 6 * POUCE))).isLessThan(1e-5);
    }

    private static Point crossing(Point a, Point b, Point c, Point d) {
        Point one = b.minus(a);
        Point other = d.minus(c);
        return a.plus(one.times(c.minus(a).cross(other) / one.cross(other)));
    }

    @Test
    void twoPoints_turnAndScaleThePicture() {
        Grid grid = new Grid(Grid.Way.TWO_POINTS, List.of(new Point(0.2, 0.3), new Point(0.5, 0.7)), 10, 0, 25.4);
        Alignment paper = grid.paper();
        assertThat(paper.of(new Point(0.5, 0.7)).distanceTo(new Point(254, 0))).isLessThan(MM);
        // Half a unit of the picture is ten squares, so that square to the line it is as much.
        assertThat(paper.of(new Point(0.2 - 0.4, 0.3 + 0.3)).distanceTo(new Point(0, 254)))
                .isLessThan(MM);
    }

    @Test
    void unfinishedOrImpossible_saysWhatToDo() {
        assertThatThrownBy(() -> corners(List.of()).paper())
                .hasMessage("The grid needs 4 marks: 0 are set. Tap its four corners");
        assertThatThrownBy(() ->
                        new Grid(Grid.Way.TWO_POINTS, List.of(Point.ORIGIN, new Point(0.001, 0)), 10, 0, 25.4).paper())
                .hasMessage("Marks 1 and 2 lie on one spot: move one of them far away");
    }
}
