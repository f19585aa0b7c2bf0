package org.soberhem.core.alter.kind;

import java.util.List;
import java.util.Map;
import org.soberhem.core.alter.edit.AlterationRefusal;
import org.soberhem.core.alter.edit.DartEdits;
import org.soberhem.core.alter.edit.PieceEditor;
import org.soberhem.core.alter.edit.SeamEdits;
import org.soberhem.core.alter.edit.Sides;
import org.soberhem.core.alter.edit.WornPieces;
import org.soberhem.core.geometry.LineSegment;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Sentence;
import org.soberhem.core.pattern.Dart;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.EdgeRef;
import org.soberhem.core.pattern.Notch;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;

/**
 * Adds a dart at an edge; the outline stays, so the width of the dart is taken from the garment.
 *
 * @param edge which edge
 * @param at where its middle lies, as a share of the edge
 * @param width at its mouth, both legs, in millimetres, more than 0
 * @param length from its mouth to its point, in millimetres, more than 0
 * @param sides must be both
 */
public record AddDart(EdgeRef edge, double at, double width, double length, Sides sides) implements Alteration {

    @Override
    public Sentence sentence() {
        return Sentence.of("Dart at the {}: {} wide, {} long", edge.words(), width, length);
    }

    @Override
    public AddDart on(Sides others) {
        return new AddDart(edge, at, width, length, others);
    }

    @Override
    public Pattern made(Pattern pattern) {
        WornPieces.bothOnly(sides);
        if (width <= 0 || length <= 0) {
            throw new AlterationRefusal("A dart must have a width and a length: type both");
        }
        Pattern darted = WornPieces.piece(pattern, edge.piece(), sides, this::darted);
        EdgeRef one = new EdgeRef(edge.piece(), edge.edge() + "/1");
        EdgeRef two = new EdgeRef(edge.piece(), edge.edge() + "/2");
        Map<String, List<EdgeRef>> became = Map.of(edge.edge(), List.of(one, two));
        return darted.with(
                darted.pieces(),
                darted.seams().stream()
                        .map(seam -> SeamEdits.renamed(seam, edge.piece(), became))
                        .toList());
    }

    private Piece darted(Piece piece) {
        PieceEditor making = new PieceEditor(piece);
        Path whole = making.edge(edge.edge()).path();
        double total = whole.length();
        double from = at - width / 2 / total;
        double to = at + width / 2 / total;
        if (from <= 0 || to >= 1) {
            throw new AlterationRefusal(
                    "The {} is {} long and has no room there for a dart {} wide: move it or make it smaller",
                    edge.words(),
                    total,
                    width);
        }
        String name = PieceEditor.free("dart", DartEdits.names(making));
        making.split(edge.edge(), to);
        making.split(edge.edge() + "/1", from / to);
        int mouth = making.place(edge.edge() + "/1/2");
        Path chord = Path.of(new LineSegment(
                making.edges.get(mouth).path().start(),
                making.edges.get(mouth).path().end()));
        making.edges.set(mouth - 1, making.edges.get(mouth - 1).named(edge.edge() + "/1"));
        Edge between = making.edges.get(mouth);
        making.edges.set(mouth, new Edge(name, Role.DART, between.from(), between.to(), chord, between.allowance()));
        Point inward = chord.end().minus(chord.start()).unit().outward().times(-1);
        Point point = chord.atShare(0.5).plus(inward.times(length));
        if (!making.outline().contains(point)) {
            throw new AlterationRefusal(
                    "The point of the dart would lie outside the {}: make it shorter", piece.name());
        }
        making.notches.replaceAll(notch -> notch.edge().equals(edge.edge() + "/1/1")
                ? new Notch(notch.name(), edge.edge() + "/1", notch.share())
                : notch);
        making.notches.removeIf(notch -> notch.edge().equals(edge.edge() + "/1/2"));
        making.darts.add(new Dart(name, point, chord.start(), chord.end()));
        return making.piece();
    }
}
