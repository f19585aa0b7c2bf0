package org.soberhem.core.alter.edit;

import java.util.List;
import java.util.function.UnaryOperator;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Turn;
import org.soberhem.core.pattern.Piece;

/**
 * A strap of a piece: its upper end and its root, the line across it from where its inner edge meets the neck.
 *
 * @param piece the piece
 * @param place place of the upper end in the outline
 * @param innerRoot where the inner edge ends below
 * @param outer place of the outer edge in the outline
 * @param outerShare the place opposite the inner root, as a share of the outer edge
 */
public record Strap(Piece piece, int place, Point innerRoot, int outer, double outerShare) {

    /** A strap bends within this share of its length above the root. */
    private static final double BEND = 0.5;

    /** Stretches by which an edge follows the bend. */
    private static final int PARTS = 20;

    /** How far a chord may lie from the outer edge where the place opposite the root is looked for, in millimetres. */
    private static final double FINE = 0.001;

    /**
     * Finds the strap below an edge.
     *
     * @throws AlterationRefusal if the piece has too few edges to have one
     */
    public static Strap below(Piece piece, String end) {
        int place = new PieceEditor(piece).place(end);
        int count = piece.edges().size();
        if (count < 4) {
            throw new AlterationRefusal(
                    "The {} of the {} is not the end of a strap: choose another edge", end, piece.name());
        }
        int before = Math.floorMod(place - 1, count);
        int after = (place + 1) % count;
        Path one = piece.edges().get(before).path();
        Path other = piece.edges().get(after).path();
        // The shorter of the two ends at the neck; the other goes on to the arm.
        boolean innerFirst = one.length() <= other.length();
        Point root = innerFirst ? one.start() : other.end();
        return new Strap(piece, place, root, innerFirst ? after : before, nearest(innerFirst ? other : one, root));
    }

    /** Returns the place of a path that is nearest to another, as a share of its length. */
    private static double nearest(Path path, Point to) {
        List<Point> places = path.flattened(FINE);
        double done = 0;
        double least = Double.POSITIVE_INFINITY;
        double at = 0;
        for (int i = 1; i < places.size(); i++) {
            Point from = places.get(i - 1);
            Point chord = places.get(i).minus(from);
            double share = Math.max(0, Math.min(1, to.minus(from).dot(chord) / chord.dot(chord)));
            double apart = from.plus(chord.times(share)).distanceTo(to);
            if (apart < least) {
                least = apart;
                at = done + chord.norm() * share;
            }
            done += chord.norm();
        }
        return at / done;
    }

    private Point outerRoot() {
        return piece.edges().get(outer).path().atShare(outerShare);
    }

    /** Returns the middle of the root, about which it turns. */
    public Point root() {
        return innerRoot.towards(outerRoot(), 0.5);
    }

    /** Returns the middle of the upper end. */
    public Point end() {
        return piece.edges().get(place).path().atShare(0.5);
    }

    public double length() {
        return root().distanceTo(end());
    }

    /**
     * Returns the piece with its strap turned about the middle of its root: in full from a part of its length on, not
     * at all at the root, and between them smoothly. Distances from the middle of the root stay, so the opposite turns
     * it back.
     *
     * @param angle in radians, clockwise as seen
     */
    public Piece turned(double angle) {
        Point middle = root();
        double width = innerRoot.distanceTo(middle);
        double bend = BEND * length();
        UnaryOperator<Point> all = at -> {
            double t = Math.max(0, Math.min(1, (at.distanceTo(middle) - width) / bend));
            return Turn.about(middle, angle * t * t * (3 - 2 * t)).apply(at);
        };
        List<Path> paths = Redrawing.paths(piece);
        int count = paths.size();
        int inner = outer == (place + 1) % count ? Math.floorMod(place - 1, count) : (place + 1) % count;
        paths.set(place, finely(paths.get(place)).mapped(all));
        paths.set(inner, finely(paths.get(inner)).mapped(all));
        boolean startsAbove = outer == (place + 1) % count;
        Path whole = startsAbove ? paths.get(outer) : paths.get(outer).reversed();
        Path turned = finely(whole.part(0, outerShare(startsAbove))).mapped(all);
        Path still = whole.part(outerShare(startsAbove), 1);
        Path bent = turned.then(still.between(turned.end(), still.end()));
        paths.set(outer, startsAbove ? bent : bent.reversed());
        return Redrawing.withPaths(piece, paths);
    }

    private double outerShare(boolean startsAbove) {
        return startsAbove ? outerShare : 1 - outerShare;
    }

    /** Returns the same path in stretches short enough to follow a bend. */
    private static Path finely(Path path) {
        Path whole = null;
        for (int i = 0; i < PARTS; i++) {
            Path part = path.part((double) i / PARTS, (i + 1.0) / PARTS).curved();
            whole = whole == null
                    ? part.between(path.start(), part.end())
                    : whole.then(part.between(whole.end(), i == PARTS - 1 ? path.end() : part.end()));
        }
        return whole;
    }
}
