package org.soberhem.core.cloth;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;

/** Outlines turned, mirrored, opened out and compared. */
final class Shapes {

    /** Two outlines are the same where their areas differ by less than a line so broad, in millimetres. */
    private static final double SAME = 0.5;

    private Shapes() {}

    static Outline turned(Outline outline, boolean turned, boolean mirrored) {
        double x = turned ^ mirrored ? -1 : 1;
        double y = turned ? -1 : 1;
        Outline moved = outline.mapped(corner -> new Point(x * corner.x(), y * corner.y()));
        return mirrored ? new Outline(reversed(moved.corners())) : moved;
    }

    /** Returns an outline turned about the origin by some degrees, clockwise as seen with y down. */
    static Outline leaning(Outline outline, double degrees) {
        return degrees == 0 ? outline : outline.mapped(corner -> leaning(corner, degrees));
    }

    static Point leaning(Point at, double degrees) {
        double sine = StrictMath.sin(StrictMath.toRadians(degrees));
        double cosine = StrictMath.cos(StrictMath.toRadians(degrees));
        return new Point(at.x() * cosine - at.y() * sine, at.x() * sine + at.y() * cosine);
    }

    static Outline moved(Outline outline, double dx, double dy) {
        return outline.mapped(corner -> new Point(corner.x() + dx, corner.y() + dy));
    }

    /** Returns both halves of a piece whose fold lies at x = 0. */
    static Outline opened(Outline half) {
        List<Point> corners = half.corners();
        int many = corners.size();
        int leaves = -1;
        for (int i = 0; i < many; i++) {
            if (onFold(corners.get(i)) && !onFold(corners.get((i + 1) % many))) {
                leaves = i;
            }
        }
        if (leaves < 0) {
            throw new IllegalArgumentException("A piece on the fold must have an edge on x = 0");
        }
        List<Point> all = new ArrayList<>(List.of(corners.get(leaves)));
        for (int i = 1; i < many && (i == 1 || !onFold(all.get(all.size() - 1))); i++) {
            all.add(corners.get((leaves + i) % many));
        }
        for (Point corner : reversed(all)) {
            if (!onFold(corner)) {
                all.add(new Point(-corner.x(), corner.y()));
            }
        }
        return new Outline(all);
    }

    private static boolean onFold(Point corner) {
        return Math.abs(corner.x()) < 1e-6;
    }

    /** Says whether a shape equals its mirror image, or, where it may be turned, that turned by half. */
    static boolean isItsMirror(Outline outline, boolean turnable) {
        return same(outline, turned(outline, false, true)) || turnable && same(outline, turned(outline, true, true));
    }

    /** Says whether two shapes are the same but for where they lie. */
    static boolean same(Outline one, Outline other) {
        Box here = one.box();
        Box there = other.box();
        Outline laid = moved(other, here.minX() - there.minX(), here.minY() - there.minY());
        double differs = Math.abs(one.signedArea()) + Math.abs(other.signedArea()) - 2 * one.shared(laid);
        return differs < SAME * 2 * (here.width() + here.height());
    }

    private static List<Point> reversed(List<Point> corners) {
        List<Point> all = new ArrayList<>(corners);
        java.util.Collections.reverse(all);
        return all;
    }
}
