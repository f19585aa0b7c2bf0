package org.soberhem.core.alter.edit;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.soberhem.core.geometry.Inset;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutFrom;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;

/** A copy of a piece for a lining, interlining or interfacing: smaller all round, longer below, or only a part. */
final class PieceCopy {

    /** Less than this of a piece beyond a line is not cut off, in millimetres. */
    private static final double LEAST = 1;

    private PieceCopy() {}

    /**
     * Returns the copy; it lies round no body and its edges have no roles, so that only its master is altered and it
     * follows.
     *
     * @throws AlterationRefusal if the master has no such level, or nothing is left
     */
    static Piece of(Piece master, String name, CutFrom from) {
        Piece copy = smaller(longer(master, from.longer()), from.smaller());
        Piece part = from.until().isEmpty() ? copy : above(copy, from.until());
        PieceEditor making = new PieceEditor(part);
        making.name = name;
        making.levels.clear();
        making.spans = Optional.empty();
        making.edges.replaceAll(edge -> edge.withRole(edge.role() == Role.DART ? Role.DART : Role.NONE));
        making.cutFrom = Optional.of(from);
        Piece made = making.piece();
        if (!isWithin(made.seamLine(), made.grainFrom(), made.grainTo())) {
            making.grainAlong(master.grainTo().minus(master.grainFrom()).unit());
        }
        return making.piece();
    }

    private static boolean isWithin(Outline outline, Point... places) {
        return Stream.of(places).allMatch(outline::contains);
    }

    /** Returns a piece that stays within another all round, except where that lies on its fold. */
    private static Piece smaller(Piece piece, double by) {
        double[] amounts = piece.edges().stream()
                .mapToDouble(edge -> piece.isFold(edge) ? 0 : by)
                .toArray();
        return by == 0 ? piece : Redrawing.withPaths(piece, Inset.of(Redrawing.paths(piece), amounts));
    }

    /** Returns a piece with its lower edge moved down along its sides. */
    private static Piece longer(Piece piece, double by) {
        if (by == 0) {
            return piece;
        }
        Role lower = piece.edges().stream().anyMatch(edge -> edge.role() == Role.HEM) ? Role.HEM : Role.WAIST;
        List<Edge> edges = piece.edges();
        if (edges.stream().noneMatch(edge -> edge.role() == lower)) {
            throw new AlterationRefusal("The {} has no hem and no waist edge that it could be longer at", piece.name());
        }
        List<Path> paths = Redrawing.paths(piece);
        int count = paths.size();
        for (int i = 0; i < count; i++) {
            if (!isLower(edges.get(i), lower)) {
                if (isLower(edges.get((i + 1) % count), lower)) {
                    paths.set(i, paths.get(i).longer(by));
                }
                if (isLower(edges.get(Math.floorMod(i - 1, count)), lower)) {
                    paths.set(i, paths.get(i).reversed().longer(by).reversed());
                }
            }
        }
        Point down = new Point(0, by);
        for (int i = 0; i < count; i++) {
            if (isLower(edges.get(i), lower)) {
                int before = Math.floorMod(i - 1, count);
                int after = (i + 1) % count;
                Point start = edges.get(i).path().start();
                Point end = edges.get(i).path().end();
                Point startBy = isLower(edges.get(before), lower)
                        ? down
                        : paths.get(before).end().minus(start);
                Point endBy = isLower(edges.get(after), lower)
                        ? down
                        : paths.get(after).start().minus(end);
                paths.set(i, paths.get(i).redrawn(startBy, endBy));
            }
        }
        return Redrawing.withPaths(piece, paths);
    }

    private static boolean isLower(Edge edge, Role lower) {
        return edge.role() == lower || edge.role() == Role.DART;
    }

    /** Returns what of a piece lies above a level. */
    private static Piece above(Piece piece, String name) {
        Level level = Optional.ofNullable(piece.levels().get(name))
                .orElseThrow(() ->
                        new AlterationRefusal("The {} has no level \"{}\": choose another level", piece.name(), name));
        Point square = level.to().minus(level.from()).unit().outward();
        Point down = square.y() > 0 ? square : square.times(-1);
        double lowest = piece.seamLine(PieceEditor.COARSE).corners().stream()
                .mapToDouble(at -> at.minus(level.from()).dot(down))
                .max()
                .orElse(0);
        if (lowest < LEAST) {
            return piece;
        }
        List<PieceCutting.At> places =
                PieceCutting.crossings(piece, at -> at.minus(level.from()).dot(down));
        if (places.size() != 2) {
            throw new AlterationRefusal(
                    "A straight cut along the {} meets {} edges of the {}, not two: choose another level",
                    name,
                    places.size(),
                    piece.name());
        }
        Predicate<List<Edge>> isOff =
                PieceCutting.where(at -> at.minus(level.from()).dot(down));
        Pattern parted = new PieceCutting(
                        piece.name(),
                        piece.name() + "/off",
                        places.get(0),
                        places.get(1),
                        isOff,
                        PieceCutting::straight,
                        PieceEdits.freeEdge(piece, "cut"))
                .made(new Pattern("", List.of(piece), List.of()));
        return PieceEdits.any(parted, piece.name());
    }
}
