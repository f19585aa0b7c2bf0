package org.soberhem.core.alter.kind;

import java.util.ArrayList;
import java.util.List;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.PieceEdits;
import org.soberhem.core.alter.edit.SeamEdits;
import org.soberhem.core.alter.edit.SeamRole;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.Bisection;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Derived;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.SeamCheck;
import org.soberhem.core.pattern.Side;

/**
 * Adds a piece above an open upper edge, such as a yoke above a back that lies too low; what it joins is gathered into
 * it where it is narrower.
 *
 * @param edge the open upper edge
 * @param height how tall the new piece is, in millimetres, more than 0
 * @param narrower by how much it is narrower than the edge on each side of the wearer, not negative
 * @param sides must be both
 */
public record AddAbove(EdgeRef edge, double height, double narrower, Sides sides) implements Alteration {

    /** How far the fullness may be off what was drawn. */
    private static final double ASIDE = 0.02;

    private static final String LOWER = "lower";

    /** Places nearer than this across lie on one centre line, in millimetres. */
    private static final double ON_LINE = 0.01;

    /** Halvings in the search for the narrower edge. */
    private static final int ROUNDS = 50;

    @Override
    public Sentence sentence() {
        return narrower == 0
                ? Sentence.of("Add a yoke {} tall above the {}", height, edge.words())
                : Sentence.of(
                        "Add a yoke {} tall above the {}, {} narrower on each side: the {} is gathered into it",
                        height,
                        edge.words(),
                        narrower,
                        edge.piece());
    }

    @Override
    public AddAbove on(Sides others) {
        return new AddAbove(edge, height, narrower, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        Path path = new PieceEditor(PieceEdits.any(pattern, edge.piece()))
                .edge(edge.edge())
                .path();
        if (height <= 0 || narrower < 0 || narrower >= path.length()) {
            throw new AlterationRefusal("A yoke must have a height, and be narrower by less than {}", path.length());
        }
        if (SeamEdits.of(pattern, edge).isPresent()) {
            throw new AlterationRefusal("The {} is sewn to another piece: leave that off first", edge.words());
        }
        String name = PieceEdits.freeName(pattern, edge.piece() + "/yoke");
        List<Piece> pieces = new ArrayList<>();
        double fullness = 1;
        for (Piece each : pattern.pieces()) {
            if (each.name().equals(edge.piece())) {
                Piece yoke = yoke(each, name);
                fullness = path.length() / yoke.edge(LOWER).orElseThrow().path().length();
                PieceEditor below = new PieceEditor(each);
                below.edges.replaceAll(other -> other.name().equals(edge.edge()) ? other.withRole(Role.NONE) : other);
                pieces.add(below.piece());
                pieces.add(yoke);
            } else {
                pieces.add(each);
            }
        }
        List<Seam> seams = new ArrayList<>(pattern.seams());
        List<EdgeRef> lower = List.of(new EdgeRef(name, LOWER));
        seams.add(
                narrower == 0
                        ? new Seam(List.of(edge), lower, Seam.Kind.PLAIN, 0, 0)
                        : new Seam(List.of(edge), lower, Seam.Kind.GATHERED, fullness - ASIDE, fullness + ASIDE));
        return pattern.with(pieces, seams);
    }

    /** A yoke above shortens the way over the shoulder: the straps of other pieces by as much. */
    @Override
    public List<Alteration> goesWith(Pattern made) {
        return made.pieces().stream()
                .filter(piece ->
                        !Derived.isOf(piece.name(), Derived.parent(edge.piece())) && piece.side() != Side.RIGHT)
                .flatMap(piece -> SeamRole.STRAP_END
                        .of(made, piece)
                        .<Alteration>map(
                                end -> new LengthenStrap(new EdgeRef(piece.name(), end.name()), -height, Sides.BOTH))
                        .stream())
                .toList();
    }

    private Piece yoke(Piece below, String name) {
        Edge joined = new PieceEditor(below).edge(edge.edge());
        Path path = joined.path();
        double still = below.centreX()
                .or(() -> below.spans()
                        .map(spans -> spans.from() == 0 || spans.from() == 1
                                ? Math.min(path.start().x(), path.end().x())
                                : middle(path)))
                .orElse(middle(path));
        Path lower = narrowed(path, still);
        Path top = lower.mapped(at -> new Point(at.x(), at.y() - height));
        PieceEditor making = new PieceEditor(below);
        making.name = name;
        making.points.clear();
        making.points.put("A", top.start());
        making.points.put("B", top.end());
        making.points.put("C", lower.end());
        making.points.put("D", lower.start());
        making.darts.clear();
        making.lines.clear();
        making.notches.clear();
        making.levels.clear();
        making.edges = new ArrayList<>(List.of(
                new Edge("top", joined.role(), "A", "B", top, joined.allowance(), joined.corner()),
                side(below, "end", "B", "C", top.end(), lower.end()),
                new Edge(LOWER, Role.NONE, "C", "D", lower.reversed(), making.usualAllowance()),
                side(below, "other-end", "D", "A", lower.start(), top.start())));
        making.grainAlong(below.grainTo().minus(below.grainFrom()).unit());
        return making.piece();
    }

    private static double middle(Path path) {
        return (path.start().x() + path.end().x()) / 2;
    }

    /** Returns the edge drawn together across, so that it is just so much shorter. */
    private Path narrowed(Path path, double still) {
        if (narrower == 0) {
            return path;
        }
        double wanted = path.length() - narrower;
        double share = Bisection.between(
                0, 1, ROUNDS, each -> across(path, still, each).length() < wanted);
        Path narrowed = across(path, still, share);
        if (Math.abs(narrowed.length() - wanted) > SeamCheck.TOLERANCE) {
            throw new AlterationRefusal(
                    "The {} runs too steeply to be {} narrower: use a smaller amount", edge.words(), narrower);
        }
        return narrowed;
    }

    private static Path across(Path path, double still, double share) {
        return path.mapped(at -> new Point(still + (at.x() - still) * share, at.y()));
    }

    /** Returns an end of the yoke: at the centre it goes on as the centre of the piece that it stands on. */
    private Edge side(Piece below, String name, String from, String to, Point start, Point end) {
        Path path = Path.of(new LineSegment(start, end));
        return below.edges().stream()
                .filter(each -> each.role() == Role.CENTRE)
                .filter(each -> isAt(start, each.path().start())
                        || isAt(start, each.path().end()))
                .findFirst()
                .map(centre -> centre.named("centre").between(from, to, path))
                .orElseGet(() -> new Edge(name, Role.NONE, from, to, path, new PieceEditor(below).usualAllowance()));
    }

    private static boolean isAt(Point one, Point other) {
        return Math.abs(one.x() - other.x()) < ON_LINE;
    }
}
