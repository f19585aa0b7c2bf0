package org.soberhem.core.alter.kind;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Turn;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;

/**
 * Slashes a piece from one edge to the opposite one and spreads it like a fan, or laps it: each part is turned about
 * the end of its slash.
 *
 * @param open edge that is spread
 * @param hinge opposite edge of the same piece, whose length stays
 * @param cuts how many slashes, at equal distances, 1 to 12
 * @param each opened at each slash, in millimetres; negative laps
 * @param redrawn whether both edges are drawn smooth afterwards
 * @param sides which worn pieces
 */
public record SlashAndFan(EdgeRef open, String hinge, int cuts, double each, boolean redrawn, Sides sides)
        implements Alteration {

    private static final int MOST = 12;

    public SlashAndFan {
        if (cuts < 1 || cuts > MOST) {
            throw new IllegalArgumentException("A piece is slashed 1 to " + MOST + " times: " + cuts);
        }
    }

    @Override
    public Sentence sentence() {
        return Sentence.of(
                "Slash the {} from its {} to its {} {} and {} by {} at each{}",
                open.piece(),
                open.edge(),
                hinge,
                cuts == 1 ? "once" : cuts + " times",
                each < 0 ? "lap" : "spread",
                Math.abs(each),
                WornPieces.where(sides));
    }

    @Override
    public SlashAndFan on(Sides others) {
        return new SlashAndFan(open, hinge, cuts, each, redrawn, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        if (open.edge().equals(hinge)) {
            throw new AlterationRefusal(
                    "A slash runs from one edge to another: choose two edges of the {}", open.piece());
        }
        return WornPieces.piece(pattern, open.piece(), sides, this::spread);
    }

    private Piece spread(Piece piece) {
        PieceEditor making = new PieceEditor(piece);
        making.beginAt(making.place(open.edge()));
        int hinged = making.place(hinge);
        if (piece.isFold(making.edges.get(0)) || piece.isFold(making.edges.get(hinged))) {
            throw new AlterationRefusal(
                    "A fold stays straight: choose other edges of the {}, or make a seam there first", piece.name());
        }
        Path wide = making.edges.get(0).path();
        Path narrow = making.edges.get(hinged).path();
        double lap = Math.max(0, -each);
        double remaining = wide.length() - cuts * lap;
        if (remaining < cuts + 1) {
            throw new AlterationRefusal(
                    "The {} is only {} long: use fewer slashes or lap less", open.words(), wide.length());
        }
        List<Path> parts = new ArrayList<>();
        List<Path> hinges = new ArrayList<>();
        double part = remaining / (cuts + 1);
        for (int k = 0; k <= cuts; k++) {
            double from = k * (part + lap);
            parts.add(wide.part(from / wide.length(), Math.min(1, (from + part) / wide.length())));
            hinges.add(narrow.part(1 - (k + 1.0) / (cuts + 1), 1 - (double) k / (cuts + 1)));
        }
        int held = held(making, hinged);
        List<Turn> turns = turns(parts, hinges, held);
        List<Path> paths = new ArrayList<>();
        paths.add(opened(parts, turns));
        for (int i = 1; i < making.edges.size(); i++) {
            Path path = making.edges.get(i).path();
            paths.add(i == hinged ? closed(hinges, turns) : path.mapped(turns.get(i < hinged ? cuts : 0)));
        }
        Point from = wide.start();
        Point along = wide.end().minus(from);
        making.marks(at -> mark(at, from, along, turns));
        for (int i = 0; i < paths.size(); i++) {
            Edge edge = making.edges.get(i);
            making.edges.set(i, edge.withPath(paths.get(i)));
            making.points.put(edge.from(), paths.get(i).start());
        }
        making.levels(at -> mark(at, from, along, turns));
        return making.piece();
    }

    /** Returns the part that stays: that with the centre line at one end, or else the middle one. */
    private int held(PieceEditor making, int hinged) {
        for (int i = 1; i < making.edges.size(); i++) {
            Edge edge = making.edges.get(i);
            if (i != hinged && (edge.role() == Role.CENTRE || edge.name().startsWith("stand"))) {
                return i < hinged ? cuts : 0;
            }
        }
        return cuts / 2;
    }

    private List<Turn> turns(List<Path> parts, List<Path> hinges, int held) {
        List<Turn> between = new ArrayList<>();
        for (int k = 0; k < cuts; k++) {
            Point pivot = hinges.get(k).start();
            Point edge = parts.get(k).end();
            Point next = parts.get(k + 1).start();
            double reach = edge.distanceTo(pivot);
            double sine = Math.abs(each) / (2 * reach);
            if (sine >= 1) {
                throw new AlterationRefusal(
                        "A slash of the {} is too short to be spread so far: use a smaller amount", open.piece());
            }
            double angle = 2 * StrictMath.asin(sine);
            // Clockwise round the outline the next part lies on: opening turns it on, lapping turns it back.
            double sense = edge.minus(pivot).cross(parts.get(k + 1).end().minus(pivot)) > 0 ? 1 : -1;
            between.add(
                    each >= 0
                            ? Turn.about(pivot, sense * angle)
                            : Turn.about(pivot, Turn.angle(next.minus(pivot), edge.minus(pivot))));
        }
        List<Turn> turns = new ArrayList<>();
        for (int k = 0; k <= cuts; k++) {
            Turn whole = Turn.by(Point.ORIGIN);
            for (int i = held; i < k; i++) {
                whole = whole.after(between.get(i));
            }
            for (int i = held - 1; i >= k; i--) {
                whole = whole.after(between.get(i).inverse());
            }
            turns.add(whole);
        }
        return turns;
    }

    private Path opened(List<Path> parts, List<Turn> turns) {
        Path path = parts.get(0).mapped(turns.get(0));
        List<Point> knots = new ArrayList<>(List.of(path.start(), path.atShare(0.5)));
        for (int k = 1; k <= cuts; k++) {
            Path next = parts.get(k).mapped(turns.get(k));
            knots.add(path.end().towards(next.start(), 0.5));
            knots.add(next.atShare(0.5));
            if (path.end().distanceTo(next.start()) > PieceEditor.SAME_PLACE) {
                path = path.then(Path.of(new LineSegment(path.end(), next.start())));
            }
            path = path.then(next.between(path.end(), next.end()));
        }
        knots.add(path.end());
        return redrawn ? smooth(path, knots) : path;
    }

    private Path closed(List<Path> hinges, List<Turn> turns) {
        Path path = hinges.get(cuts).mapped(turns.get(cuts));
        List<Point> knots = new ArrayList<>(List.of(path.start(), path.atShare(0.5)));
        for (int k = cuts - 1; k >= 0; k--) {
            Path next = hinges.get(k).mapped(turns.get(k));
            path = path.then(next.between(path.end(), next.end()));
            knots.add(next.start());
            knots.add(next.atShare(0.5));
        }
        knots.add(path.end());
        return redrawn ? smooth(path, knots) : path;
    }

    private static Path smooth(Path path, List<Point> knots) {
        return Path.bent(knots, Optional.of(path.startDirection()), Optional.of(path.endDirection()));
    }

    private Point mark(Point at, Point from, Point along, List<Turn> turns) {
        double share = at.minus(from).dot(along) / along.dot(along);
        int part = (int) Math.max(0, Math.min(cuts, Math.floor(share * (cuts + 1))));
        return turns.get(part).apply(at);
    }
}
