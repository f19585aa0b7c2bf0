package org.soberhem.core.worn;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;

/** Cuts one piece as it is worn: at the middle, and along its darts. */
final class WornCut {

    private static final double ON_LINE = 0.01;

    private final List<WornEdge> edges = new ArrayList<>();
    private final List<Legs> darts = new ArrayList<>();
    private final List<Dart> inside = new ArrayList<>();

    /** The names of the two edges that a dart is closed along. */
    record Legs(String first, String second, double length) {}

    /** A place on the outline. */
    private record Spot(int edge, double share) {}

    WornCut(Piece piece) {
        piece.edges().forEach(edge -> edges.add(WornEdge.whole(edge)));
        piece.centreX().ifPresent(this::atMiddle);
        piece.darts().forEach(this::open);
    }

    List<WornEdge> edges() {
        return edges;
    }

    /** Returns the darts that are closed. */
    List<Legs> darts() {
        return darts;
    }

    /** Returns the darts that do not reach the outline, which stay as they lie. */
    List<Dart> inside() {
        return inside;
    }

    /** Takes away what lies beyond the middle, and closes the outline along it. */
    private void atMiddle(double centre) {
        List<WornEdge> kept = new ArrayList<>();
        for (WornEdge edge : edges) {
            keep(edge, centre, kept);
        }
        if (kept.size() == edges.size() && kept.equals(edges)) {
            return;
        }
        edges.clear();
        for (int i = 0; i < kept.size(); i++) {
            edges.add(kept.get(i));
            Point end = kept.get(i).path().end();
            Point next = kept.get((i + 1) % kept.size()).path().start();
            if (end.distanceTo(next) > WornEdge.NEAR) {
                edges.add(WornEdge.made("middle", Role.CENTRE, Path.of(new LineSegment(end, next))));
            }
        }
    }

    private static void keep(WornEdge edge, double centre, List<WornEdge> kept) {
        boolean starts = edge.path().start().x() >= centre - ON_LINE;
        boolean ends = edge.path().end().x() >= centre - ON_LINE;
        boolean runsBeyond = edge.path().atShare(0.5).x() < centre - ON_LINE;
        if (starts && ends && !runsBeyond) {
            kept.add(edge);
        } else if (starts != ends) {
            double share = edge.path()
                    .shareWhere(place -> place.x() - centre + ON_LINE)
                    .orElse(starts ? 1 : 0);
            double from = starts ? 0 : share;
            double to = starts ? share : 1;
            if ((to - from) * edge.path().length() > WornEdge.NEAR) {
                kept.add(edge.part(from, to));
            }
        }
    }

    /** Puts a dart's two legs in the place of its mouth. */
    private void open(Dart dart) {
        Optional<Spot> first = spot(dart.first());
        Optional<Spot> second = spot(dart.second());
        if (first.isEmpty() || second.isEmpty()) {
            inside.add(dart);
            return;
        }
        corner(dart.first());
        int other = corner(dart.second());
        int one = corner(dart.first());
        boolean forward = length(one, other) <= length(other, one);
        int from = forward ? one : other;
        int to = forward ? other : one;
        Path in = dart.legs().get(forward ? 0 : 1);
        Path out = dart.legs().get(forward ? 1 : 0).reversed();
        List<WornEdge> opened = new ArrayList<>();
        String name = "dart " + dart.name();
        opened.add(WornEdge.made(name + " in", Role.DART, in));
        opened.add(WornEdge.made(name + " out", Role.DART, out));
        for (int i = to; i != from; i = (i + 1) % edges.size()) {
            opened.add(edges.get(i));
        }
        edges.clear();
        edges.addAll(opened);
        darts.add(new Legs(name + " in", name + " out", in.length()));
    }

    private double length(int from, int to) {
        double length = 0;
        for (int i = from; i != to; i = (i + 1) % edges.size()) {
            length += edges.get(i).path().length();
        }
        return length;
    }

    /**
     * Returns the number of the edge that begins at a place of the outline; the edge there is cut in two if need be.
     */
    private int corner(Point place) {
        Spot spot = spot(place).orElseThrow();
        WornEdge edge = edges.get(spot.edge());
        double length = edge.path().length();
        if (spot.share() * length < WornEdge.NEAR) {
            return spot.edge();
        }
        if ((1 - spot.share()) * length < WornEdge.NEAR) {
            return (spot.edge() + 1) % edges.size();
        }
        edges.set(spot.edge(), edge.part(0, spot.share()));
        edges.add(spot.edge() + 1, edge.part(spot.share(), 1));
        return spot.edge() + 1;
    }

    private Optional<Spot> spot(Point place) {
        for (int i = 0; i < edges.size(); i++) {
            Path path = edges.get(i).path();
            if (path.distanceTo(place) < WornEdge.NEAR) {
                return Optional.of(new Spot(i, share(path, place)));
            }
        }
        return Optional.empty();
    }

    /** Returns the share of a path's length at its place nearest to another that lies on it. */
    private static double share(Path path, Point place) {
        int parts = Math.max(2, (int) Math.ceil(path.length()));
        double best = 0;
        for (int i = 0; i <= parts; i++) {
            double share = (double) i / parts;
            if (path.atShare(share).distanceTo(place) < path.atShare(best).distanceTo(place)) {
                best = share;
            }
        }
        return best;
    }
}
