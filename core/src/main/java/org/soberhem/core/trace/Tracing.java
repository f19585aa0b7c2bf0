package org.soberhem.core.trace;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.soberhem.core.draft.SheetSource;
import org.soberhem.core.length.Sentence;

/**
 * A pattern read off something drawn or cut, finished or not: the sheet that it becomes is made from it anew whenever
 * it changes.
 *
 * @param about what it is
 * @param picture hash of the picture that it lies on; empty where it was read off tables or an earlier pattern
 * @param grid what brings the picture to scale
 * @param pieces traced so far
 * @param ease stated ease by the landmark's id, in millimetres
 * @param unused landmarks that are not scaled by, and what else the maker answered
 * @param chart title of the size chart of a pattern in sizes; else empty
 */
public record Tracing(
        About about,
        Optional<String> picture,
        Grid grid,
        List<TracedPiece> pieces,
        Map<String, Double> ease,
        Set<String> unused,
        String chart) {

    /**
     * What was traced.
     *
     * @param title as the maker calls it
     * @param system how its sheet is drafted
     * @param garment kind of garment
     * @param place where it was worn
     * @param from first year
     * @param to last year
     * @param source what it was read off
     */
    public record About(String title, Kind system, String garment, String place, int from, int to, SheetSource source) {

        /** Returns something of which only the title is known. */
        public static About begun(String title, Kind system, SheetSource source) {
            return new About(title, system, "bodice", "not stated", 1800, 1900, source);
        }

        /** Returns the same of another kind of garment. */
        public About of(String kind) {
            return new About(title, system, kind, place, from, to, source);
        }
    }

    /** Kinds of what is traced. */
    public enum Kind {
        GRIDDED,
        SIZED,
        TRACED,
        DRAPED
    }

    /** Stands among the landmarks that are not scaled by for all of them. */
    static final String AS_IT_IS = "as-it-is";

    /** Stands there before the first of two edges that are named alike, differ, and are gathered together. */
    public static final String GATHERED = "gathered:";

    public Tracing {
        pieces = List.copyOf(pieces);
        ease = Collections.unmodifiableMap(new LinkedHashMap<>(ease));
        unused = Collections.unmodifiableSet(new TreeSet<>(unused));
    }

    /** Begins a tracing. */
    public static Tracing begun(About about, Optional<String> picture, Grid grid) {
        return new Tracing(about, picture, grid, List.of(), Map.of(), Set.of(), "");
    }

    /** Returns the tracing described otherwise. */
    public Tracing with(About other) {
        return new Tracing(other, picture, grid, pieces, ease, unused, chart);
    }

    public Tracing with(Grid other) {
        return new Tracing(about, picture, other, pieces, ease, unused, chart);
    }

    public Tracing with(List<TracedPiece> others) {
        return new Tracing(about, picture, grid, others, ease, unused, chart);
    }

    /** Returns the tracing with a piece put in the place of another. */
    public Tracing with(int place, TracedPiece piece) {
        List<TracedPiece> all = new ArrayList<>(pieces);
        all.set(place, piece);
        return with(all);
    }

    public Tracing adding(TracedPiece piece) {
        List<TracedPiece> all = new ArrayList<>(pieces);
        all.add(piece);
        return with(all);
    }

    public Tracing without(int place) {
        List<TracedPiece> all = new ArrayList<>(pieces);
        all.remove(place);
        return with(all);
    }

    /** Returns the tracing with the ease of a landmark stated, in millimetres. */
    public Tracing easing(String landmark, double millimetres) {
        Map<String, Double> all = new LinkedHashMap<>(ease);
        all.put(landmark, millimetres);
        return new Tracing(about, picture, grid, pieces, all, unused, chart);
    }

    /** Returns the tracing scaled by a landmark, or not. */
    public Tracing using(String landmark, boolean used) {
        Set<String> all = new TreeSet<>(unused);
        if (used) {
            all.remove(landmark);
        } else {
            all.add(landmark);
        }
        return new Tracing(about, picture, grid, pieces, ease, all, chart);
    }

    /** Says whether the drawing stays as it is, whoever wears it. */
    public boolean isAsItIs() {
        return unused.contains(AS_IT_IS);
    }

    /** Returns the tracing left as it is, or brought to the wearer's size by the landmarks that are used. */
    public Tracing asItIs(boolean left) {
        return using(AS_IT_IS, !left);
    }

    /**
     * Two edges that are named alike and differ so much that only gathers could join them: the maker says whether they
     * are sewn together.
     *
     * @param key piece and edge of the first
     * @param other piece and edge of the second
     * @param length of the first, in millimetres
     * @param otherLength of the second
     * @param gathered whether the maker said so
     */
    public record Alike(String key, String other, double length, double otherLength, boolean gathered) {

        /** Returns what is asked, in words. */
        public Sentence sentence() {
            return Sentence.of(
                    "{} is {}, {} is {}: are they gathered together?",
                    key.replace('.', ' '),
                    length,
                    other.replace('.', ' '),
                    otherLength);
        }
    }

    /** Returns the pairs of edges that ask whether they are sewn together; none while the tracing is unfinished. */
    public List<Alike> alike() {
        List<PaperPiece> drawn;
        try {
            drawn = paper().pieces();
        } catch (IllegalArgumentException unfinished) {
            return List.of();
        }
        return SewnEdges.of(drawn).stream()
                .filter(SewnEdges::isGathered)
                .map(sewn -> new Alike(
                        sewn.firstRun().get(0),
                        sewn.secondRun().get(0),
                        sewn.first().path().length(),
                        sewn.second().path().length(),
                        gathers(sewn)))
                .toList();
    }

    boolean gathers(SewnEdges sewn) {
        return unused.contains(GATHERED + sewn.firstRun().get(0));
    }

    /** Returns the tracing with two edges gathered together, or not sewn. */
    public Tracing gathering(String key, boolean gathered) {
        return using(GATHERED + key, !gathered);
    }

    /** Returns the tracing of a pattern in the sizes of a chart; without a title in none. */
    public Tracing sized(String byChart) {
        return new Tracing(about, picture, grid, pieces, ease, unused, byChart);
    }

    /**
     * Returns the pieces on paper.
     *
     * @throws IllegalArgumentException if the grid or a piece is not finished; the message says what is missing
     */
    public PaperPattern paper() {
        return isAsItIs() ? PaperPattern.exactly(pieces, grid.paper()) : PaperPattern.of(pieces, grid.paper());
    }
}
