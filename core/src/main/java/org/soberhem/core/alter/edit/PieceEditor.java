package org.soberhem.core.alter.edit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.soberhem.core.geometry.Box;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutFrom;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.MarkLine;
import org.soberhem.core.pattern.Notch;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.pattern.Spans;

/** A piece in the making: what an alteration does not touch stays as it was. */
public final class PieceEditor {

    /** Two places this near to each other are one corner, in millimetres. */
    public static final double SAME_PLACE = 1e-6;

    /** Coarse enough to be quick where something is only found or judged, in millimetres. */
    public static final double COARSE = 0.1;

    /** Lines tried on each side for the place of a grain line. */
    private static final int GRAINS = 10;

    public String name;
    public CutShape shape;
    public Map<String, Integer> cut;
    public Map<String, Point> points;
    public List<Edge> edges;
    public List<Dart> darts;
    public List<MarkLine> lines;
    public List<Notch> notches;
    Point grainFrom;
    Point grainTo;
    public Map<String, Level> levels;
    public Optional<Spans> spans;
    public Optional<CutFrom> cutFrom;
    private final Side side;
    public Optional<Double> centreX;

    public PieceEditor(Piece piece) {
        name = piece.name();
        side = piece.side();
        shape = piece.shape();
        cut = new LinkedHashMap<>(piece.cut());
        points = new LinkedHashMap<>(piece.points());
        edges = new ArrayList<>(piece.edges());
        centreX = piece.centreX();
        darts = new ArrayList<>(piece.darts());
        lines = new ArrayList<>(piece.lines());
        notches = new ArrayList<>(piece.notches());
        grainFrom = piece.grainFrom();
        grainTo = piece.grainTo();
        levels = new LinkedHashMap<>(piece.levels());
        spans = piece.spans();
        cutFrom = piece.cutFrom();
    }

    public Piece piece() {
        return new Piece(
                name, side, shape, cut, points, edges, centreX, darts, lines, notches, grainFrom, grainTo, levels,
                spans, cutFrom);
    }

    /** Sends every mark elsewhere; edges stay. */
    public PieceEditor marks(UnaryOperator<Point> to) {
        points.replaceAll((letter, at) -> to.apply(at));
        darts.replaceAll(dart -> dart.at(to.apply(dart.point()), to.apply(dart.first()), to.apply(dart.second())));
        lines.replaceAll(line -> new MarkLine(line.name(), line.kind(), to.apply(line.from()), to.apply(line.to())));
        grainFrom = to.apply(grainFrom);
        grainTo = to.apply(grainTo);
        return this;
    }

    /** Sends every level elsewhere. */
    public PieceEditor levels(UnaryOperator<Point> to) {
        levels.replaceAll((level, line) -> new Level(level, to.apply(line.from()), to.apply(line.to())));
        return this;
    }

    /** Redraws edges in their places and lets what is marked at their corners follow. */
    public PieceEditor redrawn(List<Path> paths) {
        Map<Point, Point> corners = new LinkedHashMap<>();
        for (int i = 0; i < paths.size(); i++) {
            Path was = edges.get(i).path();
            Path is = paths.get(i);
            corners.put(was.start(), is.start());
            if (was.segments().size() == is.segments().size()) {
                for (int j = 1; j < was.segments().size(); j++) {
                    corners.put(
                            was.segments().get(j).start(), is.segments().get(j).start());
                }
            }
            edges.set(i, edges.get(i).withPath(is));
        }
        return marks(point -> corners.entrySet().stream()
                .filter(corner -> corner.getKey().distanceTo(point) < SAME_PLACE)
                .findFirst()
                .map(Map.Entry::getValue)
                .orElse(point));
    }

    /** Turns the piece over. */
    public PieceEditor mirrored() {
        UnaryOperator<Point> over = point -> new Point(-point.x(), point.y());
        edges.replaceAll(edge ->
                edge.between(edge.to(), edge.from(), edge.path().reversed().mapped(over)));
        Collections.reverse(edges);
        notches.replaceAll(notch -> new Notch(notch.name(), notch.edge(), 1 - notch.share()));
        return marks(over).levels(over);
    }

    public int place(String edge) {
        for (int i = 0; i < edges.size(); i++) {
            if (edges.get(i).name().equals(edge)) {
                return i;
            }
        }
        throw new AlterationRefusal("The {} has no edge \"{}\": choose another edge", name, edge);
    }

    public Edge edge(String edge) {
        return edges.get(place(edge));
    }

    public Dart dart(String dart) {
        return darts.stream()
                .filter(each -> each.name().equals(dart))
                .findFirst()
                .orElseThrow(() -> new AlterationRefusal("The {} has no dart \"{}\": choose another dart", name, dart));
    }

