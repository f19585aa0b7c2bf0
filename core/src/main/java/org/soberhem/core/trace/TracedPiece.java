package org.soberhem.core.trace;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.pattern.CutShape;

/**
 * A piece as it is traced, finished or not.
 *
 * @param name kebab-case; "front", "back" and "sleeve" in it say where it lies
 * @param size the size that it is drawn in, of a pattern in several; else empty
 * @param shape how it is cut
 * @param cut how many are cut
 * @param included what the drawn line has beyond the seam line, in millimetres on paper: 0 for a seam line
 * @param outline knots in order round the piece
 * @param levels a place on each height of the body, by name
 * @param centre a place on the body's middle, where no edge lies on it
 * @param darts cloth folded away
 */
@RecordBuilder
public record TracedPiece(
        String name,
        String size,
        CutShape shape,
        int cut,
        double included,
        List<Knot> outline,
        Map<String, Point> levels,
        Optional<Point> centre,
        List<TracedDart> darts)
        implements TracedPieceBuilder.With {

    public TracedPiece {
        outline = List.copyOf(outline);
        levels = Collections.unmodifiableMap(new LinkedHashMap<>(levels));
        darts = List.copyOf(darts);
    }

    /** Begins a piece of which a pair is cut. */
    public static TracedPiece begun(String name) {
        return new TracedPiece(name, "", CutShape.PAIR, 2, 0, List.of(), Map.of(), Optional.empty(), List.of());
    }

    /** Returns the piece with another outline. */
    public TracedPiece with(List<Knot> knots) {
        return withOutline(knots);
    }

    /** Returns the piece with a knot put in before the one at a place. */
    public TracedPiece with(int place, Knot knot) {
        List<Knot> knots = new ArrayList<>(outline);
        knots.add(place, knot);
        return with(knots);
    }

    /** Returns the piece with another knot in the place of one. */
    public TracedPiece replacing(int place, Knot knot) {
        List<Knot> knots = new ArrayList<>(outline);
        knots.set(place, knot);
        return with(knots);
    }

    public TracedPiece without(int place) {
        List<Knot> knots = new ArrayList<>(outline);
        knots.remove(place);
        return with(knots);
    }

    /** Returns the piece under another name. */
    public TracedPiece named(String other) {
        return withName(other);
    }

    /** Returns the piece as one of a size. */
    public TracedPiece inSize(String other) {
        return withSize(other);
    }

    /**
     * Returns the piece cut otherwise; {@code beyond} is what the drawn line has beyond the seam line, in millimetres.
     */
    public TracedPiece cut(CutShape how, int many, double beyond) {
        return with(copy -> copy.shape(how).cut(many).included(beyond));
    }

    /** Returns the piece with a level, or without it where no place is given. */
    public TracedPiece level(String level, Optional<Point> at) {
        Map<String, Point> all = new LinkedHashMap<>(levels);
        at.ifPresentOrElse(place -> all.put(level, place), () -> all.remove(level));
        return withLevels(all);
    }

    /** Returns the piece with the body's middle at a place, or with none. */
    public TracedPiece centred(Optional<Point> at) {
        return withCentre(at);
    }

    /** Returns the piece with other darts. */
    public TracedPiece folding(List<TracedDart> others) {
        return withDarts(others);
    }

    /** Returns the piece with every place sent elsewhere. */
    public TracedPiece mapped(UnaryOperator<Point> to) {
        Map<String, Point> moved = new LinkedHashMap<>();
        levels.forEach((level, at) -> moved.put(level, to.apply(at)));
        return with(copy -> copy.outline(outline.stream()
                        .map(knot -> knot.at(to.apply(knot.at())))
                        .toList())
                .levels(moved)
                .centre(centre.map(to))
                .darts(darts.stream().map(dart -> dart.mapped(to)).toList()));
    }

    /** Returns the name with its size, as it is listed. */
    public String words() {
        return size.isEmpty() ? name : name + ", size " + size;
    }
}
