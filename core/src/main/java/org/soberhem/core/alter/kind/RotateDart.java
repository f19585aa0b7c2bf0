package org.soberhem.core.alter.kind;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.DartEdits;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.SeamEdits;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Outline;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.geometry.Turn;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Derived;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Level;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;

/**
 * Closes a dart, wholly or in part, and opens it at another edge instead: the paper between the two is turned about the
 * dart's point.
 *
 * @param dart piece and dart
 * @param toEdge edge of the same piece that receives it
 * @param at where on that edge, as a share of its length
 * @param share how much of the dart goes there, more than 0, at most 1
 * @param sides must be both
 */
public record RotateDart(EdgeRef dart, String toEdge, double at, double share, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return share == 1
                ? Sentence.of("Turn the dart {} of the {} into its {}", dart.edge(), dart.piece(), toEdge)
                : Sentence.of(
                        "Turn {} % of the dart {} of the {} into its {}",
                        Math.round(share * 100), dart.edge(), dart.piece(), toEdge);
    }

    @Override
    public RotateDart on(Sides others) {
        return new RotateDart(dart, toEdge, at, share, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        if (!(share > 0 && share <= 1)) {
            throw new AlterationRefusal("A dart is turned by a share of more than 0 and at most 1");
        }
        Map<String, List<EdgeRef>> became = new LinkedHashMap<>();
        Pattern turned = WornPieces.piece(pattern, dart.piece(), sides, piece -> turned(piece, became));
        return turned.with(
                turned.pieces(),
                turned.seams().stream()
                        .map(seam -> SeamEdits.renamed(seam, dart.piece(), became))
                        .toList());
    }

    private Piece turned(Piece piece, Map<String, List<EdgeRef>> became) {
        PieceEditor making = new PieceEditor(piece);
        Dart old = making.dart(dart.edge());
        if (old.bow() != 0) {
            throw new AlterationRefusal(
                    "The dart {} has curved legs: make them straight before it is turned", old.name());
        }
        making.split(toEdge, at);
        making.beginAt(DartEdits.mouth(making, old));
        Edge mouth = making.edges.get(0);
        int opened = beginningOfNew(making, piece);
        double angle = Turn.angle(
                        mouth.path().end().minus(old.point()),
                        mouth.path().start().minus(old.point()))
                * share;
        // Edges between the mouth and the new place are turned, or those on the other side if the centre is among them.
        boolean other = making.edges.subList(1, opened).stream().anyMatch(edge -> isHeld(piece, edge));
        Turn turn = Turn.about(old.point(), other ? -angle : angle);
        int from = other ? opened : 1;
        int to = other ? making.edges.size() : opened;
        Outline sector = sector(making, old.point(), from, to);
        Point fixed = making.edges.get(opened).path().start();
        for (int i = from; i < to; i++) {
            Edge edge = making.edges.get(i);
            making.edges.set(i, edge.withPath(edge.path().mapped(turn)));
        }
        making.marks(at -> isIn(sector, at, old.point()) ? turn.apply(at) : at);
        making.levels.replaceAll(
                (name, level) -> isIn(sector, level.from(), old.point()) && isIn(sector, level.to(), old.point())
                        ? new Level(name, turn.apply(level.from()), turn.apply(level.to()))
                        : level);
        open(making, old, mouth, opened, other, fixed, turn);
        close(making, old, mouth, other, turn);
        piece.edges().forEach(edge -> became.put(edge.name(), heirs(making, edge.name(), piece.name())));
        return making.piece();
    }

    private int beginningOfNew(PieceEditor making, Piece piece) {
        String second = toEdge + "/2";
        boolean whole = making.edges.stream().noneMatch(edge -> edge.name().equals(second));
        int place = making.place(whole ? toEdge : second);
        int opened = whole && at > 0.5 ? place + 1 : place;
        if (opened < 2 && making.edges.size() - opened < 2) {
            throw new AlterationRefusal("The dart of the {} already opens there: choose another edge", piece.name());
        }
        if (opened < 1 || opened > making.edges.size() - 1 && whole) {
            throw new AlterationRefusal("The dart of the {} already opens there: choose another place", piece.name());
        }
        return opened;
    }

    private static boolean isHeld(Piece piece, Edge edge) {
        return edge.role() == Role.CENTRE || piece.isFold(edge) || edge.name().startsWith("stand");
    }

    private static Outline sector(PieceEditor making, Point pivot, int from, int to) {
        List<Point> corners = new ArrayList<>();
        corners.add(pivot);
        for (int i = from; i < to; i++) {
            corners.addAll(making.edges.get(i).path().flattened(0.1));
        }
        return new Outline(corners);
    }

    private static boolean isIn(Outline sector, Point at, Point pivot) {
        return at.distanceTo(pivot) > PieceEditor.SAME_PLACE
                && (sector.contains(at)
                        || sector.corners().stream()
                                .anyMatch(corner -> corner.distanceTo(at) < PieceEditor.SAME_PLACE));
    }

    private void open(PieceEditor making, Dart old, Edge mouth, int opened, boolean other, Point fixed, Turn turn) {
        Point moved = turn.apply(fixed);
        Point start = other ? fixed : moved;
        Point end = other ? moved : fixed;
        Edge after = making.edges.get(opened % making.edges.size());
        String name = PieceEditor.free(Derived.parent(toEdge) + "-dart", DartEdits.names(making));
        String corner = PieceEditor.free(after.from() + "'", making.points.keySet());
        making.points.put(after.from(), end);
        making.points.put(corner, start);
        Edge before = making.edges.get(opened - 1);
        making.edges.set(opened - 1, before.between(before.from(), corner, before.path()));
        making.edges.add(
                opened,
                new Edge(
                        name,
                        Role.DART,
                        corner,
                        after.from(),
                        Path.of(new LineSegment(start, end)),
                        mouth.allowance()));
        making.darts.add(new Dart(name, old.point(), start, end));
    }

    private void close(PieceEditor making, Dart old, Edge mouth, boolean other, Turn turn) {
        Point start = other ? turn.apply(mouth.path().start()) : mouth.path().start();
        Point end = other ? mouth.path().end() : turn.apply(mouth.path().end());
        int place = making.darts.indexOf(making.darts.stream()
                .filter(each -> each.name().equals(old.name()))
                .findFirst()
                .orElseThrow());
        if (share == 1) {
            making.darts.remove(place);
            making.edges.remove(0);
            Edge first = making.edges.get(0);
            making.edges.set(
                    0,
                    first.between(
                            mouth.from(),
                            first.to(),
                            first.path().between(start, first.path().end())));
            int last = making.edges.size() - 1;
            Edge before = making.edges.get(last);
            making.edges.set(
                    last, before.withPath(before.path().between(before.path().start(), start)));
            making.points.remove(mouth.to());
            making.points.put(mouth.from(), start);
        } else {
            making.darts.set(place, new Dart(old.name(), old.point(), start, end));
            making.edges.set(0, mouth.withPath(Path.of(new LineSegment(start, end))));
        }
    }

    private static List<EdgeRef> heirs(PieceEditor making, String edge, String piece) {
        return making.edges.stream()
                .filter(each -> each.role() != Role.DART || each.name().equals(edge))
                .map(Edge::name)
                .filter(name -> Derived.isOf(name, edge))
                .sorted()
                .map(name -> new EdgeRef(piece, name))
                .toList();
    }
}
