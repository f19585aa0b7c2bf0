package org.soberhem.core.plate;

import java.util.Arrays;
import java.util.List;

/**
 * Surfaces as they are seen from one side, dot by dot: which is the nearest, how near, and how dark.
 *
 * <p>A dot is a square of the picture; the first lies at the upper left.
 */
final class DepthPicture {

    /** From where the light comes, in the viewer's axes: from the upper left, before the figure. */
    private static final double[] LIGHT = {-0.5, 0.5, 0.7071};

    private static final float FAR = Float.NEGATIVE_INFINITY;

    final int width;
    final int height;
    final double left;
    final double top;
    final double dot;
    final float[] near;
    final byte[] solid;
    final float[] dark;

    /** Coordinates of the places of every solid in the picture: right, down, near; with the dark of each. */
    private final float[][] projected;

    private final float[][] darkness;

    /**
     * @param dot side of a dot, millimetres
     */
    DepthPicture(List<Solid> solids, Viewpoint from, double dot) {
        this.dot = dot;
        double[] axes = from.axes();
        projected = new float[solids.size()][];
        darkness = new float[solids.size()][];
        double minX = Double.MAX_VALUE;
        double maxX = -Double.MAX_VALUE;
        double minY = Double.MAX_VALUE;
        double maxY = -Double.MAX_VALUE;
        for (int i = 0; i < solids.size(); i++) {
            float[] at = project(
                    solids.get(i).mesh().places(),
                    axes,
                    solids.get(i).material().lift());
            projected[i] = at;
            darkness[i] = shade(solids.get(i).mesh().normals(), axes);
            for (int k = 0; k < at.length; k += 3) {
                minX = Math.min(minX, at[k]);
                maxX = Math.max(maxX, at[k]);
                minY = Math.min(minY, at[k + 1]);
                maxY = Math.max(maxY, at[k + 1]);
            }
        }
        left = minX - 4 * dot;
        top = minY - 4 * dot;
        width = (int) Math.ceil((maxX - minX) / dot) + 8;
        height = (int) Math.ceil((maxY - minY) / dot) + 8;
        near = new float[width * height];
        Arrays.fill(near, FAR);
        solid = new byte[width * height];
        Arrays.fill(solid, (byte) -1);
        dark = new float[width * height];
        for (int i = 0; i < solids.size(); i++) {
            fill(i, solids.get(i));
        }
    }

    private static float[] project(double[] places, double[] a, double lift) {
        float[] at = new float[places.length];
        for (int i = 0; i < places.length; i += 3) {
            double x = places[i];
            double y = places[i + 1];
            double z = places[i + 2];
            at[i] = (float) (a[0] * x + a[1] * y + a[2] * z);
            at[i + 1] = (float) -(a[3] * x + a[4] * y + a[5] * z);
            at[i + 2] = (float) (a[6] * x + a[7] * y + a[8] * z + lift);
        }
        return at;
    }

    private static float[] shade(double[] normals, double[] a) {
        float[] shade = new float[normals.length / 3];
        for (int i = 0; i < shade.length; i++) {
            double x = normals[3 * i];
            double y = normals[3 * i + 1];
            double z = normals[3 * i + 2];
            double right = a[0] * x + a[1] * y + a[2] * z;
            double up = a[3] * x + a[4] * y + a[5] * z;
            double toward = a[6] * x + a[7] * y + a[8] * z;
            double facing = toward < -0.05 ? -1 : 1;
            double lit = facing * (right * LIGHT[0] + up * LIGHT[1] + toward * LIGHT[2]);
            shade[i] = (float) Math.max(0, 0.66 - lit);
        }
        return shade;
    }

    private void fill(int number, Solid solid) {
        // A body is closed: what turns away from the viewer is hidden by what faces them.
        boolean closed = solid.material() == Solid.Material.BODY;
        int[] triangles = solid.mesh().triangles();
        float[] at = projected[number];
        float[] shade = darkness[number];
        for (int i = 0; i < triangles.length; i += 3) {
            triangle((byte) number, at, shade, closed, triangles[i], triangles[i + 1], triangles[i + 2]);
        }
    }

    private void triangle(byte number, float[] at, float[] shade, boolean closed, int p, int q, int r) {
        double ax = (at[3 * p] - left) / dot;
        double ay = (at[3 * p + 1] - top) / dot;
        double bx = (at[3 * q] - left) / dot;
        double by = (at[3 * q + 1] - top) / dot;
        double cx = (at[3 * r] - left) / dot;
        double cy = (at[3 * r + 1] - top) / dot;
        double area = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
        if (area == 0 || closed && area > 0) {
            return;
        }
        int x0 = Math.max(0, (int) Math.ceil(Math.min(ax, Math.min(bx, cx))));
        int x1 = Math.min(width - 1, (int) Math.floor(Math.max(ax, Math.max(bx, cx))));
        int y0 = Math.max(0, (int) Math.ceil(Math.min(ay, Math.min(by, cy))));
        int y1 = Math.min(height - 1, (int) Math.floor(Math.max(ay, Math.max(by, cy))));
        for (int y = y0; y <= y1; y++) {
            for (int x = x0; x <= x1; x++) {
                double u = ((x - ax) * (cy - ay) - (y - ay) * (cx - ax)) / area;
                double v = ((bx - ax) * (y - ay) - (by - ay) * (x - ax)) / area;
                if (u < 0 || v < 0 || u + v > 1) {
                    continue;
                }
                float depth = (float)
                        (at[3 * p + 2] + u * (at[3 * q + 2] - at[3 * p + 2]) + v * (at[3 * r + 2] - at[3 * p + 2]));
                int i = y * width + x;
                if (depth > near[i]) {
                    near[i] = depth;
                    solid[i] = number;
                    dark[i] = (float) (shade[p] + u * (shade[q] - shade[p]) + v * (shade[r] - shade[p]));
                }
            }
        }
    }

    /** Says whether a place of a surface is seen: whether nothing about it lies nearer by more than a tolerance. */
    boolean sees(double x, double y, double depth, double tolerance) {
        int i = (int) Math.round((x - left) / dot);
        int j = (int) Math.round((y - top) / dot);
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                int u = i + dx;
                int v = j + dy;
                if (u < 0 || v < 0 || u >= width || v >= height || near[v * width + u] <= depth + tolerance) {
                    return true;
                }
            }
        }
        return false;
    }
}
