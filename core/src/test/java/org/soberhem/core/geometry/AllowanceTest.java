package org.soberhem.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.algorithm.distance.DiscreteHausdorffDistance;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** The cutting line round a seam line: even ones against JTS buffering, uneven ones by their distance. */
class AllowanceTest {

    private static final double NEAR = 0.05;

    static LongStream seeds() {
        return LongStream.range(1, 40);
    }

    /** A convex piece of straight edges with corners that are no sharper than a mitre reaches. */
    private static List<Path> edges(long seed) {
        Random random = new Random(seed);
        int corners = 4 + random.nextInt(5);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * (i + 0.3 * random.nextDouble()) / corners;
            points.add(new Point(220 * Math.cos(angle), 340 * Math.sin(angle)));
        }
        List<Path> edges = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            edges.add(Path.of(new LineSegment(points.get(i), points.get((i + 1) % corners))));
        }
        return edges;
    }

    private static Outline outline(List<Path> edges) {
        return new Outline(edges.stream().map(Path::start).toList());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void evenMitredAllowance_isJtsBuffer(long seed) {
        List<Path> edges = edges(seed);
        double amount = 5 + seed % 20;
        double[] amounts = new double[edges.size()];
        Arrays.fill(amounts, amount);
        Outline cut = Allowance.outside(edges, amounts);
        BufferParameters mitred = new BufferParameters(8, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 2.5);
        GeometryFactory factory = new GeometryFactory();
        Geometry buffer = BufferOp.bufferOp(factory.createPolygon(outline(edges).ring()), amount, mitred);
        double apart = DiscreteHausdorffDistance.distance(
                factory.createPolygon(cut.ring()).getBoundary(), buffer.getBoundary(), 0.05);
        assertThat(apart).isLessThan(NEAR);
        assertThat(Math.abs(cut.signedArea())).isCloseTo(buffer.getArea(), within(1.0));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void unevenAllowance_liesAtItsDistance_awayFromCorners(long seed) {
        Random random = new Random(seed);
        List<Path> edges = edges(seed);
        double[] amounts =
                edges.stream().mapToDouble(edge -> random.nextInt(4) * 8.0).toArray();
        Outline cut = Allowance.outside(edges, amounts);
        for (int i = 0; i < edges.size(); i++) {
            for (double share : new double[] {0.35, 0.5, 0.65}) {
                Point at = edges.get(i).atShare(share);
                Point out = edges.get(i).startDirection().outward();
                double nearest = cut.cuts(at, out).stream()
                        .filter(distance -> distance > -1e-6)
                        .findFirst()
                        .orElse(0.0);
                if (amounts[i] > 0) {
                    assertThat(nearest).isCloseTo(amounts[i], within(NEAR));
                }
            }
        }
    }

    @Test
    void foldedHem_liesOnThePieceWithoutAStep() {
        // A skirt panel that is wider at its hem: folded up, the hem's sides must lie on the panel's sides.
        List<Point> corners = List.of(new Point(0, 0), new Point(100, 0), new Point(160, 300), new Point(-60, 300));
        List<Path> edges = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            edges.add(Path.of(new LineSegment(corners.get(i), corners.get((i + 1) % 4))));
        }
        double hem = 40;
        List<Corner> folded = List.of(Corner.MITRED, Corner.MITRED, Corner.FOLDED, Corner.MITRED);
        Outline cut = Allowance.outside(edges, new double[] {0, 0, hem, 0}, folded);
        double slope = 60.0 / 300;
        assertThat(cut.corners()).anySatisfy(at -> {
            assertThat(at.x()).isCloseTo(160 - slope * hem, within(1e-6));
            assertThat(at.y()).isCloseTo(300 + hem, within(1e-6));
        });
        Outline mitred = Allowance.outside(edges, new double[] {0, 0, hem, 0}, Collections.nCopies(4, Corner.MITRED));
        assertThat(mitred.box().maxX()).isGreaterThan(cut.box().maxX());
    }

    @Test
    void squaredSeam_endsSquareToItself() {
        List<Point> corners = List.of(new Point(0, 0), new Point(200, 60), new Point(200, 300), new Point(0, 300));
        List<Path> edges = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            edges.add(Path.of(new LineSegment(corners.get(i), corners.get((i + 1) % 4))));
        }
        List<Corner> squared = List.of(Corner.SQUARED, Corner.MITRED, Corner.MITRED, Corner.MITRED);
        Outline cut = Allowance.outside(edges, new double[] {30, 15, 15, 15}, squared);
        Point out = edges.get(0).startDirection().outward();
        Point end = corners.get(1).plus(out.times(30));
        assertThat(cut.corners())
                .anySatisfy(at -> assertThat(at.distanceTo(end)).isLessThan(1e-6));
        assertThat(cut.crossing()).isEmpty();
    }
}
