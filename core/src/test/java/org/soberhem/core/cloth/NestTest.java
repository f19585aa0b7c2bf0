package org.soberhem.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;

/** The raster search on its own: rows of 1 mm, rectangles and triangles whose best lay is known. */
class NestTest {

    private static final int[] ANYWHERE = {};
    private static final PlacedPiece LIES = new PlacedPiece("piece", 0, 0, 0, false, false, 0, false);

    private static Nest.Way way(int[] places, int everyRow, double... corners) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < corners.length; i += 2) {
            points.add(new Point(corners[i], corners[i + 1]));
        }
        return new Nest.Way(Raster.of(new Outline(points), 1, 0, 0), places, everyRow, LIES);
    }

    private static Nest.Way rectangle(int wide, int tall) {
        return way(ANYWHERE, 1, 0, 0, wide, 0, wide, tall, 0, tall);
    }

    private static Nest nest(int across, Nest.Way... ways) {
        List<Nest.Part> parts = new ArrayList<>();
        for (Nest.Way way : ways) {
            parts.add(new Nest.Part(List.of(way)));
        }
        return new Nest(parts, across, new SplittableRandom(3));
    }

    private static Nest.State empty(int many) {
        return new Nest.State(new int[many], new int[many], new int[many]);
    }

    private static int[] inOrder(int many) {
        return IntStream.range(0, many).toArray();
    }

    @Test
    void fill_exactlyFullRow_usesNoSecond() {
        Nest nest = nest(100, rectangle(60, 20), rectangle(40, 20));
        Nest.State into = empty(2);
        assertThat(nest.fill(inOrder(2), into, 20)).isEqualTo(20);
        assertThat(into.row()).containsExactly(0, 0);
        assertThat(into.x()[1]).isEqualTo(into.x()[0] == 0 ? 60 : 0);
    }

    @Test
    void fill_oneMillimetreTooWide_goesBelow_andTooLongIsRefused() {
        Nest.Way[] ways = {rectangle(60, 20), rectangle(41, 20)};
        Nest.State into = empty(2);
        assertThat(nest(100, ways).fill(inOrder(2), into, 40)).isEqualTo(40);
        assertThat(into.row()).containsExactly(0, 20);
        assertThat(nest(100, ways).fill(inOrder(2), empty(2), 39)).isEqualTo(Integer.MAX_VALUE);
    }

    @Test
    void fill_twoTriangles_lieInEachOther() {
        Nest.Way lower = way(ANYWHERE, 1, 0, 0, 50, 50, 0, 50);
        Nest.Way upper = way(ANYWHERE, 1, 0, 0, 50, 0, 50, 50);
        Nest.State into = empty(2);
        int rows = nest(52, lower, upper).fill(inOrder(2), into, 100);
        assertThat(rows).as("one square and what the raster rounds up, not two").isLessThanOrEqualTo(52);
    }

    @Test
    void fill_keepsToPlacesAndRows_thatAPieceIsBoundTo() {
        Nest nest = nest(
                100,
                rectangle(30, 10),
                way(new int[] {5, 70}, 1, 0, 0, 30, 0, 30, 10, 0, 10),
                way(ANYWHERE, 7, 0, 0, 80, 0, 80, 10, 0, 10));
        Nest.State into = empty(3);
        nest.fill(inOrder(3), into, 100);
        assertThat(into.x()[1]).isIn(5, 70);
        assertThat(into.row()[2] % 7).isZero();
        assertThat(into.row()[2])
                .as("below the others, at the next row that it may begin at")
                .isEqualTo(14);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void part_pullsApartWhatFitsExactly(long seed) {
        List<Nest.Part> parts = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            parts.add(new Nest.Part(List.of(rectangle(50, 30))));
        }
        Nest nest = new Nest(parts, 100, new SplittableRandom(seed));
        nest.begin(empty(6), 90);
        assertThat(nest.part(400, () -> true)).isTrue();
        Nest.State lay = nest.state();
        for (int i = 0; i < 6; i++) {
            assertThat(lay.x()[i]).isBetween(0, 50);
            assertThat(lay.row()[i]).isBetween(0, 60);
            for (int j = 0; j < i; j++) {
                boolean apart = Math.abs(lay.x()[i] - lay.x()[j]) >= 50 || Math.abs(lay.row()[i] - lay.row()[j]) >= 30;
                assertThat(apart).as("%d and %d", i, j).isTrue();
            }
        }
    }

    @Test
    void part_whatCannotFit_givesUp_andKeepsTheLeast() {
        Nest nest = nest(100, rectangle(60, 30), rectangle(60, 30));
        nest.begin(empty(2), 30);
        assertThat(nest.part(20, () -> true)).isFalse();
        Nest.State least = nest.least();
        assertThat(Math.abs(least.x()[0] - least.x()[1]))
                .as("as far apart as the cloth is wide")
                .isEqualTo(40);
    }

    @Test
    void part_nothingOverlaps_isDoneAtOnce_andWithoutTimeNothingIsTried() {
        Nest nest = nest(100, rectangle(50, 30), rectangle(50, 30));
        nest.begin(new Nest.State(new int[] {0, 50}, new int[] {0, 0}, new int[2]), 30);
        long before = nest.work();
        assertThat(nest.part(10, () -> true)).isTrue();
        assertThat(nest.work()).as("no piece was moved").isEqualTo(before);
        assertThat(nest.part(10, () -> false)).isFalse();
    }

    @Test
    void begin_takesInWhatHangsOverTheEnd_andLeavesTheRest() {
        Nest nest = nest(100, rectangle(50, 30), rectangle(50, 30));
        nest.begin(new Nest.State(new int[] {10, 50}, new int[] {0, 40}, new int[2]), 60);
        assertThat(nest.state().row()[0]).isZero();
        assertThat(nest.state().x()[0]).isEqualTo(10);
        assertThat(nest.state().row()[1]).isLessThanOrEqualTo(30);
        nest.begin(new Nest.State(new int[] {10, 50}, new int[] {0, 30}, new int[2]), 60);
        assertThat(nest.state().row()).as("exactly at the end is within").containsExactly(0, 30);
        assertThat(nest.state().x()).containsExactly(10, 50);
    }

    @Test
    void shuffled_isEveryNumberOnce_andNotAlwaysInOrder() {
        Nest nest = nest(100, rectangle(10, 10));
        assertThat(nest.shuffled(50)).containsExactlyInAnyOrder(inOrder(50)).isNotEqualTo(inOrder(50));
    }
}
