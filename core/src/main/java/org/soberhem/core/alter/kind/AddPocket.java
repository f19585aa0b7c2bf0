package org.soberhem.core.alter.kind;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.SeamEdits;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Notch;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Side;

/**
 * Sets a pocket in a seam or edge: a bag of its own, and two marks between which the seam stays open.
 *
 * @param edge in which seam, by one of its edges
 * @param below how far below the top it opens, in millimetres
 * @param opening how long it opens, more than 0
 * @param width of the bag, more than 0
 * @param depth of the bag from the top of the opening, more than {@code opening}
 * @param sides must be both
 */
public record AddPocket(EdgeRef edge, double below, double opening, double width, double depth, Sides sides)
        implements Alteration {

    /** The bag's lower outer corner is rounded by this share of its width or depth, whichever is less. */
    private static final double ROUND = 0.35;

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "A pocket in the {}: open for {} from {} below its top, a bag {} by {}",
                edge.words(),
                opening,
                below,
                width,
                depth);
    }

    @Override
    public AddPocket on(Sides others) {
        return new AddPocket(edge, below, opening, width, depth, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        if (opening <= 0 || width <= 0 || depth <= opening || below < 0) {
            throw new AlterationRefusal("A pocket must have an opening and a width, and be deeper than it opens");
        }
        Piece master = PieceEdits.any(pattern, edge.piece());
        double length = new PieceEditor(master).edge(edge.edge()).path().length();
        if (below + opening >= length) {
            throw new AlterationRefusal(
                    "The {} is only {} long: open the pocket higher up, or for less", edge.words(), length);
        }
        List<EdgeRef> marked = new ArrayList<>(List.of(edge));
        SeamEdits.of(pattern, edge)
                .filter(seam -> seam.first().size() == 1 && seam.second().size() == 1)
                .ifPresent(seam -> marked.add(SeamEdits.other(seam, edge)));
        String name = PieceEdits.freeName(pattern, "pocket");
        List<Piece> pieces = new ArrayList<>();
        for (Piece piece : pattern.pieces()) {
            Piece made = piece;
            for (EdgeRef ref : marked) {
                if (ref.piece().equals(piece.name())) {
                    made = marked(made, ref.edge(), name);
                }
            }
            pieces.add(made);
        }
        for (Piece piece : pattern.pieces()) {
            if (piece.name().equals(edge.piece())) {
                pieces.add(bag(name, piece.side(), new PieceEditor(master).usualAllowance()));
            }
        }
        return pattern.with(pieces, pattern.seams());
    }

    private Piece marked(Piece piece, String edgeName, String name) {
        PieceEditor making = new PieceEditor(piece);
        Path path = making.edge(edgeName).path();
        boolean down = path.start().y() <= path.end().y();
        double top = below / path.length();
        double bottom = (below + opening) / path.length();
        making.notches.add(new Notch(name + " top", edgeName, down ? top : 1 - top));
        making.notches.add(new Notch(name + " end", edgeName, down ? bottom : 1 - bottom));
        return making.piece();
    }

    /** Returns the bag, of which two make one pocket. */
    private Piece bag(String name, Side side, double allowance) {
        double round = ROUND * Math.min(width, depth);
        Point a = Point.ORIGIN;
        Point b = new Point(width, 0);
        Point c = new Point(width, depth - round);
        Point d = new Point(width - round, depth);
        Point e = new Point(0, depth);
        List<Edge> edges = List.of(
                straight("top", "A", a, "B", b, allowance),
                straight("outer", "B", b, "C", c, allowance),
                new Edge(
                        "corner",
                        Role.NONE,
                        "C",
                        "D",
                        Path.bent(List.of(c, d), Optional.of(new Point(0, 1)), Optional.of(new Point(-1, 0))),
                        allowance),
                straight("lower", "D", d, "E", e, allowance),
                straight("mouth", "E", e, "A", a, allowance));
        Piece bag = PieceEdits.cutAnew(
                name, side, edges, new Point(width / 2, depth * 0.2), new Point(width / 2, depth * 0.8));
        PieceEditor making = new PieceEditor(bag);
        making.cut = Map.of("lining", 2 * bag.count());
        making.notches.add(new Notch(name + " end", "mouth", 1 - opening / depth));
        return making.piece();
    }

    private static Edge straight(String name, String from, Point start, String to, Point end, double allowance) {
        return new Edge(name, Role.NONE, from, to, Path.through(List.of(start, end)), allowance);
    }
}
