package org.soberhem.core.worn;

import java.util.List;
import org.soberhem.core.geometry.Point;

/**
 * Cloth of triangles, flat as it was cut. Vertices that a seam brings together are one particle.
 *
 * @param worn what it was made of
 * @param pieceOf number of each vertex's piece
 * @param paper where each vertex lies on its piece: two numbers, millimetres
 * @param flat the same along weft and warp
 * @param triangles three vertices each, all turning the same way on paper
 * @param particleOf particle of each vertex
 * @param particles how many there are
 * @param chains the vertices of each edge of each piece, in the order of the outline
 */
public record ClothMesh(
        WornPattern worn,
        int[] pieceOf,
        double[] paper,
        double[] flat,
        int[] triangles,
        int[] particleOf,
        int particles,
        List<List<int[]>> chains) {

    public int vertexCount() {
        return pieceOf.length;
    }

    public int triangleCount() {
        return triangles.length / 3;
    }

    /** Returns the piece that a triangle is of. */
    public WornPiece pieceOf(int triangle) {
        return worn.pieces().get(pieceOf[triangles[3 * triangle]]);
    }

    /** Returns the middle of a triangle on its piece. */
    public Point onPaper(int triangle) {
        double x = 0;
        double y = 0;
        for (int k = 0; k < 3; k++) {
            int vertex = triangles[3 * triangle + k];
            x += paper[2 * vertex] / 3;
            y += paper[2 * vertex + 1] / 3;
        }
        return new Point(x, y);
    }

    /** Returns the area of a triangle as it was cut, in square millimetres. */
    public double area(int triangle) {
        int a = triangles[3 * triangle];
        int b = triangles[3 * triangle + 1];
        int c = triangles[3 * triangle + 2];
        double ux = flat[2 * b] - flat[2 * a];
        double uy = flat[2 * b + 1] - flat[2 * a + 1];
        double vx = flat[2 * c] - flat[2 * a];
        double vy = flat[2 * c + 1] - flat[2 * a + 1];
        return Math.abs(ux * vy - uy * vx) / 2;
    }
}
