package org.soberhem.core.alter.kind;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceCutting;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.SeamEdits;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Derived;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;

/**
 * Makes a sleeve of one piece into one of two: a strip at each side is cut off and both are joined along the old seam
 * to the under sleeve.
 *
 * @param piece the sleeve, with one seam
 * @param front how far the front seam lies under the arm from the front fold, which is at a quarter of the breadth, in
 *     millimetres
 * @param hind how far the hind seam lies under from the hind fold
 * @param sides must be both
 */
public record TwoPieceSleeve(String piece, double front, double hind, Sides sides) implements Alteration {

    private static final String FRONT = "front-strip";
    private static final String UNDER = "under";

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Cut the {} in two pieces: the front seam {}, the hind seam {} under the fold", piece, front, hind);
    }

    @Override
    public TwoPieceSleeve on(Sides others) {
        return new TwoPieceSleeve(piece, front, hind, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        Piece sleeve = PieceEdits.any(pattern, piece);
        Seam old = pattern.seams().stream()
                .filter(seam -> isOwn(seam, sleeve))
                .findFirst()
                .orElseThrow(() -> new AlterationRefusal("The {} is not a sleeve of one piece with one seam", piece));
        boolean frontLeft = isFrontLeft(sleeve);
        Pattern cut = strip(pattern, sleeve, frontLeft, front, piece + "/" + FRONT);
        cut = strip(cut, sleeve, !frontLeft, hind, piece + "/" + UNDER);
        EdgeRef hindEdge = heir(cut, old, piece + "/" + UNDER);
        Pattern joined = new JoinPieces(hindEdge, Sides.BOTH).made(cut);
        boolean kept = joined.names().contains(piece + "/" + UNDER);
        return kept ? joined : renamed(joined, piece + "/" + FRONT, piece + "/" + UNDER);
    }

    private static boolean isOwn(Seam seam, Piece sleeve) {
        return seam.first().size() == 1
                && seam.second().size() == 1
                && seam.first().get(0).piece().equals(sleeve.name())
                && seam.second().get(0).piece().equals(sleeve.name())
                && sleeve.edge(seam.first().get(0).edge())
                        .filter(edge -> edge.role() == Role.UNDERARM || edge.role() == Role.SIDE)
                        .isPresent();
    }

    /** Says whether the front of the sleeve lies at its smaller x. */
    private static boolean isFrontLeft(Piece sleeve) {
        double middle = sleeve.seamLine(PieceEditor.COARSE).box().middle().x();
        return sleeve.edges().stream()
                .filter(edge -> edge.name().contains("front"))
                .findFirst()
                .map(edge -> edge.path().atShare(0.5).x() < middle)
                .orElse(true);
    }

    private Pattern strip(Pattern pattern, Piece whole, boolean left, double under, String child) {
        Box cap = box(whole, edge -> edge.role() == Role.CAP);
        Predicate<Edge> lower =
                edge -> edge.role() != Role.CAP && edge.role() != Role.UNDERARM && edge.role() != Role.SIDE;
        Box foot = box(whole, lower);
        double breadth = cap.width() / 4 - under;
        double below = foot.width() * breadth / cap.width();
        if (breadth < 5 || below < 5) {
            throw new AlterationRefusal("The {} is too narrow for a seam so far under: use a smaller amount", piece);
        }
        Piece now = PieceEdits.any(pattern, piece);
        double top = left ? cap.minX() + breadth : cap.maxX() - breadth;
        double bottom = left ? foot.minX() + below : foot.maxX() - below;
        PieceCutting cutting = new PieceCutting(
                piece,
                child,
                at(now, edge -> edge.role() == Role.CAP, top),
                at(now, lower, bottom),
                edges -> middle(edges) < (top + bottom) / 2 == left,
                PieceCutting::straight,
                left == isFrontLeft(whole) ? "cut-front" : "cut-hind");
        return cutting.made(pattern);
    }

    private static double middle(List<Edge> edges) {
        return Box.round(edges.stream().map(edge -> edge.path().atShare(0.5)).toList())
                .middle()
                .x();
    }

    private static Box box(Piece sleeve, Predicate<Edge> which) {
        return sleeve.edges().stream()
                .filter(which)
                .map(edge -> Box.round(edge.path().flattened(0.5)))
                .reduce(Box::union)
                .orElseThrow(() ->
                        new AlterationRefusal("The {} has no cap or no lower edge: choose a sleeve", sleeve.name()));
    }

    private PieceCutting.At at(Piece sleeve, Predicate<Edge> which, double x) {
        for (Edge edge : sleeve.edges()) {
            OptionalDouble share =
                    which.test(edge) ? edge.path().shareWhere(place -> place.x() - x) : OptionalDouble.empty();
            if (share.isPresent()) {
                return new PieceCutting.At(edge.name(), share.getAsDouble());
            }
        }
        throw new AlterationRefusal("The seams would not meet an edge of the {}: use smaller amounts", piece);
    }

    private static EdgeRef heir(Pattern cut, Seam old, String strip) {
        Piece part = PieceEdits.any(cut, strip);
        for (List<EdgeRef> run : List.of(old.first(), old.second())) {
            String name = run.get(0).edge();
            for (Edge edge : part.edges()) {
                if (Derived.isOf(edge.name(), name)) {
                    return new EdgeRef(strip, edge.name());
                }
            }
        }
        throw new IllegalStateException("The strip must keep its half of the old seam: " + strip);
    }

    private static Pattern renamed(Pattern pattern, String from, String to) {
        List<Piece> pieces = new ArrayList<>();
        for (Piece each : pattern.pieces()) {
            PieceEditor making = new PieceEditor(each);
            making.name = each.name().equals(from) ? to : each.name();
            pieces.add(making.piece());
        }
        return pattern.with(pieces, SeamEdits.inPiece(pattern.seams(), from, to));
    }
}
