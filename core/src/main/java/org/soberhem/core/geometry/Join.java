package org.soberhem.core.geometry;

import java.util.List;

/** Joins the cutting lines of two neighbouring edges at their common corner. */
final class Join {

    /** A corner's point never reaches farther than this many times the larger allowance. */
    private static final double MITRE_LIMIT = 2.5;

    /** Edges that turn by less run on into each other. */
    private static final double STRAIGHT_ON = 1e-3;

    private final Point corner;
    private final Point in;
    private final Point out;
    private final List<Point> side;
    private final List<Point> nextSide;
    private final double amount;
    private final double nextAmount;

    /**
     * @param edge seam line that ends at the corner
     * @param next seam line that begins there
     * @param side cutting line of the first; its end is changed
     * @param nextSide cutting line of the second; its beginning is changed
     */
    Join(Path edge, Path next, List<Point> side, List<Point> nextSide, double amount, double nextAmount) {
        corner = edge.end();
        in = edge.endDirection();
        out = next.startDirection();
        this.side = side;
        this.nextSide = nextSide;
        this.amount = amount;
        this.nextAmount = nextAmount;
    }

    void make(Corner ending, Corner nextEnding) {
        double turn = in.cross(out);
        if (Math.abs(turn) < STRAIGHT_ON && in.dot(out) > 0) {
            return;
        }
        if (Math.abs(turn) >= STRAIGHT_ON) {
            Point mitre = meeting(end(), in, start(), out);
            boolean ahead =
                    mitre.minus(end()).dot(in) >= 0 && start().minus(mitre).dot(out) >= 0;
            if (ahead) {
                convex(mitre, ending, nextEnding);
                return;
            }
        }
        trimToCrossing();
    }

    private Point end() {
        return side.get(side.size() - 1);
    }

    private Point start() {
        return nextSide.get(0);
    }

    private double limit() {
        return MITRE_LIMIT * Math.max(Math.abs(amount), Math.abs(nextAmount)) + Allowance.FLATNESS;
    }

    private void convex(Point mitre, Corner ending, Corner nextEnding) {
        boolean shaped = ending == Corner.FOLDED && folded()
                || nextEnding == Corner.FOLDED && nextFolded()
                || (ending == Corner.SQUARED || nextEnding == Corner.SQUARED) && squared(ending == Corner.SQUARED);
        if (shaped) {
            return;
        }
        if (mitre.distanceTo(corner) <= limit()) {
            side.add(mitre);
        } else {
            cutOff();
        }
    }

    /** Within the first strip the cutting line is the neighbour's, seen in a mirror on the first seam line. */
    private boolean folded() {
        Point onSeam = meeting(corner, in, start(), out);
        Point mirrored = in.times(2 * in.dot(out)).minus(out);
        Point outer = meeting(end(), in, onSeam, mirrored);
        if (amount <= 0 || !isNear(onSeam) || !isNear(outer)) {
            return false;
        }
        while (side.size() > 1 && end().minus(outer).dot(in) > 0) {
            side.remove(side.size() - 1);
        }
        side.add(outer);
        side.add(onSeam);
        while (nextSide.size() > 1 && start().minus(onSeam).dot(out) < 0) {
            nextSide.remove(0);
        }
        return true;
    }

    private boolean nextFolded() {
        Point onSeam = meeting(corner, out, end(), in);
        Point mirrored = out.times(2 * out.dot(in)).minus(in);
        Point outer = meeting(start(), out, onSeam, mirrored);
        if (nextAmount <= 0 || !isNear(onSeam) || !isNear(outer)) {
            return false;
        }
        while (side.size() > 1 && end().minus(onSeam).dot(in) > 0) {
            side.remove(side.size() - 1);
        }
        side.add(onSeam);
        side.add(outer);
        while (nextSide.size() > 1 && start().minus(outer).dot(out) < 0) {
            nextSide.remove(0);
        }
        return true;
    }

    /** Ends one strip square to its own seam line. */
    private boolean squared(boolean first) {
        Point square = first ? meeting(corner, in.outward(), start(), out) : meeting(corner, out.outward(), end(), in);
        double reach = square.minus(corner).dot(first ? in.outward() : out.outward());
        if (!isNear(square) || reach <= 0 || reach > (first ? amount : nextAmount)) {
            return false;
        }
        side.add(square);
        return true;
    }

    private boolean isNear(Point at) {
        return Double.isFinite(at.x()) && Double.isFinite(at.y()) && at.distanceTo(corner) <= 2 * limit();
    }

    private static Point meeting(Point a, Point along, Point b, Point other) {
        return a.plus(along.times(b.minus(a).cross(other) / along.cross(other)));
    }

    /** Ends a sharp point square to its middle line at the limit: a straight join would come too near to the corner. */
    private void cutOff() {
        Point middle = in.minus(out).unit();
        Point end = end();
        Point start = start();
        side.add(end.plus(in.times((limit() - end.minus(corner).dot(middle)) / in.dot(middle))));
        side.add(start.minus(out.times((limit() - start.minus(corner).dot(middle)) / -out.dot(middle))));
    }

    /**
     * Cuts both sides back to the place where they cross near their common corner; without one they are joined
     * straight.
     */
    private void trimToCrossing() {
        for (int i = side.size() - 2; i >= 0; i--) {
            Point a = side.get(i);
            Point b = side.get(i + 1);
            for (int j = 0; j < nextSide.size() - 1; j++) {
                Point c = nextSide.get(j);
                Point d = nextSide.get(j + 1);
                double whole = b.minus(a).cross(d.minus(c));
                if (whole == 0) {
                    continue;
                }
                double s = c.minus(a).cross(d.minus(c)) / whole;
                double t = c.minus(a).cross(b.minus(a)) / whole;
                if (s >= 0 && s <= 1 && t >= 0 && t <= 1) {
                    Point at = a.towards(b, s);
                    side.subList(i + 1, side.size()).clear();
                    side.add(at);
                    nextSide.subList(0, j + 1).clear();
                    nextSide.add(0, at);
                    return;
                }
            }
        }
    }
}
