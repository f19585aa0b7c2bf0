package org.soberhem.core.alter.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Derived;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Notch;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.Spans;

/**
 * Cuts a piece in two along a line between two places of its outline; the halves are sewn together again by a new seam.
 *
 * @param piece name of the piece, which one part keeps
 * @param child name of the other part
 * @param from where the cut begins
 * @param to where it ends
 * @param isChild tells the other part by its edges of the outline
 * @param line how the cut runs, from its two ends and for each of the two parts
 * @param seam name of the new edge in both parts
 */
public record PieceCutting(
        String piece, String child, At from, At to, Predicate<List<Edge>> isChild, CutLine line, String seam) {

    /** Usual name of the new edge. */
    public static final String SEAM = "seam";

    /** A place on an edge: its name and a share of its length. */
    public record At(String edge, double share) {}

    /** Returns the two sides of a cut from its ends: first of the part that lies clockwise after its beginning. */
    public interface CutLine {
        List<Path> sides(Point from, Point to);
    }

    /** A straight cut. */
    public static List<Path> straight(Point from, Point to) {
        Path line = Path.of(new LineSegment(from, to));
        return List.of(line, line);
    }

    /** Makes the cut in the piece of both sides of the wearer, names edges in seams anew, and adds the new seam. */
    public Pattern made(Pattern pattern) {
        List<Piece> pieces = new ArrayList<>();
        Map<String, List<EdgeRef>> became = new LinkedHashMap<>();
        for (Piece each : pattern.pieces()) {
            if (!each.name().equals(piece)) {
                pieces.add(each);
                continue;
            }
            List<Piece> parts = parts(each);
            became.clear();
            each.edges().forEach(edge -> became.put(edge.name(), heirs(parts, edge.name())));
            pieces.addAll(parts);
        }
        if (became.isEmpty()) {
            throw new AlterationRefusal("There is no piece \"{}\": choose another piece", piece);
        }
        List<Seam> seams = new ArrayList<>();
        pattern.seams().forEach(each -> seams.add(SeamEdits.renamed(each, piece, became)));
        seams.add(
                new Seam(List.of(new EdgeRef(piece, seam)), List.of(new EdgeRef(child, seam)), Seam.Kind.PLAIN, 0, 0));
        return pattern.with(pieces, seams);
    }

    private static List<EdgeRef> heirs(List<Piece> parts, String edge) {
        List<EdgeRef> heirs = new ArrayList<>();
        for (Piece part : parts) {
            for (Edge each : part.edges()) {
                if (Derived.isOf(each.name(), edge)) {
                    heirs.add(new EdgeRef(part.name(), each.name()));
                }
            }
        }
        heirs.sort((a, b) -> a.edge().compareTo(b.edge()));
        return heirs;
    }

    private List<Piece> parts(Piece whole) {
        PieceEditor making = new PieceEditor(whole);
        if (from.edge().equals(to.edge())) {
            throw new AlterationRefusal(
                    "The cut would begin and end at the {} of the {}: choose two edges", from.edge(), piece);
        }
        Point start =
                making.edges.get(making.split(from.edge(), from.share())).path().start();
        Point end = making.edges.get(making.split(to.edge(), to.share())).path().start();
        making.beginAt(beginningAt(making, start));
        int middle = beginningAt(making, end);
        if (middle == 0) {
            throw new AlterationRefusal("The cut through the {} would have no length: choose two places apart", piece);
        }
        List<Path> sides = line.sides(start, end);
        List<Edge> first = new ArrayList<>(making.edges.subList(0, middle));
        List<Edge> second = new ArrayList<>(making.edges.subList(middle, making.edges.size()));
        boolean firstIsChild = isChild.test(first);
        double allowance = making.usualAllowance();
        String startPoint = first.get(0).from();
        String endPoint = second.get(0).from();
        first.add(edge(endPoint, startPoint, sides.get(0).reversed(), allowance));
        second.add(edge(startPoint, endPoint, sides.get(1), allowance));
        Piece keeps = part(whole, making, firstIsChild ? second : first, piece);
        Piece other = part(whole, making, firstIsChild ? first : second, child);
        return List.of(keeps, other);
    }

    private Edge edge(String from, String to, Path path, double allowance) {
        Point chord = path.end().minus(path.start());
        Role role = Math.abs(chord.y()) > Math.abs(chord.x()) ? Role.SIDE : Role.NONE;
        return new Edge(seam, role, from, to, path, allowance);
    }

    private static int beginningAt(PieceEditor making, Point corner) {
        for (int i = 0; i < making.edges.size(); i++) {
            if (making.edges.get(i).path().start().distanceTo(corner) < PieceEditor.SAME_PLACE) {
                return i;
            }
        }
        throw new IllegalStateException("An outline must have the corner that it was split at");
    }

    private Piece part(Piece whole, PieceEditor split, List<Edge> edges, String name) {
        if (edges.stream().mapToInt(edge -> edge.path().segments().size()).sum() < 3) {
            throw new AlterationRefusal(
                    "The cut would run along an edge of the {} and leave nothing beside it: choose another line",
                    whole.name());
        }
        PieceEditor part = new PieceEditor(split.piece());
        part.name = name;
        part.edges = edges;
        part.points.clear();
        split.points.forEach(part.points::put);
        if (whole.shape() == CutShape.FOLD && edges.stream().noneMatch(whole::isFold)) {
            part.shape = CutShape.PAIR;
            part.cut.replaceAll((use, count) -> 2 * count);
        }
        Box all = whole.seamLine(PieceEditor.COARSE).box();
        Box mine = part.outline().box();
        part.spans = whole.spans()
                .map(spans -> new Spans(
                        spans.at((mine.minX() - all.minX()) / all.width()),
                        spans.at((mine.maxX() - all.minX()) / all.width())));
        part.within();
        part.notches.add(new Notch(seam, seam, 0.5));
        Point middle = whole.grainFrom().towards(whole.grainTo(), 0.5);
        boolean hasGrain = part.outline().contains(whole.grainFrom())
                && part.outline().contains(middle)
                && part.outline().contains(whole.grainTo());
        if (!hasGrain) {
            part.grainAlong(whole.grainTo().minus(whole.grainFrom()).unit());
        }
        return part.piece();
    }

    /** Returns where the edges of a piece cross a line at which a measure of places changes its sign. */
    public static List<At> crossings(Piece piece, ToDoubleFunction<Point> measure) {
        List<At> crossings = new ArrayList<>();
        for (Edge edge : piece.edges()) {
            edge.path().shareWhere(measure).ifPresent(share -> crossings.add(new At(edge.name(), share)));
        }
        return crossings;
    }

    /** Tells the part whose middle lies where a measure of places is more than nothing. */
    public static Predicate<List<Edge>> where(ToDoubleFunction<Point> measure) {
        return edges -> measure.applyAsDouble(Box.round(edges.stream()
                                .flatMap(edge -> edge.path().flattened(1).stream())
                                .toList())
                        .middle())
                > 0;
    }

    /** Tells the part that lies farther from the centre: it has no edge on the centre line. */
    public static Predicate<List<Edge>> awayFromCentre(Piece piece) {
        Optional<Double> centre = piece.centreX();
        double middle = piece.seamLine(PieceEditor.COARSE).box().middle().x();
        return edges -> {
            double x = Box.round(edges.stream().map(edge -> edge.path().start()).toList())
                    .middle()
                    .x();
            boolean hasCentre = edges.stream().anyMatch(edge -> edge.role() == Role.CENTRE);
            return centre.isPresent() ? !hasCentre && x > centre.get() && !isOverlap(edges, centre.get()) : x > middle;
        };
    }

    private static boolean isOverlap(List<Edge> edges, double centre) {
        return edges.stream().anyMatch(edge -> edge.path().start().x() < centre - 0.01);
    }
}
