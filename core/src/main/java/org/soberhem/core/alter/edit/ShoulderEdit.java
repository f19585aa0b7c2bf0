package org.soberhem.core.alter.edit;

import java.util.Optional;
import org.soberhem.core.geometry.Path;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.Edge;
import org.soberhem.core.pattern.Pattern;
import org.soberhem.core.pattern.Piece;
import org.soberhem.core.pattern.Role;

/** The shoulder edge of a piece, from the neck to the arm. */
public record ShoulderEdit(int place, boolean fromNeck, Path path) {

    /** Returns the shoulder of a piece, if it has one. */
    static Optional<ShoulderEdit> of(Piece piece) {
        int count = piece.edges().size();
        for (int i = 0; i < count; i++) {
            Edge edge = piece.edges().get(i);
            if (edge.role() == Role.SHOULDER) {
                boolean fromNeck =
                        piece.edges().get(Math.floorMod(i - 1, count)).role() != Role.ARMSCYE;
                return Optional.of(new ShoulderEdit(
                        i, fromNeck, fromNeck ? edge.path() : edge.path().reversed()));
            }
        }
        return Optional.empty();
    }

    public Point neck() {
        return path.start();
    }

    public Point arm() {
        return path.end();
    }

    /** Returns the piece with its shoulder elsewhere, the new path from the neck to the arm. */
    Piece redrawn(Piece piece, Path changed) {
        return Redrawing.withEdge(piece, place, fromNeck ? changed : changed.reversed());
    }

    /** Changes the shoulders of a part of the body. */
    public static Pattern each(Pattern pattern, Part part, Sides sides, Change change) {
        if (pattern.pieces().stream()
                .noneMatch(piece -> part.includes(piece) && of(piece).isPresent())) {
            throw new AlterationRefusal("No piece of the {} has a shoulder edge", part.words());
        }
        return WornPieces.each(
                pattern, sides, piece -> part.includes(piece) && of(piece).isPresent(), piece -> {
                    ShoulderEdit shoulder = of(piece).orElseThrow();
                    return shoulder.redrawn(piece, change.path(shoulder));
                });
    }

    /** How a shoulder is drawn anew. */
    public interface Change {
        Path path(ShoulderEdit shoulder);
    }
}
