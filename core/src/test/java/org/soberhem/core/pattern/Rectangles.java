package org.soberhem.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;

/** A garment of two rectangles, front and back, 250 mm wide a side and 400 mm long, for tests. */
public final class Rectangles {

    public static final double WIDTH = 250;
    public static final double LENGTH = 400;

    private Rectangles() {}

    /** Returns front and back, worn left and right, joined at the side. */
    public static Pattern pattern() {
        List<Piece> pieces = new ArrayList<>();
        for (Side side : List.of(Side.LEFT, Side.RIGHT)) {
            pieces.add(piece("front", side, new Spans(0, 0.5)));
        }
        for (Side side : List.of(Side.LEFT, Side.RIGHT)) {
            pieces.add(piece("back", side, new Spans(1, 0.5)));
        }
        Seam seam = new Seam(
                List.of(EdgeRef.parse("front.side")), List.of(EdgeRef.parse("back.side")), Seam.Kind.PLAIN, 0, 0);
        return new Pattern("rectangles", pieces, List.of(seam));
    }

    /** Returns one rectangle from the centre (x = 0) to the side, the waist in its middle. */
    public static Piece piece(String name, Side side, Spans spans) {
        Point a = new Point(0, 0);
        Point b = new Point(WIDTH, 0);
        Point c = new Point(WIDTH, LENGTH);
        Point d = new Point(0, LENGTH);
        List<Edge> edges = List.of(
                edge("top", Role.NECK, "A", a, "B", b),
                edge("side", Role.SIDE, "B", b, "C", c),
                edge("hem", Role.HEM, "C", c, "D", d),
                edge("centre", Role.CENTRE, "D", d, "A", a));
        return new Piece(
                name,
                side,
                CutShape.PAIR,
                Map.of("outer", 2),
                Map.of("A", a, "B", b, "C", c, "D", d),
                edges,
                Optional.of(0.0),
                List.of(),
                List.of(),
                List.of(new Notch("middle", "side", 0.5)),
                new Point(20, 50),
                new Point(20, 350),
                Map.of("waist", new Level("waist", new Point(0, 200), new Point(WIDTH, 200))),
                Optional.of(spans),
                Optional.empty());
    }

    private static Edge edge(String name, Role role, String from, Point start, String to, Point end) {
        return new Edge(name, role, from, to, Path.of(new LineSegment(start, end)), 10);
    }
}
