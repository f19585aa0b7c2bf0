package org.soberhem.core.cloth;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;

/**
 * A cut moved by hand: it snaps to what it nearly touches, and is refused where it would lie on another.
 *
 * @param lay with the cut moved; empty if it may not lie there
 * @param inTheWay names of the pieces that it would lie on; the piece itself if it would lie over the edge of the cloth
 */
public record HandMove(Optional<Lay> lay, List<String> inTheWay) {

    /** So near it snaps, and by so much it gives way, in millimetres. */
    public static final double SNAP = 12;

    public HandMove {
        inTheWay = List.copyOf(inTheWay);
    }

    /**
     * Moves a cut.
     *
     * @param which its place in the list of the placed
     * @param dx across, in millimetres
     * @param dy along, in millimetres
     */
    public static HandMove of(Lay lay, int which, double dx, double dy) {
        PlacedPiece cut = lay.placed().get(which);
        LayPiece piece = lay.piece(cut);
        boolean onFold = piece.kind() == CutShape.FOLD && lay.rules().folded() && !cut.single();
        boolean matched = piece.match().isPresent();
        double across = onFold ? 0 : stepped(dx, matched ? lay.rules().repeatAcross() : 0);
        double along = stepped(dy, matched ? lay.rules().repeatAlong() : 0);
        PlacedPiece wanted = cut.moved(across, along);
        if (fits(lay, which, wanted)) {
            return moved(
                    lay, which, wanted, new Reach(!matched && !isAway(along), !matched && !onFold && !isAway(across)));
        }
        if (!matched) {
            for (int by = 1; by <= SNAP; by++) {
                for (Point way : ways(onFold)) {
                    PlacedPiece aside = wanted.moved(way.x() * by, way.y() * by);
                    if (fits(lay, which, aside)) {
                        return moved(lay, which, aside, new Reach(!isAway(along), !onFold && !isAway(across)));
                    }
                }
            }
        }
        return new HandMove(Optional.empty(), inTheWay(lay, which, wanted));
    }

    /** Turns a cut by half where it lies; refused on cloth with a way up. */
    public static HandMove turned(Lay lay, int which) {
        PlacedPiece cut = lay.placed().get(which);
        if (lay.rules().oneWay()) {
            return new HandMove(Optional.empty(), List.of(cut.name()));
        }
        LayPiece piece = lay.piece(cut);
        boolean onFold = piece.kind() == CutShape.FOLD && lay.rules().folded() && !cut.single();
        Outline shape = lay.shape(piece, cut.single());
        PlacedPiece other = new PlacedPiece(
                cut.name(),
                cut.copy(),
                0,
                0,
                !cut.turned(),
                onFold ? !cut.turned() : cut.mirrored(),
                cut.lean(),
                cut.single());
        var before = cut.of(shape).box();
        var after = other.of(shape).box();
        PlacedPiece wanted = other.moved(onFold ? 0 : before.minX() - after.minX(), before.minY() - after.minY());
        return fits(lay, which, wanted)
                ? new HandMove(Optional.of(with(lay, which, wanted)), List.of())
                : new HandMove(Optional.empty(), inTheWay(lay, which, wanted));
    }

    private static double stepped(double by, double repeat) {
        return repeat > 0 ? Math.rint(by / repeat) * repeat : by;
    }

    private static List<Point> ways(boolean onFold) {
        List<Point> along = List.of(new Point(0, -1), new Point(0, 1));
        List<Point> all = new ArrayList<>(along);
        if (!onFold) {
            all.add(new Point(-1, 0));
            all.add(new Point(1, 0));
        }
        return all;
    }

    /** In which directions a cut snaps. */
    private record Reach(boolean along, boolean across) {}

    /** A small step away from the beginning is meant: it is not snapped back. */
    private static boolean isAway(double by) {
        return by > 0 && by <= SNAP;
    }

    /** Draws a cut up to what it nearly touches, along the cloth first. */
    private static HandMove moved(Lay lay, int which, PlacedPiece cut, Reach reach) {
        boolean snaps = lay.rules().gap() == 0;
        PlacedPiece along = snaps && reach.along() ? cut.moved(0, -free(lay, which, cut, false)) : cut;
        PlacedPiece done = snaps && reach.across() ? along.moved(-free(lay, which, along, true), 0) : along;
        return new HandMove(Optional.of(with(lay, which, done)), List.of());
    }

    /** Returns how far a cut can go back before it touches something, 0 if that is not near. */
    private static double free(Lay lay, int which, PlacedPiece cut, boolean across) {
        Outline shape = laid(lay, cut, across);
        double free = shape.box().minY();
        for (int i = 0; i < lay.placed().size(); i++) {
            if (i != which) {
                free = Math.min(
                        free, Settling.above(shape, laid(lay, lay.placed().get(i), across)));
            }
        }
        return free > 0 && free <= SNAP ? free : 0;
    }

    private static Outline laid(Lay lay, PlacedPiece cut, boolean exchanged) {
        Outline laid = cut.of(lay.shape(lay.piece(cut), cut.single()));
        return exchanged ? laid.mapped(at -> new Point(at.y(), at.x())) : laid;
    }

    private static boolean fits(Lay lay, int which, PlacedPiece wanted) {
        return inTheWay(lay, which, wanted).isEmpty();
    }

    private static List<String> inTheWay(Lay lay, int which, PlacedPiece wanted) {
        return with(lay, which, wanted).clashes().stream()
                .filter(clash -> clash.first() == which || clash.second() == which)
                .map(clash -> lay.placed()
                        .get(clash.first() == which ? clash.second() : clash.first())
                        .name())
                .toList();
    }

    private static Lay with(Lay lay, int which, PlacedPiece cut) {
        List<PlacedPiece> all = new ArrayList<>(lay.placed());
        all.set(which, cut);
        return new Lay(lay.pieces(), lay.rules(), all);
    }
}
