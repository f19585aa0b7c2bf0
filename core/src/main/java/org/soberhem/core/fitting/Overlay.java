package org.soberhem.core.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.soberhem.core.geometry.Point;
import org.soberhem.core.length.Length;

/**
 * A picture laid over a reference of the same pose. Places are shares of the width of their picture, from its upper
 * left corner, so that they hold at whatever size it is read.
 *
 * @param reference hash of the reference's picture
 * @param perspective whether it is aligned by perspective, else by shift, turn and scale
 * @param pairs places marked on both
 * @param known a length known on the body, between two of the pairs; empty until it is said
 * @param opacity of the picture over the reference, 0 to 1
 * @param outlines traced over both, as lists of places on the reference
 */
public record Overlay(
        String reference,
        boolean perspective,
        List<Pair> pairs,
        Optional<Known> known,
        double opacity,
        List<List<Point>> outlines) {

    /** What a pair of places is for. */
    public enum Use {
        /** It holds the two pictures together: nothing of the garment, such as an eye or a hand. */
        HOLDS,
        /** It is compared: the same thing of the garment on both. */
        COMPARED
    }

    /**
     * The same thing on both.
     *
     * @param name what it is, such as "button 1"
     * @param there place on the reference
     * @param here place on the picture; empty until it is marked
     */
    public record Pair(String name, Use use, Point there, Optional<Point> here) {}

    /**
     * A length known on the body.
     *
     * @param from name of one pair
     * @param to name of another
     * @param length between them, on the wearer
     */
    public record Known(String from, String to, Length length) {}

    public Overlay {
        pairs = List.copyOf(pairs);
        outlines = outlines.stream().map(List::copyOf).toList();
    }

    /** An overlay of which nothing is marked. */
    public static Overlay over(String reference) {
        return new Overlay(reference, false, List.of(), Optional.empty(), 0.5, List.of());
    }

    /** Returns the overlay with a pair put in the place of the one with the same name, or added. */
    public Overlay with(Pair pair) {
        List<Pair> all = new ArrayList<>(pairs);
        all.replaceAll(each -> each.name().equals(pair.name()) ? pair : each);
        if (!all.contains(pair)) {
            all.add(pair);
        }
        return new Overlay(reference, perspective, all, known, opacity, outlines);
    }

    public Overlay without(String pair) {
        List<Pair> all =
                pairs.stream().filter(each -> !each.name().equals(pair)).toList();
        Optional<Known> still =
                known.filter(each -> !each.from().equals(pair) && !each.to().equals(pair));
        return new Overlay(reference, perspective, all, still, opacity, outlines);
    }

    public Overlay by(boolean inPerspective) {
        return new Overlay(reference, inPerspective, pairs, known, opacity, outlines);
    }

    public Overlay knowing(Known length) {
        return new Overlay(reference, perspective, pairs, Optional.of(length), opacity, outlines);
    }

    public Overlay at(double otherOpacity) {
        return new Overlay(reference, perspective, pairs, known, otherOpacity, outlines);
    }

    public Overlay tracing(List<List<Point>> traced) {
        return new Overlay(reference, perspective, pairs, known, opacity, traced);
    }
}
