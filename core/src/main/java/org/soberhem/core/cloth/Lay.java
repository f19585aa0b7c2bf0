package org.soberhem.core.cloth;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.pattern.CutShape;

/**
 * How pieces lie on a cloth.
 *
 * @param pieces what is laid
 * @param rules the cloth as it lies
 * @param placed where every cut lies; a folded lay names a cut once that comes out twice
 */
public record Lay(List<LayPiece> pieces, LayRules rules, List<PlacedPiece> placed) {

    /** Area that two cuts may share by rounding, in square millimetres for each millimetre of their boxes. */
    private static final double ROUNDING = 1e-3;

    /** Further over an edge of the cloth no cut may lie, in millimetres. */
    private static final double OVER = 1e-6;

    public Lay {
        pieces = List.copyOf(pieces);
        placed = List.copyOf(placed);
    }

    /**
     * Two cuts that lie on each other, or one that lies over the edge of the cloth.
     *
     * @param first place in the list of the placed
     * @param second the same; the first again if it is over the edge
     */
    public record Clash(int first, int second) {}

    /** Returns the piece that is placed. */
    public LayPiece piece(PlacedPiece cut) {
        return byName().get(cut.name());
    }

    private Map<String, LayPiece> byName() {
        return pieces.stream().collect(Collectors.toMap(LayPiece::name, Function.identity()));
    }

    /** Returns the shape that a cut has on the table: of a fold the half on folded cloth, else all of it. */
    public Outline shape(LayPiece piece, boolean single) {
        return rules.folded() && !single ? piece.outline() : piece.opened();
    }

    /** Returns the outlines of all that is placed, in its order. */
    public List<Outline> outlines() {
        Map<String, LayPiece> named = byName();
        return placed.stream()
                .map(cut -> cut.of(shape(named.get(cut.name()), cut.single())))
                .toList();
    }

    /** Returns the length of cloth that is needed, in millimetres. */
    public double length() {
        return outlines().stream()
                .mapToDouble(outline -> outline.box().maxY())
                .max()
                .orElse(0);
    }

    /** Returns where the cloth lies single after the folded part, in millimetres; empty if it does not. */
    public Optional<Double> singleFrom() {
        List<Outline> outlines = outlines();
        double from = Double.POSITIVE_INFINITY;
        for (int i = 0; i < placed.size(); i++) {
            if (placed.get(i).single()) {
                from = Math.min(from, outlines.get(i).box().minY());
            }
        }
        return from == Double.POSITIVE_INFINITY ? Optional.empty() : Optional.of(from);
    }

    /** Returns the area of all that is cut, in square millimetres. */
    public double area() {
        return pieces.stream()
                .mapToDouble(piece -> piece.count() * Math.abs(piece.opened().signedArea()))
                .sum();
    }

    /** Returns which share of the cloth becomes pieces; the rest is waste. */
    public double used() {
        return length() == 0 ? 0 : area() / (length() * rules.width());
    }

    /**
     * Returns a length below which no lay can be: the longest of the area over the width, the longest piece and, on
     * folded cloth, the edges that lie on the fold.
     */
    public static double bound(List<LayPiece> pieces, LayRules rules) {
        double area = 0;
        double longest = 0;
        double onFold = 0;
        for (LayPiece piece : pieces) {
            area += piece.count() * Math.abs(piece.opened().signedArea());
            longest = Math.max(longest, piece.outline().box().height());
            if (rules.folded() && piece.kind() == CutShape.FOLD) {
                onFold += piece.count() * foldEdge(piece.outline());
            }
        }
        return Math.max(Math.max(area / rules.width(), longest), onFold);
    }

    private static double foldEdge(Outline half) {
        List<org.soberhem.core.geometry.Point> on = half.corners().stream()
                .filter(corner -> Math.abs(corner.x()) < OVER)
                .toList();
        return on.isEmpty() ? 0 : Box.round(on).height();
    }

    /** Returns every two cuts that lie on each other, and every one that lies over an edge of the cloth. */
    public List<Clash> clashes() {
        List<Outline> outlines = outlines();
        List<Clash> found = new ArrayList<>();
        for (int i = 0; i < outlines.size(); i++) {
            Outline one = outlines.get(i);
            Box box = one.box();
            double width = placed.get(i).single() ? rules.width() : rules.lying();
            if (box.minX() < -OVER || box.minY() < -OVER || box.maxX() > width + OVER) {
                found.add(new Clash(i, i));
            }
            for (int j = 0; j < i; j++) {
                if (clash(one, outlines.get(j))) {
                    found.add(new Clash(j, i));
                }
            }
        }
        return found;
    }

    /** Says whether two outlines lie on each other by more than rounding. */
    static boolean clash(Outline one, Outline other) {
        Box a = one.box();
        Box b = other.box();
        if (a.minX() >= b.maxX() || b.minX() >= a.maxX() || a.minY() >= b.maxY() || b.minY() >= a.maxY()) {
            return false;
        }
        return one.shared(other) > ROUNDING * (a.width() + a.height());
    }
}
