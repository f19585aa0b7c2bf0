package org.soberhem.core.plate;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import org.soberhem.core.figure.Place;

/**
 * A closed surface of triangles, seen anticlockwise from outside.
 *
 * @param name of the part of the body
 * @param places coordinates: three numbers a place, millimetres
 * @param triangles three places each
 */
public record Mesh(String name, double[] places, int[] triangles) {

    public int placeCount() {
        return places.length / 3;
    }

    /** Returns a place by its number. */
    public Place place(int number) {
        return new Place(places[3 * number], places[3 * number + 1], places[3 * number + 2]);
    }

    /** Returns the outward normals at the places, weighted by area: three numbers each. */
    public double[] normals() {
        double[] normals = new double[places.length];
        for (int i = 0; i < triangles.length; i += 3) {
            int a = 3 * triangles[i];
            int b = 3 * triangles[i + 1];
            int c = 3 * triangles[i + 2];
            double ux = places[b] - places[a];
            double uy = places[b + 1] - places[a + 1];
            double uz = places[b + 2] - places[a + 2];
            double vx = places[c] - places[a];
            double vy = places[c + 1] - places[a + 1];
            double vz = places[c + 2] - places[a + 2];
            double nx = uy * vz - uz * vy;
            double ny = uz * vx - ux * vz;
            double nz = ux * vy - uy * vx;
            for (int corner : new int[] {a, b, c}) {
                normals[corner] += nx;
                normals[corner + 1] += ny;
                normals[corner + 2] += nz;
            }
        }
        for (int i = 0; i < normals.length; i += 3) {
            double length = Math.sqrt(
                    normals[i] * normals[i] + normals[i + 1] * normals[i + 1] + normals[i + 2] * normals[i + 2]);
            if (length > 0) {
                normals[i] /= length;
                normals[i + 1] /= length;
                normals[i + 2] /= length;
            }
        }
        return normals;
    }

    /** Returns the volume that it encloses, in cubic millimetres; less than nothing if its normals point inwards. */
    public double volume() {
        double six = 0;
        for (int i = 0; i < triangles.length; i += 3) {
            int a = 3 * triangles[i];
            int b = 3 * triangles[i + 1];
            int c = 3 * triangles[i + 2];
            six += places[a] * (places[b + 1] * places[c + 2] - places[b + 2] * places[c + 1])
                    + places[a + 1] * (places[b + 2] * places[c] - places[b] * places[c + 2])
                    + places[a + 2] * (places[b] * places[c + 1] - places[b + 1] * places[c]);
        }
        return six / 6;
    }

    /** Returns its area in square millimetres. */
    public double area() {
        double twice = 0;
        for (int i = 0; i < triangles.length; i += 3) {
            Place a = place(triangles[i]);
            Place b = place(triangles[i + 1]);
            Place c = place(triangles[i + 2]);
            double x = (b.y() - a.y()) * (c.z() - a.z()) - (b.z() - a.z()) * (c.y() - a.y());
            double y = (b.z() - a.z()) * (c.x() - a.x()) - (b.x() - a.x()) * (c.z() - a.z());
            double z = (b.x() - a.x()) * (c.y() - a.y()) - (b.y() - a.y()) * (c.x() - a.x());
            twice += Math.sqrt(x * x + y * y + z * z);
        }
        return twice / 2;
    }

    /** Collects a mesh; places that are put twice are one. */
    public static final class Maker {
        private double[] places = new double[3 * 1024];
        private int count;
        private int[] triangles = new int[3 * 2048];
        private int corners;
        private final Map<Place, Integer> known = new HashMap<>();

        private int put(Place at) {
            // Minus nothing and nothing are one place.
            return known.computeIfAbsent(new Place(at.x() + 0.0, at.y() + 0.0, at.z() + 0.0), each -> {
                if (3 * count == places.length) {
                    places = Arrays.copyOf(places, 2 * places.length);
                }
                places[3 * count] = each.x();
                places[3 * count + 1] = each.y();
                places[3 * count + 2] = each.z();
                return count++;
            });
        }

        /** Adds a triangle; one that has no area because corners coincide is left out. */
        private void triangle(int a, int b, int c) {
            if (a == b || b == c || a == c) {
                return;
            }
            if (corners == triangles.length) {
                triangles = Arrays.copyOf(triangles, 2 * triangles.length);
            }
            triangles[corners++] = a;
            triangles[corners++] = b;
            triangles[corners++] = c;
        }

        /**
         * Adds the wall between rows of places that go round it: from below upwards the places of a row go from the
         * left to the front, else the other way.
         *
         * @param columns places of a row
         * @param at coordinates, three numbers a place, row after row
         */
        public Maker wall(int columns, double[] at, boolean upwards) {
            int[] below = row(columns, at, 0);
            for (int row = 1; row < at.length / 3 / columns; row++) {
                int[] above = row(columns, at, row);
                for (int i = 0; i < columns; i++) {
                    int next = (i + 1) % columns;
                    if (upwards) {
                        triangle(below[i], above[i], above[next]);
                        triangle(below[i], above[next], below[next]);
                    } else {
                        triangle(below[i], above[next], above[i]);
                        triangle(below[i], below[next], above[next]);
                    }
                }
                below = above;
            }
            return this;
        }

        private int[] row(int columns, double[] at, int row) {
            int[] numbers = new int[columns];
            for (int i = 0; i < columns; i++) {
                int from = 3 * (row * columns + i);
                numbers[i] = put(new Place(at[from], at[from + 1], at[from + 2]));
            }
            return numbers;
        }

        /** Returns what was collected. */
        public Mesh made(String name) {
            return new Mesh(name, Arrays.copyOf(places, 3 * count), Arrays.copyOf(triangles, corners));
        }
    }
}
