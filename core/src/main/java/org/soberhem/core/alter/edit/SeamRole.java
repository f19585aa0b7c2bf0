package org.soberhem.core.alter.edit;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.pattern.Spans;

/**
 * What a seam or an edge is to a maker, told from the pieces that it joins and from where they lie round the body; its
 * name says nothing.
 */
public enum SeamRole {
    /** From the arm-hole to the waist or hem, where front and back meet. */
    SIDE_SEAM,
    /** Down a panel of the front. */
    FRONT_PRINCESS_SEAM,
    /** Down a panel of the back. */
    BACK_PRINCESS_SEAM,
    /** Along a sleeve or an inside leg. */
    UNDERARM_SEAM,
    /** On the shoulder. */
    SHOULDER_SEAM,
    /** The upper end of a strap: narrow, between two edges that run down beside each other and are not sewn. */
    STRAP_END,
    /** At the centre front or back: on the fold, sewn or open. */
    CENTRE,
    /** At the centre front or back, sewn to nothing. */
    OPENING,
    /** The inner edge of a strap. */
    STRAP_INNER;

    /** How far from half way round the body a seam may lie and still be the one at the side. */
    private static final double ASIDE = 0.06;

    private static final double CENTRE_ASIDE = 0.01;

    private static final Point ACROSS = new Point(1, 0);

    /** A strap is no wider than this, in millimetres: common practice. */
    private static final double STRAP = 90;

    /** Cosine of the greatest angle between the two edges of a strap. */
    private static final double ALONGSIDE = Math.cos(Math.toRadians(40));

    /** Returns the word for it in the library: its name in lower case with hyphens. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** Returns the role that a word stands for. */
    public static Optional<SeamRole> ofWord(String word) {
        for (SeamRole role : values()) {
            if (role.word().equals(word)) {
                return Optional.of(role);
            }
        }
        return Optional.empty();
    }

    /** Says whether an edge has this role; of worn pieces the first of its name is looked at. */
    public boolean is(Pattern pattern, EdgeRef ref) {
        Optional<Piece> piece = pattern.piece(ref.piece(), Side.MIDDLE);
        Optional<Edge> edge = piece.flatMap(each -> each.edge(ref.edge()));
        return edge.isPresent() && is(pattern, piece.get(), edge.get());
    }

    /** Returns the first edge of a piece that has this role. */
    public Optional<Edge> of(Pattern pattern, Piece piece) {
        return piece.edges().stream().filter(edge -> is(pattern, piece, edge)).findFirst();
    }

    private boolean is(Pattern pattern, Piece piece, Edge edge) {
        boolean sewn =
                SeamEdits.of(pattern, new EdgeRef(piece.name(), edge.name())).isPresent();
        return switch (this) {
            case SIDE_SEAM -> sewn && runsDown(edge) && isAtSide(piece, edge);
            case FRONT_PRINCESS_SEAM -> sewn && isBetween(piece, edge, 0, 0.5);
            case BACK_PRINCESS_SEAM -> sewn && isBetween(piece, edge, 0.5, 1);
            case UNDERARM_SEAM -> sewn && edge.role() == Role.UNDERARM;
            case SHOULDER_SEAM -> sewn && edge.role() == Role.SHOULDER;
            case STRAP_END -> isStrapEnd(pattern, piece, edge);
            case STRAP_INNER -> !sewn && edge.role() == Role.NONE && isBesideStrapEnd(pattern, piece, edge);
            case CENTRE -> runsDown(edge) && isAtCentre(piece, edge) && !isBesideStrapEnd(pattern, piece, edge);
            case OPENING ->
                !sewn
                        && !piece.isFold(edge)
                        && runsDown(edge)
                        && isAtCentre(piece, edge)
                        && !isBesideStrapEnd(pattern, piece, edge);
        };
    }

    /** Says whether an edge runs down the body or along a limb, and not round it. */
    public static boolean runsDown(Edge edge) {
        return switch (edge.role()) {
            case NECK, SHOULDER, ARMSCYE, CAP, HEM, WAIST, DART -> false;
            default -> true;
        };
    }

    /** Returns where an edge lies round the body, by the side of the piece that it is on half way along it. */
    private static Optional<Double> place(Piece piece, Edge edge) {
        if (piece.spans().isEmpty()) {
            return Optional.empty();
        }
        Point middle = edge.path().atShare(0.5);
        List<Double> cuts = piece.seamLine(PieceEditor.COARSE).cuts(middle, ACROSS);
        long before = cuts.stream().filter(cut -> cut < -PieceEditor.COARSE).count();
        long after = cuts.stream().filter(cut -> cut > PieceEditor.COARSE).count();
        Spans spans = piece.spans().get();
        return Optional.of(before <= after ? spans.from() : spans.to());
    }

    private static boolean isAtSide(Piece piece, Edge edge) {
        return place(piece, edge).map(at -> Math.abs(at - 0.5) < ASIDE).orElse(edge.role() == Role.SIDE);
    }

    private static boolean isAtCentre(Piece piece, Edge edge) {
        return piece.isFold(edge)
                || place(piece, edge)
                        .filter(at -> at < CENTRE_ASIDE || at > 1 - CENTRE_ASIDE)
                        .isPresent();
    }

    private static boolean isBetween(Piece piece, Edge edge, double from, double to) {
        return runsDown(edge)
                && place(piece, edge)
                        .filter(at -> at > from + CENTRE_ASIDE && at < to - CENTRE_ASIDE && Math.abs(at - 0.5) >= ASIDE)
                        .isPresent();
    }

    private static boolean isStrapEnd(Pattern pattern, Piece piece, Edge edge) {
        boolean canBe = edge.role() == Role.SHOULDER || edge.role() == Role.NONE;
        if (piece.spans().isEmpty() || !canBe || edge.path().length() > STRAP) {
            return false;
        }
        List<Edge> edges = piece.edges();
        int at = edges.indexOf(edge);
        Edge before = edges.get(Math.floorMod(at - 1, edges.size()));
        Edge after = edges.get((at + 1) % edges.size());
        Point down = before.path().endDirection().times(-1);
        return isOpen(pattern, piece, before)
                && isOpen(pattern, piece, after)
                && down.dot(after.path().startDirection()) > ALONGSIDE
                && Math.min(before.path().length(), after.path().length())
                        > edge.path().length() / 2;
    }

    private static boolean isOpen(Pattern pattern, Piece piece, Edge edge) {
        return SeamEdits.of(pattern, new EdgeRef(piece.name(), edge.name())).isEmpty() && !piece.isFold(edge);
    }

    private static boolean isBesideStrapEnd(Pattern pattern, Piece piece, Edge edge) {
        List<Edge> edges = piece.edges();
        int at = edges.indexOf(edge);
        return isStrapEnd(pattern, piece, edges.get((at + 1) % edges.size()))
                || isStrapEnd(pattern, piece, edges.get(Math.floorMod(at - 1, edges.size())));
    }
}
