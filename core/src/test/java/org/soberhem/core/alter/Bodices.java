package org.soberhem.core.alter;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.soberhem.core.geometry.Corner;
import org.soberhem.core.geometry.Cubic;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.Notch;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;
import org.soberhem.core.pattern.Seam;
import org.soberhem.core.pattern.Side;
import org.soberhem.core.pattern.Spans;

/**
 * Bodices of any build for tests: a front in a pair with a waist dart, a back on the fold, a sleeve of one piece and a
 * band. Side and shoulder seams have the same length on both pieces.
 */
final class Bodices {

    private Bodices() {}

    /** Returns a bodice of middling build. */
    static Pattern plain() {
        return of(220, 400, 60, 120, 10);
    }

    /** Returns a bodice of another build for every seed. */
    static Pattern any(long seed) {
        Random random = new Random(seed);
        return of(
                180 + random.nextDouble() * 120,
                330 + random.nextDouble() * 150,
                45 + random.nextDouble() * 30,
                100 + random.nextDouble() * 30,
                random.nextDouble() * 24 - 12);
    }

    private static Pattern of(double half, double length, double neck, double shoulder, double hollow) {
        List<Piece> pieces = new ArrayList<>();
        for (Side side : List.of(Side.LEFT, Side.RIGHT)) {
            pieces.add(body("front", side, new Spans(0, 0.5), half, length, neck, shoulder, hollow, neck * 1.1));
        }
        for (Side side : List.of(Side.LEFT, Side.RIGHT)) {
            pieces.add(body("back", side, new Spans(1, 0.5), half, length, neck, shoulder, hollow, 22));
        }
        double cap = 0;
        for (String piece : List.of("front", "back")) {
            cap += piece(pieces, piece).edge("armscye").orElseThrow().path().length();
        }
        for (Side side : List.of(Side.LEFT, Side.RIGHT)) {
            pieces.add(sleeve(side, cap));
        }
        double neckline = piece(pieces, "front")
                        .edge("neck")
                        .orElseThrow()
                        .path()
                        .length()
                + piece(pieces, "back").edge("neck").orElseThrow().path().length();
        pieces.add(band(neckline));
        List<Seam> seams = List.of(
                seam(Seam.Kind.PLAIN, List.of("front.side"), List.of("back.side")),
                seam(Seam.Kind.PLAIN, List.of("front.shoulder"), List.of("back.shoulder")),
                seam(Seam.Kind.PLAIN, List.of("sleeve.seam-back"), List.of("sleeve.seam-front")),
                new Seam(
                        refs(List.of("sleeve.cap-front", "sleeve.cap-back")),
                        refs(List.of("front.armscye", "back.armscye")),
                        Seam.Kind.EASED,
                        -60,
                        60),
                new Seam(
                        refs(List.of("front.neck", "back.neck")), refs(List.of("band.lower")), Seam.Kind.EASED, -3, 3));
        return new Pattern("bodice", pieces, seams);
    }

