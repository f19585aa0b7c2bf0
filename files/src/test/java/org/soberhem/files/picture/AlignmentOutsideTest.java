package org.soberhem.files.picture;

import static org.assertj.core.api.Assertions.assertThat;

import boofcv.alg.geo.h.HomographyDirectLinearTransform;
import boofcv.struct.geo.AssociatedPair;
import georegression.fitting.MotionTransformPoint;
import georegression.fitting.affine.MotionAffinePoint2D_F64;
import georegression.struct.affine.Affine2D_F64;
import georegression.struct.homography.Homography2D_F64;
import georegression.struct.point.Point2D_F64;
import georegression.transform.affine.AffinePointOps_F64;
import georegression.transform.homography.HomographyPointOps_F64;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.ejml.data.DMatrixRMaj;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.core.geometry.Alignment;
import org.soberhem.core.geometry.Point;

/**
 * The alignment of two pictures against two other libraries: BoofCV's direct linear transform and georegression's fit.
 */
class AlignmentOutsideTest {

    private static final int SIZE = 1000;

    private static Point any(Random random) {
        return new Point(SIZE * random.nextDouble(), SIZE * random.nextDouble());
    }

    @ParameterizedTest
    @ValueSource(longs = {21, 22, 23, 24, 25, 26, 27, 28})
    void perspective_ofFourCorners_isThatOfAnotherLibrary(long seed) throws Exception {
        Random random = new Random(seed);
        List<Point> from = List.of(new Point(0, 0), new Point(SIZE, 0), new Point(SIZE, SIZE), new Point(0, SIZE));
        List<Point> to = new ArrayList<>();
        List<AssociatedPair> pairs = new ArrayList<>();
        for (Point corner : from) {
            Point moved = corner.times(0.7).plus(any(random).times(0.25));
            to.add(moved);
            pairs.add(new AssociatedPair(corner.x(), corner.y(), moved.x(), moved.y()));
        }
        Alignment ours = Alignment.perspective(from, to);
        DMatrixRMaj found = new DMatrixRMaj(3, 3);
        assertThat(new HomographyDirectLinearTransform(true).process(pairs, found))
                .isTrue();
        Homography2D_F64 theirs = new Homography2D_F64();
        theirs.setTo(found);
        for (int i = 0; i < 50; i++) {
            Point place = any(random);
            Point2D_F64 laid = HomographyPointOps_F64.transform(theirs, new Point2D_F64(place.x(), place.y()), null);
            assertThat(ours.of(place).distanceTo(new Point(laid.x, laid.y))).isLessThan(1e-6 * SIZE);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {31, 32, 33, 34})
    void similarity_ofExactMarks_isTheAffineFitOfAnotherLibrary(long seed) {
        Random random = new Random(seed);
        double turn = random.nextDouble();
        double scale = 0.5 + random.nextDouble();
        List<Point> from = new ArrayList<>();
        List<Point> to = new ArrayList<>();
        List<Point2D_F64> theirFrom = new ArrayList<>();
        List<Point2D_F64> theirTo = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            Point place = any(random);
            Point moved = new Point(
                    scale * (place.x() * Math.cos(turn) - place.y() * Math.sin(turn)) + 30,
                    scale * (place.x() * Math.sin(turn) + place.y() * Math.cos(turn)) - 12);
            from.add(place);
            to.add(moved);
            theirFrom.add(new Point2D_F64(place.x(), place.y()));
            theirTo.add(new Point2D_F64(moved.x(), moved.y()));
        }
        Alignment ours = Alignment.similar(from, to);
        MotionTransformPoint<Affine2D_F64, Point2D_F64> fit = new MotionAffinePoint2D_F64();
        assertThat(fit.process(theirFrom, theirTo)).isTrue();
        for (int i = 0; i < 50; i++) {
            Point place = any(random);
            Point2D_F64 laid = AffinePointOps_F64.transform(
                    fit.getTransformSrcToDst(), new Point2D_F64(place.x(), place.y()), (Point2D_F64) null);
            assertThat(ours.of(place).distanceTo(new Point(laid.x, laid.y))).isLessThan(1e-6 * SIZE);
        }
    }
}
