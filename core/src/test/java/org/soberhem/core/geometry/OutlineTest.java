package org.soberhem.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

class OutlineTest {

    private static final double MM = 1e-6;

    private static final List<Point> SQUARE =
            List.of(new Point(0, 0), new Point(100, 0), new Point(100, 100), new Point(0, 100));

    @Test
    void area_andBox_ofASquare() {
        Outline square = new Outline(SQUARE);
        assertThat(square.signedArea()).isCloseTo(10_000, within(MM));
        assertThat(square.box()).isEqualTo(new Box(0, 0, 100, 100));
        assertThat(square.crossing()).isEmpty();
    }

    @Test
    void crossing_isFoundWhereJtsSaysTheRingIsNotSimple() {
        List<Point> bow = List.of(new Point(0, 0), new Point(100, 100), new Point(100, 0), new Point(0, 100));
        Geometry ring = polygon(bow);
        assertThat(ring.isSimple() && ring.isValid()).isFalse();
        assertThat(new Outline(bow).crossing()).hasValueSatisfying(at -> {
            assertThat(at.x()).isCloseTo(50, within(MM));
            assertThat(at.y()).isCloseTo(50, within(MM));
        });
    }

    @Test
    void cuts_areEvenAndInOrder() {
        List<Double> cuts = new Outline(SQUARE).cuts(new Point(-10, 50), new Point(1, 0));
        assertThat(cuts).containsExactly(10.0, 110.0);
        assertThat(new Outline(SQUARE).cuts(new Point(-10, 150), new Point(1, 0)))
                .isEmpty();
    }

    @Test
    void allowance_squareCorners_addsTheSameAreaAsAMitredBuffer() {
        Outline grown = Allowance.outside(edges(SQUARE), new double[] {10, 10, 10, 10});
        assertThat(grown.signedArea()).isCloseTo(120 * 120, within(MM));
    }

    @Test
    void allowance_edgeByEdge_differs() {
        Outline grown = Allowance.outside(edges(SQUARE), new double[] {0, 20, 50, 10});
        assertThat(grown.box().width()).isCloseTo(130, within(MM));
        assertThat(grown.box().height()).isCloseTo(150, within(MM));
    }

    @Test
    void allowance_hollowCurve_liesEverywhereAtItsDistance() {
        Point a = new Point(0, 0);
        Point b = new Point(200, 0);
        Point c = new Point(200, 200);
        Point d = new Point(0, 200);
        Cubic hollow = Cubic.bowed(a, b, -40, 0.5);
        List<Path> edges = List.of(
                Path.of(hollow),
                Path.of(new LineSegment(b, c)),
                Path.of(new LineSegment(c, d)),
                Path.of(new LineSegment(d, a)));
        Outline grown = Allowance.outside(edges, new double[] {12, 12, 12, 12});
        Polygon cut = polygon(grown.corners());
        GeometryFactory factory = new GeometryFactory();
        for (int i = 2; i <= 18; i++) {
            Point on = hollow.at(i / 20.0);
            double distance = cut.getExteriorRing().distance(factory.createPoint(new Coordinate(on.x(), on.y())));
            assertThat(distance).as("at %d/20", i).isCloseTo(12, within(0.02));
        }
    }

    @Test
    void inset_undoesAnAllowance() {
        List<Path> inner = Inset.of(edges(SQUARE), new double[] {10, 10, 10, 10});
        assertThat(inner.get(0).length()).isCloseTo(80, within(MM));
        assertThat(inner.get(0).start()).isEqualTo(new Point(10, 10));
    }

    private static List<Path> edges(List<Point> corners) {
        return IntStream.range(0, corners.size())
                .mapToObj(i -> Path.of(new LineSegment(corners.get(i), corners.get((i + 1) % corners.size()))))
                .toList();
    }

    private static Polygon polygon(List<Point> corners) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i <= corners.size(); i++) {
            Point corner = corners.get(i % corners.size());
            ring[i] = new Coordinate(corner.x(), corner.y());
        }
        return new GeometryFactory().createPolygon(ring);
    }
}
