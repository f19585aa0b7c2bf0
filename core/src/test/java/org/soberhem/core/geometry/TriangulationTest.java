package org.soberhem.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class TriangulationTest {

    /** A square with a narrow dart cut into it from below. */
    private static final List<Point> DARTED = List.of(
            new Point(0, 0),
            new Point(100, 0),
            new Point(100, 100),
            new Point(52, 100),
            new Point(50, 40),
            new Point(48, 100),
            new Point(0, 100));

    private static final List<Point> INNER =
            List.of(new Point(20, 20), new Point(50, 20), new Point(80, 20), new Point(25, 60), new Point(75, 60));

    @Test
    void everyStretchOfTheOutline_isASideOfATriangle() {
        int[] triangles = Triangulation.of(DARTED, INNER);
        Set<List<Integer>> sides = new HashSet<>();
        for (int i = 0; i < triangles.length; i++) {
            int next = i % 3 == 2 ? i - 2 : i + 1;
            sides.add(List.of(triangles[i], triangles[next]));
            sides.add(List.of(triangles[next], triangles[i]));
        }
        for (int i = 0; i < DARTED.size(); i++) {
            assertThat(sides).contains(List.of(i, (i + 1) % DARTED.size()));
        }
    }

    @Test
    void triangles_fillTheOutline_allTurningTheSameWay() {
        int[] triangles = Triangulation.of(DARTED, INNER);
        List<Point> places = new ArrayList<>(DARTED);
        places.addAll(INNER);
        double area = 0;
        for (int i = 0; i < triangles.length; i += 3) {
            Point a = places.get(triangles[i]);
            double twice = places.get(triangles[i + 1])
                    .minus(a)
                    .cross(places.get(triangles[i + 2]).minus(a));
            assertThat(twice).isPositive();
            area += twice / 2;
        }
        assertThat(area)
                .isCloseTo(Math.abs(new Outline(DARTED).signedArea()), org.assertj.core.data.Offset.offset(1e-6));
        // Euler: an area without holes has twice its corners less those of its rim less two triangles.
        assertThat(triangles.length / 3).isEqualTo(2 * places.size() - DARTED.size() - 2);
    }

    @Test
    void outlineThatTouchesItself_isRefused() {
        List<Point> touching = List.of(
                new Point(0, 0),
                new Point(10, 0),
                new Point(5, 5),
                new Point(10, 10),
                new Point(0, 10),
                new Point(5, 5));
        assertThatIllegalArgumentException().isThrownBy(() -> Triangulation.of(touching, List.of()));
    }

    @Test
    void innerPlaceOutside_isRefused() {
        assertThatIllegalArgumentException().isThrownBy(() -> Triangulation.of(DARTED, List.of(new Point(150, 50))));
    }
}