    public Outline outline() {
        return piece().seamLine(COARSE);
    }

    /**
     * Makes a corner on an edge, which becomes two, named after it.
     *
     * @param share of the edge's length; at its ends it is left whole
     * @return the place in the outline of the edge that begins at the corner
     */
    public int split(String edgeName, double share) {
        int at = place(edgeName);
        Edge whole = edges.get(at);
        double length = whole.path().length();
        if (share * length < SAME_PLACE) {
            return at;
        }
        if ((1 - share) * length < SAME_PLACE) {
            return (at + 1) % edges.size();
        }
        Path first = whole.path().part(0, share);
        Path second =
                whole.path().part(share, 1).between(first.end(), whole.path().end());
        String corner = free(whole.from() + whole.to(), points.keySet());
        points.put(corner, first.end());
        String one = edgeName + "/1";
        String two = edgeName + "/2";
        edges.set(at, whole.named(one).between(whole.from(), corner, first));
        edges.add(at + 1, whole.named(two).between(corner, whole.to(), second));
        notches.replaceAll(notch -> !notch.edge().equals(edgeName)
                ? notch
                : notch.share() <= share
                        ? new Notch(notch.name(), one, notch.share() / share)
                        : new Notch(notch.name(), two, (notch.share() - share) / (1 - share)));
        return at + 1;
    }

    /** Begins the outline at another edge. */
    public void beginAt(int place) {
        Collections.rotate(edges, -place);
    }

    /** Puts the grain along a direction where the piece is longest in it. */
    public void grainAlong(Point direction) {
        Outline outline = outline();
        Box box = outline.box();
        Point across = direction.outward();
        double reach = (box.width() + box.height()) / 2;
        double longest = 0;
        for (int i = -GRAINS; i <= GRAINS; i++) {
            // From the middle outward on both sides; one that is hardly longer does not displace one nearer to the
            // middle.
            double aside = (i % 2 == 0 ? 1 : -1) * ((i + GRAINS) / 2) * reach / GRAINS;
            Point from = box.middle().plus(across.times(aside));
            List<Double> cuts = outline.cuts(from, direction);
            for (int k = 0; k + 1 < cuts.size(); k += 2) {
                double length = cuts.get(k + 1) - cuts.get(k);
                if (length > longest * 1.1) {
                    longest = length;
                    grainFrom = from.plus(direction.times(cuts.get(k) + length / 6));
                    grainTo = from.plus(direction.times(cuts.get(k + 1) - length / 6));
                }
            }
        }
    }

    /** Drops what is marked outside the piece and shortens its levels to it. */
    public void within() {
        Outline outline = outline();
        Set<String> corners = new HashSet<>();
        edges.forEach(edge -> {
            corners.add(edge.from());
            corners.add(edge.to());
        });
        points.keySet().removeIf(letter -> !corners.contains(letter) && !outline.contains(points.get(letter)));
        darts.removeIf(dart -> !outline.contains(dart.point()));
        lines.removeIf(line -> !outline.contains(line.from().towards(line.to(), 0.5)));
        Set<String> names = new HashSet<>();
        edges.forEach(edge -> names.add(edge.name()));
        notches.removeIf(notch -> !names.contains(notch.edge()));
        levels.values()
                .removeIf(level -> outline.cuts(
                                level.from(), level.to().minus(level.from()).unit())
                        .isEmpty());
        levels.replaceAll((level, line) -> {
            Point along = line.to().minus(line.from()).unit();
            List<Double> cuts = outline.cuts(line.from(), along);
            return new Level(
                    level,
                    line.from().plus(along.times(cuts.get(0))),
                    line.from().plus(along.times(cuts.get(cuts.size() - 1))));
        });
        // A line that only touches a corner is no level of the piece.
        levels.values().removeIf(level -> level.from().distanceTo(level.to()) < COARSE);
    }

    /** Returns a name that is not taken: the wanted one, or with the first free number. */
    public static String free(String wanted, Set<String> taken) {
        String name = wanted;
        for (int i = 2; taken.contains(name); i++) {
            name = wanted + i;
        }
        return name;
    }

    /** Returns the allowance of the piece's sewn edges: the commonest, the wider of two. */
    public double usualAllowance() {
        Map<Double, Integer> counts = new LinkedHashMap<>();
        edges.stream()
                .filter(edge -> edge.role() != Role.HEM && edge.allowance() > 0)
                .forEach(edge -> counts.merge(edge.allowance(), 1, Integer::sum));
        return counts.entrySet().stream()
                .max(Map.Entry.<Double, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey)
                .orElse(0.0);
    }
}
