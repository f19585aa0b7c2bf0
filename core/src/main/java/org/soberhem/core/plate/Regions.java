package org.soberhem.core.plate;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Polylines;

/**
 * Borders of the region of a picture in which a field is at least as large as a threshold.
 *
 * @see "W. E. Lorensen, H. E. Cline, Marching cubes, Computer Graphics 21 (1987); here its plane form"
 */
final class Regions {

    private final DepthPicture picture;
    private final float[] field;
    private final float threshold;
    private final int[] next;

    private Regions(DepthPicture picture, float[] field, float threshold) {
        this.picture = picture;
        this.field = field;
        this.threshold = threshold;
        this.next = new int[2 * field.length];
        java.util.Arrays.fill(next, -1);
    }

    /** Returns closed borders, in millimetres of the picture; holes go the other way round. */
    static List<List<Point>> of(DepthPicture picture, float[] field, float threshold) {
        Regions regions = new Regions(picture, field, threshold);
        regions.march();
        return regions.chains();
    }

    /** A border crosses the level side that begins at a dot (twice its number) or the upright one (one more). */
    private void march() {
        int w = picture.width;
        for (int y = 0; y < picture.height - 1; y++) {
            for (int x = 0; x < w - 1; x++) {
                int i = y * w + x;
                int inside = (field[i] >= threshold ? 1 : 0)
                        | (field[i + 1] >= threshold ? 2 : 0)
                        | (field[i + w + 1] >= threshold ? 4 : 0)
                        | (field[i + w] >= threshold ? 8 : 0);
                if (inside == 0 || inside == 15) {
                    continue;
                }
                int up = 2 * i;
                int right = 2 * (i + 1) + 1;
                int down = 2 * (i + w);
                int left = 2 * i + 1;
                switch (inside) {
                    case 1 -> next[up] = left;
                    case 2 -> next[right] = up;
                    case 3 -> next[right] = left;
                    case 4 -> next[down] = right;
                    case 5 -> {
                        next[up] = left;
                        next[down] = right;
                    }
                    case 6 -> next[down] = up;
                    case 7 -> next[down] = left;
                    case 8 -> next[left] = down;
                    case 9 -> next[up] = down;
                    case 10 -> {
                        next[right] = up;
                        next[left] = down;
                    }
                    case 11 -> next[right] = down;
                    case 12 -> next[left] = right;
                    case 13 -> next[up] = right;
                    default -> next[left] = up;
                }
            }
        }
    }

    private List<List<Point>> chains() {
        List<List<Point>> chains = new ArrayList<>();
        for (int start = 0; start < next.length; start++) {
            if (next[start] < 0) {
                continue;
            }
            List<Point> chain = new ArrayList<>();
            int at = start;
            while (next[at] >= 0) {
                chain.add(point(at));
                int following = next[at];
                next[at] = -1;
                at = following;
            }
            if (chain.size() > 5) {
                chains.add(thinned(chain, picture.dot));
            }
        }
        return chains;
    }

    private Point point(int side) {
        int i = side / 2;
        int j = side % 2 == 0 ? i + 1 : i + picture.width;
        double share = (threshold - field[i]) / (field[j] - field[i]);
        if (!(share >= 0 && share <= 1)) {
            share = 0.5;
        }
        double x = i % picture.width + (side % 2 == 0 ? share : 0);
        double y = i / picture.width + (side % 2 == 0 ? 0 : share);
        return new Point(picture.left + x * picture.dot, picture.top + y * picture.dot);
    }

    /** Evens a border out: the steps of the dots are not seen. */
    private static List<Point> thinned(List<Point> chain, double dot) {
        List<Point> even = new ArrayList<>();
        int count = chain.size();
        for (int i = 0; i < count; i++) {
            Point before = chain.get((i + count - 1) % count);
            Point here = chain.get(i);
            Point after = chain.get((i + 1) % count);
            even.add(new Point(
                    (before.x() + 2 * here.x() + after.x()) / 4, (before.y() + 2 * here.y() + after.y()) / 4));
        }
        return Polylines.thinned(even, 2 * PlateMaker.FLAT * dot);
    }
}