    private static Piece piece(List<Piece> pieces, String name) {
        return pieces.stream()
                .filter(piece -> piece.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static Seam seam(Seam.Kind kind, List<String> first, List<String> second) {
        return new Seam(refs(first), refs(second), kind, 0, 0);
    }

    private static List<EdgeRef> refs(List<String> names) {
        return names.stream().map(EdgeRef::parse).toList();
    }

    private static Piece body(
            String name,
            Side side,
            Spans spans,
            double half,
            double length,
            double neck,
            double shoulder,
            double hollow,
            double depth) {
        Point a = new Point(0, depth);
        Point b = new Point(neck, 0);
        Point c = new Point(neck + shoulder * 0.94, shoulder * 0.34);
        Point e = new Point(half, length * 0.45);
        Point w = new Point(half - 15, length);
        Point g = new Point(0, length);
        Point f1 = new Point(half * 0.4 - 10, length);
        Point f2 = new Point(half * 0.4 + 10, length);
        boolean front = name.equals("front");
        List<Edge> edges = new ArrayList<>();
        edges.add(edge("neck", Role.NECK, "A", "B", Path.of(Cubic.towards(a, new Point(neck, depth), b, 0.6))));
        edges.add(edge("shoulder", Role.SHOULDER, "B", "C", Path.of(new LineSegment(b, c))));
        edges.add(edge(
                "armscye", Role.ARMSCYE, "C", "E", Path.of(Cubic.towards(c, new Point(c.x() - 10, e.y()), e, 0.62))));
        edges.add(edge("side", Role.SIDE, "E", "W", Path.of(Cubic.bowed(e, w, -hollow, 0.5))));
        if (front) {
            edges.add(edge("waist-2", Role.WAIST, "W", "F2", Path.of(new LineSegment(w, f2))));
            edges.add(edge("dart-mouth", Role.DART, "F2", "F1", Path.of(new LineSegment(f2, f1))));
            edges.add(edge("waist-1", Role.WAIST, "F1", "G", Path.of(new LineSegment(f1, g))));
        } else {
            edges.add(edge("waist", Role.WAIST, "W", "G", Path.of(new LineSegment(w, g))));
        }
        Edge centre = edge("centre", Role.CENTRE, "G", "A", Path.of(new LineSegment(g, a)));
        edges.add(front ? centre : centre.withAllowance(0, centre.corner()));
        Map<String, Level> levels = new LinkedHashMap<>();
        for (String level : List.of("bust", "waist")) {
            double y = level.equals("bust") ? length * 0.5 : length - 1;
            levels.put(level, new Level(level, new Point(0, y), new Point(half, y)));
        }
        return new Piece(
                name,
                side,
                front ? CutShape.PAIR : CutShape.FOLD,
                Map.of("outer", front ? 2 : 1),
                points(edges),
                edges,
                Optional.of(0.0),
                front ? List.of(new Dart("waist", new Point(half * 0.4, length * 0.62), f1, f2)) : List.of(),
                List.of(),
                List.of(new Notch("arm", "armscye", 0.5)),
                new Point(front ? 20 : 0, length * 0.3),
                new Point(front ? 20 : 0, length * 0.8),
                levels,
                Optional.of(spans),
                Optional.empty());
    }

    private static Piece sleeve(Side side, double cap) {
        double half = cap * 0.37;
        Point top = new Point(0, 0);
        Point right = new Point(half, half * 0.72);
        Point left = new Point(-half, half * 0.72);
        Point hand = new Point(half * 0.6, 560);
        Point thumb = new Point(-half * 0.6, 560);
        List<Edge> edges = List.of(
                edge("cap-back", Role.CAP, "A", "C", curve(top, right)),
                edge("seam-back", Role.UNDERARM, "C", "D", Path.of(new LineSegment(right, hand))),
                edge("wrist", Role.NONE, "D", "E", Path.of(new LineSegment(hand, thumb))),
                edge("seam-front", Role.UNDERARM, "E", "F", Path.of(new LineSegment(thumb, left))),
                edge("cap-front", Role.CAP, "F", "A", curve(left, top)));
        return new Piece(
                "sleeve",
                side,
                CutShape.PAIR,
                Map.of("outer", 2),
                points(edges),
                edges,
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(new Notch("front", "cap-front", 0.5), new Notch("top", "cap-back", 0)),
                new Point(0, 100),
                new Point(0, 450),
                Map.of("elbow", new Level("elbow", new Point(-half * 0.8, 320), new Point(half * 0.8, 320))),
                Optional.empty(),
                Optional.empty());
    }

    private static Path curve(Point from, Point to) {
        double third = (to.x() - from.x()) / 3;
        return Path.of(new Cubic(from, from.plus(new Point(third, 0)), to.minus(new Point(third, 0)), to));
    }

    private static Piece band(double neckline) {
        Point a = new Point(0, 0);
        Point b = new Point(neckline, 0);
        Point c = new Point(neckline, 50);
        Point d = new Point(0, 50);
        List<Edge> edges = List.of(
                edge("upper", Role.NONE, "A", "B", Path.of(new LineSegment(a, b))),
                edge("end", Role.NONE, "B", "C", Path.of(new LineSegment(b, c))),
                edge("lower", Role.NONE, "C", "D", Path.of(new LineSegment(c, d))),
                edge("centre", Role.CENTRE, "D", "A", Path.of(new LineSegment(d, a)))
                        .withAllowance(0, Corner.MITRED));
        return new Piece(
                "band",
                Side.MIDDLE,
                CutShape.FOLD,
                Map.of("outer", 1),
                points(edges),
                edges,
                Optional.of(0.0),
                List.of(),
                List.of(),
                List.of(),
                new Point(0, 10),
                new Point(0, 45),
                Map.of(),
                Optional.empty(),
                Optional.empty());
    }

    private static Map<String, Point> points(List<Edge> edges) {
        Map<String, Point> points = new LinkedHashMap<>();
        edges.forEach(edge -> points.put(edge.from(), edge.path().start()));
        return points;
    }

    private static Edge edge(String name, Role role, String from, String to, Path path) {
        return new Edge(name, role, from, to, path, 12);
    }
}
