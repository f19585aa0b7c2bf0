package org.soberhem.core.pattern;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Point;

/**
 * Worn pieces and the seams that join them.
 *
 * @param draft name of the sheet it came from
 * @param pieces in the order of the sheet, left before right
 * @param seams in the order of the sheet
 */
public record Pattern(String draft, List<Piece> pieces, List<Seam> seams) {

    public Pattern {
        pieces = List.copyOf(pieces);
        seams = List.copyOf(seams);
    }

    /** Returns the piece of a name that is worn on a side; a middle piece belongs to both. */
    public Optional<Piece> piece(String name, Side side) {
        return pieces.stream()
                .filter(piece -> piece.name().equals(name)
                        && (piece.side() == side || piece.side() == Side.MIDDLE || side == Side.MIDDLE))
                .findFirst();
    }

    /** Returns the names of the pieces, once each, in the order of the sheet. */
    public List<String> names() {
        return pieces.stream().map(Piece::name).distinct().toList();
    }

    public Pattern withPieces(List<Piece> changed) {
        return new Pattern(draft, changed, seams);
    }

    /** Returns the pattern with other pieces and seams. */
    public Pattern with(List<Piece> changed, List<Seam> sewn) {
        return new Pattern(draft, changed, sewn);
    }

    /**
     * Returns an edge as it is worn on a side, or what became of it: the edges that it was split into, in its piece or
     * in those that its piece was cut into, or the edge that another piece took over. Each is named after it, with a
     * stroke.
     */
    public List<Edge> edges(EdgeRef ref, Side side) {
        Optional<Edge> whole = piece(ref.piece(), side).flatMap(piece -> piece.edge(ref.edge()));
        if (whole.isPresent()) {
            return List.of(whole.get());
        }
        List<Edge> found = new ArrayList<>();
        for (Piece piece : pieces) {
            if (piece.side() == side || piece.side() == Side.MIDDLE || side == Side.MIDDLE) {
                String taken = Derived.takenOver(ref.piece(), ref.edge());
                boolean same = Derived.isOf(piece.name(), ref.piece());
                piece.edges().stream()
                        .filter(edge -> edge.role() != Role.DART)
                        .filter(edge ->
                                same && Derived.isOf(edge.name(), ref.edge()) || Derived.isOf(edge.name(), taken))
                        .filter(edge ->
                                found.stream().noneMatch(other -> other.name().equals(edge.name())))
                        .forEach(found::add);
            }
        }
        found.sort(Comparator.comparing(Edge::name));
        return found;
    }

    /** Says whether every edge of a run is still there, whole or in parts. */
    public boolean has(List<EdgeRef> run) {
        return run.stream()
                .allMatch(ref -> !edges(ref, Side.LEFT).isEmpty()
                        && !edges(ref, Side.RIGHT).isEmpty());
    }

    /**
     * Returns the length of an edge, or of its parts, along the seam line, in millimetres.
     *
     * @throws IllegalArgumentException if there is no such edge
     */
    public double length(EdgeRef ref, Side side) {
        List<Edge> parts = edges(ref, side);
        if (parts.isEmpty()) {
            throw new IllegalArgumentException("The pattern must have an edge \"" + ref + "\"");
        }
        return parts.stream().mapToDouble(edge -> edge.path().length()).sum();
    }

    /**
     * Returns where a named point lies, in its piece or in what that was cut into or joined to; {@code ref} names piece
     * and point.
     */
    public Optional<Point> point(EdgeRef ref, Side side) {
        String taken = Derived.takenOver(ref.piece(), ref.edge());
        for (Piece piece : pieces) {
            if (piece.side() == side || piece.side() == Side.MIDDLE || side == Side.MIDDLE) {
                Point at = Derived.isOf(piece.name(), ref.piece())
                        ? piece.points().get(ref.edge())
                        : piece.points().get(taken);
                if (at != null) {
                    return Optional.of(at);
                }
            }
        }
        return Optional.empty();
    }

    /** Returns the summed length of a run of edges, in millimetres. */
    public double length(List<EdgeRef> run, Side side) {
        double sum = 0;
        for (EdgeRef ref : run) {
            sum += length(ref, side);
        }
        return sum;
    }

    /**
     * Returns the width that some pieces cover at a level, all round the wearer, in millimetres.
     *
     * @param level name of the level
     * @param across names of the pieces
     */
    public double girth(String level, List<String> across) {
        double sum = 0;
        for (Piece piece : pieces) {
            if (across.stream().anyMatch(name -> Derived.isOf(piece.name(), name))) {
                sum += piece.widthAt(level).orElse(0.0);
            }
        }
        return sum;
    }

    /** Says whether another pattern has the same pieces, lying one on the other within a tolerance in millimetres. */
    public boolean sameAs(Pattern other, double tolerance) {
        if (pieces.size() != other.pieces.size()) {
            return false;
        }
        for (int i = 0; i < pieces.size(); i++) {
            Piece mine = pieces.get(i);
            Piece theirs = other.pieces.get(i);
            if (!mine.name().equals(theirs.name()) || !mine.sameShapeAs(theirs, tolerance)) {
                return false;
            }
        }
        return true;
    }

    /** Compares every seam; left and right apart only where they differ. */
    public List<SeamCheck> seamChecks() {
        List<SeamCheck> checks = new ArrayList<>();
        for (Seam seam : seams) {
            SeamCheck left = check(seam, Side.LEFT);
            if (isAlike(seam.first()) && isAlike(seam.second())) {
                checks.add(new SeamCheck(seam, Side.MIDDLE, left.firstLength(), left.secondLength()));
                continue;
            }
            SeamCheck right = check(seam, Side.RIGHT);
            if (Math.abs(left.firstLength() - right.firstLength()) < 0.01
                    && Math.abs(left.secondLength() - right.secondLength()) < 0.01) {
                checks.add(new SeamCheck(seam, Side.MIDDLE, left.firstLength(), left.secondLength()));
            } else {
                checks.add(left);
                checks.add(right);
            }
        }
        return checks;
    }

    /** Says whether a run has one and the same path on both sides of the wearer. */
    private boolean isAlike(List<EdgeRef> run) {
        for (EdgeRef ref : run) {
            List<Edge> left = edges(ref, Side.LEFT);
            List<Edge> right = edges(ref, Side.RIGHT);
            if (left.size() != 1
                    || right.size() != 1
                    || left.get(0).path() != right.get(0).path()) {
                return false;
            }
        }
        return true;
    }

    private SeamCheck check(Seam seam, Side side) {
        return new SeamCheck(seam, side, length(seam.first(), side), length(seam.second(), side));
    }
}
